package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.NeedCode;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.shade.Undertone;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What there is to say about a list, beside its lines. */
final class ListFindings {

  private final PackingList.PackingFacts facts;
  private final Map<UUID, Item> kit;
  private final Suitability suitability;
  private final Set<UUID> runningOut = new HashSet<>();
  private final Set<PackingFinding.LastOfIt> lastOfIt = new LinkedHashSet<>();
  private final Set<PackingFinding.OnlyOneThere> onlyOne = new LinkedHashSet<>();
  private final Map<UUID, SortedSet<Role>> guessed = new HashMap<>();
  private final List<PackingFinding> secondBest = new ArrayList<>();

  ListFindings(PackingList.PackingFacts facts, Map<UUID, Item> kit, Suitability suitability) {
    this.facts = facts;
    this.kit = kit;
    this.suitability = suitability;
  }

  void missed(Set<UUID> items) {
    runningOut.addAll(items);
  }

  void lastOfIt(UUID item, NeedCode need) {
    lastOfIt.add(new PackingFinding.LastOfIt(item, need));
  }

  void onlyOne(UUID item, NeedCode need) {
    onlyOne.add(new PackingFinding.OnlyOneThere(item, need));
  }

  void guessed(UUID item, Role role) {
    guessed.computeIfAbsent(item, _ -> new TreeSet<>()).add(role);
  }

  void secondBest(UUID item, NeedCode need, UUID face, Trait trait) {
    secondBest.add(new PackingFinding.SecondBest(item, need, face, trait));
  }

  void otherUndertone(UUID item, UUID face, Undertone wanted, Undertone is) {
    secondBest.add(new PackingFinding.OtherUndertone(item, face, wanted, is));
  }

  /** Everything that would be such a companion, and why it is not taken. */
  Stream<PackingFinding.Refused> refusals(Companions.Group group, List<Face> faces) {
    return suitability.ofClasses(group.anyOf()).stream()
        .map(
            item ->
                PackingFinding.Refused.of(
                    item,
                    faces.stream()
                        .flatMap(face -> suitability.refusal(face, item).stream())
                        .findFirst()
                        .or(() -> suitability.refusal((Face) null, item))
                        .orElseGet(Refusal.UsedUp::new)));
  }

  private PackingFinding cleanFirst(Item item) {
    Integer minutes =
        new UsedThing(item, Set.of(), Set.of(), List.of())
            .treatment(Moment.AFTER_JOB, facts.house().practices())
            .map(Treatment::readyAfterMinutes)
            .orElse(null);
    return new PackingFinding.CleanFirst(item.id(), item.cleanliness(), minutes);
  }

  List<PackingFinding> of(
      Gaps gaps, Collection<LineDraft> lines, List<PackingLine> done, List<BagMass> bags) {
    List<PackingFinding> findings = new ArrayList<>(gaps.inOrder());
    List<LineDraft> inOrder =
        lines.stream().sorted(Comparator.comparing(LineDraft::item, Taste.BY_NAME)).toList();
    inOrder.forEach(draft -> labelNotChecked(draft, findings));
    inOrder.stream()
        .map(LineDraft::item)
        .filter(item -> item.cleanliness() != Cleanliness.CLEAN)
        .filter(item -> !facts.packed().contains(item.id()))
        .map(this::cleanFirst)
        .forEach(findings::add);
    int unplaced = (int) inOrder.stream().map(LineDraft::item).filter(Item::isNotPlacedYet).count();
    if (unplaced > 0) {
      findings.add(new PackingFinding.PlaceNotTold(unplaced));
    }
    inOrder(lastOfIt, PackingFinding.LastOfIt::item).forEach(findings::add);
    inOrder(onlyOne, PackingFinding.OnlyOneThere::item).forEach(findings::add);
    inOrder(guessed.keySet(), Function.identity()).stream()
        .map(item -> new PackingFinding.RoleGuessed(item, guessed.get(item)))
        .forEach(findings::add);
    inOrder(runningOut, Function.identity()).stream()
        .map(kit::get)
        .map(item -> new PackingFinding.RunsOutBefore(item.id(), suitability.useBy(item).lastDay()))
        .forEach(findings::add);
    findings.addAll(BagFindings.of(facts, done, bags));
    takeOut(done).forEach(findings::add);
    findings.addAll(secondBest);
    return findings;
  }

  /** Several of one item stay as they were found: in the order of the work. */
  private <F> List<F> inOrder(Set<F> some, Function<F, UUID> item) {
    return some.stream()
        .sorted(Comparator.comparing(one -> kit.get(item.apply(one)), Taste.BY_NAME))
        .toList();
  }

  private void labelNotChecked(LineDraft draft, List<PackingFinding> findings) {
    Item item = draft.item();
    SortedSet<String> toLookFor = new TreeSet<>();
    List<UUID> faces = new ArrayList<>();
    for (Face face : facts.booking().faces()) {
      List<Sensitivity> unchecked =
          draft.isUsedBy(face.id()) ? suitability.unchecked(face, item) : List.of();
      if (!unchecked.isEmpty()) {
        unchecked.forEach(one -> toLookFor.add(one.name()));
        faces.add(face.id());
      }
    }
    if (!faces.isEmpty()) {
      findings.add(new PackingFinding.LabelNotChecked(item.id(), toLookFor, faces));
    }
  }

  /** What lies in the chosen bags and is on no line, place by place as one walks. */
  private Stream<PackingFinding> takeOut(List<PackingLine> done) {
    Set<UUID> wanted = done.stream().map(line -> line.item().id()).collect(Collectors.toSet());
    Set<UUID> carried = new HashSet<>();
    facts.carried().forEach(bag -> carried.addAll(facts.places().withAllInside(bag)));
    Map<UUID, List<UUID>> unasked = new LinkedHashMap<>();
    facts.places().inWalkingOrder().stream()
        // A palette comes whole.
        .filter(place -> place.thing() == null || !wanted.contains(place.thing()))
        .filter(place -> carried.contains(place.id()))
        .forEach(place -> unasked.put(place.id(), new ArrayList<>()));
    for (Item item : kit.values()) {
      List<UUID> here = item.now() == null ? null : unasked.get(item.now());
      if (here != null && !wanted.contains(item.id())) {
        here.add(item.id());
      }
    }
    return unasked.entrySet().stream()
        .filter(place -> !place.getValue().isEmpty())
        .map(place -> PackingFinding.TakeOut.of(place.getKey(), place.getValue()));
  }
}
