package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.booking.Needs;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.rule.PalettePractice;
import gerula.core.shade.Undertone;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Makes the list: from needs to picks, then companions, spares and what was decided by hand. */
final class ListMaker {

  private static final Comparator<PackingLine> IN_ORDER_OF_WORK =
      Comparator.comparing(PackingLine::section)
          .thenComparing(line -> line.item().product().productClass())
          .thenComparing(line -> line.item().product().name())
          .thenComparing(line -> line.item().product().shade())
          .thenComparing(PackingLine::item, Taste.BY_NAME);

  private final PackingList.PackingFacts facts;
  private final Map<UUID, Item> kit;
  private final Suitability suitability;
  private final Destinations destinations;
  private final Taste taste;
  private final Palettes palettes;
  private final Map<UUID, LineDraft> lines = new LinkedHashMap<>();
  private final Gaps gaps;
  private final ListFindings findings;
  private final List<Need> needs;
  private final BasePlan plan;
  private final Picked picked;
  private final List<Picks.Pick> found;
  private final BaseRecipes recipes;

  /** What meets the needs, whether it comes in its own palette or in another. */
  private record Picked(List<Picks.Pick> picks, Set<UUID> runningOut) {}

  /**
   * @param known what was picked before, null to pick
   * @param lifted the palette that each lifted pan is carried in, by pan
   */
  private ListMaker(
      PackingList.PackingFacts facts, @Nullable Picked known, Map<UUID, Item> lifted) {
    this.facts = facts;
    kit = facts.kit().items();
    suitability = new Suitability(facts);
    destinations = new Destinations(facts.places(), facts.bags(), facts.choices().load());
    taste = new Taste(facts, suitability, incomplete(), destinations::isInABag);
    palettes = new Palettes(facts.places(), facts.kit(), facts.packed(), lifted);
    findings = new ListFindings(facts, kit, suitability);
    needs = Needs.of(facts.booking(), facts.house());
    gaps = new Gaps(facts.choices());
    plan = BasePlan.of(facts, suitability, needs);
    picked = known == null ? pick() : known;
    recipes = new BaseRecipes(kit, suitability, plan);
    found = picked.picks().stream().map(this::withBrushSets).toList();
    gather();
  }

  private static ListMaker of(PackingList.PackingFacts facts) {
    ListMaker whole = new ListMaker(facts, null, Map.of());
    if (facts.house().practices().palettes() == PalettePractice.KEEP_WHOLE) {
      return whole;
    }
    Map<UUID, Item> lifted =
        new LiftedPans(facts, whole.kit, whole.palettes, whole.suitability)
            .of(whole.lines.values());
    return lifted.isEmpty() ? whole : new ListMaker(facts, whole.picked, lifted);
  }

  static PackingList listOf(PackingList.PackingFacts facts) {
    return of(facts).list();
  }

  /** The list, and what became of the one that was looked at before. */
  static PackingList.Compared compared(PackingList.PackingFacts facts, @Nullable SeenList before) {
    ListMaker maker = of(facts);
    PackingList list = maker.list();
    SeenList now = SeenList.of(list);
    return new PackingList.Compared(
        list,
        now,
        before == null ? List.of() : new ListChanges(before, now, maker.kit, maker::whyNot).all());
  }

  /** Services that would close a gap of the list of these facts. */
  static List<OtherService> closing(PackingList.PackingFacts facts, String gap) {
    ListMaker maker = of(facts);
    return new OtherServices(facts, maker.suitability, maker.found).closing(gap);
  }

  /** Why this item is not on the list of these facts. */
  static WhyNot whyNot(PackingList.PackingFacts facts, UUID item) {
    return of(facts).whyNot(item);
  }

  private WhyNot whyNot(UUID id) {
    Item item = kit.get(id);
    if (item == null) {
      return new WhyNot(false, List.of());
    }
    return new WhyNot(
        isOn(item),
        Stream.concat(Stream.of(item), palettes.pansOf(item))
            .flatMap(this::answers)
            .distinct()
            .limit(WhyNot.MOST)
            .toList());
  }

  private Stream<WhyNot.NeedAnswer> answers(Item item) {
    Comparisons comparisons = new Comparisons(suitability, taste, palettes, facts);
    return found.stream()
        .filter(pick -> suitability.isOfKind(pick.need(), item))
        .map(pick -> comparisons.answer(pick, item, kit, found));
  }

  private Picked pick() {
    Picks picks = new Picks(facts, kit, suitability, taste, palettes, plan);
    return new Picked(picks.of(needs), picks.runningOut());
  }

  private void gather() {
    found.forEach(pick -> take(pick, recipes));
    needs.forEach(this::keptForHer);
    findings.missed(picked.runningOut());
    byHand();
    spares(needs);
    closeOverCompanions();
    carriers();
  }

  private PackingList list() {
    List<PackingLine> done =
        lines.values().stream().map(this::line).sorted(IN_ORDER_OF_WORK).toList();
    long unmet = found.stream().filter(pick -> !pick.isMet()).count();
    List<BagMass> bags = BagMass.of(facts, palettes, done);
    return new PackingList(
        done,
        findings.of(gaps, lines.values(), done, bags),
        recipes.inOrderOf(facts.booking()),
        bags,
        unmet);
  }

  /** What is useless because nothing of what it needs beside it may be taken. */
  private Set<UUID> incomplete() {
    List<Item> fit =
        kit.values().stream()
            .filter(
                item ->
                    item.forWhom() instanceof ForWhom.Only
                        || suitability.refusal((Face) null, item).isEmpty())
            .toList();
    return new Completed(fit, facts.kit()).useless();
  }

  /** Where whole sets are too few, sets that are made of single brushes come as well. */
  private Picks.Pick withBrushSets(Picks.Pick pick) {
    Need need = pick.need();
    if (pick.missing() == 0 || !need.code().equals(NeedCode.of(ProductClass.BRUSH_SET))) {
      return pick;
    }
    long missing = pick.missing();
    for (List<Item> brushes : new BrushSets(kit.values(), suitability).ready(need)) {
      if (missing > 0) {
        missing -= 1000;
        for (Item brush : brushes) {
          serve(need, brush, 0);
          draftOf(brush).reasons(new TakenReason.OfSet(brush.brushSet()));
        }
      }
    }
    return pick.stillMissing(Math.max(0, missing));
  }

  private void take(Picks.Pick pick, BaseRecipes recipes) {
    Need need = pick.need();
    pick.amounts().forEach((id, amount) -> serve(need, kit.get(id), amount));
    recipes.add(pick);
    pick.amounts()
        .keySet()
        .forEach(id -> recipes.reason(need, kit.get(id)).ifPresent(draftOf(kit.get(id))::reasons));
    if (pick.missing() > 0) {
      gaps.add(need, pick.missing(), () -> refused(need));
    } else if (pick.isWithoutReserve()) {
      pick.amounts().keySet().stream()
          .findFirst()
          .ifPresent(id -> findings.lastOfIt(id, need.code()));
    }
  }

  /** Everything of its kind and why it is not taken. */
  private List<PackingFinding.Refused> refused(Need need) {
    return suitability.ofClasses(need.code().kind().classes()).stream()
        .map(
            item ->
                PackingFinding.Refused.of(
                    item, suitability.refusal(need, item).orElseGet(Refusal.UsedUp::new)))
        .toList();
  }

  /** Where several share a choice, each of them has what is kept for her besides. */
  private void keptForHer(Need need) {
    if (need.faces().size() < 2) {
      return;
    }
    for (Face face : need.faces()) {
      Need hers = need.of(face);
      suitability.inReach(need).stream()
          .filter(item -> item.forWhom() instanceof ForWhom.Only)
          .filter(item -> !taste.isIncomplete(item) && suitability.refusal(hers, item).isEmpty())
          .min(taste.overall())
          .ifPresent(
              item -> {
                serve(hers, item, 0);
                draftOf(item).reasons(new TakenReason.KeptFor(face.id()));
              });
    }
  }

  private void serve(Need need, Item item, long amount) {
    LineDraft draft = draftOf(item);
    draft.serve(need, item, withoutReserve(need, amount));
    if (draft.item() != item) {
      draft.reasons(new TakenReason.WithPan(item.id()));
    }
    Role role = need.code().role();
    if (role != null) {
      Roles known = suitability.roles(item);
      draft.reasons(new TakenReason.ServesRole(role, known.by()));
      if (known.by() == Roles.Source.WORDS) {
        findings.guessed(item.id(), role);
      }
    }
    tellChoice(need, draft, item);
  }

  /** What is measured out stays in its pack if it is not used; what is counted out is packed. */
  private static long withoutReserve(Need need, long amount) {
    return need.amount() instanceof Need.Measured measured
            && need.withReserve() instanceof Need.Measured reserved
        ? Math.ceilDiv(amount * measured.thousandths(), reserved.thousandths())
        : amount;
  }

  private void tellChoice(Need need, LineDraft draft, Item item) {
    Double depth = need.depth() == null ? null : item.product().depthNear(need.depth().depth());
    Face face = need.face();
    if (face != null && depth != null && suitability.colours().difference(need, item) == null) {
      draft.reasons(new TakenReason.SuitsDepth(face.id(), face.depth(), depth));
    }
    tellUndertone(need, draft, item);
    LocalDate end = suitability.useBy(item).lastDay();
    boolean othersEndLater =
        end != null
            && item.dates().openedOn() != null
            && suitability.inReach(need).stream()
                .filter(other -> keepsLonger(other, end))
                .anyMatch(other -> suitability.refusal(need, other).isEmpty());
    if (othersEndLater) {
      draft.reasons(new TakenReason.UseFirst(end));
    }
    if (face != null) {
      need.should().stream()
          .sorted()
          .filter(trait -> !item.product().has(trait))
          .forEach(trait -> findings.secondBest(item.id(), need.code(), face.id(), trait));
    }
  }

  private void tellUndertone(Need need, LineDraft draft, Item item) {
    Face face = need.face();
    Undertone wanted = face == null ? null : face.undertone();
    BaseUndertones undertones = suitability.undertones();
    if (face == null || wanted == null || !undertones.count(need, item)) {
      return;
    }
    Undertone is = undertones.of(item).orElse(null);
    draft.reasons(new TakenReason.Leans(face.id(), wanted, is));
    if (is != null && undertones.leansAway(need, item)) {
      findings.otherUndertone(item.id(), face.id(), wanted, is);
    }
  }

  private boolean keepsLonger(Item item, LocalDate than) {
    LocalDate end = suitability.useBy(item).lastDay();
    return end != null && end.isAfter(than);
  }

  /** What was ticked, added or pinned stays, whether anything asks for it or not. */
  private void byHand() {
    Choices choices = facts.choices();
    sorted(facts.packed())
        .filter(item -> !isOn(item))
        .forEach(item -> draftOf(item).reasons(new TakenReason.AlreadyPacked()));
    sorted(choices.added()).forEach(item -> draftOf(item).reasons(new TakenReason.Added()));
    sorted(choices.pinned())
        .filter(this::isOn)
        .forEach(item -> draftOf(item).reasons(new TakenReason.Pinned()));
  }

  private Stream<Item> sorted(Set<UUID> ids) {
    return ids.stream().map(kit::get).filter(Objects::nonNull).sorted(Taste.BY_NAME);
  }

  private boolean isOn(Item item) {
    return lines.containsKey(palettes.comesAs(item).id());
  }

  private void closeOverCompanions() {
    List<LineDraft> open = new ArrayList<>(lines.values());
    while (!open.isEmpty()) {
      LineDraft draft = open.removeFirst();
      for (Companions.Group group : facts.kit().companions(draft.item())) {
        if (!bring(group, draft, draft.users(), open)) {
          draft.users().forEach(face -> bring(group, draft, List.of(face), open));
        }
      }
    }
  }

  /**
   * One that is on the list already does, if it suits those who use the principal.
   *
   * @return whether there was one, or nobody is left for whom there could be another
   */
  private boolean bring(
      Companions.Group group, LineDraft forIt, List<Face> users, List<LineDraft> open) {
    List<Item> able = suitability.companions(users, group);
    Item companion =
        able.stream()
            .min(
                Comparator.<Item, Boolean>comparing(item -> !isOn(item))
                    .thenComparing(taste::isIncomplete)
                    .thenComparingDouble(item -> facts.kit().mass(item).grams())
                    .thenComparing(taste.overall()))
            .orElse(null);
    if (companion == null && users.size() > 1) {
      return false;
    }
    if (companion == null) {
      gaps.blocking(group, forIt.item().id(), users, findings.refusals(group, users));
      return true;
    }
    boolean isNew = !isOn(companion);
    LineDraft draft = draftOf(companion);
    draft.reasons(new TakenReason.CompanionOf(forIt.item().id()));
    boolean hasNewUser = false;
    for (Face face : users) {
      hasNewUser |= draft.usedBy(face);
    }
    if (isNew || hasNewUser) {
      open.addLast(draft);
    }
    return true;
  }

  /** Where the job would stop with the only one a second comes along, or it is told. */
  private void spares(List<Need> needs) {
    Map<UUID, Item> spareOf = new HashMap<>();
    for (Need need : needs) {
      if (need.wantsSpare()) {
        spare(need, spareOf);
      }
    }
  }

  private void spare(Need need, Map<UUID, Item> spareOf) {
    List<Item> able =
        suitability.inReach(need).stream()
            .filter(item -> suitability.refusal(need, item).isEmpty())
            .sorted(taste.overall())
            .toList();
    List<Item> there = able.stream().filter(this::isOn).toList();
    if (there.size() != 1 || spareOf.containsKey(there.getFirst().id())) {
      return;
    }
    Item only = there.getFirst();
    Item second = able.stream().filter(item -> !isOn(item)).findFirst().orElse(null);
    if (second == null) {
      findings.onlyOne(only.id(), need.code());
      return;
    }
    spareOf.put(only.id(), second);
    draftOf(second).reasons(new TakenReason.Spare(only.id()));
  }

  /** The palettes that lifted pans are carried in come along. */
  private void carriers() {
    for (LineDraft draft : List.copyOf(lines.values())) {
      Item pan = draft.item();
      Item carrier = palettes.carrierOf(pan);
      if (carrier != null) {
        draft.reasons(new TakenReason.Lifted(carrier.id(), belongsTo(pan)));
        draftOf(carrier).reasons(new TakenReason.CarriesPan(pan.id()));
      }
    }
  }

  private @Nullable UUID belongsTo(Item pan) {
    Item palette = palettes.belongsTo(pan);
    return palette == null ? null : palette.id();
  }

  /** The line an item comes on: its own, or that of the palette it lies in. */
  private LineDraft draftOf(Item item) {
    Item whole = palettes.comesAs(item);
    LineDraft draft = lines.computeIfAbsent(whole.id(), _ -> new LineDraft(whole));
    draft.bring(item);
    return draft;
  }

  /** A lifted pan lies where the palette goes that carries it. */
  private PackingLine line(LineDraft draft) {
    Item carrier = palettes.carrierOf(draft.item());
    LineDraft goesWith = carrier == null ? draft : draftOf(carrier);
    UUID usual = destinations.of(goesWith);
    UUID goesTo = destinations.planned(goesWith).orElse(usual);
    return draft.done(
        facts.booking(), usual, goesTo, destinations.atWork(goesWith), palettes.mass(draft.item()));
  }
}
