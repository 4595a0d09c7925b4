-- A device says whose it is, and what is made with it says so. A name that is taken away leaves its entries, without it.
create table person (
  id uuid primary key,
  name text check (name is null or char_length(name) between 1 and 40),
  updated_at timestamptz not null default now()
);
comment on column person.name is 'null: taken away; the row stays, so that an older backup does not bring it back';
create table device (
  id uuid primary key,
  label text not null,
  person_id uuid references person (id),
  session_id text unique,
  signed_in_at timestamptz,
  seen_at timestamptz not null default now()
);
comment on column device.session_id is 'with which it is signed in: a session that stands here counts, no other';
drop table ended_session;
alter table staging add column made_by uuid references person (id);
alter table staging_version add column saved_by uuid references person (id);
alter table running_order add column made_by uuid references person (id), add column saved_by uuid references person (id);
alter table run add column logged_by uuid references person (id);
alter table show add column begun_by uuid references person (id);

-- What a school adds to the sheets, one document.
create table school (
  single boolean primary key default true check (single),
  version integer not null default 1,
  document jsonb not null,
  updated_at timestamptz not null default now()
);
