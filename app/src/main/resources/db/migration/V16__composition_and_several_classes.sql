-- A label has three answers: contains, free of, not checked (no entry), each with the day it was read:
-- {"latex": {"found": "free-of", "on": "2031-04-14"}}. What was listed as contained was read on a day
-- nobody noted. CompositionUpcaster knows the states that were kept before.
alter table gerula.product add column composition jsonb not null default '{}';
update gerula.product set composition = coalesce(
  (select jsonb_object_agg(one, jsonb_build_object('found', 'contains', 'on', null))
   from unnest(contains) as one), '{}');
alter table gerula.product drop column contains;

-- What it is for besides its class: a colour for cheek and lip.
alter table gerula.product add column also_serves text[] not null default '{}';
