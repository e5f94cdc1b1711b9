package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.Needs;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Twelve unlike bookings: what each needs, from an empty kit and from one that has everything. What
 * they need stands in twelve-bookings.txt, gone through line by line with what is common practice:
 * a rule that changes shows there what it does to a whole job.
 */
class TwelveBookingsTest {

  private static final UUID STORE = new UUID(3, 1);
  private static final Map<String, Booking> ALL = TwelveBookings.all();

  static Stream<String> names() {
    return ALL.keySet().stream();
  }

  @Test
  void eachNeedsWhatStandsInTheFile() throws IOException {
    String told =
        ALL.entrySet().stream()
            .map(one -> "# " + one.getKey() + "\n" + needsOf(one.getValue()))
            .collect(Collectors.joining("\n"));
    assertThat(told).isEqualTo(file("twelve-bookings.txt"));
  }

  /** Every need is a gap, under the same code, and nothing else is. */
  @ParameterizedTest
  @MethodSource("names")
  void ofAnEmptyKitEveryNeedIsAGap(String name) {
    Booking booking = ALL.get(name);
    PackingList list = listOf(booking, List.of());
    assertThat(list.lines()).isEmpty();
    assertThat(codes(list))
        .isEqualTo(
            needs(booking).stream()
                .map(need -> need.code().code())
                .collect(Collectors.toCollection(TreeSet::new)));
  }

  /** But for what must not plug in where there is no power. */
  @ParameterizedTest
  @MethodSource("names")
  void ofAKitThatHasEverythingNothingIsMissing(String name) {
    Booking booking = ALL.get(name);
    PackingList list = listOf(booking, everythingFor(booking));
    Set<String> without =
        name.startsWith("airbrush") ? Set.of("airbrush-gun", "compressor") : Set.of();
    assertThat(codes(list)).isEqualTo(new TreeSet<>(without));
  }

  /** It is proposed where the kit has everything for it; done instead, the gap is closed. */
  @ParameterizedTest
  @MethodSource("names")
  void aServiceThatComesNearClosesAGapAndOpensNone(String name) {
    Booking booking = ALL.get(name);
    for (Service from : Service.values()) {
      List<UUID> some =
          booking.faces().stream()
              .filter(face -> face.services().contains(from))
              .map(Face::id)
              .toList();
      if (!some.isEmpty()) {
        from.instead().forEach(to -> assertCloses(booking, new OtherService(from, to, some)));
      }
    }
  }

  private static void assertCloses(Booking booking, OtherService other) {
    Booking then = booking.doing(other.faces(), other.from(), other.to());
    List<Item> kit = everythingFor(then);
    PackingList list = listOf(booking, kit);
    Set<String> gapsThen = codes(listOf(then, kit));
    Set<String> neededThen =
        needs(then).stream().map(need -> need.code().code()).collect(Collectors.toSet());
    List<PackingFinding.Gap> closed =
        list.gaps().stream()
            .filter(gap -> !neededThen.contains(gap.need().code()) && gap.blocks().isEmpty())
            .toList();
    assertThat(closed)
        .allSatisfy(
            gap ->
                assertThat(proposed(booking, kit, gap).stream().map(TwelveBookingsTest::pair))
                    .contains(pair(other)));
    for (PackingFinding.Gap gap : list.gaps()) {
      for (OtherService proposed : proposed(booking, kit, gap)) {
        Booking done = booking.doing(proposed.faces(), proposed.from(), proposed.to());
        assertThat(codes(listOf(done, kit)))
            .as(other + " proposed " + proposed)
            .doesNotContain(gap.need().code())
            .isSubsetOf(codes(list));
      }
    }
    assertThat(gapsThen).isSubsetOf("airbrush-gun", "compressor");
  }

  private static List<OtherService> proposed(
      Booking booking, List<Item> kit, PackingFinding.Gap gap) {
    return PackingList.otherServices(facts(booking, kit), gap.need().code());
  }

  private static String pair(OtherService other) {
    return other.from() + " to " + other.to();
  }

  private static String needsOf(Booking booking) {
    return needs(booking).stream()
        .map(
            need ->
                "%s | %s | %s"
                    .formatted(need.code().code(), amount(need.withReserve()), wishes(need)))
        .collect(Collectors.groupingBy(line -> line, LinkedHashMap::new, Collectors.counting()))
        .entrySet()
        .stream()
        .map(one -> one.getValue() + " x " + one.getKey() + "\n")
        .collect(Collectors.joining());
  }

  private static String amount(Need.Amount amount) {
    return switch (amount) {
      case Need.Shared shared -> shared.pieces() + " to " + shared.most() + " for all";
      case Need.Measured measured ->
          new Quantity(measured.thousandths(), measured.unit()).amount().toPlainString()
              + " "
              + measured.unit().code();
      case Need.Counted counted -> counted.pieces() + " pieces";
    };
  }

  private static String wishes(Need need) {
    List<String> wishes = new ArrayList<>();
    sorted(need.must()).forEach(trait -> wishes.add("must " + trait));
    sorted(need.should()).forEach(trait -> wishes.add("should " + trait));
    sorted(need.mustNot()).forEach(trait -> wishes.add("not " + trait));
    if (need.depth() != null) {
      wishes.add("depth " + need.depth().depth() + " by " + need.depth().reach());
    }
    if (need.wantsSpare()) {
      wishes.add("and a spare");
    }
    wishes.add(need.faces().size() + " faces");
    return String.join(", ", wishes);
  }

  private static Stream<String> sorted(Collection<Trait> traits) {
    return traits.stream().sorted().map(Trait::code);
  }

  private static List<Need> needs(Booking booking) {
    return Needs.of(booking, HouseRules.USUAL);
  }

  private static Set<String> codes(PackingList list) {
    return list.gaps().stream()
        .map(gap -> gap.need().code())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static PackingList listOf(Booking booking, List<Item> kit) {
    return PackingList.of(facts(booking, kit));
  }

  private static PackingList.PackingFacts facts(Booking booking, List<Item> kit) {
    PlaceTree places =
        new PlaceTree(List.of(Given.place(PlaceKind.STORE, "store").id(STORE).place()));
    return new PackingList.PackingFacts(
        booking, kit, places, List.of(), Set.of(), HouseRules.USUAL);
  }

  /** For each need something that meets it, and for that whatever it is useless without. */
  private static List<Item> everythingFor(Booking booking) {
    List<Item> kit = new ArrayList<>();
    Set<ProductClass> there = new HashSet<>();
    for (Need need : needs(booking)) {
      ProductClass one = need.code().kind().classes().stream().sorted().findFirst().orElseThrow();
      there.add(one);
      long pieces =
          need.withReserve() instanceof Need.Shared shared ? Math.max(2, shared.most()) : 1;
      for (int i = 0; i < pieces; i++) {
        kit.add(item(need, one));
      }
    }
    for (int i = 0; i < kit.size(); i++) {
      for (Companions.Group group : Companions.of(kit.get(i).product())) {
        ProductClass one = group.anyOf().getFirst();
        if (there.add(one)) {
          kit.add(Given.thing(one, Form.OTHER).content(Quantity.pieces(9)).in(STORE).item());
        }
      }
    }
    return kit;
  }

  private static Item item(Need need, ProductClass one) {
    Set<Trait> traits = new HashSet<>(need.must());
    traits.addAll(need.should());
    traits.removeAll(need.mustNot());
    Quantity content =
        switch (need.withReserve()) {
          case Need.Shared _ -> Quantity.pieces(1);
          case Need.Counted counted -> Quantity.pieces(Math.toIntExact(counted.pieces()));
          case Need.Measured measured -> new Quantity(measured.thousandths(), measured.unit());
        };
    Given.Thing thing =
        Given.thing(one, content.unit() == Unit.PIECE ? Form.OTHER : Form.LIQUID_PUMP_OR_SQUEEZE)
            .content(content)
            .traits(traits)
            .freeOf(
                need.faces().stream()
                    .map(Face::reactsTo)
                    .flatMap(Set::stream)
                    .collect(Collectors.toSet()))
            .depth(need.depth() == null ? null : need.depth().depth())
            .in(STORE);
    return (need.code().role() == null ? thing : thing.roles(need.code().role())).item();
  }

  private static String file(String name) throws IOException {
    try (var read = TwelveBookingsTest.class.getResourceAsStream(name)) {
      return new String(read.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
