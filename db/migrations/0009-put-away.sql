-- What nobody needs to see any more is put away and can be taken out again; what was deleted goes for good a month later.
alter table staging add column away text check (away in ('archived', 'deleted')), add column away_at timestamptz;
alter table running_order add column away text check (away in ('archived', 'deleted')), add column away_at timestamptz;
alter table show add column away text check (away in ('archived', 'deleted')), add column away_at timestamptz;
alter table shelf_item add column away text check (away in ('archived', 'deleted')), add column away_at timestamptz;
alter table run add column away text check (away in ('archived', 'deleted')), add column away_at timestamptz;
comment on column staging.away is 'out of the lists (archived), or out of sight until it goes for good (deleted)';
