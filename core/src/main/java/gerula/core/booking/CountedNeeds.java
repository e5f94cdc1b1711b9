package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.ProductClass;
import gerula.core.rule.TouchUpPractice;
import java.util.function.ToIntFunction;

/** Disposables: the usual counts of common practice, for all faces together. */
final class CountedNeeds {

  private final Party party;
  private final NeedDrafts drafts;

  private CountedNeeds(Party party, NeedDrafts drafts) {
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Party party, NeedDrafts drafts) {
    CountedNeeds needs = new CountedNeeds(party, drafts);
    for (Service service : Service.values()) {
      needs.addFor(service);
    }
    needs.eachDay(COTTON_BUD, 2);
    needs.eachDay(FACE_TISSUE, 5);
    if (party.house().liftsPowder()) {
      needs.eachDay(COTTON_ROUND, 3);
      needs.eachDay(WAND, 1);
    }
    if (party.house().restsHandOnPuff()) {
      needs.eachDay(PUFF, 2);
    }
  }

  private void addFor(Service service) {
    switch (service) {
      case SKIN_PREPARATION -> count(service, COTTON_ROUND, 3);
      case GROOMING -> {
        count(service, RAZOR, 1);
        count(service, REMOVER_WIPE, 1);
        count(service, WAND, 1);
      }
      case BASE -> count(service, WEDGE_SPONGE, 2);
      case AIRBRUSH -> count(service, FACE_TISSUE, 2);
      case POWDER -> count(service, PUFF, 1);
      case BLUSH, CONTOUR, BRONZER, HIGHLIGHT -> count(service, COTTON_BUD, 1);
      case BROWS -> count(service, WAND, 1);
      case EYES -> count(service, COTTON_BUD, 2);
      case LINER -> count(service, LINER_APPLICATOR, 1);
      case MASCARA -> {
        count(service, WAND, party.house().wands());
        count(service, SMALL_WAND, 1);
      }
      case LASHES -> count(service, LINER_APPLICATOR, 2);
      case CLUSTER_LASHES -> {
        count(
            service,
            ProductClass.CLUSTER_LASHES,
            (int) UsualAmounts.of(ProductClass.CLUSTER_LASHES));
        count(service, LINER_APPLICATOR, 2);
      }
      case LIPS -> count(service, LIP_APPLICATOR, 2);
      case BODY -> {
        count(service, WEDGE_SPONGE, 2);
        count(service, TOWEL, 1);
      }
      case HAIR_TIDY -> {
        count(service, HAIR_PINS, 10);
        count(service, HAIR_ELASTICS, 2);
      }
      case HAIR_STYLING -> {
        count(service, SECTION_CLIPS, 12);
        count(service, HAIR_PINS, 30);
        count(service, HAIR_ELASTICS, 4);
      }
      case STAND_BY -> {
        count(service, BLOTTING_PAPER, 4);
        count(service, FACE_TISSUE, 4);
        count(service, COTTON_BUD, 2);
        count(service, PUFF, 1);
      }
      case TAKE_OFF -> {
        count(service, COTTON_ROUND, 6);
        count(service, REMOVER_WIPE, 2);
        count(service, FACE_TISSUE, 4);
      }
      case TOUCH_UP_KIT -> {
        if (party.house().touchUp() == TouchUpPractice.LABELLED_JAR) {
          once(TOUCH_UP_JAR, 1);
        }
        once(ZIP_BAGS, 1);
        once(LABEL, 1);
        once(CARD, 1);
        once(PUFF, 1);
        once(REMOVER_WIPE, 1);
        once(BLOTTING_PAPER, 2);
      }
      default -> {
        if (service.isEffect() && service != Service.FX_LENSES) {
          count(service, WEDGE_SPONGE, 2);
          count(service, COTTON_BUD, 2);
          count(service, PAPER_TOWEL, 10);
        }
      }
    }
  }

  private void count(Service service, ProductClass one, int each) {
    ToIntFunction<Face> often = service == Service.STAND_BY ? party::rounds : party::times;
    add(service, one, each, party.with(service).stream().mapToInt(often).sum());
  }

  /** Once a face, however many days it is there. */
  private void once(ProductClass one, int each) {
    add(Service.TOUCH_UP_KIT, one, each, Party.heads(party.with(Service.TOUCH_UP_KIT)));
  }

  private void add(Service service, ProductClass one, int each, int times) {
    if (times > 0) {
      drafts
          .shared(one)
          .counted((long) each * times)
          .because(new NeedReason.CountedForService(service, each, times));
    }
  }

  private void eachDay(ProductClass one, int each) {
    int times = party.faceDays();
    if (times > 0) {
      drafts
          .shared(one)
          .counted((long) each * times)
          .because(new NeedReason.CountedPerFace(each, times));
    }
  }
}
