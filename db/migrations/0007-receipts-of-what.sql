-- A write's id that comes again with something else in it is no retry.

alter table write_receipt add column digest text;
comment on column write_receipt.digest is 'of what the write brought; none for those from before there were any';
