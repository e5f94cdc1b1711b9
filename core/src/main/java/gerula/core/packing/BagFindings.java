package gerula.core.packing;

import gerula.core.booking.Condition;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;

/** What is to be said about the chosen bags. */
final class BagFindings {

  private BagFindings() {}

  static List<PackingFinding> of(
      PackingList.PackingFacts facts, List<PackingLine> lines, List<BagMass> bags) {
    List<PackingFinding> findings = new ArrayList<>();
    if (facts.bags().isEmpty() && !lines.isEmpty()) {
      findings.add(new PackingFinding.NoBag());
    }
    for (BagMass one : bags) {
      facts.places().find(one.bag()).ifPresent(bag -> addFor(bag, one.mass(), facts, findings));
    }
    return findings;
  }

  private static void addFor(
      Place bag, Mass mass, PackingList.PackingFacts facts, List<PackingFinding> findings) {
    if (bag.kind() == PlaceKind.CASE
        && facts.booking().conditions().contains(Condition.LONG_CARRY)) {
      findings.add(new PackingFinding.WheelsOnLongCarry(bag.id()));
    }
    if (bag.carrier().usedSince() != null) {
      findings.add(new PackingFinding.BagToClean(bag.id()));
    }
    if (bag.greatestMass() != null && mass.compareTo(bag.greatestMass()) > 0) {
      findings.add(
          new PackingFinding.BagOverHeavy(bag.id(), mass.grams(), bag.greatestMass().grams()));
    }
  }
}
