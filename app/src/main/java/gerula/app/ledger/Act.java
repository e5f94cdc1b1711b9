package gerula.app.ledger;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/**
 * One act while it is being done: every thing it changes is changed through it. How each was before
 * its first change and is after its last stands in the ledger.
 */
public final class Act {

  private record Thing(ThingKind kind, UUID id) {}

  /** How a thing was; null when it was not there. */
  private record Before(@Nullable JSONB state) {}

  private final UUID id;
  private final long number;
  private final DSLContext sql;
  private final States states;
  private final Map<String, Object> facts = new LinkedHashMap<>();
  private final Map<Thing, Before> before = new HashMap<>();
  private final Map<Thing, Before> touched = new LinkedHashMap<>();
  private final Map<ThingKind, Set<UUID>> created = new EnumMap<>(ThingKind.class);

  /**
   * @param number its place in the workspace's order of acts
   */
  Act(UUID id, long number, Map<String, ?> facts, DSLContext sql, States states) {
    this.id = id;
    this.number = number;
    this.sql = sql;
    this.states = states;
    this.facts.putAll(facts);
  }

  /** Something worth telling about the act that showed only while it was done. */
  public void tell(String fact, Object value) {
    facts.put(fact, value);
  }

  long number() {
    return number;
  }

  Map<String, Object> facts() {
    return facts;
  }

  /**
   * Makes many things at once.
   *
   * @param make inserts exactly the things with these ids; none of them was there before
   */
  public void create(ThingKind kind, List<UUID> things, Runnable make) {
    make.run();
    created.computeIfAbsent(kind, _ -> new LinkedHashSet<>()).addAll(things);
  }

  /**
   * Says beforehand which things it is about to change: how they are is taken down at once, and not
   * one by one. Those that stay as they are do not count as touched.
   */
  public void about(ThingKind kind, Collection<UUID> things) {
    List<UUID> unknown = things.stream().filter(id -> !isKnown(new Thing(kind, id))).toList();
    if (!unknown.isEmpty()) {
      Map<UUID, JSONB> were = states.take(kind, unknown);
      unknown.forEach(id -> before.put(new Thing(kind, id), new Before(were.get(id))));
    }
  }

  private boolean isKnown(Thing thing) {
    return touched.containsKey(thing) || before.containsKey(thing);
  }

  /** Changes one thing, as often as the act needs to. */
  public void touch(ThingKind kind, UUID thing, Runnable change) {
    touched.computeIfAbsent(new Thing(kind, thing), this::before);
    change.run();
  }

  private Before before(Thing thing) {
    Before known = before.get(thing);
    return known != null ? known : new Before(states.take(thing.kind(), thing.id()));
  }

  /** Everything it changed or made so far. */
  Touched touched() {
    Map<ThingKind, Set<UUID>> all = new EnumMap<>(ThingKind.class);
    touched
        .keySet()
        .forEach(thing -> all.computeIfAbsent(thing.kind(), _ -> new HashSet<>()).add(thing.id()));
    Set<ThingKind> made = EnumSet.noneOf(ThingKind.class);
    touched.forEach(
        (thing, before) -> {
          if (before.state() == null) {
            made.add(thing.kind());
          }
        });
    created.forEach(
        (kind, ids) -> {
          all.computeIfAbsent(kind, _ -> new HashSet<>()).addAll(ids);
          made.add(kind);
        });
    return new Touched(all, made);
  }

  /** Writes down how everything it touched was and is. Its entry has to be there. */
  void writeThings() {
    created.forEach(this::writeCreated);
    Map<ThingKind, List<Thing>> byKind = new EnumMap<>(ThingKind.class);
    touched
        .keySet()
        .forEach(
            thing -> {
              // What was made and changed by the same act stands there as made.
              if (!created.getOrDefault(thing.kind(), Set.of()).contains(thing.id())) {
                byKind.computeIfAbsent(thing.kind(), _ -> new ArrayList<>()).add(thing);
              }
            });
    byKind.forEach(this::writeTouched);
  }

  /** Of each state only what changed. */
  private void writeTouched(ThingKind kind, List<Thing> things) {
    UUID[] ids = things.stream().map(Thing::id).toArray(UUID[]::new);
    String[] before =
        things.stream()
            .map(touched::get)
            .map(one -> one.state() == null ? null : one.state().data())
            .toArray(String[]::new);
    sql.execute(
        """
        insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level, before, after)
        select {0}, {9}, {1}, was.id, {2},
          gerula.state_changes(was.state::jsonb, now.state, {3}),
          gerula.state_changes(now.state, was.state::jsonb, {3})
        from unnest({4}, {5}) as was (id, state)
        left join lateral (select {6} as state from {7} thing where thing.{8} = was.id) now on true
        """,
        DSL.val(id),
        DSL.val(kind.code()),
        DSL.inline(Upcaster.NEWEST_LEVEL),
        DSL.inline(kind.id().getName()),
        DSL.val(ids),
        DSL.val(before),
        States.of(kind),
        kind.table(),
        DSL.name(kind.id().getName()),
        DSL.inline(number));
  }

  private void writeCreated(ThingKind kind, Set<UUID> things) {
    // Joined with the list rather than looked up in it: after thousands of inserts the planner
    // still takes the table for an empty one.
    sql.execute(
        """
        insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level, before, after)
        select {0}, {7}, {1}, thing.{2}, {3}, null, {4}
        from unnest({6}) as made (id) join {5} thing on thing.{2} = made.id
        """,
        DSL.val(id),
        DSL.val(kind.code()),
        DSL.name(kind.id().getName()),
        DSL.inline(Upcaster.NEWEST_LEVEL),
        States.of(kind),
        kind.table(),
        DSL.val(things.toArray(UUID[]::new)),
        DSL.inline(number));
  }
}
