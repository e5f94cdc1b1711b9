package gerula.app.cleandown;

import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.CardLine;
import gerula.core.rule.Practices;
import org.springframework.stereotype.Component;

/** A short card that tells a client what she will see done. */
@Component
class ClientCards {

  private final HouseStore house;
  private final Workspaces workspaces;

  ClientCards(HouseStore house, Workspaces workspaces) {
    this.house = house;
    this.workspaces = workspaces;
  }

  /** In the artist's own words where she wrote some; else what follows from the house rules. */
  byte[] print(SignedIn who, PaperFormat format) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Practices practices = house.current().practices();
          String words = house.find().map(HouseStore.StoredRules::cardWords).orElse("");
          try (Paper paper = new Paper(format, "Card")) {
            paper.newPage();
            paper.text(Paper.Letters.TITLE, "What you will see me do");
            paper.gap(4);
            if (words.isBlank()) {
              for (CardLine line : CardLine.of(practices)) {
                paper.row(false, told(line, practices), "", "");
              }
            } else {
              words.lines().forEach(line -> paper.text(Paper.Letters.PLAIN, line));
            }
            paper.heading("Tell me", "");
            paper.text(
                Paper.Letters.PLAIN,
                "what irritates your skin, and whether you have a cold sore, a sore eye or broken"
                    + " skin: then I do not work there.");
            paper.gap(6);
            paper.text(
                Paper.Letters.PLAIN,
                "This is what is done. It does not promise that nothing can happen, and local rules"
                    + " come first.");
            return paper.done();
          }
        });
  }

  private static String told(CardLine line, Practices practices) {
    return switch (line) {
      case HANDS_WASHED -> "I wash or sanitise my hands before I touch your face.";
      case PALETTE_CLEANED -> "My palette and spatula are cleaned in front of you.";
      case CLEAN_BRUSHES -> "You get a set of brushes that touched nobody since it was washed.";
      case BRUSHES_CLEANED_BETWEEN -> "Brushes are cleaned before they touch you.";
      case SCOOPED_ONLY ->
          "Creams and liquids go onto the palette; nothing that touched skin goes back in.";
      case ONE_DIP_EACH -> "Mascara and lip colour are taken with a new applicator for each dip.";
      case SPONGES_ONCE -> "Sponges are used once and discarded.";
      case SPONGE_YOURS_TO_KEEP -> "The sponge is new, and yours to take home.";
      case SPONGE_OF_YOUR_OWN -> "You have a sponge of your own.";
      case POWDER_SPRAYED ->
          "Powders are sprayed with " + practices.sprayPercent() + " % alcohol and dry before you.";
      case POWDER_TOP_LAYER -> "The top layer of a powder is taken off before you.";
      case POWDER_MISTED -> "Powders are misted with a sanitiser for make-up before you.";
      case POWDER_LIFTED -> "Powder is lifted off first; a brush never goes into the pan.";
      case PENCILS_SHARPENED -> "Pencils are sharpened and sprayed before you.";
    };
  }
}
