-- The planner's figures are kept until the transaction ends that worked them out, and whoever works
-- out the same ones waits for it: one workspace's import for another's. Tables somebody is at are
-- left to him.
create or replace function gerula.count_anew() returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    begin
      analyze (skip_locked) gerula.product, gerula.item, gerula.place, gerula.ledger,
        gerula.ledger_thing, gerula.sought_item, gerula.sought_word;
    end
  $$;
