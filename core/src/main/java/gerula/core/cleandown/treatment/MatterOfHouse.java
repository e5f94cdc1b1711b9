package gerula.core.cleandown.treatment;

import gerula.core.cleandown.Contact;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import gerula.core.rule.Practices;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something artists treat in different ways, and what each way means for a kit.
 *
 * @param items those of the kit that it is about
 * @param holds how this house does it, the code of one of the ways
 */
public record MatterOfHouse(Matter matter, List<UUID> items, String holds, List<Way> ways) {

  /**
   * One way, between two faces, for a thing that touched skin.
   *
   * @param steps of one thing; none where it does not go from face to face
   * @param handSeconds of all of the kit's together
   * @param readyAfterMinutes how long one waits; null where it is not used on the next face
   */
  public record Way(
      String code,
      Outcome outcome,
      List<Step> steps,
      int handSeconds,
      @Nullable Integer readyAfterMinutes,
      List<TreatmentFinding> findings) {
    public Way {
      steps = List.copyOf(steps);
      findings = List.copyOf(findings);
    }
  }

  public MatterOfHouse {
    items = List.copyOf(items);
    ways = List.copyOf(ways);
  }

  /**
   * All of them, for what is shared of this kit.
   *
   * @param kit what is kept for one person does not count
   */
  public static List<MatterOfHouse> of(Collection<Item> kit, Practices house) {
    Map<Matter, List<UUID>> concerned = new EnumMap<>(Matter.class);
    for (Item item : kit) {
      if (item.forWhom() instanceof ForWhom.Everybody && !item.isDiscarded()) {
        Arrays.stream(Matter.values())
            .filter(matter -> isAbout(matter, item))
            .forEach(
                matter -> concerned.computeIfAbsent(matter, _ -> new ArrayList<>()).add(item.id()));
      }
    }
    return Arrays.stream(Matter.values())
        .map(matter -> of(matter, concerned.getOrDefault(matter, List.of()), house))
        .toList();
  }

  private static boolean isAbout(Matter matter, Item item) {
    return matter.forms().contains(item.product().form())
        && !(matter == Matter.SOFT_TWIST_UP && isHard(item));
  }

  /** Twist-up pencils for brows are hard: common practice. */
  public static boolean isHard(Item item) {
    return item.product().form() == Form.TWIST_UP_PENCIL
        && item.product().classes().contains(ProductClass.BROW_PENCIL);
  }

  private static MatterOfHouse of(Matter matter, List<UUID> items, Practices house) {
    Form form = matter.forms().iterator().next();
    List<Way> ways = new ArrayList<>();
    matter
        .ways(house)
        .forEach((code, practices) -> ways.add(way(code, form, items.size(), practices)));
    return new MatterOfHouse(matter, items, matter.of(house).code(), ways);
  }

  private static Way way(Code code, Form form, int many, Practices practices) {
    Treatment treatment =
        Treatment.of(
                new Treated(
                    form,
                    Contact.How.DIRECT,
                    Moment.BETWEEN_FACES,
                    null,
                    false,
                    false,
                    false,
                    false,
                    practices))
            .orElseThrow();
    int seconds = treatment.steps().stream().mapToInt(Handwork::seconds).sum();
    return new Way(
        code.code(),
        treatment.outcome(),
        treatment.steps(),
        seconds * many,
        treatment.readyAfterMinutes(),
        treatment.findings());
  }
}
