-- How a thing was and is: of which level of the tables, that is the number of the newest migration.
-- Entries so far are of the level that was installed when they were written.
alter table gerula.ledger_thing add column level int;
do $$
begin
  if to_regclass('access.flyway_schema_history') is null then
    return;
  end if;
  update gerula.ledger_thing thing set level = coalesce((
      select max(installed.version::int) from access.flyway_schema_history installed
      where installed.success and installed.version ~ '^\d+$' and installed.installed_on <= act.at), 1)
  from gerula.ledger act
  where act.workspace_id = thing.workspace_id and act.id = thing.ledger_id;
end $$;
alter table gerula.ledger_thing alter column level set not null;

-- Of a state what differs from the other one, and what tells which thing it is; all of it when
-- there is no other one.
create function gerula.state_changes(state jsonb, other jsonb, key text) returns jsonb
  language sql immutable
  as $$
    select case
      when state is null or other is null then state
      else (
        select coalesce(jsonb_object_agg(field, value), '{}')
        from jsonb_each(state) as one (field, value)
        where field = key or other -> field is distinct from value)
    end
  $$;
