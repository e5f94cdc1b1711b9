-- How many brushes a set has; null where nobody said it.
alter table gerula.product add column brushes smallint check (brushes between 1 and 200);

-- Since when a bag, case or pouch is to be emptied and wiped, and until when it stands open to dry;
-- what and how many it is to hold when it is ready.
alter table gerula.place
  add column used_since timestamptz,
  add column wet_until timestamptz,
  add column set_contents jsonb not null default '[]';

-- Bags are treated too; and from which bottle of the kit the alcohol came.
alter table gerula.treatment
  add column place_id uuid,
  add column agent_id uuid;
create index treatment_place on gerula.treatment (workspace_id, place_id, begun_at);

-- Whether what is left follows from uses since it was last measured.
alter table gerula.item add column left_estimated boolean not null default false;
