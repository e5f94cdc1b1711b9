package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.Needs;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** One computation of a packing list: serve the needs, close over companions, tell the findings. */
final class ListMaker {

  private final PackingList.PackingFacts facts;
  private final Suitability suitability;
  private final Destinations destinations;
  private final Preference preference;
  private final Allotment allotment = new Allotment();
  private final Map<UUID, LineDraft> lines = new LinkedHashMap<>();
  private final Gaps gaps;
  private final List<PackingFinding> secondBest = new ArrayList<>();
  private final Set<UUID> runningOut = new TreeSet<>();
  private final Map<UUID, Item> kit = new LinkedHashMap<>();

  ListMaker(PackingList.PackingFacts facts) {
    this.facts = facts;
    facts.kit().stream().sorted(Item.BY_ID).forEach(item -> kit.put(item.id(), item));
    suitability = new Suitability(facts.booking(), kit.values(), facts.places(), facts.house());
    destinations = new Destinations(facts.places(), facts.bags());
    gaps = new Gaps();
    preference =
        new Preference(
            suitability,
            facts.booking().lastDay(),
            facts.packed(),
            item -> lines.containsKey(item.id()) || allotment.isTaken(item.id()),
            destinations::isInABag);
  }

  PackingList build() {
    List<Need> needs = Needs.of(facts.booking(), facts.house());
    serve(needs);
    closeOverCompanions();
    keepWhatIsPacked();
    List<PackingLine> done =
        lines.values().stream().map(this::line).sorted(IN_ORDER_OF_WORK).toList();
    return new PackingList(done, findings(done));
  }

  private static final Comparator<PackingLine> IN_ORDER_OF_WORK =
      Comparator.comparing(PackingLine::section)
          .thenComparing(line -> line.item().product().productClass())
          .thenComparing(line -> line.item().product().name())
          .thenComparing(line -> line.item().product().shade())
          .thenComparing(line -> line.item().id());

  private record Served(Need need, int demand, List<Item> candidates) {}

  private void serve(List<Need> needs) {
    List<Served> served = new ArrayList<>();
    int demand = 0;
    for (Need need : needs) {
      List<Item> candidates = candidates(need);
      long amount = Preference.thousandths(need.amount());
      if (amount == 0) {
        share(need, candidates);
        continue;
      }
      candidates.forEach(item -> allotment.offer(item.id(), item.left().thousandths()));
      long missing = allotment.serve(candidates.stream().map(Item::id).toList(), amount);
      if (missing > 0) {
        gaps.add(need, missing, refusals(need));
      }
      served.add(new Served(need, demand++, candidates));
    }
    // Only now: a later demand may have moved an earlier one to another pack.
    served.forEach(this::take);
  }

  private List<Item> candidates(Need need) {
    return suitability.ofClasses(need.kind().classes()).stream()
        .filter(item -> mayBeTaken(need, item))
        .sorted(preference.mostPreferredFirst(need))
        .toList();
  }

  private boolean mayBeTaken(Need need, Item item) {
    return suitability
        .refusal(need, item)
        .map(
            refusal -> {
              if (refusal instanceof Refusal.RunsOut) {
                runningOut.add(item.id());
              }
              return false;
            })
        .orElse(true);
  }

  private Stream<PackingFinding.Refused> refusals(Need need) {
    return suitability.ofClasses(need.kind().classes()).stream()
        .map(
            item ->
                new PackingFinding.Refused(
                    item.id(), suitability.refusal(need, item).orElseGet(Refusal.UsedUp::new)));
  }

  private void share(Need need, List<Item> candidates) {
    if (candidates.isEmpty()) {
      gaps.add(need, 0, refusals(need));
    } else {
      draft(candidates.getFirst()).serve(need, 0);
    }
  }

  private void take(Served served) {
    Need need = served.need();
    allotment
        .takenBy(served.demand())
        .forEach(
            (id, amount) -> {
              LineDraft draft = draft(kit.get(id));
              draft.serve(need, amount);
              tellChoice(served, draft);
            });
  }

  private void tellChoice(Served served, LineDraft draft) {
    Need need = served.need();
    Item item = draft.item();
    Face face = need.face();
    Double depth = need.depth() == null ? null : item.product().depthNear(need.depth().depth());
    if (face != null && depth != null) {
      draft.reasons(new TakenReason.SuitsDepth(face.id(), face.depth(), depth));
    }
    boolean othersEndLater =
        suitability.useBy(item).lastDay() != null
            && served.candidates().stream()
                .anyMatch(
                    other -> {
                      var end = suitability.useBy(other).lastDay();
                      return end != null && end.isAfter(suitability.useBy(item).lastDay());
                    });
    if (othersEndLater && item.dates().openedOn() != null) {
      draft.reasons(new TakenReason.UseFirst(suitability.useBy(item).lastDay()));
    }
    if (face != null) {
      need.prefer().stream()
          .sorted()
          .filter(trait -> !item.product().traits().contains(trait))
          .forEach(trait -> tellSecondBest(need, item, face, trait));
    }
  }

  private void tellSecondBest(Need need, Item item, Face face, Trait trait) {
    secondBest.add(new PackingFinding.SecondBest(item.id(), need.kind(), face.id(), trait));
  }

  private void closeOverCompanions() {
    List<LineDraft> open = new ArrayList<>(lines.values());
    while (!open.isEmpty()) {
      LineDraft draft = open.removeFirst();
      for (Companions.Group group : Companions.of(draft.item().product())) {
        if (draft.users().isEmpty()) {
          bring(group, null, draft).ifPresent(open::addLast);
        }
        for (Face face : draft.users()) {
          bring(group, face, draft).ifPresent(open::addLast);
        }
      }
    }
  }

  /** The companion's line, when it is new or newly used by this face and has to be closed again. */
  private Optional<LineDraft> bring(Companions.Group group, @Nullable Face face, LineDraft forIt) {
    Item companion =
        suitability.companions(face, group).stream()
            .min(preference.mostPreferredCompanionFirst(face))
            .orElseThrow(
                () ->
                    new IllegalStateException(
                        "An item was taken although no companion may be: " + forIt.item().id()));
    boolean isNew = !lines.containsKey(companion.id());
    LineDraft draft = draft(companion);
    draft.reasons(new TakenReason.CompanionOf(forIt.item().id()));
    boolean hasNewUser = face != null && draft.usedBy(face);
    return isNew || hasNewUser ? Optional.of(draft) : Optional.empty();
  }

  private void keepWhatIsPacked() {
    facts.packed().stream()
        .sorted()
        .map(kit::get)
        .filter(item -> item != null && !lines.containsKey(item.id()))
        .forEach(item -> draft(item).reasons(new TakenReason.AlreadyPacked()));
  }

  private LineDraft draft(Item item) {
    return lines.computeIfAbsent(item.id(), _ -> new LineDraft(item));
  }

  private PackingLine line(LineDraft draft) {
    return draft.done(facts.booking(), destinations.of(draft.item()));
  }

  private Optional<PackingFinding.LabelNotChecked> labelNotChecked(LineDraft draft) {
    Item item = draft.item();
    SortedSet<String> toLookFor = new TreeSet<>();
    List<UUID> faces = new ArrayList<>();
    for (Face face : facts.booking().faces()) {
      SortedSet<Sensitivity> unchecked = Suitability.unchecked(face, item);
      if (!unchecked.isEmpty() && draft.users().contains(face)) {
        unchecked.forEach(one -> toLookFor.add(one.name()));
        faces.add(face.id());
      }
    }
    return faces.isEmpty()
        ? Optional.empty()
        : Optional.of(new PackingFinding.LabelNotChecked(item.id(), toLookFor, faces));
  }

  private List<PackingFinding> findings(List<PackingLine> done) {
    List<PackingFinding> findings = new ArrayList<>(gaps.inOrderOfWork());
    lines.values().stream()
        .flatMap(draft -> labelNotChecked(draft).stream())
        .sorted(Comparator.comparing(PackingFinding.LabelNotChecked::item))
        .forEach(findings::add);
    runningOut.stream()
        .map(kit::get)
        .map(item -> new PackingFinding.RunsOutBefore(item.id(), suitability.useBy(item).lastDay()))
        .forEach(findings::add);
    findings.addAll(BagFindings.of(facts, done));
    findings.addAll(secondBest);
    return findings;
  }
}
