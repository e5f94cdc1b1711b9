-- A small workspace that is read in among many changes nothing the planner knows: only tables that
-- grew by a fifth since they were counted are counted anew.
create or replace function gerula.count_anew() returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    declare
      grown text;
    begin
      select string_agg(format('gerula.%I', relname), ', ') into grown
      from pg_class
      where oid = any (array[
          'gerula.product', 'gerula.item', 'gerula.place', 'gerula.ledger', 'gerula.ledger_thing',
          'gerula.item_day', 'gerula.search_item', 'gerula.search_word']::regclass[])
        and 5 * (pg_stat_get_xact_tuples_inserted(oid) + pg_stat_get_mod_since_analyze(oid))
          > reltuples;
      if grown is not null then
        execute 'analyze (skip_locked) ' || grown;
      end if;
    end
  $$;
