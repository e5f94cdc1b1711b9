package gerula.core.booking;

import gerula.core.booking.look.Look;
import gerula.core.booking.look.LookPart;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.quantity.Unit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a look that was written down asks for: exactly its products, or colours like them. Where it
 * settles a colour there is nothing left to choose from on the day.
 */
final class LookNeeds {

  private final Face face;
  private final Party party;
  private final NeedDrafts drafts;

  private LookNeeds(Face face, Party party, NeedDrafts drafts) {
    this.face = face;
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Party party, NeedDrafts drafts) {
    for (Face face : party.booking().faces()) {
      if (party.times(face) > 0) {
        face.looks().stream()
            .filter(look -> look.purpose().isWanted())
            .forEach(look -> new LookNeeds(face, party, drafts).add(look));
      }
    }
  }

  /** Whether a look for all of her days says what colours this service takes. */
  static boolean settles(Face face, Service service) {
    return face.looks().stream()
        .filter(look -> look.purpose().isWanted() && look.day() == null)
        .flatMap(look -> look.parts().stream())
        .anyMatch(part -> service == serviceOf(part.productClass()));
  }

  private static Service serviceOf(ProductClass one) {
    return switch (one) {
      case EYE_SHADOW, CREAM_SHADOW -> Service.EYES;
      case EYE_PENCIL, GEL_LINER, LIQUID_LINER -> Service.LINER;
      case BLUSH -> Service.BLUSH;
      case CONTOUR -> Service.CONTOUR;
      case BRONZER -> Service.BRONZER;
      case HIGHLIGHTER -> Service.HIGHLIGHT;
      case BROW_PENCIL, BROW_POWDER -> Service.BROWS;
      case STRIP_LASHES -> Service.LASHES;
      case LIP_COLOUR, LIP_GLOSS, LIP_PENCIL -> Service.LIPS;
      default -> Service.BASE;
    };
  }

  private void add(Look look) {
    boolean isExact = look.purpose() == Look.Purpose.EXACTLY;
    int times = look.day() == null ? party.times(face) : face.looksPerDay() * face.heads();
    for (List<LookPart> parts : together(look)) {
      LookPart first = parts.getFirst();
      Optional<NeedDraft> draft = isExact ? Optional.of(exactly(parts, times)) : like(first, times);
      draft.ifPresent(one -> one.because(new NeedReason.InLook(face.id(), isExact)));
    }
  }

  /** Parts of one mix belong together; all others stand for themselves. */
  private static List<List<LookPart>> together(Look look) {
    Map<ProductClass, List<LookPart>> mixed = new LinkedHashMap<>();
    List<List<LookPart>> all = new ArrayList<>();
    for (LookPart part : look.parts()) {
      if (part.tenths() == LookPart.ALL) {
        all.add(List.of(part));
      } else {
        List<LookPart> parts = mixed.computeIfAbsent(part.productClass(), _ -> new ArrayList<>());
        if (parts.isEmpty()) {
          all.add(parts);
        }
        parts.add(part);
      }
    }
    return all;
  }

  /**
   * What the services ask of this class for her already is made of it; else it is asked besides.
   */
  private NeedDraft exactly(List<LookPart> parts, int times) {
    LookPart first = parts.getFirst();
    NeedCode code = code(first);
    Optional<NeedDraft> known =
        drafts.find(code, face).filter(draft -> !draft.isExact() && draft.isUsedUp());
    NeedDraft draft =
        known.orElseGet(
            () -> amount(drafts.of(code, "look " + first.told(), List.of(face)), first, times));
    return draft.exactly(parts);
  }

  /** A colour of the same role; what has no role the services ask for already. */
  private Optional<NeedDraft> like(LookPart part, int times) {
    return role(part)
        .map(role -> amount(drafts.of(NeedCode.of(role), "", List.of(face)), part, times));
  }

  private static NeedCode code(LookPart part) {
    return role(part).map(NeedCode::of).orElseGet(() -> NeedCode.of(part.productClass()));
  }

  private static Optional<Role> role(LookPart part) {
    return part.colour() == null
        ? Optional.empty()
        : Roles.ofColour(part.productClass(), part.colour());
  }

  private static NeedDraft amount(NeedDraft draft, LookPart part, int times) {
    ProductClass one = part.productClass();
    long amount = UsualAmounts.of(one) * times;
    if (UsualAmounts.unit(one) == Unit.PIECE) {
      return draft.counted(amount);
    }
    return switch (one.section()) {
      // What is worked with is there afterwards.
      case BRUSHES, TOOLS, DISPOSABLES, COMFORT, SET_UP -> draft;
      default -> draft.measured(amount, UsualAmounts.unit(one));
    };
  }
}
