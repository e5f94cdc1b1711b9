-- How a packing list stood when an account looked at it last: what became of it is told from here.
-- In no archive, and no part of the history.
create table gerula.list_seen (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  booking_id uuid not null,
  account_id uuid not null,
  seen_at timestamptz not null,
  list jsonb not null,
  primary key (workspace_id, booking_id, account_id),
  foreign key (workspace_id, booking_id) references gerula.booking on delete cascade,
  foreign key (workspace_id, account_id) references gerula.account on delete cascade
);
alter table gerula.list_seen enable row level security;
alter table gerula.list_seen force row level security;
create policy own_workspace on gerula.list_seen to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.list_seen to gerula_owner
  using (workspace_id = gerula.current_workspace());
grant select, insert, update, delete on gerula.list_seen to gerula_app;
