-- What sort of job it is and how one gets there; what the artist decided about its list.
alter table gerula.booking
  add column kind text,
  add column travel text,
  add column pinned uuid[] not null default '{}',
  add column left_out uuid[] not null default '{}',
  add column added uuid[] not null default '{}',
  add column without text[] not null default '{}',
  add column amounts jsonb not null default '{}';

-- More of a face: what its brows, its base and its days follow.
alter table gerula.face
  add column undertone text,
  add column hair text not null default 'unknown',
  add column zones jsonb not null default '{}',
  add column asked_on date,
  add column days_present date[] not null default '{}',
  add column looks_per_day int not null default 1;

-- Liner was done along with the eyes; it is a service of its own now.
update gerula.face set services = array_append(services, 'liner')
  where 'eyes' = any (services) and not 'liner' = any (services);

-- What a product's colour is there for, where the artist said so.
alter table gerula.product add column roles text[] not null default '{}';
