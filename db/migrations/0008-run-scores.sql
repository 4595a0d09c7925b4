-- How well a run was forecast is worked out once, not at each look.

create table run_score (
  run_id uuid primary key references run (id) on delete cascade,
  build text not null,
  share double precision not null check (share between 0 and 1),
  volume double precision,
  power double precision
);
comment on table run_score is 'Follows from the run and the model of a build; may be thrown away.';
comment on column run_score.share is 'of the draws that were forecast to end as wanted';
comment on column run_score.volume is 'of the vessel, m3';
comment on column run_score.power is 'of the heater, W';
-- What is searched stands beside the document: readings are in it, and reading them all takes longer than the search.
alter table run add column note text generated always as (coalesce(document->>'note', '')) stored;
alter table run add column rehearsal boolean
  generated always as (coalesce((document->>'rehearsal')::boolean, false)) stored;
create index run_outcome on run (outcome, performed_at desc);
create index staging_demonstration on staging (demonstration);
