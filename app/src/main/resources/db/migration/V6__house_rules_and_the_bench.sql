-- The house's own rules, the depot bench, and what is to be bought.

create table gerula.house_rules (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  date_limits text not null,
  -- Months after opening by class, where the house follows neither school.
  own_months jsonb not null default '{}',
  eye_margin_days int not null,
  reserve_percent int not null,
  delivery_days int not null,
  version int not null default 0,
  primary key (workspace_id, id)
);

alter table gerula.item
  -- A report of changed look, smell or texture: it overrides every date.
  add column changed_on date,
  add column changed_what text,
  add column broken_pack_on date,
  -- Which of the equal slots of its home it has, from 1.
  add column slot int,
  -- The kind of empty it was filled into, so that a washed one goes back there.
  add column empty_id uuid,
  add column washed_on date,
  -- Since when it is taken before others of its class, whatever their dates.
  add column use_first_on date,
  -- The day somebody last went through the kit and kept it.
  add column kept_on date;

-- Kinds of empty containers, and how many of each are at hand.
create table gerula.empty (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  name text not null,
  container text not null,
  material text not null,
  size_ml numeric(9, 3) not null check (size_ml > 0),
  tare_g numeric(9, 3) not null check (tare_g >= 0),
  outer_width_mm int not null,
  outer_depth_mm int not null,
  outer_height_mm int not null,
  stock int not null check (stock >= 0),
  version int not null default 0,
  primary key (workspace_id, id)
);
alter table gerula.item
  add foreign key (workspace_id, empty_id) references gerula.empty deferrable initially deferred;

-- What was filled from what. A container that was washed out has nothing of it any more.
create table gerula.filling (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  item_id uuid not null,
  source_id uuid not null,
  filled_on date not null,
  amount numeric(12, 3) not null check (amount >= 0),
  washed_out_on date,
  -- There was a rest in it then of which nobody knows where it came from.
  on_a_rest boolean not null default false,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred,
  foreign key (workspace_id, source_id) references gerula.item deferrable initially deferred,
  check (item_id <> source_id)
);
create index filling_item on gerula.filling (workspace_id, item_id);
create index filling_source on gerula.filling (workspace_id, source_id);

-- A session at the bench. What the artist chose is kept as chosen; the plan is worked out anew each time
-- until the work begins.
create table gerula.bench_session (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  made_at timestamptz not null,
  wanted_months numeric(5, 2) not null,
  back_stock_id uuid,
  chosen jsonb not null default '[]',
  state text not null,
  started_at timestamptz,
  ended_at timestamptz,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, back_stock_id) references gerula.place deferrable initially deferred
);

create table gerula.bench_piece (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  session_id uuid not null,
  position int not null,
  source_id uuid not null,
  empty_id uuid not null,
  -- In the unit of the product.
  amount numeric(12, 3) not null,
  handling text not null,
  state text not null,
  begun_at timestamptz,
  seconds int not null default 0,
  decant_id uuid,
  mishap text,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, session_id) references gerula.bench_session deferrable initially deferred,
  foreign key (workspace_id, source_id) references gerula.item deferrable initially deferred,
  foreign key (workspace_id, empty_id) references gerula.empty deferrable initially deferred,
  foreign key (workspace_id, decant_id) references gerula.item deferrable initially deferred
);
create index bench_piece_session on gerula.bench_piece (workspace_id, session_id, position);

-- What is to be bought.
create table gerula.wanted (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  product_id uuid not null,
  packs int not null check (packs > 0),
  needed_on date,
  why text not null default '',
  noted_on date not null,
  got_on date,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, product_id) references gerula.product deferrable initially deferred
);

do $$
declare t text;
begin
  foreach t in array
    array['house_rules', 'empty', 'filling', 'bench_session', 'bench_piece', 'wanted']
  loop
    execute format('alter table gerula.%I enable row level security', t);
    execute format('alter table gerula.%I force row level security', t);
    execute format(
      'create policy own_workspace on gerula.%I to gerula_app
         using (workspace_id = gerula.current_workspace())
         with check (workspace_id = gerula.current_workspace())', t);
    execute format('grant select, insert, update, delete on gerula.%I to gerula_app', t);
  end loop;
end $$;
