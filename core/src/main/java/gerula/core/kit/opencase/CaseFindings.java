package gerula.core.kit.opencase;

import gerula.core.kit.PersonRef;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Section;
import java.util.ArrayList;
import java.util.List;

/** Holds each piece against the compartment it lies in. */
final class CaseFindings {

  private CaseFindings() {}

  /** All findings of a laid-out place, outer places before what lies in them. */
  static List<CaseFinding> of(Place place, Tray tray, List<Item> pieces) {
    List<CaseFinding> findings = new ArrayList<>();
    if (tray.fill() != null && tray.fill() > 1) {
      findings.add(new CaseFinding.OverFull(place.id(), tray.fill()));
    }
    if (place.greatestMass() != null && tray.mass().compareTo(place.greatestMass()) > 0) {
      findings.add(
          new CaseFinding.CaseOverHeavy(
              place.id(), tray.mass().grams(), place.greatestMass().grams()));
    }
    pieces.forEach(item -> add(place, item, findings));
    return findings;
  }

  private static void add(Place place, Item item, List<CaseFinding> findings) {
    addHeight(place, item, findings);
    Section section = item.product().productClass().section();
    if (!place.purpose().allows(section)) {
      findings.add(new CaseFinding.NotAllowedHere(place.id(), item.id(), section));
    }
    if (isLooseInTheOpen(place, item)) {
      findings.add(new CaseFinding.LooseInTheOpen(place.id(), item.id()));
    }
    if (place.purpose().use() == PlaceUse.MY_OWN
        && !(item.forWhom() instanceof ForWhom.TheArtist)) {
      findings.add(new CaseFinding.AmongMyOwn(place.id(), item.id()));
    }
    PersonRef performer = place.purpose().performer();
    if (performer != null
        && item.forWhom() instanceof ForWhom.Only only
        && !only.person().is(performer)) {
      findings.add(
          new CaseFinding.AnotherPerformers(
              place.id(), item.id(), only.person().name(), performer.name()));
    }
    Inside.Slots slots = place.inside().slots();
    if (slots != null && !slots.areWideEnoughFor(item.measures())) {
      findings.add(new CaseFinding.WiderThanItsSlot(place.id(), item.id()));
    }
  }

  private static void addHeight(Place place, Item item, List<CaseFinding> findings) {
    Integer clear = place.inside().clearHeightMm();
    if (clear == null) {
      return;
    }
    int height = item.measures().heightMm();
    switch (LyingPosture.of(item, clear).posture()) {
      case UPRIGHT -> {}
      case ON_ITS_SIDE -> {
        if (LyingPosture.leaksLyingDown(item.product().form())) {
          findings.add(new CaseFinding.LaidDown(place.id(), item.id(), height, clear));
        }
      }
      case TOO_TALL -> findings.add(new CaseFinding.TooTall(place.id(), item.id(), height, clear));
    }
  }

  /** A closed pack keeps its content wherever it lies; a palette's wells and open pans do not. */
  private static boolean isLooseInTheOpen(Place place, Item item) {
    boolean runs =
        switch (item.product().form()) {
          case LOOSE_POWDER, LIQUID_PUMP_OR_SQUEEZE, LIQUID_DIP_APPLICATOR, THIN_SPRAY -> true;
          case SETTING_CREAM -> true;
          default -> false;
        };
    boolean isOpen =
        switch (item.vessel()) {
          case Vessel.OwnPack() -> place.kind() == PlaceKind.PALETTE && !place.inside().isSealed();
          case Vessel.Decant decant ->
              switch (decant.container().closing()) {
                case SEALS, FAIR -> false;
                case OPEN ->
                    !place.inside().isSealed() || item.product().form() == Form.LOOSE_POWDER;
              };
        };
    return runs && isOpen;
  }
}
