-- What somebody looks through when looking for a thing stands in one row for each thing, with the words of
-- its product and the place it is in: one index answers for every word, whatever it is a word of. Both
-- tables are worked out from the others by the triggers below; no archive holds them.
create table gerula.sought_item (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  item_id uuid not null,
  now_place_id uuid,
  sought text not null,
  primary key (workspace_id, item_id),
  foreign key (workspace_id, item_id) references gerula.item on delete cascade
);

-- Words that are or were somewhere in the kit: what a slip may have been meant for.
create table gerula.sought_word (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  word text not null,
  primary key (workspace_id, word)
);

drop function gerula.find_things(text[], int);
drop function gerula.how_well(text, text);
drop index gerula.product_sought;
drop index gerula.item_sought;
alter table gerula.product drop column sought;
alter table gerula.item drop column sought;

-- Rows that have only just come are unknown to the planner, and any index that begins with the workspace
-- seems as good to it as the key. Now the key is the only one for whoever asks for a product by it.
drop index gerula.product_pack_code;
create index product_pack_code on gerula.product (workspace_id, pack_code) where pack_code is not null;

-- Small letters, a space before and after each word.
create function gerula.sought_text(variadic told text[]) returns text
  language sql immutable
  as $$ select lower(' ' || replace(array_to_string(told, ' '), '-', ' ') || ' ') $$;

-- The words of one product; null while it is not there. Looked up by its key, one at a time: rows that
-- have only just come would be joined the long way round.
create function gerula.product_words(own uuid, product uuid) returns text
  language plpgsql stable
  as $$
    begin
      return (
        select gerula.sought_text(p.name, p.shade, p.maker, p.class, p.form, p.pack_code)
        from gerula.product p
        where p.workspace_id = own and p.id = product);
    end
  $$;

create function gerula.words_of(told text) returns setof text
  language sql immutable
  as $$
    select distinct word from regexp_split_to_table(lower(told), '[^[:alnum:]]+') as word
    where length(word) > 2
  $$;

insert into gerula.sought_item (workspace_id, item_id, now_place_id, sought)
select workspace_id, id, now_place_id,
  gerula.product_words(workspace_id, product_id)
    || gerula.sought_text(note, code, batch, only_for, brush_set)
from gerula.item
where discarded_on is null;

insert into gerula.sought_word (workspace_id, word)
select workspace_id, word
from gerula.product p, gerula.words_of(concat_ws(' ', name, shade, maker, class, form)) word
union
select workspace_id, word from gerula.item, gerula.words_of(concat_ws(' ', note, only_for, brush_set)) word
union
select workspace_id, word from gerula.place, gerula.words_of(concat_ws(' ', name, performer)) word;

create index sought_item_sought on gerula.sought_item
  using gin (workspace_id, sought public.gin_trgm_ops);
create index sought_item_place on gerula.sought_item (workspace_id, now_place_id);
create index sought_word_like on gerula.sought_word
  using gin (workspace_id, word public.gin_trgm_ops);

do $$
declare t text;
begin
  foreach t in array array['sought_item', 'sought_word'] loop
    execute format('alter table gerula.%I enable row level security', t);
    execute format('alter table gerula.%I force row level security', t);
    execute format(
      'create policy own_workspace on gerula.%I to gerula_app
         using (workspace_id = gerula.current_workspace())
         with check (workspace_id = gerula.current_workspace())', t);
    execute format(
      'create policy look_through_when_finding on gerula.%I for select to gerula_owner using (true)', t);
    execute format('grant select, insert, update, delete on gerula.%I to gerula_app', t);
  end loop;
end $$;

create function gerula.item_is_sought() returns trigger
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
        words || gerula.sought_text(note, code, batch, only_for, brush_set)
      from fresh, gerula.product_words(workspace_id, product_id) words
      where discarded_on is null and words is not null
      on conflict (workspace_id, item_id) do update
        set now_place_id = excluded.now_place_id, sought = excluded.sought
        where (sought_item.now_place_id, sought_item.sought)
          is distinct from (excluded.now_place_id, excluded.sought);
      insert into gerula.sought_word (workspace_id, word)
      select distinct workspace_id, word
      from fresh, gerula.words_of(concat_ws(' ', note, only_for, brush_set)) word
      on conflict do nothing;
      return null;
    end
  $$;

create function gerula.product_is_sought() returns trigger
  language plpgsql
  as $$
    declare product record;
    begin
      for product in select workspace_id, id from fresh loop
        insert into gerula.sought_item (workspace_id, item_id, now_place_id, sought)
        select workspace_id, id, now_place_id,
          gerula.product_words(workspace_id, product_id)
            || gerula.sought_text(note, code, batch, only_for, brush_set)
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

create function gerula.place_is_sought() returns trigger
  language plpgsql
  as $$
    begin
      insert into gerula.sought_word (workspace_id, word)
      select distinct f.workspace_id, word
      from fresh f, gerula.words_of(concat_ws(' ', f.name, f.performer)) word
      on conflict do nothing;
      return null;
    end
  $$;

-- A row each would be told of twenty thousand times when a table is read in; a statement is told once.
do $$
declare t text;
begin
  foreach t in array array['item', 'product', 'place'] loop
    execute format(
      'create trigger sought_when_added after insert on gerula.%I referencing new table as fresh
         for each statement execute function gerula.%I()', t, t || '_is_sought');
    execute format(
      'create trigger sought_when_changed after update on gerula.%I referencing new table as fresh
         for each statement execute function gerula.%I()', t, t || '_is_sought');
  end loop;
end $$;

create or replace function gerula.count_anew() returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    begin
      analyze gerula.product, gerula.item, gerula.place, gerula.ledger, gerula.ledger_thing,
        gerula.sought_item, gerula.sought_word;
    end
  $$;

-- Where a word may be: written as it was typed; of one or two letters the beginning of a word.
create function gerula.sought_pattern(word text) returns text
  language sql immutable
  as $$
    select case when length(word) < 3 then '% ' else '%' end
      || replace(replace(word, '%', '\%'), '_', '\_') || '%'
  $$;

-- The words of the kit most like one that is nowhere in it, the most like first; far less like ones
-- than the best are left out.
create function gerula.words_like(typed text, most int)
  returns table (word text, likeness real)
  language sql stable security definer
  set search_path = pg_catalog, public, gerula
  set pg_trgm.similarity_threshold = 0.25
  set enable_seqscan = off
  set jit = off
  as $$
    with alike as (
      select s.word, similarity(s.word, typed) as likeness
      from sought_word s
      where s.workspace_id = current_workspace() and s.word % typed
    )
    select a.word, a.likeness from alike a
    where a.likeness >= 0.7 * (select max(likeness) from alike)
    order by a.likeness desc, a.word
    limit most
  $$;

-- Words in any order; each has to be somewhere: in the words of the thing or in the name of a place it
-- lies in. A word that is nowhere in the kit is taken for a slip and stands for those most like it. This
-- runs as the owner, for whom no policy keeps the trigram index from being used, says in each of its own
-- conditions which workspace it looks through, and hands out ids and nothing else.
create function gerula.find_things(words text[], most int)
  returns table (thing_id uuid, score real)
  language plpgsql stable security definer
  set search_path = pg_catalog, public, gerula
  -- The planner takes a pattern it does not know yet for one that finds its first row at once.
  set enable_seqscan = off
  -- Compiling the question takes longer than answering it.
  set jit = off
  as $$
    declare
      own uuid := current_workspace();
      w text;
      patterns text[];
      places uuid[];
      known boolean;
      hit text;
      by_likeness text;
      conditions text := '';
      scores text := '0';
    begin
      foreach w in array words loop
        known := exists (select 1 from sought_item s
            where s.workspace_id = own and s.sought like sought_pattern(w))
          or exists (select 1 from place l
            where l.workspace_id = own and l.sought like sought_pattern(w));
        if known then
          patterns := array[sought_pattern(w)];
          scores := scores || format(
            ' + case when starts_with(s.sought, %L) then 1.0 when strpos(s.sought, %L) > 0 then 0.9'
            ' when strpos(s.sought, %L) > 0 then 0.8 when strpos(s.sought, %L) > 0 then 0.5 else 0.45 end',
            ' ' || w, ' ' || w || ' ', ' ' || w, w);
        else
          select coalesce(array_agg('% ' || word || ' %' order by likeness desc, word), '{}'),
            ' + case ' || string_agg(
              format('when s.sought like %L then %s', '% ' || word || ' %', 0.6 * likeness), ' '
              order by likeness desc, word) || ' else 0.1 end'
          into patterns, by_likeness
          from words_like(w, 5);
          scores := scores || coalesce(by_likeness, '');
        end if;
        with recursive within (id) as (
          select l.id from place l, unnest(patterns) pattern
          where l.workspace_id = own and l.sought like pattern
          union
          select l.id from within
          join place l on l.workspace_id = own and l.parent_id = within.id
        )
        select array_agg(id) into places from within;
        select string_agg(format('s.sought like %L', pattern), ' or ') into hit
        from unnest(patterns) pattern;
        if places is not null then
          hit := concat_ws(' or ', hit, format('s.now_place_id = any (%L::uuid[])', places));
        end if;
        conditions := conditions || ' and (' || coalesce(hit, 'false') || ')';
      end loop;
      return query execute format(
        'select s.item_id, (%s)::real from sought_item s where s.workspace_id = %L %s'
        ' order by 2 desc, s.sought, 1 limit %s',
        scores, own, conditions, most);
    end
  $$;

revoke all on function gerula.find_things(text[], int) from public;
grant execute on function gerula.find_things(text[], int) to gerula_app;
revoke all on function gerula.words_like(text, int) from public;
grant execute on function gerula.words_like(text, int) to gerula_app;
