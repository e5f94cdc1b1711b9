-- Needs of a booking for which a colleague lends something, by their codes.
alter table gerula.booking add column borrowed text[] not null default '{}';
