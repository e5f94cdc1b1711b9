package gerula.core.packing;

import gerula.core.booking.Condition;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** What is to be said about the chosen bags. */
final class BagFindings {

  private BagFindings() {}

  static List<PackingFinding> of(PackingList.PackingFacts facts, List<PackingLine> lines) {
    List<PackingFinding> findings = new ArrayList<>();
    if (facts.bags().isEmpty() && !lines.isEmpty()) {
      findings.add(new PackingFinding.NoBag());
    }
    for (UUID id : facts.bags()) {
      facts.places().find(id).ifPresent(bag -> addFor(bag, facts, lines, findings));
    }
    return findings;
  }

  private static void addFor(
      Place bag,
      PackingList.PackingFacts facts,
      List<PackingLine> lines,
      List<PackingFinding> findings) {
    if (bag.kind() == PlaceKind.CASE
        && facts.booking().conditions().contains(Condition.LONG_CARRY)) {
      findings.add(new PackingFinding.WheelsOnLongCarry(bag.id()));
    }
    Mass mass = packedMass(bag, facts, lines);
    if (bag.greatestMass() != null && mass.compareTo(bag.greatestMass()) > 0) {
      findings.add(
          new PackingFinding.BagOverHeavy(bag.id(), mass.grams(), bag.greatestMass().grams()));
    }
  }

  /** The bag, its compartments and every line that goes into it. */
  private static Mass packedMass(
      Place bag, PackingList.PackingFacts facts, List<PackingLine> lines) {
    return Mass.sum(
        Stream.concat(
            facts.places().withAllInside(bag.id()).stream()
                .flatMap(id -> facts.places().find(id).stream())
                .map(Place::ownMass),
            lines.stream()
                .filter(line -> facts.places().liesIn(line.goesTo(), bag.id()))
                .map(line -> line.item().mass())));
  }
}
