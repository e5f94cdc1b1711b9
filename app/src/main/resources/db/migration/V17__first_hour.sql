-- How the artist writes dates: with the day, the month or the year first.
alter table gerula.workspace add column date_order text not null default 'day-first'
  check (date_order in ('day-first', 'month-first', 'year-first'));

-- Whether the measures of a place are a rough size that nobody took with a ruler.
alter table gerula.place add column estimated boolean not null default false;

-- Shades that lie side by side in one pack: [{"name": "fair", "colour": "#f2d6c0", "depth": 2}].
alter table gerula.product add column shades jsonb not null default '[]';

-- Pictures of things that are still to be named: taken at a drawer in passing. They are no items yet.
create table gerula.unnamed_picture (
  workspace_id uuid not null default gerula.current_workspace() references gerula.workspace,
  id uuid not null,
  picture_id uuid not null,
  place_id uuid,
  taken_at timestamptz not null,
  primary key (workspace_id, id),
  foreign key (workspace_id, picture_id) references gerula.picture deferrable initially deferred,
  foreign key (workspace_id, place_id) references gerula.place deferrable initially deferred
);
alter table gerula.unnamed_picture enable row level security;
alter table gerula.unnamed_picture force row level security;
create policy own_workspace on gerula.unnamed_picture to gerula_app
  using (workspace_id = gerula.current_workspace())
  with check (workspace_id = gerula.current_workspace());
create policy delete_for_good on gerula.unnamed_picture to gerula_owner
  using (workspace_id = gerula.current_workspace());
grant select, insert, update, delete on gerula.unnamed_picture to gerula_app;
