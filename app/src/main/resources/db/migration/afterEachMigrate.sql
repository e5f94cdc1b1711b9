-- Rows changed by the migration are checked now: a table with checks ahead cannot be altered.
set constraints all immediate;
do $$
declare t text;
begin
  for t in select tablename from pg_tables where schemaname = 'gerula' loop
    execute format('alter table gerula.%I force row level security', t);
  end loop;
end $$;
