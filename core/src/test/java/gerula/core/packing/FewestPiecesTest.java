package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.booking.Need;
import gerula.core.booking.Needs;
import gerula.core.kit.item.Item;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The fewest pieces of whole kits, against an exact solver. */
class FewestPiecesTest {

  static LongStream seeds() {
    return Seeds.upTo(50);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noMoreThanAFiftiethAboveTheFewest(long seed) {
    int items = 60 + 9 * (int) seed;
    PackingList.PackingFacts facts = new RandomKits(seed).facts(items, 1 + (int) seed % 12);
    Map<UUID, Item> kit = facts.kit().items();
    Suitability suitability = new Suitability(facts);
    Taste taste = new Taste(facts, suitability, Set.of(), _ -> false);
    Palettes palettes = new Palettes(facts.places(), facts.kit(), Set.of(), Map.of());
    List<Need> needs = Needs.of(facts.booking(), facts.house());
    BasePlan plan = BasePlan.of(facts, suitability, needs);
    Picks picks = new Picks(facts, kit, suitability, taste, palettes, plan);
    List<Asking> asking = picks.settled(needs);
    Map<Integer, Item> byRank = new HashMap<>();
    asking.forEach(one -> one.allowed.forEach(able -> byRank.put(able.rank(), able.item())));
    long found =
        picks.fewest().of(asking).stream()
            .mapToObj(rank -> palettes.comesAs(byRank.get(rank)).id())
            .distinct()
            .count();
    Packs holding = new Packs(suitability);
    long fewest = new ExactPieces(palettes::comesAs, holding::held, holding::shares).of(asking);
    assertThat(found).isBetween(fewest, fewest + fewest / 50);
  }
}
