-- An entry of the buying list that is ordered: since when, from which shop (null: from somebody who is
-- not kept as one), and when it is to be there.
alter table gerula.wanted
  add column ordered_on date,
  add column ordered_from uuid,
  add column there_by date,
  add check ((ordered_on is null) = (there_by is null)),
  add check (ordered_from is null or ordered_on is not null);
