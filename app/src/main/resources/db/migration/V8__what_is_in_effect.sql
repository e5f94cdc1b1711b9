-- Whether an act counts: unless an undo that counts itself undoes it. Written when an undo is.
alter table gerula.ledger add column in_effect boolean not null default true;
grant update (in_effect) on gerula.ledger to gerula_app;

-- What was undone, done again by undoing the undo, and undone once more has two undos.
drop index gerula.ledger_undoes;
create index ledger_undoes on gerula.ledger (workspace_id, undoes) where undoes is not null;
create unique index ledger_undone_once on gerula.ledger (workspace_id, undoes)
  where in_effect and undoes is not null;

-- Each undo so far turned everything below it round.
do $$
declare u record;
begin
  for u in select workspace_id, undoes from gerula.ledger where undoes is not null order by workspace_id, seq loop
    with recursive below (id) as (
      select u.undoes
      union
      select l.undoes from below b join gerula.ledger l on l.id = b.id and l.workspace_id = u.workspace_id
      where l.undoes is not null
    )
    update gerula.ledger l set in_effect = not in_effect
    from below where l.id = below.id and l.workspace_id = u.workspace_id;
  end loop;
end $$;
