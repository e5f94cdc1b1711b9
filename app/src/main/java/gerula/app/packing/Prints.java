package gerula.app.packing;

import gerula.app.booking.BookingRecords.BookingView;
import gerula.app.booking.BookingRecords.FaceView;
import gerula.app.booking.LookDraft;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.WholeKit;
import gerula.app.kit.place.PlaceStore;
import gerula.app.packing.PackingRecords.LineView;
import gerula.app.packing.PackingRecords.ListedProduct;
import gerula.app.packing.PackingRecords.PackingListView;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Hair;
import gerula.core.booking.Service;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import gerula.core.packing.BaseRecipe;
import gerula.core.packing.PackingFinding;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A booking on paper: its list by bag, a sheet for each face, cards to give away. */
@Component
class Prints {

  /** What is printed of a booking. */
  enum Print implements Code {
    /** By bag, with boxes to tick. */
    LIST,
    /** A page a face, to work from and to hand over. */
    FACES,
    /** A card a face that takes something home. */
    TOUCH_UP,
    /** Everything with what it cost. */
    VALUES
  }

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
  private static final double CARD_MM = 62;

  private final Packing packing;
  private final WholeKit kit;
  private final PlaceStore places;
  private final Workspaces workspaces;

  Prints(Packing packing, WholeKit kit, PlaceStore places, Workspaces workspaces) {
    this.packing = packing;
    this.kit = kit;
    this.places = places;
    this.workspaces = workspaces;
  }

  byte[] print(SignedIn who, UUID booking, Print what, PaperFormat format) {
    PackingListView list = packing.list(who, booking);
    PlaceTree tree = workspaces.read(who.workspace(), places::tree);
    try (Paper paper = new Paper(format, list.booking().title())) {
      paper.newPage();
      switch (what) {
        case LIST -> list(paper, list, tree);
        case FACES -> faces(paper, list, tree);
        case TOUCH_UP -> cards(paper, list);
        case VALUES -> {
          paper.text(Paper.Letters.TITLE, list.booking().title());
          paper.text(Paper.Letters.PLAIN, when(list.booking()));
          ValueList.print(paper, list, workspaces.read(who.workspace(), () -> kit.now().byId()));
        }
      }
      return paper.done();
    }
  }

  private static void list(Paper paper, PackingListView list, PlaceTree tree) {
    BookingView booking = list.booking();
    paper.text(Paper.Letters.TITLE, booking.title());
    paper.text(Paper.Letters.PLAIN, when(booking));
    Map<UUID, String> faces = names(booking);
    Map<String, List<LineView>> byBag = new LinkedHashMap<>();
    for (LineView line : bagByBag(list, tree)) {
      byBag
          .computeIfAbsent(path(tree, line.goesTo(), "No bag yet"), _ -> new ArrayList<>())
          .add(line);
    }
    byBag.forEach(
        (bag, lines) -> {
          paper.heading(bag, lines.size() + (lines.size() == 1 ? " item" : " items"));
          for (LineView line : lines) {
            String forWhom =
                line.faces().isEmpty() || line.faces().size() == faces.size()
                    ? ""
                    : "for "
                        + line.faces().stream()
                            .map(face -> faces.getOrDefault(face, "a face"))
                            .collect(Collectors.joining(", "));
            paper.row(
                true,
                name(line.item().product()) + amount(line),
                line.goesTo() != null && line.goesTo().equals(line.item().now())
                    ? "there already"
                    : path(tree, line.item().now(), ""),
                forWhom);
          }
        });
    List<PackingFinding.Gap> gaps = gaps(list);
    if (!gaps.isEmpty()) {
      paper.heading("Missing", gaps.size() + (gaps.size() == 1 ? " gap" : " gaps"));
      for (PackingFinding.Gap gap : gaps) {
        paper.row(
            true,
            capital(words(gap.need().code())),
            decided(gap),
            gap.faces().stream()
                .map(face -> faces.getOrDefault(face, "a face"))
                .collect(Collectors.joining(", ")));
      }
    }
  }

  /** As one packs: the first bag first, each from its first compartment on. */
  private static List<LineView> bagByBag(PackingListView list, PlaceTree tree) {
    List<UUID> bags = list.booking().bags();
    List<UUID> walk = tree.inWalkingOrder().stream().map(Place::id).toList();
    return list.lines().stream()
        .sorted(
            Comparator.<LineView>comparingInt(
                    line ->
                        tree.outermost(line.goesTo())
                            .map(bag -> bags.indexOf(bag.id()))
                            .orElse(Integer.MAX_VALUE))
                .thenComparingInt(line -> walk.indexOf(line.goesTo())))
        .toList();
  }

  private static List<PackingFinding.Gap> gaps(PackingListView list) {
    return list.findings().stream()
        .filter(PackingFinding.Gap.class::isInstance)
        .map(PackingFinding.Gap.class::cast)
        .toList();
  }

  private static String decided(PackingFinding.Gap gap) {
    return switch (gap.decided()) {
      case null -> "";
      case WITHOUT -> "done without";
      case BORROWED -> "borrowed: give it back";
      case TO_BUY -> "to buy";
    };
  }

  private static String amount(LineView line) {
    return line.amount().signum() == 0
        ? ""
        : ", "
            + rounded(line.amount())
            + " "
            + unit(line.item().product().unit().code(), line.amount());
  }

  /** To three figures: nobody pours to a thousandth. */
  private static String rounded(BigDecimal amount) {
    BigDecimal three = amount.round(new MathContext(3, RoundingMode.HALF_UP));
    return three.stripTrailingZeros().toPlainString();
  }

  private static String unit(String code, BigDecimal amount) {
    boolean isSeveral = code.equals("piece") && amount.compareTo(BigDecimal.ONE) != 0;
    return isSeveral ? "pieces" : code;
  }

  private static void faces(Paper paper, PackingListView list, PlaceTree tree) {
    Map<UUID, String> items = itemNames(list);
    boolean isFirst = true;
    for (FaceView face : list.booking().faces()) {
      if (!isFirst) {
        paper.newPage();
      }
      isFirst = false;
      face(paper, list, face, items, tree);
    }
  }

  private static void face(
      Paper paper, PackingListView list, FaceView face, Map<UUID, String> items, PlaceTree tree) {
    paper.text(Paper.Letters.TITLE, face.name());
    paper.text(Paper.Letters.STRONG, sensitivities(face));
    paper.text(Paper.Letters.PLAIN, skin(face));
    paper.text(Paper.Letters.SMALL, list.booking().title() + ", " + when(list.booking()));
    List<BaseRecipe> recipes =
        list.recipes().stream().filter(recipe -> recipe.face().equals(face.id())).toList();
    if (!recipes.isEmpty()) {
      paper.heading("Base", "an estimate: the eye decides at the jaw");
      recipes.forEach(recipe -> recipe(paper, recipe, items));
    }
    for (LookDraft look : face.looks()) {
      paper.heading(lookTitle(look), look.from());
      for (LookDraft.PartDraft part : look.parts()) {
        paper.row(
            false,
            part.told(),
            part.tenths() == null || part.tenths() == 10 ? "" : part.tenths() + " tenths",
            Stream.of(part.where(), part.tool(), part.note())
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(", ")));
      }
      if (!look.note().isEmpty()) {
        paper.text(Paper.Letters.PLAIN, look.note());
      }
    }
    List<LineView> hers =
        list.lines().stream().filter(line -> line.faces().contains(face.id())).toList();
    if (!hers.isEmpty()) {
      paper.heading("What is where", "");
      hers.forEach(
          line ->
              paper.smallRow(
                  name(line.item().product()),
                  path(tree, line.packed() ? line.goesTo() : line.item().now(), "")));
    }
    List<PackingFinding.Gap> missing =
        gaps(list).stream().filter(gap -> gap.faces().contains(face.id())).toList();
    if (!missing.isEmpty()) {
      paper.heading("Not in the kit", "");
      missing.forEach(gap -> paper.smallRow(capital(words(gap.need().code())), decided(gap)));
    }
    if (paper.hasRoom(30)) {
      paper.heading("Notes", "");
      paper.blankLines(3);
    }
  }

  private static void recipe(Paper paper, BaseRecipe recipe, Map<UUID, String> items) {
    String parts =
        recipe.parts().stream()
            .map(
                part ->
                    (recipe.parts().size() > 1 ? part.tenths() + " tenths " : "")
                        + items.getOrDefault(part.item(), "a shade that is gone"))
            .collect(Collectors.joining(" + "));
    String near =
        switch (recipe.by()) {
          case COLOUR -> String.format(Locale.ROOT, "delta E %.1f", recipe.deltaE());
          case DEPTH -> "by depth, not measured";
          case LOOK -> "as in the look";
          case NOTHING -> "its depth was never told";
        };
    paper.row(false, recipe.isMet() ? parts : "Nearest: " + parts, near, "");
  }

  private static String lookTitle(LookDraft look) {
    String when = look.day() == null ? "every day" : DAY.format(look.day());
    return switch (look.purpose()) {
      case EXACTLY -> "The look, exactly, " + when;
      case AS_A_GUIDE -> "The look, as a guide, " + when;
      case DONE -> "Done, " + when;
    };
  }

  /** What somebody takes home, and how to use it. */
  private static void cards(Paper paper, PackingListView list) {
    Map<UUID, String> items = itemNames(list);
    List<FaceView> guests =
        list.booking().faces().stream()
            .filter(face -> face.services().contains(Service.TOUCH_UP_KIT))
            .toList();
    if (guests.isEmpty()) {
      paper.text(Paper.Letters.PLAIN, "Nobody on this booking takes a touch-up kit home.");
    }
    for (FaceView guest : guests) {
      if (!paper.hasRoom(CARD_MM)) {
        paper.newPage();
      }
      paper.heading(guest.name(), DAY.format(list.booking().firstDay()));
      paper.text(
          Paper.Letters.PLAIN,
          "Blot first, then press a little powder on with the puff. Lips last.");
      String lips =
          list.lines().stream()
              .filter(line -> line.section() == Section.LIPS)
              .filter(line -> line.faces().contains(guest.id()))
              .map(line -> items.getOrDefault(line.item().id(), ""))
              .collect(Collectors.joining(", "));
      paper.row(false, "Lips to choose from: " + lips, "", "");
      paper.row(false, "Worn today:", "", "");
      paper.text(
          Paper.Letters.SMALL,
          "For you alone: do not share it. If your skin stings or itches, take it off with water"
              + " and ask a doctor or pharmacist.");
    }
  }

  private static String when(BookingView booking) {
    String days =
        booking.firstDay().equals(booking.lastDay())
            ? DAY.format(booking.firstDay())
            : DAY.format(booking.firstDay()) + " to " + DAY.format(booking.lastDay());
    return Stream.of(
            days,
            booking.callTime() == null ? "" : "call " + booking.callTime(),
            booking.location(),
            booking.colleagues().isEmpty() ? "" : "with " + booking.colleagues())
        .filter(text -> !text.isEmpty())
        .collect(Collectors.joining(", "));
  }

  private static String sensitivities(FaceView face) {
    if (!face.sensitivities().isEmpty()) {
      return "Reacts to "
          + face.sensitivities().stream().map(Prints::words).collect(Collectors.joining(", "))
          + ".";
    }
    LocalDate asked = face.askedOn();
    return asked == null
        ? "Nobody has asked about sensitivities yet: ask first."
        : "No sensitivities, asked " + DAY.format(asked) + ".";
  }

  private static String skin(FaceView face) {
    return Stream.of(
            face.heads() > 1 ? face.heads() + " people" : "",
            "depth "
                + number(face.depth())
                + (face.depthTo() == null ? "" : " to " + number(face.depthTo())),
            face.undertone() == null ? "" : face.undertone().code(),
            words(face.skinType().code()) + " skin",
            face.hair() == Hair.UNKNOWN ? "" : words(face.hair().code()) + " hair",
            face.concerns().stream()
                .map(one -> words(one.code()))
                .collect(Collectors.joining(", ")))
        .filter(text -> !text.isEmpty())
        .collect(Collectors.joining(", "));
  }

  private static String number(double value) {
    return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
  }

  private static Map<UUID, String> names(BookingView booking) {
    Map<UUID, String> names = new HashMap<>();
    booking.faces().forEach(face -> names.put(face.id(), face.name()));
    return names;
  }

  private static Map<UUID, String> itemNames(PackingListView list) {
    Map<UUID, String> names = new HashMap<>();
    for (DrawnItem one : list.mentioned()) {
      names.put(one.id(), called(one.product().name(), one.product().shade()));
    }
    list.lines().forEach(line -> names.put(line.item().id(), name(line.item().product())));
    return names;
  }

  static String name(ListedProduct product) {
    return called(product.name(), product.shade());
  }

  private static String called(String name, String shade) {
    return (name + " " + shade).strip();
  }

  private static String path(PlaceTree tree, @Nullable UUID place, String otherwise) {
    String told = tree.told(place);
    return told.isEmpty() ? otherwise : told;
  }

  /** A code as one says it: "matte light" of "matte-light". */
  private static String words(String code) {
    return code.replace(":", ", ").replace('-', ' ');
  }

  private static String capital(String text) {
    return text.isEmpty()
        ? text
        : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
  }
}
