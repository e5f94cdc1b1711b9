-- What the house does where artists disagree how it is done: the practice's code by its matter; what
-- is missing is done as most houses do it.
alter table gerula.house_rules add column practices jsonb not null default '{}';

-- Who else works on a booking, in words.
alter table gerula.booking add column colleagues text not null default '';

-- Photographs of looks, which stand by their ids in a face's looks and in what history keeps of it.
create function gerula.look_pictures() returns table (id uuid)
  language sql stable
  as $$
    select (jsonb_path_query(face.looks, '$[*].pictures[*]') #>> '{}')::uuid
    from gerula.face where face.workspace_id = gerula.current_workspace()
    union
    select (jsonb_path_query(told.state, '$.faces[*].looks[*].pictures[*]') #>> '{}')::uuid
    from gerula.ledger_thing thing, lateral (values (thing.before), (thing.after)) as told (state)
    where thing.workspace_id = gerula.current_workspace() and thing.kind = 'booking'
  $$;

-- Whoever is erased is not to be seen either: what no look shows any more once hers are gone.
alter function gerula.erase_person(uuid, date) rename to erase_facts_of;
revoke all on function gerula.erase_facts_of(uuid, date) from gerula_app;

create function gerula.erase_person(erased uuid, today date) returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    declare
      shown uuid[];
    begin
      select array_agg(id) into shown from gerula.look_pictures();
      perform gerula.erase_facts_of(erased, today);
      delete from gerula.picture
      where workspace_id = gerula.current_workspace() and id = any (shown)
        and id not in (select kept.id from gerula.look_pictures() kept);
    end
  $$;
revoke all on function gerula.erase_person(uuid, date) from public;
grant execute on function gerula.erase_person(uuid, date) to gerula_app;
revoke all on function gerula.look_pictures() from public;

-- Asked for every request: planned once a connection, not once a question.
create or replace function access.actor_by_account(wanted uuid)
  returns table (workspace_id uuid, email text, role text, zone text)
  language plpgsql stable security definer set search_path = pg_catalog
  as $$
    begin
      return query
      select a.workspace_id, a.email, who.role, w.zone
      from gerula.account a
      join gerula.actor who on who.workspace_id = a.workspace_id and who.id = a.id
      join gerula.workspace w on w.workspace_id = a.workspace_id
      where a.id = wanted;
    end
  $$;
