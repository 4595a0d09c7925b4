-- Everything a prep room keeps. Inputs are one JSON document each, beside columns for what is searched or joined.

create table write_receipt (
  id uuid primary key,
  at timestamptz not null default now()
);
comment on table write_receipt is 'Client-made ids of writes already done, so that a retry changes nothing.';

create table room (
  single boolean primary key default true check (single),
  version integer not null default 1,
  document jsonb not null,
  updated_at timestamptz not null default now()
);

create table shelf_item (
  id uuid primary key,
  kind text not null check (kind in ('vessel', 'heater', 'bath')),
  name text not null,
  version integer not null default 1,
  document jsonb not null,
  retired_at timestamptz,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now()
);
create index shelf_item_kind_name on shelf_item (kind, name);

create table staging (
  id uuid primary key,
  demonstration text not null,
  title text not null,
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now()
);

create table staging_version (
  staging_id uuid not null references staging (id),
  version integer not null,
  document jsonb not null,
  saved_at timestamptz not null default now(),
  primary key (staging_id, version)
);
comment on table staging_version is 'Never changed once written: a run refers to the version it used.';

create table run (
  id uuid primary key,
  staging_id uuid not null,
  staging_version integer not null,
  performed_at timestamptz not null,
  outcome text not null,
  document jsonb not null,
  created_at timestamptz not null default now(),
  foreign key (staging_id, staging_version) references staging_version (staging_id, version)
);
create index run_performed on run (performed_at desc);
create index run_staging on run (staging_id, staging_version);

create table loaded (
  name text primary key,
  at timestamptz not null default now()
);
comment on table loaded is 'Data sets that were loaded once, such as the demo data.';
