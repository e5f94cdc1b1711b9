-- People: who is one wherever he turns up, as a face, as whom things are kept for, as whose section a
-- place is, as a borrower.
create table gerula.person (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  name text not null,
  aliases text[] not null default '{}',
  depth numeric(3, 1),
  sensitivities text[] not null default '{}',
  -- The day she was last asked about sensitivities.
  asked_on date,
  -- All that was known was erased that day.
  erased_on date,
  version int not null default 0,
  primary key (workspace_id, id)
);
alter table gerula.person enable row level security;
alter table gerula.person force row level security;
create policy own_workspace on gerula.person to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.person to gerula_owner
  using (workspace_id = gerula.current_workspace());
create policy look_through_when_finding on gerula.person for select to gerula_owner using (true);
grant select, insert, update, delete on gerula.person to gerula_app;

alter table gerula.face
  add column person_id uuid,
  add foreign key (workspace_id, person_id) references gerula.person deferrable initially deferred;
create index face_person on gerula.face (workspace_id, person_id);
alter table gerula.item
  add column only_for_id uuid,
  add foreign key (workspace_id, only_for_id) references gerula.person deferrable initially deferred;
create index item_only_for on gerula.item (workspace_id, only_for_id) where only_for_id is not null;
-- Whose section it is, or who has borrowed what lies there.
alter table gerula.place
  add column person_id uuid,
  add foreign key (workspace_id, person_id) references gerula.person deferrable initially deferred;
create index place_person on gerula.place (workspace_id, person_id) where person_id is not null;

-- Whom things were kept for, whose sections there were, and who had borrowed.
insert into gerula.person (workspace_id, id, name)
select distinct on (workspace_id, lower(name)) workspace_id, gen_random_uuid(), left(name, 80)
from (
  select workspace_id, btrim(only_for) as name from gerula.item where only_for is not null
  union all
  select workspace_id, btrim(performer) from gerula.place where performer is not null
  union all
  select workspace_id, btrim(name) from gerula.place where kind = 'lent'
) named
where name <> ''
order by workspace_id, lower(name), name;

update gerula.item thing set only_for_id = p.id
from gerula.person p
where p.workspace_id = thing.workspace_id and lower(p.name) = lower(left(btrim(thing.only_for), 80));
update gerula.place thing set person_id = p.id
from gerula.person p
where p.workspace_id = thing.workspace_id
  and lower(p.name) = lower(left(btrim(case when thing.kind = 'lent' then thing.name else thing.performer end), 80));
-- What a face was called so far said who it was. Her name is told by the person from now on.
update gerula.face thing set person_id = p.id, name = ''
from gerula.person p
where p.workspace_id = thing.workspace_id and lower(p.name) = lower(btrim(thing.name));
update gerula.place set name = '' where kind = 'lent' and person_id is not null;
set constraints all immediate;
set constraints all deferred;

-- All names of a person, to be found by.
create function gerula.person_words(own uuid, person uuid) returns text
  language sql stable
  as $$
    select gerula.sought_text(p.name, array_to_string(p.aliases, ' '))
    from gerula.person p where p.workspace_id = own and p.id = person
  $$;

alter table gerula.place drop column sought;
alter table gerula.place add column sought text not null default '';
create function gerula.place_words() returns trigger
  language plpgsql
  as $$
    begin
      new.sought := lower(' ' || new.name || ' ' || new.code || ' ')
        || coalesce(gerula.person_words(new.workspace_id, new.person_id), '');
      return new;
    end
  $$;
create trigger place_words before insert or update on gerula.place
  for each row execute function gerula.place_words();
update gerula.place set sought = '';
create index place_sought on gerula.place using gin (workspace_id, sought public.gin_trgm_ops);

create or replace function gerula.item_is_sought() returns trigger
  language plpgsql
  as $$
    declare gone record;
    begin
      for gone in select workspace_id, id from fresh where discarded_on is not null loop
        delete from gerula.sought_item
        where workspace_id = gone.workspace_id and item_id = gone.id;
      end loop;
      insert into gerula.sought_item (workspace_id, item_id, now_place_id, sought)
      select workspace_id, id, now_place_id,
        words || gerula.sought_text(note, code, batch, brush_set)
          || coalesce(gerula.person_words(workspace_id, only_for_id), '')
      from fresh, gerula.product_words(workspace_id, product_id) words
      where discarded_on is null and words is not null
      on conflict (workspace_id, item_id) do update
        set now_place_id = excluded.now_place_id, sought = excluded.sought
        where (sought_item.now_place_id, sought_item.sought)
          is distinct from (excluded.now_place_id, excluded.sought);
      insert into gerula.sought_word (workspace_id, word)
      select distinct workspace_id, word
      from fresh, gerula.words_of(concat_ws(' ', note, brush_set)) word
      on conflict do nothing;
      return null;
    end
  $$;

create or replace function gerula.product_is_sought() returns trigger
  language plpgsql
  as $$
    declare product record;
    begin
      for product in select workspace_id, id from fresh loop
        insert into gerula.sought_item (workspace_id, item_id, now_place_id, sought)
        select workspace_id, id, now_place_id,
          gerula.product_words(workspace_id, product_id)
            || gerula.sought_text(note, code, batch, brush_set)
            || coalesce(gerula.person_words(workspace_id, only_for_id), '')
        from gerula.item
        where workspace_id = product.workspace_id and product_id = product.id
          and discarded_on is null
        on conflict (workspace_id, item_id) do update
          set sought = excluded.sought
          where sought_item.sought is distinct from excluded.sought;
      end loop;
      insert into gerula.sought_word (workspace_id, word)
      select distinct workspace_id, word
      from fresh, gerula.words_of(concat_ws(' ', name, shade, maker, class, form)) word
      on conflict do nothing;
      return null;
    end
  $$;

create or replace function gerula.place_is_sought() returns trigger
  language plpgsql
  as $$
    begin
      insert into gerula.sought_word (workspace_id, word)
      select distinct f.workspace_id, word
      from fresh f, gerula.words_of(f.name) word
      on conflict do nothing;
      return null;
    end
  $$;

-- A person is not written down under each act again: what is kept for her and her sections are found by
-- what she is called now.
create function gerula.person_is_sought() returns trigger
  language plpgsql
  as $$
    declare person record;
    begin
      for person in select workspace_id, id from fresh loop
        update gerula.place set sought = ''
        where workspace_id = person.workspace_id and person_id = person.id;
        update gerula.item set note = note
        where workspace_id = person.workspace_id and only_for_id = person.id;
      end loop;
      insert into gerula.sought_word (workspace_id, word)
      select distinct f.workspace_id, word
      from fresh f, gerula.words_of(concat_ws(' ', f.name, array_to_string(f.aliases, ' '))) word
      on conflict do nothing;
      return null;
    end
  $$;
create trigger sought_when_added after insert on gerula.person referencing new table as fresh
  for each statement execute function gerula.person_is_sought();
create trigger sought_when_changed after update on gerula.person referencing new table as fresh
  for each statement execute function gerula.person_is_sought();

alter table gerula.item drop column only_for;
alter table gerula.place drop column performer;
update gerula.item set note = note where only_for_id is not null;

create or replace function gerula.delete_workspace() returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    declare
      gone constant uuid := gerula.current_workspace();
      t text;
    begin
      if gone is null then
        raise exception 'No workspace is chosen.';
      end if;
      set constraints all deferred;
      -- What others refer to at once goes last.
      for t in
        select tablename from pg_tables where schemaname = 'gerula'
        order by array_position(
          array['ledger_thing', 'stocktake_seen', 'item', 'place', 'product', 'person', 'ledger', 'account',
            'actor', 'workspace'],
          tablename::text) nulls first
      loop
        execute format('delete from gerula.%I where workspace_id = $1', t) using gone;
      end loop;
    end
  $$;

-- What a state tells of somebody, where it tells it, replaced; nothing is added that it does not tell.
create function gerula.state_without(state jsonb, replaced jsonb) returns jsonb
  language sql immutable
  as $$
    select state || coalesce(
      (select jsonb_object_agg(field, value) from jsonb_each(replaced) as one (field, value)
        where state ? field), '{}')
  $$;

-- Faces as a booking's state has them, without what was known of a person: by id, and by name in
-- states from before people had ids.
create function gerula.faces_without(faces jsonb, person uuid, names text[]) returns jsonb
  language sql immutable
  as $$
    select coalesce(jsonb_agg(
      case when face ->> 'person_id' = person::text or lower(btrim(face ->> 'name')) = any (names)
        then face || jsonb_build_object('person_id', person, 'name', '', 'depth', 5,
          'skin_type', 'normal', 'concerns', '[]'::jsonb, 'sensitivities', '[]'::jsonb)
        else face end
      order by n), '[]')
    from jsonb_array_elements(faces) with ordinality as told (face, n)
  $$;

-- A state of a thing of any kind without what it tells of a person.
create function gerula.state_forgets(kind text, state jsonb, person uuid, names text[]) returns jsonb
  language sql immutable
  as $$
    select case
      when state is null then null
      when kind = 'person' then gerula.state_without(state,
        '{"name": "erased", "aliases": [], "depth": null, "sensitivities": [], "asked_on": null}')
      when kind = 'booking' and state ? 'faces' then
        state || jsonb_build_object('faces', gerula.faces_without(state -> 'faces', person, names))
      when kind = 'item' and lower(btrim(state ->> 'only_for')) = any (names) then
        state - 'only_for' || jsonb_build_object('only_for_id', person)
      when kind = 'place' and lower(btrim(state ->> 'performer')) = any (names) then
        state - 'performer' || jsonb_build_object('person_id', person)
      when kind = 'place' and lower(btrim(state ->> 'name')) = any (names)
        and (state ->> 'kind' = 'lent' or not state ? 'kind') then
        state || jsonb_build_object('person_id', person, 'name', '')
      else state
    end
  $$;

-- Somebody's wish: the name and everything known is gone from every table and from the history, and
-- what was done stands there without saying for whom. The one thing that is not undone, and the one
-- place where what is written in the history changes; so the owner does it, for the workspace the
-- transaction is in and no other.
create function gerula.erase_person(erased uuid, today date) returns void
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
        sensitivities = '{}'
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
      delete from gerula.sought_word s where s.workspace_id = own and s.word = any (gone)
        and not exists (
          select from gerula.sought_item i
          where i.workspace_id = own and strpos(i.sought, ' ' || s.word || ' ') > 0)
        and not exists (
          select from gerula.place l
          where l.workspace_id = own and strpos(l.sought, ' ' || s.word || ' ') > 0);
    end
  $$;
revoke all on function gerula.erase_person(uuid, date) from public;
grant execute on function gerula.erase_person(uuid, date) to gerula_app;
