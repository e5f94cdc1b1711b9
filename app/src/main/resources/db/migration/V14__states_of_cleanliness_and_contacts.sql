-- The states of cleanliness: since when, by what, and until when it dries. Nobody knows since when what
-- is there is as it is.
update gerula.item set cleanliness = 'used' where cleanliness = 'due';
alter table gerula.item
  add column clean_since timestamptz,
  add column clean_by text not null default 'told',
  add column clean_until timestamptz;

-- What touched whom, when and how. Written once; a face that is removed from its booking touched it all
-- the same, so neither is held fast.
create table gerula.contact (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  item_id uuid not null,
  person_id uuid not null,
  booking_id uuid,
  face_id uuid,
  how text not null,
  at timestamptz not null,
  primary key (workspace_id, id),
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred,
  foreign key (workspace_id, person_id) references gerula.person deferrable initially deferred
);
create index contact_item on gerula.contact (workspace_id, item_id, at);
create index contact_person on gerula.contact (workspace_id, person_id, at);
alter table gerula.contact enable row level security;
alter table gerula.contact force row level security;
create policy own_workspace on gerula.contact to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.contact to gerula_owner
  using (workspace_id = gerula.current_workspace());
grant select, insert, update, delete on gerula.contact to gerula_app;
