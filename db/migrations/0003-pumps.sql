-- Pumps stand on the shelf too.

alter table shelf_item drop constraint shelf_item_kind_check;
alter table shelf_item add constraint shelf_item_kind_check
  check (kind in ('vessel', 'heater', 'bath', 'pump', 'closure', 'thermometer', 'protection', 'consumable'));
