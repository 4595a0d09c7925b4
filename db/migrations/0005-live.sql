-- Shows while they run, what the class expects, and who may come in from the network.

create table show (
  id uuid primary key,
  title text not null,
  document jsonb not null,
  created_at timestamptz not null default now()
);
comment on table show is 'Never changed once it has begun: what happens is in its marks.';
create index show_created on show (created_at desc);

create table mark (
  id uuid primary key,
  show_id uuid not null references show (id),
  act text not null,
  kind text not null,
  at double precision not null,
  value text,
  received_at timestamptz not null default now()
);
comment on column mark.at is 'ms since 1970 on the server''s clock, as the device reckoned it.';
create index mark_show on mark (show_id, at);

create table reading_batch (
  id uuid primary key,
  show_id uuid not null references show (id),
  act text not null,
  document jsonb not null,
  received_at timestamptz not null default now()
);
create index reading_batch_show on reading_batch (show_id, act);

create table vote_round (
  show_id uuid not null references show (id),
  act text not null,
  code text not null unique,
  document jsonb not null,
  opened_at timestamptz not null default now(),
  closed_at timestamptz,
  revealed_at timestamptz,
  hands jsonb not null default '{}',
  primary key (show_id, act)
);

create table vote (
  show_id uuid not null,
  act text not null,
  device uuid not null,
  outcome text not null,
  at timestamptz not null default now(),
  primary key (show_id, act, device),
  foreign key (show_id, act) references vote_round (show_id, act)
);
comment on table vote is 'One a device, no names; the device is a random number in its cookie.';

create table run_photo (
  run_id uuid primary key references run (id),
  type text not null check (type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (octet_length(bytes) between 1 and 1572864),
  updated_at timestamptz not null default now()
);

create table access (
  single boolean primary key default true check (single),
  passphrase text,
  sealing_key text not null
);
comment on table access is 'The passphrase as a memory-hard hash; the key with which session cookies are sealed.';

create table sign_in_failure (
  address text not null,
  at timestamptz not null default now()
);
create index sign_in_failure_at on sign_in_failure (at);
