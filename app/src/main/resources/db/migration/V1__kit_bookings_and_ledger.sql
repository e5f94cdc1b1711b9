-- Two schemas. "gerula" holds what belongs to a workspace: every table carries workspace_id and a
-- row-level policy. "access" holds what must be reachable before anyone has signed in: sessions and
-- counts of failed sign-ins. The role gerula_app is what the application runs as; it owns nothing
-- and cannot bypass the policies.

create function gerula.current_workspace() returns uuid
  language sql stable
  as $$ select nullif(current_setting('gerula.workspace', true), '')::uuid $$;

create table gerula.workspace (
  workspace_id uuid primary key,
  name text not null,
  zone text not null default 'UTC',
  created_at timestamptz not null default now()
);

create table gerula.account (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  email text not null,
  passphrase_hash text not null,
  created_at timestamptz not null default now(),
  primary key (workspace_id, id)
);
-- A name signs in to one workspace only, so it is unique over all of them.
create unique index account_email on gerula.account (lower(email));

create table gerula.place (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  parent_id uuid,
  name text not null,
  kind text not null,
  portable boolean not null default false,
  reach int not null default 1,
  inner_width_mm int,
  inner_depth_mm int,
  inner_height_mm int,
  own_mass_g int not null default 0,
  greatest_mass_g int,
  section text,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, parent_id) references gerula.place deferrable initially deferred
);

create table gerula.product (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  maker text not null,
  name text not null,
  shade text not null default '',
  colour text,
  class text not null,
  form text not null,
  content numeric(12, 3) not null check (content > 0),
  unit text not null,
  depth numeric(3, 1),
  traits text[] not null default '{}',
  contains text[] not null default '{}',
  period_after_opening_months int,
  outline text,
  width_mm int,
  depth_mm int,
  height_mm int,
  mass_g int,
  version int not null default 0,
  primary key (workspace_id, id)
);

create table gerula.item (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  product_id uuid not null,
  made_on date,
  bought_on date,
  opened_on date,
  printed_expiry date,
  amount_left numeric(12, 3) not null check (amount_left >= 0),
  home_place_id uuid,
  now_place_id uuid,
  cleanliness text not null default 'clean',
  personal boolean not null default false,
  note text not null default '',
  discarded_on date,
  discard_cause text,
  version int not null default 0,
  primary key (workspace_id, id),
  foreign key (workspace_id, product_id) references gerula.product deferrable initially deferred,
  foreign key (workspace_id, home_place_id) references gerula.place deferrable initially deferred,
  foreign key (workspace_id, now_place_id) references gerula.place deferrable initially deferred
);
create index item_now on gerula.item (workspace_id, now_place_id);

create table gerula.booking (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  title text not null,
  first_day date not null,
  last_day date not null,
  call_time time,
  location text not null default '',
  conditions text[] not null default '{}',
  bags uuid[] not null default '{}',
  departed_at timestamptz,
  back_at timestamptz,
  version int not null default 0,
  primary key (workspace_id, id),
  check (first_day <= last_day)
);

create table gerula.face (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  booking_id uuid not null,
  position int not null,
  name text not null,
  depth numeric(3, 1) not null,
  skin_type text not null,
  concerns text[] not null default '{}',
  sensitivities text[] not null default '{}',
  services text[] not null default '{}',
  primary key (workspace_id, id),
  foreign key (workspace_id, booking_id) references gerula.booking deferrable initially deferred
);
create index face_booking on gerula.face (workspace_id, booking_id);

-- What is ticked off: the thing is in a bag of that booking, and so in no other booking's.
create table gerula.packed (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  booking_id uuid not null,
  item_id uuid not null,
  packed_at timestamptz not null default now(),
  primary key (workspace_id, item_id),
  foreign key (workspace_id, booking_id) references gerula.booking deferrable initially deferred,
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred
);

-- References between things are checked at the end of a transaction: an act that is undone puts its
-- things back one by one.

-- One entry an act. The id is made by the client, so that sending an act again changes nothing.
create table gerula.ledger (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  seq bigint not null generated always as identity,
  act text not null,
  at timestamptz not null,
  who uuid not null,
  facts jsonb not null default '{}',
  undoes uuid,
  primary key (workspace_id, id)
);
create unique index ledger_seq on gerula.ledger (workspace_id, seq);
-- An act is undone at most once.
create unique index ledger_undoes on gerula.ledger (workspace_id, undoes);

-- The things an act touched, each as it was before and after; null when it was not there.
create table gerula.ledger_thing (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  ledger_id uuid not null,
  kind text not null,
  thing_id uuid not null,
  before jsonb,
  after jsonb,
  primary key (workspace_id, ledger_id, kind, thing_id),
  foreign key (workspace_id, ledger_id) references gerula.ledger
);
create index ledger_thing_history on gerula.ledger_thing (workspace_id, thing_id);

do $$
declare t text;
begin
  for t in select tablename from pg_tables where schemaname = 'gerula' loop
    execute format('alter table gerula.%I enable row level security', t);
    execute format('alter table gerula.%I force row level security', t);
    execute format(
      'create policy own_workspace on gerula.%I to gerula_app
         using (workspace_id = gerula.current_workspace())
         with check (workspace_id = gerula.current_workspace())', t);
    execute format('grant select, insert, update, delete on gerula.%I to gerula_app', t);
  end loop;
end $$;
-- The ledger is only ever added to.
revoke update, delete on gerula.ledger, gerula.ledger_thing from gerula_app;
revoke delete on gerula.workspace, gerula.account from gerula_app;
grant usage on schema gerula, access to gerula_app;

-- Signing in happens before the workspace is known: this function, and nothing else, looks over all
-- workspaces, for one name. The owner has its own policy for it.
create policy look_up_for_sign_in on gerula.account for select to gerula_owner using (true);
create function access.account_by_email(wanted text)
  returns table (workspace_id uuid, id uuid, email text, passphrase_hash text)
  language sql stable security definer set search_path = pg_catalog
  as $$
    select a.workspace_id, a.id, a.email, a.passphrase_hash
    from gerula.account a where lower(a.email) = lower(wanted)
  $$;
revoke all on function access.account_by_email(text) from public;
grant execute on function access.account_by_email(text) to gerula_app;

-- Failed sign-ins by name, so that the next try has to wait. Names are kept as a hash only.
create table access.sign_in_failure (
  name_hash text primary key,
  failures int not null,
  last_at timestamptz not null
);
grant select, insert, update, delete on access.sign_in_failure to gerula_app;

-- Spring Session's own tables, as its documentation gives them.
create table access.spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null unique,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create index spring_session_expiry on access.spring_session (expiry_time);
create index spring_session_principal on access.spring_session (principal_name);
create table access.spring_session_attributes (
  session_primary_id char(36) not null references access.spring_session on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
grant select, insert, update, delete on access.spring_session, access.spring_session_attributes
  to gerula_app;
