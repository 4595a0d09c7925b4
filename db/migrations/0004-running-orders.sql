-- Several stagings on one clock.

create table running_order (
  id uuid primary key,
  title text not null,
  starts text not null,
  version integer not null default 1,
  document jsonb not null,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now()
);
comment on column running_order.starts is 'Local date and time of the show, without a zone: a bell rings by the wall clock.';
create index running_order_starts on running_order (starts desc);
