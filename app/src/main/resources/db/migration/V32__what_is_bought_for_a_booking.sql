-- Needs of a booking for which something is bought that the kit never had, by their codes.
alter table gerula.booking add column to_buy text[] not null default '{}';
