-- The money one reckons in and what other money is worth in it:
-- {"currency": "EUR", "rates": {"GBP": {"worth": 1.17, "on": "2031-04-14"}}}; empty until somebody said it.
alter table gerula.house_rules add column money jsonb not null default '{}';

-- Since when it is no longer made; null for what still is.
alter table gerula.product add column discontinued_on date;

-- Until when it is tried before more of its line is bought; null when it is not on trial.
alter table gerula.item add column trial_until date;

-- Whether orders can be sent to it and asked after; which shop that is decides the installation.
alter table gerula.shop add column takes_orders boolean not null default false;

-- What was ordered from one shop at one time, with what sending it costs, what the shop calls it, which of
-- its delivery notes were received, and a photograph of the paper.
create table gerula.parcel (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  shop_id uuid,
  ordered_on date not null,
  shipping numeric(11, 4) check (shipping >= 0),
  currency text check (currency ~ '^[A-Z]{3}$'),
  number text not null default '' check (length(number) <= 100),
  notes text[] not null default '{}',
  picture_id uuid,
  version int not null default 0,
  primary key (workspace_id, id),
  check ((shipping is null) = (currency is null))
);
alter table gerula.wanted add column parcel_id uuid;

alter table gerula.parcel enable row level security;
alter table gerula.parcel force row level security;
create policy own_workspace on gerula.parcel to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.parcel to gerula_owner
  using (workspace_id = gerula.current_workspace());
grant select, insert, update, delete on gerula.parcel to gerula_app;
