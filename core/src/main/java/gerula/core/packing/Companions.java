package gerula.core.packing;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.booking.NeedCode;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What is useless without what. Common practice. */
public final class Companions {

  /** Of these at least one has to come along. */
  public record Group(List<ProductClass> anyOf) {
    public Group {
      anyOf = List.copyOf(anyOf);
    }

    /** What the gap is called when none of them can be taken: the one that comes first. */
    NeedCode need() {
      return NeedCode.of(anyOf.getFirst());
    }

    String code() {
      return need().code();
    }
  }

  private static final Set<Section> WORKED_FROM_THE_PALETTE =
      EnumSet.of(Section.BASE, Section.BROWS, Section.EYES, Section.LIPS);

  private Companions() {}

  /** Every group of which one member has to come along with this product. */
  public static List<Group> of(Product product) {
    List<Group> groups = new ArrayList<>();
    product.classes().forEach(one -> byClass(one, groups));
    byForm(product, groups);
    return groups.size() < 2 ? groups : groups.stream().distinct().toList();
  }

  private static void byClass(ProductClass productClass, List<Group> groups) {
    switch (productClass) {
      case STRIP_LASHES -> add(groups, group(LASH_ADHESIVE), group(TWEEZERS), group(SCISSORS));
      case CLUSTER_LASHES ->
          add(groups, group(LASH_ADHESIVE), group(TWEEZERS), group(LINER_APPLICATOR));
      case SKIN_ADHESIVE -> add(groups, group(ADHESIVE_REMOVER));
      case GEL_LINER -> add(groups, group(LINER_BRUSH));
      case LIQUID_LATEX -> add(groups, group(FACE_POWDER), group(ADHESIVE_REMOVER));
      case RAZOR -> add(groups, group(SHAVING_FOAM), group(SHARPS_BOX));
      case LASH_CURLER -> add(groups, group(CURLER_PADS));
      case AIRBRUSH_COLOUR ->
          add(
              groups,
              group(AIRBRUSH_GUN),
              group(COMPRESSOR),
              group(AIRBRUSH_HOSE),
              group(AIRBRUSH_CLEANER));
      case COMPRESSOR, CURLING_IRON, HAIR_DRYER, PLUG_LIGHT ->
          add(groups, group(EXTENSION_LEAD, MAINS_LEAD));
      case JEWELS_OR_GLITTER -> add(groups, group(MIXING_MEDIUM, LASH_ADHESIVE));
      case BALD_CAP, FACIAL_HAIR -> add(groups, group(ADHESIVE_REMOVER));
      case BRUSH_SET -> add(groups, group(CLEAN_HOLDER), group(DIRTY_HOLDER));
      case CLIP_LIGHT, BATTERY_LIGHT, FAN -> add(groups, group(POWER_BANK, PHONE_CHARGER, CHARGER));
      default -> {}
    }
  }

  private static void byForm(Product product, List<Group> groups) {
    switch (product.form()) {
      // A tube of brow gel has the same kind of applicator.
      case MASCARA -> add(groups, group(WAND));
      case SHARPENABLE_PENCIL -> add(groups, group(SHARPENER));
      case ALCOHOL_ACTIVATED_PALETTE -> add(groups, group(ALCOHOL_99), group(BRUSH_SET));
      case LIQUID_DIP_APPLICATOR -> {
        if (product.productClass().section() == Section.LIPS) {
          add(groups, group(LIP_APPLICATOR));
        } else {
          scooped(product, groups);
        }
      }
      case LOOSE_POWDER -> {
        add(groups, group(PUFF, BRUSH_SET));
        if (product.traits().contains(Trait.SHIMMER)) {
          add(groups, group(MIXING_MEDIUM));
        }
      }
      // Dispensed: nothing has to be scooped out of it.
      case LIQUID_PUMP_OR_SQUEEZE -> {
        if (WORKED_FROM_THE_PALETTE.contains(product.productClass().section())) {
          add(groups, group(WORKING_PALETTE));
        }
      }
      case CREAM, SETTING_CREAM, LIPSTICK_BULLET, STICK, BALM -> scooped(product, groups);
      default -> {}
    }
  }

  private static void scooped(Product product, List<Group> groups) {
    Section section = product.productClass().section();
    if (section == Section.SKIN || WORKED_FROM_THE_PALETTE.contains(section)) {
      add(groups, group(WORKING_PALETTE), group(SPATULA));
    }
  }

  private static Group group(ProductClass... anyOf) {
    return new Group(List.of(anyOf));
  }

  private static void add(List<Group> groups, Group... more) {
    groups.addAll(List.of(more));
  }
}
