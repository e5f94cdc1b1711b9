-- Who does something, with a role that is looked up for each request. Whoever has an account has the
-- actor of the same id; actors that came with an archive have none.
create table gerula.actor (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  name text not null,
  role text not null,
  primary key (workspace_id, id)
);
insert into gerula.actor (workspace_id, id, name, role)
select workspace_id, id, email, 'owner' from gerula.account;
alter table gerula.account
  add foreign key (workspace_id, id) references gerula.actor deferrable initially deferred;
alter table gerula.ledger
  add foreign key (workspace_id, who) references gerula.actor deferrable initially deferred;

alter table gerula.actor enable row level security;
alter table gerula.actor force row level security;
create policy own_workspace on gerula.actor to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.actor to gerula_owner
  using (workspace_id = gerula.current_workspace());
grant select, insert, update on gerula.actor to gerula_app;

-- So far "today" was that of the machine, whose zone the connection has.
update gerula.workspace set zone = coalesce(
  (select name from pg_timezone_names where name = current_setting('TimeZone')), 'UTC');

-- Asked for each request, before its workspace is known: this function, and nothing else, looks over
-- all workspaces, for one account. The owner has policies of its own for it.
create policy look_up_for_requests on gerula.actor for select to gerula_owner using (true);
create policy look_up_for_requests on gerula.workspace for select to gerula_owner using (true);
create function access.actor_by_account(wanted uuid)
  returns table (workspace_id uuid, email text, role text, zone text)
  language sql stable security definer set search_path = pg_catalog
  as $$
    select a.workspace_id, a.email, who.role, w.zone
    from gerula.account a
    join gerula.actor who on who.workspace_id = a.workspace_id and who.id = a.id
    join gerula.workspace w on w.workspace_id = a.workspace_id
    where a.id = wanted
  $$;
revoke all on function access.actor_by_account(uuid) from public;
grant execute on function access.actor_by_account(uuid) to gerula_app;
-- Asked for every request.
create index account_id on gerula.account (id);
