package gerula.core.depot.empties;

import gerula.core.depot.Content;
import gerula.core.depot.Texture;
import gerula.core.depot.Thickness;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Container.Closing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Whether a product may go into a container, and every reason. Common practice.
 *
 * <p>The rule asks three things: what the content does to the hand that fills it (its texture
 * against the opening), what air does to the content (the closing), and what the content does to
 * the container (the material). The worst reason decides; when nothing speaks against it, the
 * reasons say what speaks for it.
 *
 * @param reasons the worst first
 */
public record ContainerFit(Verdict verdict, List<FitReason> reasons) {

  /** Containers a product is scooped or pressed into. */
  private static final Set<Container> PANS =
      EnumSet.of(Container.LOOSE_MAGNETIC_PAN, Container.MAGNETIC_PALETTE);

  private static final Set<Container> JARS = EnumSet.of(Container.SCREW_JAR, Container.SEALED_CLAM);

  public ContainerFit {
    reasons = List.copyOf(reasons);
  }

  /** Weighs a product against a container of that material. */
  public static ContainerFit of(Content content, Container container, Material material) {
    Set<FitReason> reasons = EnumSet.noneOf(FitReason.class);
    Texture texture = content.texture();
    if (texture == Texture.STAYS) {
      return told(EnumSet.of(FitReason.NEVER_DECANTED));
    }
    if (content.isSterile()) {
      reasons.add(FitReason.STERILE);
    }
    filling(content, container).ifPresent(reasons::add);
    airAtIt(content, container, reasons);
    materialOf(content, material, reasons);
    if (content.isSunscreen()) {
      reasons.add(FitReason.SUNSCREEN_IS_BETTER_IN_ITS_PACK);
    }
    if (reasons.isEmpty()) {
      reasons.add(whatSpeaksForIt(texture, container));
    }
    return told(reasons);
  }

  private static ContainerFit told(Set<FitReason> reasons) {
    List<FitReason> worstFirst = new ArrayList<>(reasons);
    worstFirst.sort(
        Comparator.comparing(FitReason::verdict)
            .reversed()
            .thenComparing(Comparator.naturalOrder()));
    return new ContainerFit(worstFirst.getFirst().verdict(), worstFirst);
  }

  private static FitReason whatSpeaksForIt(Texture texture, Container container) {
    if (container.closing() == Closing.SEALS) {
      return FitReason.SEALS;
    }
    boolean isShaped = texture == Texture.SOLID || texture == Texture.PRESSED;
    return isShaped ? FitReason.HOLDS_ITS_SHAPE : FitReason.MADE_FOR_IT;
  }

  /** What stands against getting it in and out again. */
  private static Optional<FitReason> filling(Content content, Container container) {
    return switch (content.texture()) {
      case PRESSED -> pressed(container);
      case LOOSE -> loose(container);
      case SOLID -> solid(content.thickness(), container);
      case MELTING -> melting(container);
      case SETTING -> setting(container);
      case LIQUID -> liquid(content.thickness(), container);
      case THIN_SPRAY -> thinSpray(container);
      case STICKY_SPRAY -> stickySpray(container);
      case PAINT -> paint(container);
      case PIECES -> only(container == Container.DIVIDED_TRAY);
      case UNKNOWN -> Optional.of(FitReason.UNKNOWN_FORM);
      case STAYS -> Optional.of(FitReason.NEVER_DECANTED);
    };
  }

  private static Optional<FitReason> only(boolean isMadeForIt) {
    return isMadeForIt ? Optional.empty() : Optional.of(FitReason.NOT_MADE_FOR_IT);
  }

  private static Optional<FitReason> pressed(Container container) {
    return only(PANS.contains(container));
  }

  private static Optional<FitReason> loose(Container container) {
    return switch (container) {
      case TILT_SPOUT_POWDER_BOTTLE, SIFTER_JAR -> Optional.empty();
      case SCREW_JAR -> Optional.of(FitReason.NO_SIFTER);
      case LOOSE_MAGNETIC_PAN, MAGNETIC_PALETTE, OPEN_WELL_PALETTE, SEALED_CLAM, DIVIDED_TRAY ->
          Optional.of(FitReason.SPILLS_LOOSE_POWDER);
      default -> Optional.of(FitReason.NOT_MADE_FOR_IT);
    };
  }

  private static Optional<FitReason> solid(Thickness thickness, Container container) {
    boolean isThin = thickness == Thickness.THIN;
    return switch (container) {
      case LOOSE_MAGNETIC_PAN, MAGNETIC_PALETTE, OPEN_WELL_PALETTE ->
          isThin ? Optional.of(FitReason.TOO_THIN) : Optional.empty();
      case SCREW_JAR, SEALED_CLAM -> Optional.empty();
      case POINTED_SQUEEZE_BOTTLE ->
          Optional.of(isThin ? FitReason.SLOW_TO_FILL : FitReason.TOO_THICK);
      case PUMP_BOTTLE ->
          Optional.of(isThin ? FitReason.THICK_FOR_THE_NOZZLE : FitReason.TOO_THICK);
      case DROPPER_BOTTLE, FINE_SPRAY_BOTTLE -> Optional.of(FitReason.TOO_THICK);
      case TILT_SPOUT_POWDER_BOTTLE, SIFTER_JAR, DIVIDED_TRAY ->
          Optional.of(FitReason.NOT_MADE_FOR_IT);
    };
  }

  private static Optional<FitReason> melting(Container container) {
    return container == Container.OPEN_WELL_PALETTE
        ? Optional.of(FitReason.MELTS_AND_RUNS)
        : solid(Thickness.THICK, container);
  }

  private static Optional<FitReason> setting(Container container) {
    return JARS.contains(container) ? Optional.empty() : solid(Thickness.THICK, container);
  }

  private static Optional<FitReason> liquid(Thickness thickness, Container container) {
    boolean isThick = thickness == Thickness.THICK;
    return switch (container) {
      case POINTED_SQUEEZE_BOTTLE ->
          isThick ? Optional.of(FitReason.SLOW_TO_FILL) : Optional.empty();
      case PUMP_BOTTLE -> isThick ? Optional.of(FitReason.THICK_FOR_THE_NOZZLE) : Optional.empty();
      case DROPPER_BOTTLE -> isThick ? Optional.of(FitReason.TOO_THICK) : Optional.empty();
      case FINE_SPRAY_BOTTLE ->
          Optional.of(
              thickness == Thickness.THIN ? FitReason.THICK_FOR_THE_NOZZLE : FitReason.TOO_THICK);
      case SCREW_JAR ->
          switch (thickness) {
            case THIN -> Optional.of(FitReason.TOO_THIN);
            case MEDIUM -> Optional.of(FitReason.RUNS_WHEN_OPENED);
            case THICK -> Optional.empty();
          };
      case SEALED_CLAM -> Optional.of(FitReason.TOO_THIN);
      case LOOSE_MAGNETIC_PAN,
          MAGNETIC_PALETTE,
          OPEN_WELL_PALETTE,
          TILT_SPOUT_POWDER_BOTTLE,
          SIFTER_JAR,
          DIVIDED_TRAY ->
          Optional.of(FitReason.NOT_LEAK_PROOF);
    };
  }

  private static Optional<FitReason> thinSpray(Container container) {
    return switch (container) {
      case FINE_SPRAY_BOTTLE -> Optional.empty();
      case POINTED_SQUEEZE_BOTTLE, DROPPER_BOTTLE, PUMP_BOTTLE ->
          Optional.of(FitReason.NO_SPRAY_ANY_MORE);
      default -> liquid(Thickness.THIN, container);
    };
  }

  private static Optional<FitReason> stickySpray(Container container) {
    return switch (container) {
      case FINE_SPRAY_BOTTLE -> Optional.of(FitReason.CLOGS_THE_NOZZLE);
      case POINTED_SQUEEZE_BOTTLE, DROPPER_BOTTLE, PUMP_BOTTLE -> Optional.of(FitReason.STICKS);
      default -> liquid(Thickness.THIN, container);
    };
  }

  private static Optional<FitReason> paint(Container container) {
    return switch (container) {
      case OPEN_WELL_PALETTE -> Optional.empty();
      case LOOSE_MAGNETIC_PAN, MAGNETIC_PALETTE -> Optional.of(FitReason.ONLY_IN_PANS);
      default -> Optional.of(FitReason.NOT_MADE_FOR_IT);
    };
  }

  /** What air and time do to it in there. */
  private static void airAtIt(Content content, Container container, Set<FitReason> reasons) {
    Closing closing = container.closing();
    Texture texture = content.texture();
    boolean hardens = texture == Texture.SETTING || content.isSetting();
    if (hardens && closing != Closing.SEALS) {
      reasons.add(FitReason.DRIES_OUT);
    }
    if (texture.runs() && closing == Closing.OPEN) {
      reasons.add(FitReason.NOT_LEAK_PROOF);
    }
    if (content.hasGlitter() && closing != Closing.SEALS) {
      reasons.add(FitReason.GLITTER_ESCAPES);
    }
    if (content.isVolatile()) {
      switch (closing) {
        case OPEN -> reasons.add(FitReason.EVAPORATES);
        case FAIR -> evaporatesSlowly(content, container, reasons);
        case SEALS -> {}
      }
    }
  }

  /**
   * A fine spray bottle is what alcohol is sprayed from; strong alcohol is gone from it in weeks.
   */
  private static void evaporatesSlowly(
      Content content, Container container, Set<FitReason> reasons) {
    if (container != Container.FINE_SPRAY_BOTTLE || content.attacksPlastic()) {
      reasons.add(FitReason.EVAPORATES_SLOWLY);
    }
  }

  /** What it does to the walls around it. */
  private static void materialOf(Content content, Material material, Set<FitReason> reasons) {
    if (content.attacksPlastic()) {
      reasons.add(FitReason.LABEL_AS_FLAMMABLE);
      if (!material.withstandsSolvents()) {
        reasons.add(FitReason.CLOUDS_THE_MATERIAL);
      }
    }
  }
}
