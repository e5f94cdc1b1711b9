-- What was or will be done to a face.
alter table gerula.face add column looks jsonb not null default '[]';

-- What came to be known of a face since people can be erased goes with them too.
create or replace function gerula.faces_without(faces jsonb, person uuid, names text[]) returns jsonb
  language sql immutable
  as $$
    select coalesce(jsonb_agg(
      case when face ->> 'person_id' = person::text or lower(btrim(face ->> 'name')) = any (names)
        then face || jsonb_build_object('person_id', person, 'name', '', 'depth', 5,
          'skin_type', 'normal', 'concerns', '[]'::jsonb, 'sensitivities', '[]'::jsonb,
          'undertone', null, 'hair', 'unknown', 'zones', '{}'::jsonb, 'asked_on', null,
          'colour_l', null, 'colour_a', null, 'colour_b', null, 'matches_id', null,
          'looks', '[]'::jsonb)
        else face end
      order by n), '[]')
    from jsonb_array_elements(faces) with ordinality as told (face, n)
  $$;

create or replace function gerula.erase_person(erased uuid, today date) returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    declare
      own constant uuid := gerula.current_workspace();
      names text[];
      gone text[];
    begin
      if own is null then
        raise exception 'No workspace is chosen.';
      end if;
      -- Every name that was ever told.
      select array_agg(distinct lower(btrim(name))) into names from (
        select unnest(array_append(p.aliases, p.name)) as name
        from gerula.person p where p.workspace_id = own and p.id = erased
        union
        select t.state ->> 'name'
        from gerula.ledger_thing thing, lateral (values (thing.before), (thing.after)) as t (state)
        where thing.workspace_id = own and thing.kind = 'person' and thing.thing_id = erased
        union
        select jsonb_array_elements_text(t.state -> 'aliases')
        from gerula.ledger_thing thing, lateral (values (thing.before), (thing.after)) as t (state)
        where thing.workspace_id = own and thing.kind = 'person' and thing.thing_id = erased
          and jsonb_typeof(t.state -> 'aliases') = 'array'
      ) told where name is not null;
      -- A name that is somebody else's by now is his.
      select coalesce(array_agg(name), '{}') into names from unnest(names) as one (name)
      where not exists (
        select from gerula.person p
        where p.workspace_id = own and p.id <> erased and p.erased_on is null
          and lower(btrim(one.name)) in (
            select lower(btrim(n)) from unnest(array_append(p.aliases, p.name)) n));
      update gerula.person set name = 'erased', aliases = '{}', depth = null, sensitivities = '{}',
        asked_on = null, erased_on = today, version = version + 1
      where workspace_id = own and id = erased;
      update gerula.face set name = '', depth = 5, skin_type = 'normal', concerns = '{}',
        sensitivities = '{}', undertone = null, hair = 'unknown', zones = '{}', asked_on = null,
        colour_l = null, colour_a = null, colour_b = null, matches_id = null, looks = '[]'
      where workspace_id = own and person_id = erased;
      update gerula.ledger_thing thing set
        before = gerula.state_forgets(thing.kind, thing.before, erased, names),
        after = gerula.state_forgets(thing.kind, thing.after, erased, names)
      where thing.workspace_id = own and (
        thing.kind in ('booking', 'item', 'place')
        or thing.kind = 'person' and thing.thing_id = erased)
        and (thing.before is distinct from gerula.state_forgets(thing.kind, thing.before, erased, names)
          or thing.after is distinct from gerula.state_forgets(thing.kind, thing.after, erased, names));
      -- Before people had ids a lending told to whom.
      update gerula.ledger set facts = facts - 'to'
      where workspace_id = own and act = 'lent' and lower(btrim(facts ->> 'to')) = any (names);
      -- Answers are kept for two days and may tell the name.
      delete from gerula.act_answer where workspace_id = own;
      -- Words to be found by, unless somebody or something else has them too.
      select coalesce(array_agg(word), '{}') into gone
      from unnest(names) as one (name), gerula.words_of(one.name) word;
      delete from gerula.search_word s where s.workspace_id = own and s.word = any (gone)
        and not exists (
          select from gerula.search_item i
          where i.workspace_id = own and strpos(i.search, ' ' || s.word || ' ') > 0)
        and not exists (
          select from gerula.place l
          where l.workspace_id = own and strpos(l.search, ' ' || s.word || ' ') > 0);
    end
  $$;
