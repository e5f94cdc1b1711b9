package gerula.app.kit;

import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The whole kit on paper with what was paid for it, as an insurer asks for it. */
@RestController
class KitOnPaper {

  private final KitStore kit;
  private final PlaceStore places;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final HeavyWork heavy;

  KitOnPaper(
      KitStore kit, PlaceStore places, Workspaces workspaces, WorkspaceTime time, HeavyWork heavy) {
    this.kit = kit;
    this.places = places;
    this.workspaces = workspaces;
    this.time = time;
    this.heavy = heavy;
  }

  @GetMapping(path = "/api/kit/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "a4") PaperFormat paper) {
    byte[] pdf =
        heavy.inTurn(
            who,
            HeavyWork.Length.SHORT,
            () -> workspaces.read(who.workspace(), () -> print(paper)));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gerula-kit.pdf\"")
        .body(pdf);
  }

  private byte[] print(PaperFormat format) {
    PlaceTree tree = places.tree();
    Map<Section, List<StoredItem>> bySection = new EnumMap<>(Section.class);
    kit.items().stream()
        .filter(one -> !one.item().isDiscarded())
        .sorted(Comparator.comparing(one -> one.item().product().fullName()))
        .forEach(
            one ->
                bySection
                    .computeIfAbsent(
                        one.item().product().productClass().section(), _ -> new ArrayList<>())
                    .add(one));
    List<StoredItem> all = bySection.values().stream().flatMap(List::stream).toList();
    try (Paper paper = new Paper(format, "Kit list, " + time.today())) {
      paper.newPage();
      paper.text(Paper.Letters.TITLE, "Kit list, " + time.today());
      paper.text(Paper.Letters.PLAIN, all.size() + " items. " + worth(all));
      bySection.forEach(
          (section, items) -> {
            paper.heading(capital(section.code()), worth(items));
            items.forEach(
                one -> paper.smallRow(line(one), tree.told(one.item().now()) + price(one)));
          });
      return paper.done();
    }
  }

  /** What was paid, by currency; what nobody told the price of is counted. */
  private static String worth(List<StoredItem> items) {
    Map<String, BigDecimal> sums = new TreeMap<>();
    int untold = 0;
    for (StoredItem one : items) {
      BigDecimal price = one.details().price();
      String currency = one.details().currency();
      if (price == null || currency == null) {
        untold++;
      } else {
        sums.merge(currency, price, BigDecimal::add);
      }
    }
    String paid =
        sums.entrySet().stream()
            .map(sum -> sum.getValue().toPlainString() + " " + sum.getKey())
            .collect(Collectors.joining(", "));
    return Stream.of(
            paid.isEmpty() ? "" : "paid " + paid, untold == 0 ? "" : untold + " without a price")
        .filter(text -> !text.isEmpty())
        .collect(Collectors.joining(", "));
  }

  private static String line(StoredItem one) {
    return one.details().code() + "  " + one.item().product().fullName();
  }

  private static String price(StoredItem one) {
    BigDecimal price = one.details().price();
    return price == null ? "" : "   " + price.toPlainString() + " " + one.details().currency();
  }

  private static String capital(String code) {
    return code.substring(0, 1).toUpperCase(Locale.ROOT) + code.substring(1).replace('-', ' ');
  }
}
