package gerula.core.cleandown.treatment;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.brushes.BrushRun;
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
   * @param turnoverSeconds of hands after one face, or after a day's job of one set of brushes
   * @param alcoholMl about how much alcohol goes into it in a month
   * @param lost about how many are kept for one, given away or discarded in a month
   * @param readyAfterMinutes how long one waits; null where it is not used on the next face
   */
  public record Way(
      String code,
      Outcome outcome,
      List<Step> steps,
      int handSeconds,
      int turnoverSeconds,
      int alcoholMl,
      int lost,
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
  public static List<MatterOfHouse> of(Collection<Item> kit, Practices house, Pace pace) {
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
        .map(matter -> of(matter, concerned.getOrDefault(matter, List.of()), house, pace))
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

  private static MatterOfHouse of(Matter matter, List<UUID> items, Practices house, Pace pace) {
    Form form = matter.forms().iterator().next();
    List<Way> ways = new ArrayList<>();
    matter
        .choice()
        .ways(house)
        .forEach(
            (code, practices) -> ways.add(way(code, matter, form, items.size(), practices, pace)));
    return new MatterOfHouse(matter, items, matter.choice().of(house).code(), ways);
  }

  private static Way way(
      Code code, Matter matter, Form form, int many, Practices practices, Pace pace) {
    Treatment treatment =
        Treatment.of(
                new Treated(
                    form,
                    Contact.How.DIRECT,
                    matter.moment(),
                    null,
                    false,
                    false,
                    false,
                    false,
                    practices))
            .orElseThrow();
    int seconds =
        treatment.steps().stream().mapToInt(step -> Handwork.seconds(step, brushes(form))).sum();
    double aFace = many == 0 ? 0 : pace.aFace(matter);
    double aMonth = aFace * pace.facesAMonth();
    long sprays = treatment.steps().stream().filter(Step::takesAlcohol).count();
    return new Way(
        code.code(),
        treatment.outcome(),
        treatment.steps(),
        seconds * many,
        (int) Math.round(seconds * aFace),
        (int) Math.round(sprays * aMonth),
        treatment.outcome().isReusable() ? 0 : (int) Math.round(aMonth),
        treatment.readyAfterMinutes(),
        treatment.findings());
  }

  /** Brushes are told by the set, as they are used. */
  private static int brushes(Form form) {
    return switch (form) {
      case BRUSH_SYNTHETIC, BRUSH_NATURAL, BRUSH_DUO_FIBRE -> BrushRun.USUAL_BRUSHES;
      default -> 1;
    };
  }
}
