-- Undoing a settled count opens it again, also where a newer count of the same place is under way.
drop index gerula.stocktake_open;
create index stocktake_open on gerula.stocktake (workspace_id, place_id, started_at desc)
  where settled_at is null;
