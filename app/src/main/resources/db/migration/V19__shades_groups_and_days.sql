-- What a face's base has to look like, as it was measured or picked in CIELAB, or the product whose
-- shade is hers; and how many are alike, from the lightest to the deepest of a group.
alter table gerula.face
  add column colour_l double precision,
  add column colour_a double precision,
  add column colour_b double precision,
  add column matches_id uuid,
  add column heads int not null default 1,
  add column depth_to numeric;

-- Days of a booking that differ from the others: their own call, wrap or place.
alter table gerula.booking add column days jsonb not null default '[]';

-- How far a base may lie from the face, by CIEDE2000.
alter table gerula.house_rules add column shade_limit double precision not null default 2;
