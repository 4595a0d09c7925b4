-- Signing out ends the session here too, not only on the device.

create table ended_session (
  id text primary key,
  at timestamptz not null default now()
);
comment on table ended_session is 'Sessions that were signed out; forgotten once they would have run out by themselves.';
