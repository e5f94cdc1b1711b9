package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.shade.Mixing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What each face's base is made of, told once it is settled which packs are taken. */
final class BaseRecipes {

  private final Map<UUID, Item> kit;
  private final Suitability suitability;
  private final BasePlan plan;
  private final List<BaseRecipe> recipes = new ArrayList<>();

  BaseRecipes(Map<UUID, Item> kit, Suitability suitability, BasePlan plan) {
    this.kit = kit;
    this.suitability = suitability;
    this.plan = plan;
  }

  void add(Picks.Pick pick) {
    Need need = pick.need();
    Face face = need.face();
    if (face == null || !BaseColours.isBase(need)) {
      return;
    }
    BasePlan.Mix mix = plan.mix(need) != null ? plan.mix(need) : plan.nearest(need);
    boolean isMet = pick.missing() == 0;
    if (mix != null && (plan.mix(need) != null || !isMet)) {
      recipes.add(
          new BaseRecipe(
              need.code(),
              face.id(),
              parts(mix, pick),
              mix.deltaE(),
              mix.depth(),
              need.exactly().isEmpty() ? basis(mix.deltaE(), mix.depth()) : BaseRecipe.Basis.LOOK,
              isMet));
    } else {
      alone(pick, face);
    }
  }

  private List<BaseRecipe.BasePortion> parts(BasePlan.Mix mix, Picks.Pick pick) {
    return mix.parts().stream()
        .filter(part -> !suitability.ofProduct(part.product()).isEmpty())
        .map(part -> new BaseRecipe.BasePortion(itemOf(part.product(), pick), part.tenths()))
        .toList();
  }

  /** The pack that is taken, or else any of the product. */
  private UUID itemOf(UUID product, Picks.Pick pick) {
    List<Item> items = suitability.ofProduct(product);
    return items.stream()
        .map(Item::id)
        .filter(pick.amounts()::containsKey)
        .findFirst()
        .orElseGet(() -> items.getFirst().id());
  }

  /** Of several packs of different shades the one most is taken of is told. */
  private void alone(Picks.Pick pick, Face face) {
    pick.amounts().entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(entry -> kit.get(entry.getKey()))
        .ifPresent(item -> recipes.add(alone(pick, face, item)));
  }

  private BaseRecipe alone(Picks.Pick pick, Face face, Item item) {
    Double difference = suitability.colours().difference(pick.need(), item);
    Double depth = item.product().depthNear(face.depth());
    return new BaseRecipe(
        pick.need().code(),
        face.id(),
        List.of(new BaseRecipe.BasePortion(item.id(), Mixing.TENTHS)),
        difference,
        depth,
        basis(difference, depth),
        pick.missing() == 0);
  }

  private static BaseRecipe.Basis basis(@Nullable Double difference, @Nullable Double depth) {
    if (difference != null) {
      return BaseRecipe.Basis.COLOUR;
    }
    return depth == null ? BaseRecipe.Basis.NOTHING : BaseRecipe.Basis.DEPTH;
  }

  /** Why this shade, for a base whose colour is known or that is mixed. */
  Optional<TakenReason> reason(Need need, Item item) {
    Face face = need.face();
    BasePlan.Mix mix = plan.mix(need);
    if (face == null || mix == null || !BaseColours.isBase(need)) {
      return Optional.empty();
    }
    Product product = item.product();
    return mix.parts().stream()
        .filter(part -> part.product().equals(product.id()))
        .findFirst()
        .map(part -> new TakenReason.InRecipe(face.id(), part.tenths(), mix.deltaE()));
  }

  /** Face by face. */
  List<BaseRecipe> inOrderOf(Booking booking) {
    List<UUID> order = booking.faces().stream().map(Face::id).toList();
    return recipes.stream()
        .sorted(Comparator.comparingInt(recipe -> order.indexOf(recipe.face())))
        .toList();
  }
}
