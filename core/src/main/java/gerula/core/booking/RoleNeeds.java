package gerula.core.booking;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Sensitivity;
import gerula.core.quantity.Unit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The colours a booking has to choose from on the day: few pieces that cover the roles, for all
 * faces together. Common practice. Faces that react to different things choose from colours of
 * their own.
 */
final class RoleNeeds {

  private static final double BERRY_FROM = 6.75;
  private static final double GOLD_FROM = 5.75;

  private final List<Face> faces;
  private final Party party;
  private final NeedDrafts drafts;

  private RoleNeeds(List<Face> faces, Party party, NeedDrafts drafts) {
    this.faces = faces;
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Party party, NeedDrafts drafts) {
    Map<Set<Sensitivity>, List<Face>> alike = new LinkedHashMap<>();
    for (Face face : party.booking().faces()) {
      if (party.times(face) > 0) {
        alike.computeIfAbsent(face.reactsTo(), _ -> new ArrayList<>()).add(face);
      }
    }
    alike.values().forEach(faces -> new RoleNeeds(faces, party, drafts).add());
  }

  private void add() {
    eyes(those(Service.EYES));
    liner(those(Service.LINER));
    cheeks();
    brows(those(Service.BROWS));
    lips(those(Service.LIPS));
    lashes(those(Service.LASHES));
  }

  private List<Face> those(Service service) {
    return faces.stream()
        .filter(face -> party.services(face).contains(service))
        .filter(face -> !LookNeeds.settles(face, service))
        .toList();
  }

  private void eyes(List<Face> some) {
    Set<Role> roles =
        EnumSet.of(
            Role.EYES_MATTE_LIGHT, Role.EYES_MATTE_MID, Role.EYES_MATTE_DEEP, Role.EYES_SHIMMER);
    if (party.booking().kind() == KindOfWork.EDITORIAL) {
      roles.add(Role.EYES_BOLD);
    }
    if (party.is(Condition.STROBE)) {
      roles.remove(Role.EYES_SHIMMER);
    }
    cover(Service.EYES, some, roles, ProductClass.EYE_SHADOW);
  }

  private void liner(List<Face> some) {
    Set<Role> roles = EnumSet.of(Role.LINER_BLACK);
    if (Party.heads(some) > 1) {
      roles.add(Role.LINER_BROWN);
    }
    cover(Service.LINER, some, roles, ProductClass.EYE_PENCIL);
  }

  private void cheeks() {
    List<Face> blushed = those(Service.BLUSH);
    Set<Role> blush = EnumSet.of(Role.BLUSH_PINK, Role.BLUSH_PEACH);
    if (blushed.stream().anyMatch(face -> face.depth() >= BERRY_FROM)) {
      blush.add(Role.BLUSH_BERRY);
    }
    cover(Service.BLUSH, blushed, blush, ProductClass.BLUSH);
    byBand(
        Service.CONTOUR,
        Map.of(
            DepthBand.LIGHT, Role.CONTOUR_LIGHT,
            DepthBand.MID, Role.CONTOUR_MID,
            DepthBand.DEEP, Role.CONTOUR_DEEP));
    byBand(
        Service.BRONZER,
        Map.of(
            DepthBand.LIGHT, Role.BRONZER_LIGHT,
            DepthBand.MID, Role.BRONZER_MID,
            DepthBand.DEEP, Role.BRONZER_DEEP));
    List<Face> pale = new ArrayList<>(those(Service.HIGHLIGHT));
    List<Face> gold = pale.stream().filter(face -> face.depth() >= GOLD_FROM).toList();
    pale.removeAll(gold);
    cover(Service.HIGHLIGHT, pale, EnumSet.of(Role.HIGHLIGHTER_PALE), ProductClass.HIGHLIGHTER);
    cover(Service.HIGHLIGHT, gold, EnumSet.of(Role.HIGHLIGHTER_GOLD), ProductClass.HIGHLIGHTER);
  }

  private void byBand(Service service, Map<DepthBand, Role> roles) {
    for (DepthBand band : DepthBand.values()) {
      List<Face> some =
          those(service).stream().filter(face -> DepthBand.of(face.depth()) == band).toList();
      cover(service, some, EnumSet.of(roles.get(band)), ProductClass.CONTOUR);
    }
  }

  private void brows(List<Face> some) {
    Map<Role, List<Face>> byRole = new LinkedHashMap<>();
    for (Face face : some) {
      roles(face.hair())
          .forEach(role -> byRole.computeIfAbsent(role, _ -> new ArrayList<>()).add(face));
    }
    byRole.forEach(
        (role, those) -> {
          cover(Service.BROWS, those, EnumSet.of(role), ProductClass.BROW_POWDER);
          those.forEach(
              face ->
                  drafts
                      .of(NeedCode.of(role), "", those)
                      .because(new NeedReason.ForHair(face.id(), face.hair())));
        });
  }

  private static Set<Role> roles(Hair hair) {
    return switch (hair) {
      case FAIR -> EnumSet.of(Role.BROWS_FAIR);
      case TAUPE -> EnumSet.of(Role.BROWS_TAUPE);
      case MID_BROWN -> EnumSet.of(Role.BROWS_MID_BROWN);
      case DARK -> EnumSet.of(Role.BROWS_DARK);
      case AUBURN -> EnumSet.of(Role.BROWS_AUBURN);
      case GREY -> EnumSet.of(Role.BROWS_GREY);
      // Nobody said: one for fair hair and one for dark.
      case UNKNOWN -> EnumSet.of(Role.BROWS_TAUPE, Role.BROWS_DARK);
    };
  }

  private void lips(List<Face> some) {
    Set<Role> roles = EnumSet.of(Role.LIPS_ROSE, Role.LIPS_RED);
    for (Face face : some) {
      roles.add(
          switch (DepthBand.of(face.depth())) {
            case LIGHT -> Role.LIPS_NUDE_LIGHT;
            case MID -> Role.LIPS_NUDE_MID;
            case DEEP -> Role.LIPS_NUDE_DEEP;
          });
    }
    cover(Service.LIPS, some, roles, ProductClass.LIP_COLOUR);
    Set<Role> pencils = EnumSet.noneOf(Role.class);
    roles.forEach(role -> pencils.add(role.pencil()));
    cover(Service.LIPS, some, pencils, ProductClass.LIP_PENCIL);
    carriedOn(some, roles);
  }

  /** Standing by and touch-up kits take of the colour that was worn. */
  private void carriedOn(List<Face> some, Set<Role> roles) {
    long more = 0;
    for (Face face : some) {
      Set<Service> services = party.services(face);
      more += services.contains(Service.STAND_BY) ? 100L * party.rounds(face) : 0;
      more += services.contains(Service.TOUCH_UP_KIT) ? 500L * face.heads() : 0;
    }
    if (more > 0) {
      long each = Math.ceilDiv(more, roles.size());
      roles.forEach(role -> drafts.of(NeedCode.of(role), "", some).measured(each, Unit.G));
    }
  }

  /** One pair a face and day and one spare for all, of two styles. */
  private void lashes(List<Face> some) {
    if (some.isEmpty()) {
      return;
    }
    int pairs = some.stream().mapToInt(party::times).sum() + 1;
    NeedReason why = NeedReason.ToChooseFrom.of(Service.LASHES, some);
    drafts
        .of(NeedCode.of(Role.LASHES_NATURAL), "", some)
        .counted(Math.ceilDiv(pairs, 2))
        .withoutReserve()
        .because(why);
    drafts
        .of(NeedCode.of(Role.LASHES_FULL), "", some)
        .counted(pairs / 2)
        .withoutReserve()
        .because(why);
  }

  /**
   * What all of them take together is taken from the roles in equal parts.
   *
   * @param like as much as of this
   */
  private void cover(Service service, List<Face> some, Set<Role> roles, ProductClass like) {
    if (some.isEmpty()) {
      return;
    }
    long all = UsualAmounts.of(like) * some.stream().mapToInt(party::times).sum();
    for (Role role : roles) {
      drafts
          .of(NeedCode.of(role), "", some)
          .measured(Math.ceilDiv(all, roles.size()), UsualAmounts.unit(like))
          .because(NeedReason.ToChooseFrom.of(service, some));
    }
  }
}
