-- Places of every kind, what a thing is described by, codes on labels, pictures, counts, finding.

-- Both are trusted extensions: the owner of the database may add them.
create extension if not exists pg_trgm with schema public;
create extension if not exists btree_gin with schema public;

alter table gerula.place
  add column home_id uuid,
  add column slot_count int,
  add column slot_width_mm int,
  add column slot_depth_mm int,
  add column slot_height_mm int,
  add column sealed boolean not null default false,
  add column windowed boolean not null default false,
  add column worn boolean not null default false,
  add column allowed text[] not null default '{}',
  add column performer text,
  -- The item this place is, when it is one: a palette is a thing and holds pans.
  add column item_id uuid,
  add column code text,
  add column note text not null default '',
  add foreign key (workspace_id, home_id) references gerula.place deferrable initially deferred,
  add foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred;

alter table gerula.product
  add column finish text,
  add column coverage text,
  add column spf int,
  add column watt_hours numeric(8, 2),
  add column pack_code text;

alter table gerula.item
  add column code text,
  add column batch text not null default '',
  add column price numeric(12, 2),
  add column currency text,
  add column only_for text,
  add column favourite boolean not null default false,
  add column rare boolean not null default false,
  add column brush_set text not null default '',
  add column container text,
  add column container_size numeric(12, 3),
  add column container_outline text,
  add column container_width_mm int,
  add column container_depth_mm int,
  add column container_height_mm int,
  add column container_mass_g int,
  add column ask_back_on date,
  add column picture_id uuid,
  -- Worked out by the core whenever one of the dates changes, kept to sort and count by.
  add column last_day date,
  add column replace_by date;

-- Things that were there before codes: six characters, the last a check (core: ShortCode).
do $$
declare
  letters constant text := '34679ACDEFHJKMNPQRTVWXY';
  thing record;
  text_ text;
  sum_ int;
begin
  for thing in
    select 'place' as tbl, id, workspace_id from gerula.place
    union all select 'item', id, workspace_id from gerula.item
  loop
    text_ := case when thing.tbl = 'place' then 'P' else '4' end;
    for i in 1..4 loop
      text_ := text_ || substr(letters, 1 + floor(random() * 23)::int, 1);
    end loop;
    sum_ := 0;
    for i in 1..5 loop
      sum_ := sum_ + i * (strpos(letters, substr(text_, i, 1)) - 1);
    end loop;
    text_ := text_ || substr(letters, 1 + sum_ % 23, 1);
    execute format('update gerula.%I set code = $1 where workspace_id = $2 and id = $3', thing.tbl)
      using text_, thing.workspace_id, thing.id;
  end loop;
end $$;
alter table gerula.place alter column code set not null;
alter table gerula.item alter column code set not null;
create unique index place_code on gerula.place (workspace_id, code);
create unique index item_code on gerula.item (workspace_id, code);
create index product_pack_code on gerula.product (workspace_id, pack_code);
create index item_product on gerula.item (workspace_id, product_id);
create index item_home on gerula.item (workspace_id, home_place_id);
create index item_last_day on gerula.item (workspace_id, last_day);

-- A picture never changes: another one has another id, and history can show the old one.
create table gerula.picture (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  jpeg bytea not null,
  width int not null,
  height int not null,
  primary key (workspace_id, id)
);
alter table gerula.item
  add foreign key (workspace_id, picture_id) references gerula.picture deferrable initially deferred;

-- A count of a place, open until it is settled or given up.
create table gerula.stocktake (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  place_id uuid not null,
  started_at timestamptz not null,
  settled_at timestamptz,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, place_id) references gerula.place deferrable initially deferred
);
create unique index stocktake_open on gerula.stocktake (workspace_id, place_id)
  where settled_at is null;

create table gerula.stocktake_seen (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  stocktake_id uuid not null,
  item_id uuid not null,
  counted numeric(12, 3),
  primary key (workspace_id, stocktake_id, item_id),
  foreign key (workspace_id, stocktake_id) references gerula.stocktake on delete cascade,
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred
);

do $$
declare t text;
begin
  foreach t in array array['picture', 'stocktake', 'stocktake_seen'] loop
    execute format('alter table gerula.%I enable row level security', t);
    execute format('alter table gerula.%I force row level security', t);
    execute format(
      'create policy own_workspace on gerula.%I to gerula_app
         using (workspace_id = gerula.current_workspace())
         with check (workspace_id = gerula.current_workspace())', t);
    execute format('grant select, insert, update, delete on gerula.%I to gerula_app', t);
  end loop;
end $$;

-- What is looked through when somebody looks for something: small letters, a space before each word.
alter table gerula.product add column sought text generated always as (
  lower(' ' || name || ' ' || shade || ' ' || maker || ' ' || replace(class, '-', ' ') || ' '
    || replace(form, '-', ' ') || ' ' || coalesce(pack_code, ''))) stored;
alter table gerula.item add column sought text generated always as (
  lower(' ' || note || ' ' || code || ' ' || batch || ' ' || coalesce(only_for, '') || ' ' || brush_set))
  stored;
alter table gerula.place add column sought text generated always as (
  lower(' ' || name || ' ' || code || ' ' || coalesce(performer, ''))) stored;
create index product_sought on gerula.product
  using gin (workspace_id, sought public.gin_trgm_ops);
create index item_sought on gerula.item using gin (workspace_id, sought public.gin_trgm_ops);
create index place_sought on gerula.place using gin (workspace_id, sought public.gin_trgm_ops);

-- Under row-level security the database may not use a trigram index before it has applied the
-- policy, because the operator is not known to keep secrets, and would read every row. This function
-- runs as the owner, who sees every row, and says in each of its own conditions which workspace it
-- looks through; it hands out ids and nothing else.
create policy look_through_when_finding on gerula.product for select to gerula_owner using (true);
create policy look_through_when_finding on gerula.item for select to gerula_owner using (true);
create policy look_through_when_finding on gerula.place for select to gerula_owner using (true);

-- After a great many rows came at once the planner still thinks the tables small, until the server
-- gets round to counting them. Only the owner may have them counted.
create function gerula.count_anew() returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    begin
      analyze gerula.product, gerula.item, gerula.place, gerula.ledger, gerula.ledger_thing;
    end
  $$;
revoke all on function gerula.count_anew() from public;
grant execute on function gerula.count_anew() to gerula_app;

-- How well a text answers a word that is in it: at its beginning, as a word, at a word's beginning.
create function gerula.how_well(sought text, word text) returns real
  language sql immutable
  as $$
    select case
      when starts_with(sought, ' ' || word) then 1.0
      when strpos(sought, ' ' || word || ' ') > 0 then 0.9
      when strpos(sought, ' ' || word) > 0 then 0.8
      else 0.5
    end::real
  $$;

-- Words in any order; each has to be somewhere: in the product, on the item, in the name of a place it
-- lies in. A word that is nowhere in the kit is taken for a slip and stands for what is like it
-- (trigrams): that costs far more for each row, so words that are there do not pay for it. One or two
-- letters are the beginning of a word.
create function gerula.find_things(words text[], most int)
  returns table (thing_id uuid, score real)
  language sql stable security definer
  set search_path = pg_catalog, public, gerula
  set pg_trgm.word_similarity_threshold = 0.5
  -- The planner takes a pattern it does not know yet for one that finds its first row at once.
  set enable_seqscan = off
  -- Compiling the question takes longer than answering it.
  set jit = off
  as $$
    with recursive
    typed as (
      select n, w, case when length(w) < 3 then '% ' else '%' end
        || replace(replace(w, '%', '\%'), '_', '\_') || '%' as pattern
      from unnest(words) with ordinality as t (w, n)
    ),
    word as materialized (
      select n, w, pattern,
        exists (select 1 from product p
          where p.workspace_id = current_workspace() and p.sought like pattern)
        or exists (select 1 from item i
          where i.workspace_id = current_workspace() and i.sought like pattern)
        or exists (select 1 from place l
          where l.workspace_id = current_workspace() and l.sought like pattern) as known
      from typed
    ),
    within (n, place_id, s) as (
      select n, l.id, case when known then how_well(l.sought, w) else 0.4::real end
      from word
      join place l on l.workspace_id = current_workspace()
        and case when known then l.sought like pattern else l.sought %> w end
      union
      select within.n, l.id, within.s
      from within
      join place l on l.workspace_id = current_workspace() and l.parent_id = within.place_id
    ),
    hit as (
      select n, i.id, how_well(p.sought, w) as s
      from word
      join product p on p.workspace_id = current_workspace() and p.sought like pattern
      join item i on i.workspace_id = current_workspace() and i.product_id = p.id
      where known and i.discarded_on is null
      union all
      select n, i.id, how_well(i.sought, w)
      from word
      join item i on i.workspace_id = current_workspace() and i.sought like pattern
      where known and i.discarded_on is null
      union all
      select n, i.id, 0.4::real
      from word
      join product p on p.workspace_id = current_workspace() and p.sought %> w
      join item i on i.workspace_id = current_workspace() and i.product_id = p.id
      where not known and i.discarded_on is null
      union all
      select n, i.id, within.s * 0.6::real
      from within
      join item i on i.workspace_id = current_workspace() and i.now_place_id = within.place_id
      where i.discarded_on is null
    ),
    best as (select n, id, max(s) as s from hit group by n, id)
    select id, sum(s)::real
    from best
    group by id
    having count(*) = cardinality(words)
    order by sum(s) desc, id
    limit most
  $$;
revoke all on function gerula.find_things(text[], int) from public;
grant execute on function gerula.find_things(text[], int) to gerula_app;
