-- What was done to clean a thing after it was used, step by step; without an item what was done beside
-- between two faces, to worktop and hands. Kept when the booking is gone: it is the record.
create table gerula.treatment (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  item_id uuid,
  booking_id uuid,
  face_id uuid,
  moment text not null,
  begun_at timestamptz not null,
  done_at timestamptz,
  spray_percent smallint not null,
  steps jsonb not null,
  primary key (workspace_id, id),
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred
);
create index treatment_item on gerula.treatment (workspace_id, item_id, begun_at);
create index treatment_done on gerula.treatment (workspace_id, item_id, done_at);
create index treatment_booking on gerula.treatment (workspace_id, booking_id, face_id);

-- Who else was touched at the same sitting.
create index contact_face on gerula.contact (workspace_id, face_id, at);

-- What happened to a thing beside its usual use: dropped, sneezed on, an infection.
create table gerula.incident (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  item_id uuid not null,
  booking_id uuid,
  face_id uuid,
  kind text not null,
  at timestamptz not null,
  primary key (workspace_id, id),
  foreign key (workspace_id, item_id) references gerula.item deferrable initially deferred
);
create index incident_item on gerula.incident (workspace_id, item_id, at);

do $$
  declare
    made text;
  begin
    foreach made in array array['treatment', 'incident'] loop
      execute format('alter table gerula.%I enable row level security', made);
      execute format('alter table gerula.%I force row level security', made);
      execute format(
        'create policy own_workspace on gerula.%I to gerula_app
           using (workspace_id = gerula.current_workspace())
           with check (workspace_id = gerula.current_workspace())', made);
      execute format(
        'create policy delete_for_good on gerula.%I to gerula_owner
           using (workspace_id = gerula.current_workspace())', made);
      execute format('grant select, insert, update, delete on gerula.%I to gerula_app', made);
    end loop;
  end
$$;
