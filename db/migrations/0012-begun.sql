-- A staging that was begun and not changed yet is nothing that somebody keeps.
alter table staging add column begun boolean not null default false;
comment on column staging.begun is 'nothing of it was changed, saved, shown or logged: in no list, and gone after a month';
create index staging_begun on staging (updated_at) where begun;
