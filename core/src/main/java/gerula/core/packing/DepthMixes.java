package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.packing.BasePlan.Mix;
import gerula.core.packing.BasePlan.MixPart;
import gerula.core.shade.Mixing;
import gerula.core.shade.carry.ShadesToCarry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Two shades mixed to a depth that lies between them, where nothing was measured. */
final class DepthMixes {

  /** How near a mix has to come. Common practice: half a step is not seen. */
  private static final double REACH = 0.5;

  private static final Comparator<Weighed> NEAREST_FIRST =
      Comparator.<Weighed>comparingDouble(one -> one.off)
          .thenComparingInt(one -> one.more)
          .thenComparingDouble(one -> one.massG);

  /**
   * @param off how far it lies from the depth wanted
   * @param more shades of it that no other base is made of
   */
  private record Weighed(Mix mix, double off, int more, double massG) {}

  private final double wanted;
  private final List<Item> able;
  private final Set<UUID> carried;
  private final List<Weighed> found = new ArrayList<>();

  /**
   * @param able one of each shade, all of a known depth, in the order that decides between equals
   * @param carried products that other bases are made of
   */
  DepthMixes(double wanted, List<Item> able, Set<UUID> carried) {
    this.wanted = wanted;
    this.able = able;
    this.carried = carried;
    for (int i = 0; i < able.size(); i++) {
      for (int j = i + 1; j < able.size(); j++) {
        mix(able.get(i), able.get(j));
      }
    }
  }

  /** One that comes near enough: of what others are mixed of, then the nearest. */
  Optional<Mix> best() {
    return found.stream()
        .filter(one -> one.off <= REACH)
        .min(Comparator.<Weighed>comparingInt(one -> one.more).thenComparing(NEAREST_FIRST))
        .map(Weighed::mix);
  }

  /** The nearest of all, which may be a shade by itself. */
  Optional<Mix> nearest() {
    List<Weighed> all = new ArrayList<>(found);
    able.stream()
        .filter(item -> !BasePlan.isMixer(item.product()))
        .map(this::alone)
        .forEach(all::add);
    return all.stream().min(NEAREST_FIRST).map(Weighed::mix);
  }

  private Weighed alone(Item item) {
    double depth = depth(item);
    Mix mix = new Mix(List.of(new MixPart(item.product().id(), Mixing.TENTHS)), null, depth);
    return new Weighed(mix, Math.abs(depth - wanted), 1, item.mass().grams());
  }

  private void mix(Item one, Item other) {
    Product first = one.product();
    Product second = other.product();
    if (Texture.of(first.form()) != Texture.of(second.form())) {
      return;
    }
    int mixer = ShadesToCarry.MOST_OF_A_MIXER;
    int most = BasePlan.isMixer(first) ? mixer : Mixing.TENTHS - 1;
    int least = BasePlan.isMixer(second) ? Mixing.TENTHS - mixer : 1;
    for (int tenths = least; tenths <= most; tenths++) {
      int rest = Mixing.TENTHS - tenths;
      double depth = (depth(one) * tenths + depth(other) * rest) / Mixing.TENTHS;
      MixPart some = new MixPart(first.id(), tenths);
      MixPart others = new MixPart(second.id(), rest);
      List<MixPart> parts = tenths >= rest ? List.of(some, others) : List.of(others, some);
      int more = (int) parts.stream().filter(part -> !carried.contains(part.product())).count();
      double massG = one.mass().grams() + other.mass().grams();
      found.add(new Weighed(new Mix(parts, null, depth), Math.abs(depth - wanted), more, massG));
    }
  }

  private static double depth(Item item) {
    Double depth = item.product().depth();
    if (depth == null) {
      throw new IllegalStateException("Only shades of a known depth are mixed by it.");
    }
    return depth;
  }
}
