-- The shelf holds more kinds of things, and a photo of each.

alter table shelf_item drop constraint shelf_item_kind_check;
alter table shelf_item add constraint shelf_item_kind_check
  check (kind in ('vessel', 'heater', 'bath', 'closure', 'thermometer', 'protection', 'consumable'));

create table shelf_photo (
  item_id uuid primary key references shelf_item (id),
  type text not null check (type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (octet_length(bytes) between 1 and 1572864),
  updated_at timestamptz not null default now()
);
comment on table shelf_photo is 'At most 1.5 MiB each; the type is read from the bytes, not from what the browser says.';

-- What older items did not say was always this.
update shelf_item set document = '{"shape": "cylinder", "count": 1}'::jsonb || document where kind = 'vessel';
update shelf_item set document = '{"heaterKind": "other"}'::jsonb || document where kind = 'heater';
