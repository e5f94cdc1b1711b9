-- Where one buys.
create table gerula.shop (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  name text not null check (length(name) between 1 and 100),
  delivery_days smallint not null check (delivery_days between 0 and 120),
  -- From 1, Monday, to 7.
  working_days smallint[] not null,
  shipping numeric(11, 4) not null check (shipping >= 0),
  free_from numeric(11, 4) check (free_from >= 0),
  least_order numeric(11, 4) check (least_order >= 0),
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  professional_percent numeric(5, 2) check (professional_percent between 0 and 100),
  proof_until date,
  note text not null default '' check (length(note) <= 1000),
  version int not null default 0,
  primary key (workspace_id, id)
);

-- What a shop sells; what it cost before stays, with the day on which that ended.
create table gerula.offer (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  shop_id uuid not null,
  product_id uuid not null,
  packs int not null check (packs between 1 and 10000),
  price numeric(11, 4) not null check (price >= 0),
  discount_kind text,
  discount_percent numeric(5, 2),
  discount_amount numeric(11, 4),
  discount_from int,
  until date,
  most int check (most >= 0),
  noted_on date not null,
  ended_on date,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, shop_id) references gerula.shop deferrable initially deferred,
  foreign key (workspace_id, product_id) references gerula.product deferrable initially deferred
);
create index offer_product on gerula.offer (workspace_id, product_id) where ended_on is null;
create index offer_shop on gerula.offer (workspace_id, shop_id);

do $$
declare t text;
begin
  foreach t in array array['shop', 'offer']
  loop
    execute format('alter table gerula.%I enable row level security', t);
    execute format('alter table gerula.%I force row level security', t);
    execute format(
      'create policy own_workspace on gerula.%I to gerula_app
         using (workspace_id = gerula.current_workspace())
         with check (workspace_id = gerula.current_workspace())', t);
    execute format(
      'create policy delete_for_good on gerula.%I to gerula_owner
         using (workspace_id = gerula.current_workspace())', t);
    execute format('grant select, insert, update, delete on gerula.%I to gerula_app', t);
  end loop;
end $$;
