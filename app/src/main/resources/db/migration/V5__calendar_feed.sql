-- The private address a calendar program asks. Only the hash of its secret is kept; no archive holds it.
create table gerula.calendar_feed (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  secret_hash bytea not null unique,
  made_at timestamptz not null,
  primary key (workspace_id)
);
alter table gerula.calendar_feed enable row level security;
alter table gerula.calendar_feed force row level security;
create policy own_workspace on gerula.calendar_feed to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
grant select, insert, update, delete on gerula.calendar_feed to gerula_app;

-- A calendar program comes without a session: this function, and nothing else, looks over all workspaces,
-- for one secret. The owner has its own policy for it.
create policy look_up_for_calendars on gerula.calendar_feed for select to gerula_owner using (true);
create function access.workspace_by_calendar(wanted bytea) returns uuid
  language sql stable security definer set search_path = pg_catalog
  as $$ select f.workspace_id from gerula.calendar_feed f where f.secret_hash = wanted $$;
revoke all on function access.workspace_by_calendar(bytea) from public;
grant execute on function access.workspace_by_calendar(bytea) to gerula_app;
