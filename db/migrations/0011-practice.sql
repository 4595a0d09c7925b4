-- Attempts without a vessel: a record of practice of each learner, which can be taken away.
create table practice (
  id uuid primary key,
  learner uuid references person (id),
  demonstration text not null,
  exercise text not null,
  practised_at timestamptz not null,
  document jsonb,
  updated_at timestamptz not null default now()
);
comment on column practice.document is 'null: taken away; the row stays, so that an older backup does not bring it back';
create index practice_by_learner on practice (learner, practised_at desc);
