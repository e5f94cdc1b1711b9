package gerula.app.restock;

import gerula.app.kit.Kit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.restock.ParcelStore.StoredParcel;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.restock.shop.Shop;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is ordered of the buying list, and what comes of it. */
@Component
class Orders {

  private final WantedStore store;
  private final BuyingList list;
  private final ParcelStore parcels;
  private final ShopStore shops;
  private final Kit kit;
  private final PlaceStore places;
  private final HouseStore house;
  private final Ledger ledger;
  private final WorkspaceTime time;

  Orders(
      WantedStore store,
      BuyingList list,
      ParcelStore parcels,
      ShopStore shops,
      Kit kit,
      PlaceStore places,
      HouseStore house,
      Ledger ledger,
      WorkspaceTime time) {
    this.store = store;
    this.list = list;
    this.parcels = parcels;
    this.shops = shops;
    this.kit = kit;
    this.places = places;
    this.house = house;
    this.ledger = ledger;
    this.time = time;
  }

  /**
   * What is ordered together.
   *
   * @param entries of the buying list
   * @param instead another product that does for it, by entry
   * @param shop null: from somebody who is not kept as a shop
   * @param thereBy null: as long as the shop usually takes, or the house's time
   * @param parcel id it gets, made by the caller
   * @param shipping what sending it costs, in the currency; null where nobody said it
   * @param number what the shop calls it; empty where it told none
   */
  record Ordering(
      List<UUID> entries,
      Map<UUID, UUID> instead,
      @Nullable UUID shop,
      @Nullable LocalDate thereBy,
      UUID parcel,
      @Nullable BigDecimal shipping,
      @Nullable String currency,
      String number) {}

  /** They are ordered from now on. */
  void order(SignedIn who, UUID actId, Ordering asked) {
    order(who, actId, "ordered", asked);
  }

  /**
   * The same.
   *
   * @param how what the act is called
   */
  void order(SignedIn who, UUID actId, String how, Ordering asked) {
    ledger.perform(
        who, actId, how, Map.of("entries", asked.entries().size()), act -> order(act, asked));
  }

  private void order(Act act, Ordering asked) {
    LocalDate today = time.today();
    LocalDate usually = usuallyThere(asked, today);
    check(asked, today);
    if (parcels.locked(asked.parcel()).isPresent()) {
      throw orderedAlready();
    }
    save(act, parcel(asked, today));
    WantedStore.Ordered how =
        new WantedStore.Ordered(
            today,
            asked.shop(),
            asked.thereBy() == null ? usually : asked.thereBy(),
            asked.parcel());
    for (UUID id : asked.entries().stream().distinct().sorted().toList()) {
      StoredWanted wanted = inPlaceOf(notOrdered(id), asked.instead().get(id));
      save(act, wanted.ordered(how));
    }
  }

  private LocalDate usuallyThere(Ordering asked, LocalDate today) {
    return Optional.ofNullable(asked.shop())
        .map(shop -> existingShop(shop).arrivesOn(today))
        .orElseGet(() -> today.plusDays(house.current().deliveryDays()));
  }

  private static void check(Ordering asked, LocalDate today) {
    Faults faults = new Faults();
    faults.unless(
        asked.thereBy() == null || !asked.thereBy().isBefore(today),
        "thereBy",
        "out-of-range",
        "What is ordered today is not there before today.");
    TypedMoney.check(faults, "", asked.shipping(), asked.currency());
    faults.refuseIfAny();
  }

  private static StoredParcel parcel(Ordering asked, LocalDate today) {
    return new StoredParcel(
        asked.parcel(),
        new ParcelDraft(
            asked.shop(),
            today,
            asked.shipping(),
            asked.currency(),
            asked.number(),
            List.of(),
            null),
        0);
  }

  private StoredWanted inPlaceOf(StoredWanted wanted, @Nullable UUID instead) {
    if (instead == null || instead.equals(wanted.product())) {
      return wanted;
    }
    list.like(instead).orElseThrow(() -> Refused.notThere("product", instead));
    return wanted.instead(instead);
  }

  static Refused orderedAlready() {
    return Refused.notNow("ordered-already", "This is ordered already. Nothing was changed.");
  }

  /** As long as it may still be ordered. */
  StoredWanted notOrdered(UUID id) {
    StoredWanted wanted = notGot(id);
    if (wanted.ordered() != null) {
      throw orderedAlready();
    }
    return wanted;
  }

  Shop existingShop(UUID id) {
    return shops
        .find(id)
        .map(ShopStore.StoredShop::shop)
        .orElseThrow(() -> Refused.notThere("shop", id));
  }

  /** It does not come: it is wanted as before. */
  void callOff(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "order-called-off",
        act -> {
          StoredWanted wanted = notGot(id);
          WantedStore.Ordered how = wanted.ordered();
          if (how == null) {
            throw Refused.notNow("not-ordered", "This is not ordered. Nothing was changed.");
          }
          save(act, wanted.ordered(null));
          if (how.parcel() != null) {
            removeIfEmpty(act, how.parcel());
          }
        });
  }

  /** Nothing of it comes that did not come yet. */
  void calledOffThere(SignedIn who, UUID actId, UUID parcel) {
    ledger.perform(
        who,
        actId,
        SentForGood.CALLED_OFF_THERE,
        act -> {
          existing(parcel);
          store.ofParcel(parcel).stream()
              .filter(one -> one.gotOn() == null)
              .forEach(one -> save(act, one.ordered(null)));
          removeIfEmpty(act, parcel);
        });
  }

  /** Nothing comes in it any more, and nothing came: sending it costs nothing. */
  private void removeIfEmpty(Act act, UUID parcel) {
    boolean isEmpty = store.ofParcel(parcel).isEmpty();
    if (isEmpty
        && parcels.locked(parcel).filter(one -> one.draft().notes().isEmpty()).isPresent()) {
      act.touch(ThingKind.PARCEL_THING, parcel, () -> parcels.remove(parcel));
    }
  }

  /**
   * What is said of packs that came: it holds for all of them.
   *
   * @param place where they go; null: where others of the product belong
   * @param restToCome whether the rest is still to come; else it is done with
   */
  record Came(
      String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable BigDecimal price,
      @Nullable String currency,
      @Nullable UUID place,
      boolean restToCome) {

    Came withRest(boolean toCome) {
      return new Came(batch, printedExpiry, price, currency, place, toCome);
    }
  }

  /**
   * So many sealed packs come into the kit; what can be wiped or washed counts as used until it is.
   *
   * @param newItems ids of the packs, made by the caller
   */
  void got(SignedIn who, UUID actId, UUID id, List<UUID> newItems, Came came) {
    ledger.perform(
        who,
        actId,
        "bought",
        Map.of("packs", newItems.size()),
        act -> {
          StoredWanted wanted = notGot(id);
          new Faults()
              .unless(
                  !came.restToCome() || newItems.size() < wanted.packs(),
                  "restToCome",
                  "rule",
                  "Nothing is left to come: as many came as were wanted.")
              .refuseIfAny();
          got(act, wanted, newItems, came);
        });
  }

  private void got(Act act, StoredWanted wanted, List<UUID> newItems, Came came) {
    if (came.place() != null && places.place(came.place()).isEmpty()) {
      throw Refused.notThere("place", came.place());
    }
    StoredItem like =
        list.like(wanted.product())
            .orElseThrow(() -> Refused.notThere("product", wanted.product()));
    Kit.NewPack pack =
        new Kit.NewPack(
            UsedThing.onArrival(like.item(), house.current().practices()),
            came.batch(),
            came.printedExpiry(),
            came.price(),
            came.currency(),
            came.place());
    newItems.forEach(item -> kit.addSealed(act, item, like, pack));
    save(act, came.restToCome() ? wanted.gotPart(newItems.size()) : wanted.got(time.today()));
  }

  /**
   * What a delivery note says of one entry.
   *
   * @param newItems ids of the packs that came, none where none did
   */
  record Delivered(UUID entry, List<UUID> newItems, Came came) {}

  /** All of a delivery note at once. */
  void receive(SignedIn who, UUID actId, UUID parcel, String note, List<Delivered> lines) {
    ledger.perform(
        who,
        actId,
        "delivered",
        Map.of("packs", lines.stream().mapToInt(one -> one.newItems().size()).sum()),
        act -> {
          StoredParcel known = existing(parcel);
          if (known.draft().notes().contains(note)) {
            throw Refused.notNow(
                "received-already",
                "This delivery note was received already. Nothing was changed.");
          }
          save(act, known.changed(known.draft().received(note)));
          for (Delivered one : lines) {
            StoredWanted wanted = ofParcel(one.entry(), parcel);
            new Faults()
                .unless(
                    one.newItems().size() <= wanted.packs(),
                    "lines",
                    "out-of-range",
                    "More came than was ordered. Receive as many as were ordered, and send the"
                        + " others back or put them onto the list first.")
                .refuseIfAny();
            boolean isAll = one.newItems().size() == wanted.packs();
            if (!one.newItems().isEmpty()) {
              got(act, wanted, one.newItems(), one.came().withRest(!isAll));
            }
          }
        });
  }

  private StoredWanted ofParcel(UUID id, UUID parcel) {
    StoredWanted wanted = notGot(id);
    WantedStore.Ordered how = wanted.ordered();
    if (how == null || !parcel.equals(how.parcel())) {
      throw Refused.notNow("not-ordered", "This is not part of that order. Nothing was changed.");
    }
    return wanted;
  }

  /** The photograph of the paper that came with it. */
  void show(SignedIn who, UUID actId, UUID parcel, @Nullable UUID picture, Runnable keep) {
    ledger.perform(
        who,
        actId,
        picture == null ? "picture-removed" : "pictured",
        act -> {
          keep.run();
          StoredParcel known = existing(parcel);
          save(act, known.changed(known.draft().pictured(picture)));
        });
  }

  StoredParcel existing(UUID parcel) {
    return parcels.locked(parcel).orElseThrow(() -> Refused.notThere("order", parcel));
  }

  private StoredWanted notGot(UUID id) {
    StoredWanted wanted = list.existing(id);
    if (wanted.gotOn() != null) {
      throw Refused.notNow("got-already", "This has been bought already. Nothing was changed.");
    }
    return wanted;
  }

  private void save(Act act, StoredWanted one) {
    act.touch(ThingKind.WANTED_THING, one.id(), () -> store.save(one));
  }

  private void save(Act act, StoredParcel one) {
    act.touch(ThingKind.PARCEL_THING, one.id(), () -> parcels.save(one));
  }
}
