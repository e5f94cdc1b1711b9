package gerula.app.kit.find;

import gerula.app.kit.KitRecords.EndingDay;
import gerula.app.kit.KitRecords.ItemPage;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitRecords.KitSummary;
import gerula.app.kit.KitStore;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.code.PackCode;
import gerula.core.kit.code.ShortCode;
import gerula.core.kit.place.PlaceTree;
import gerula.core.rule.Code;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finding and the kit's lists over HTTP. */
@RestController
class FindController {

  private static final int SHOWN_WHILE_TYPING = 12;

  private final KitLists lists;
  private final Finder finder;
  private final PlaceStore places;
  private final KitStore store;
  private final Views views;
  private final Earlier earlier;
  private final Workspaces workspaces;

  FindController(
      KitLists lists,
      Finder finder,
      PlaceStore places,
      KitStore store,
      Views views,
      Earlier earlier,
      Workspaces workspaces) {
    this.lists = lists;
    this.finder = finder;
    this.places = places;
    this.store = store;
    this.views = views;
    this.earlier = earlier;
    this.workspaces = workspaces;
  }

  /**
   * What was found while somebody is still typing.
   *
   * @param items the best matches first, at most a dozen
   * @param places whose names begin like this, or whose code it is
   */
  record Found(List<ItemView> items, List<UUID> places) {}

  /** What a scanned or typed code stands for. */
  record CodeAnswer(
      Kind kind, @Nullable UUID place, List<ItemView> items, @Nullable String packCode) {

    /** What a code can be of. */
    enum Kind implements Code {
      ITEM,
      PLACE,
      PRODUCT,
      NOTHING
    }
  }

  @GetMapping("/api/items")
  ItemPage list(@AuthenticationPrincipal SignedIn who, @Valid @ModelAttribute KitFilter filter) {
    return workspaces.read(
        who.workspace(),
        () -> {
          KitLists.Part part = lists.part(filter);
          return new ItemPage(part.total(), views.now().of(part.items()));
        });
  }

  @GetMapping("/api/find")
  Found find(@AuthenticationPrincipal SignedIn who, @RequestParam @Size(max = 200) String q) {
    return workspaces.read(
        who.workspace(),
        () -> {
          List<StoredPlace> all = places.places();
          PlaceTree tree = new PlaceTree(all.stream().map(StoredPlace::place).toList());
          List<StoredItem> items = lists.inThisOrder(finder.ids(q, SHOWN_WHILE_TYPING));
          return new Found(views.with(tree).of(items), named(q, all));
        });
  }

  private static List<UUID> named(String q, List<StoredPlace> all) {
    String[] words = Finder.words(q);
    return words.length == 0
        ? List.of()
        : all.stream()
            .filter(
                place -> {
                  String told =
                      " " + (place.place().name() + " " + place.code()).toLowerCase(Locale.ROOT);
                  return Arrays.stream(words).allMatch(word -> told.contains(" " + word));
                })
            .limit(4)
            .map(StoredPlace::id)
            .toList();
  }

  /** A short code of an item or a place, or a pack code; whatever else was scanned is nothing. */
  @GetMapping("/api/codes")
  CodeAnswer code(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Size(max = 4000) String code) {
    return workspaces.read(who.workspace(), () -> answer(code));
  }

  private CodeAnswer answer(String code) {
    PackCode pack = PackCode.of(code);
    if (pack.isValid()) {
      List<StoredItem> items = store.withPackCode(pack.canonical());
      return new CodeAnswer(
          items.isEmpty() ? CodeAnswer.Kind.NOTHING : CodeAnswer.Kind.PRODUCT,
          null,
          views.now().of(items),
          pack.canonical());
    }
    if (ShortCode.looksLike(code)) {
      String text = code.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
      Optional<StoredItem> item = store.withCode(text);
      if (item.isPresent()) {
        return new CodeAnswer(
            CodeAnswer.Kind.ITEM, null, List.of(views.now().of(item.get())), null);
      }
      Optional<StoredPlace> place = places.withCode(text);
      if (place.isPresent()) {
        return new CodeAnswer(CodeAnswer.Kind.PLACE, place.get().id(), List.of(), null);
      }
    }
    return new CodeAnswer(CodeAnswer.Kind.NOTHING, null, List.of(), null);
  }

  @GetMapping("/api/kit/summary")
  KitSummary summary(@AuthenticationPrincipal SignedIn who) {
    return workspaces.read(who.workspace(), lists::summary);
  }

  /** What cannot be used as it is: out of date, nowhere, contaminated, empty. */
  @GetMapping("/api/kit/attention")
  ItemPage attention(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Min(1) @Max(200) int most) {
    return workspaces.read(
        who.workspace(),
        () -> {
          KitLists.Part part = lists.attention(most);
          return new ItemPage(part.total(), views.now().of(part.items()));
        });
  }

  /** Last days from today on, for so many days. */
  @GetMapping("/api/kit/ending")
  List<EndingDay> ending(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Min(1) @Max(800) int days) {
    return workspaces.read(who.workspace(), () -> lists.ending(days));
  }

  /** Lines of the kit whose maker or name begins like this, to spare typing. */
  @GetMapping("/api/kit/earlier")
  List<Earlier.EarlierLine> earlier(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Size(max = 120) String begins) {
    return workspaces.read(who.workspace(), () -> earlier.lines(begins));
  }
}
