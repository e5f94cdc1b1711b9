-- Beside each thing an act touched its number in the order of acts: the history of a thing is read
-- newest first from one index, however long it is.
alter table gerula.ledger_thing add column seq bigint;
update gerula.ledger_thing thing set seq = act.seq
from gerula.ledger act
where act.workspace_id = thing.workspace_id and act.id = thing.ledger_id;
alter table gerula.ledger_thing alter column seq set not null;
drop index gerula.ledger_thing_history;
create index ledger_thing_history on gerula.ledger_thing (workspace_id, thing_id, seq desc);

-- What stands in the way of undoing an act: whatever touched the same things later and counts. A later
-- act and its undo cancel each other. An undo of something earlier does not: it put back what the act
-- had found. Of each act asked about, what the newest one is called; none for those nothing rests on.
--
-- Of an act that touched very many things so many are looked at, and the one told. Joins are held to
-- walking the indexes: of a history that is being written the planner knows too little, and once read
-- all of it for each thing.
create function gerula.in_the_way(asked uuid[], thing uuid, most_things int)
  returns table (id uuid, later text)
  language sql stable
  set enable_hashjoin = off
  set enable_mergejoin = off
  set enable_seqscan = off
  set jit = off
  as $$
    select itself.id, newest.act
    from unnest(asked) as one (id)
    join gerula.ledger itself on itself.id = one.id
    cross join lateral (
      select in_way.act
      from (
        (select kind, thing_id from gerula.ledger_thing
          where ledger_id = itself.id limit most_things)
        union
        select kind, thing_id from gerula.ledger_thing
          where ledger_id = itself.id and thing_id = thing
      ) touched
      cross join lateral (
        select later.act, later.seq
        from gerula.ledger_thing again
        join gerula.ledger later on later.id = again.ledger_id
        where again.thing_id = touched.thing_id and again.kind = touched.kind
          and again.seq > itself.seq
          and later.in_effect
          and not exists (
            select from gerula.ledger undone
            where undone.id = later.undoes and undone.seq >= itself.seq)
        order by again.seq desc
        limit 1
      ) in_way
      order by in_way.seq desc
      limit 1
    ) newest
  $$;

-- How each item was used, day by day of its workspace: kept beside the history it follows from, and
-- worked out again from it when one came from outside. Days on which nothing counts have no row.
create table gerula.item_day (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  item_id uuid not null,
  day date not null,
  -- How often it was used.
  uses int not null,
  -- How often something of it was used up, and how much in all, in the unit of its product.
  draws int not null,
  used_up numeric(14, 3) not null,
  primary key (workspace_id, item_id, day),
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred
);
insert into gerula.item_day (workspace_id, item_id, day, uses, draws, used_up)
select used.workspace_id, used.item_id, used.day,
  count(*) filter (where used.act in ('used', 'put-back')),
  count(*) filter (where used.up > 0),
  coalesce(sum(used.up) filter (where used.up > 0), 0)
from (
  select act.workspace_id, thing.thing_id as item_id, act.act,
    (act.at at time zone of.zone)::date as day,
    case when act.act in ('used', 'measured')
      then (thing.before ->> 'amount_left')::numeric - (thing.after ->> 'amount_left')::numeric
    end as up
  from gerula.ledger act
  join gerula.ledger_thing thing
    on thing.workspace_id = act.workspace_id and thing.ledger_id = act.id and thing.kind = 'item'
  join gerula.workspace of on of.workspace_id = act.workspace_id
  where act.in_effect and act.act in ('used', 'put-back', 'measured')
    and exists (
      select from gerula.item
      where item.workspace_id = act.workspace_id and item.id = thing.thing_id)
) used
group by used.workspace_id, used.item_id, used.day
having count(*) filter (where used.act in ('used', 'put-back') or used.up > 0) > 0;

alter table gerula.item_day enable row level security;
alter table gerula.item_day force row level security;
create policy own_workspace on gerula.item_day to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.item_day to gerula_owner
  using (workspace_id = gerula.current_workspace());
grant select, insert, update, delete on gerula.item_day to gerula_app;

create or replace function gerula.count_anew() returns void
  language plpgsql security definer set search_path = pg_catalog
  as $$
    begin
      analyze (skip_locked) gerula.product, gerula.item, gerula.place, gerula.ledger,
        gerula.ledger_thing, gerula.item_day, gerula.sought_item, gerula.sought_word;
    end
  $$;
