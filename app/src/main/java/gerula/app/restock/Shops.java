package gerula.app.restock;

import gerula.app.kit.KitStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.restock.ShopStore.StoredOffer;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.core.restock.shop.ShopOffer;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What is written down of shops and of what they offer. */
@Component
class Shops {

  private final ShopStore store;
  private final KitStore kit;
  private final Parcels parcels;
  private final Ledger ledger;
  private final WorkspaceTime time;

  Shops(ShopStore store, KitStore kit, Parcels parcels, Ledger ledger, WorkspaceTime time) {
    this.store = store;
    this.kit = kit;
    this.parcels = parcels;
    this.ledger = ledger;
    this.time = time;
  }

  void add(SignedIn who, UUID actId, UUID id, ShopDraft draft) {
    draft.requireCurrency();
    ledger.perform(
        who,
        actId,
        "added",
        act -> {
          new Faults()
              .unless(
                  store.locked(id).isEmpty(), "id", "there-already", "This shop is there already.")
              .refuseIfAny();
          save(act, StoredShop.of(id, draft, 0));
        });
  }

  void edit(SignedIn who, UUID actId, UUID id, int version, ShopDraft draft) {
    draft.requireCurrency();
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          StoredShop before = existing(id);
          Refused.unlessUnchanged(version, before.version(), "shop", () -> ShopViews.shop(before));
          save(act, StoredShop.of(id, draft, before.version() + 1));
        });
  }

  /** A shop goes with all its offers. */
  void remove(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "removed",
        act -> {
          existing(id);
          if (parcels.isExpectedFrom(id)) {
            throw Refused.notNow(
                "still-to-come",
                "Something is still to come from this shop. Receive it or call it off first.");
          }
          for (StoredOffer one : store.ofShop(id)) {
            UUID offer = one.offer().id();
            act.touch(ThingKind.OFFER_THING, offer, () -> store.removeOffer(offer));
          }
          act.touch(ThingKind.SHOP_THING, id, () -> store.removeShop(id));
        });
  }

  /** Notes an offer; the one it replaces ends today and stays as what it cost before. */
  void offer(SignedIn who, UUID actId, UUID id, OfferDraft draft) {
    ledger.perform(who, actId, "offered", act -> offered(act, id, draft));
  }

  private void offered(Act act, UUID id, OfferDraft draft) {
    LocalDate today = time.today();
    new Faults()
        .unless(
            store.lockedOffer(id).isEmpty(), "id", "there-already", "This offer is there already.")
        .refuseIfAny();
    existing(draft.shop());
    if (kit.ofProducts(List.of(draft.product())).isEmpty()) {
      throw Refused.notThere("product", draft.product());
    }
    ShopOffer offer = Faults.built("discount", () -> draft.toOffer(id, today, null));
    for (StoredOffer before : store.lockedLike(offer)) {
      save(act, new StoredOffer(before.offer().ended(today), before.version() + 1));
    }
    save(act, new StoredOffer(offer, 0));
  }

  /** A shop that is new and what it offers, in one act. */
  void offerOfNewShop(
      SignedIn who, UUID actId, UUID shop, ShopDraft told, UUID id, OfferDraft draft) {
    told.requireCurrency();
    ledger.perform(
        who,
        actId,
        "offered",
        act -> {
          if (store.locked(shop).isEmpty()) {
            save(act, StoredShop.of(shop, told, 0));
          }
          offered(act, id, draft);
        });
  }

  void end(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "offer-ended",
        act -> {
          StoredOffer before =
              store.lockedOffer(id).orElseThrow(() -> Refused.notThere("offer", id));
          if (before.offer().endedOn() != null) {
            throw Refused.notNow("ended-already", "This offer has ended already.");
          }
          save(act, new StoredOffer(before.offer().ended(time.today()), before.version() + 1));
        });
  }

  private StoredShop existing(UUID id) {
    return store.locked(id).orElseThrow(() -> Refused.notThere("shop", id));
  }

  private void save(Act act, StoredShop one) {
    act.touch(ThingKind.SHOP_THING, one.shop().id(), () -> store.save(one));
  }

  private void save(Act act, StoredOffer one) {
    act.touch(ThingKind.OFFER_THING, one.offer().id(), () -> store.save(one));
  }
}
