-- A run whose staging is no longer accepted can't be worked out. That is kept, too, or it would be asked of for ever.
alter table run_score alter column share drop not null;
comment on column run_score.share is 'of the draws that were forecast to end as wanted; null where it can''t be worked out';
