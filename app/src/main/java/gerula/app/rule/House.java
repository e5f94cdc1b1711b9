package gerula.app.rule;

import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore.StoredRules;
import gerula.core.kit.item.Item;
import gerula.core.restock.Expiring;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** The rules of the house, and what other ones would do. */
@Component
class House {

  private final HouseStore store;
  private final DatedKit kit;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  House(HouseStore store, DatedKit kit, Ledger ledger, Workspaces workspaces, WorkspaceTime time) {
    this.store = store;
    this.kit = kit;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  Optional<StoredRules> find(SignedIn who) {
    return workspaces.read(who.workspace(), store::find);
  }

  /**
   * What other rules would do today.
   *
   * @param gone things that would be past and are not now
   * @param backAgain things that would be good again and are past now
   */
  record Effect(List<UUID> gone, List<UUID> backAgain) {}

  Effect effect(SignedIn who, HouseRules other) {
    return workspaces.read(
        who.workspace(),
        () -> {
          LocalDate today = time.today();
          HouseRules now = store.current();
          List<Item> items = kit.items();
          return new Effect(
              ids(Expiring.thrownOutBy(other, now, items, today)),
              ids(Expiring.thrownOutBy(now, other, items, today)));
        });
  }

  private static List<UUID> ids(List<Item> items) {
    return items.stream().map(Item::id).toList();
  }

  /** Sets the rules; every last day that follows from them is worked out again. */
  void change(SignedIn who, UUID actId, int version, HouseRules rules) {
    ledger.perform(
        who,
        actId,
        "house-rules-changed",
        act -> {
          Optional<StoredRules> before = store.find();
          int known = before.map(StoredRules::version).orElse(0);
          Refused.unlessUnchanged(
              version, known, "set of house rules", () -> HouseController.view(before));
          // One row a workspace: the first change makes it.
          UUID id = before.map(StoredRules::id).orElse(who.workspace());
          act.touch(
              ThingKind.HOUSE_RULES_THING,
              id,
              () ->
                  store.save(
                      new StoredRules(id, rules, words(before), money(before), version + 1)));
          kit.workOutDates();
        });
  }

  private static String words(Optional<StoredRules> stored) {
    return stored.map(StoredRules::cardWords).orElse("");
  }

  private static MoneyRules money(Optional<StoredRules> stored) {
    return stored.map(StoredRules::money).orElse(MoneyRules.NONE);
  }

  /** Keeps in what money one reckons, and what other money is worth in it. */
  void reckonIn(SignedIn who, UUID actId, MoneyRules money) {
    keep(who, actId, "money-told", House::words, _ -> money);
  }

  /**
   * Keeps what the card for clients says.
   *
   * @param words empty: what follows from the rules
   */
  void say(SignedIn who, UUID actId, String words) {
    keep(who, actId, "card-written", _ -> words.strip(), House::money);
  }

  /** Keeps what stands beside the rules: no date follows from it. */
  private void keep(
      SignedIn who,
      UUID actId,
      String what,
      Function<Optional<StoredRules>, String> words,
      Function<Optional<StoredRules>, MoneyRules> money) {
    ledger.perform(
        who,
        actId,
        what,
        act -> {
          Optional<StoredRules> before = store.find();
          StoredRules after =
              new StoredRules(
                  before.map(StoredRules::id).orElse(who.workspace()),
                  store.current(),
                  words.apply(before),
                  money.apply(before),
                  before.map(StoredRules::version).orElse(0) + 1);
          act.touch(ThingKind.HOUSE_RULES_THING, after.id(), () -> store.save(after));
        });
  }
}
