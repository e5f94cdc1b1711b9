package gerula.app.kit.intake;

import gerula.app.kit.KitDrafts;
import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.product.ProductDraft;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Composition;
import gerula.core.rule.Code;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Writes the kit as a table that is read back without loss: docs/formats/kit-csv.md. */
@Component
class KitCsv {

  private final KitDrafts drafts;
  private final PlaceStore places;
  private final Workspaces workspaces;

  KitCsv(KitDrafts drafts, PlaceStore places, Workspaces workspaces) {
    this.drafts = drafts;
    this.places = places;
    this.workspaces = workspaces;
  }

  private static final List<KitColumn> WRITTEN =
      Arrays.stream(KitColumn.values()).filter(one -> one != KitColumn.COUNT).toList();

  void write(SignedIn who, OutputStream file) {
    workspaces.read(
        who.workspace(),
        () -> {
          PlaceTree tree = places.tree();
          Map<UUID, ProductDraft> products =
              drafts.products().stream()
                  .collect(
                      Collectors.toMap(
                          KitDrafts.ProductToType::id, KitDrafts.ProductToType::draft));
          try (CSVPrinter out =
              new CSVPrinter(
                  new OutputStreamWriter(file, StandardCharsets.UTF_8), CSVFormat.RFC4180)) {
            out.printRecord(WRITTEN.stream().map(KitColumn::header).toList());
            for (KitDrafts.ItemToType item : drafts.items(false)) {
              ProductDraft product = products.get(item.product());
              out.printRecord(
                  WRITTEN.stream().map(column -> safe(cell(column, item, product, tree))).toList());
            }
          } catch (IOException interrupted) {
            throw new UncheckedIOException(interrupted);
          }
        });
  }

  private static @Nullable Object safe(@Nullable Object cell) {
    return cell instanceof String text ? Formulas.safe(text) : cell;
  }

  private static @Nullable Object cell(
      KitColumn column, KitDrafts.ItemToType one, ProductDraft product, PlaceTree tree) {
    ItemDraft item = one.draft();
    ProductDraft.MeasuresDraft pack = product.measures();
    ItemDraft.DecantDraft decant = item.decant();
    ProductDraft.MeasuresDraft own = decant == null ? null : decant.measures();
    return switch (column) {
      case CODE -> one.code();
      case MAKER -> product.maker();
      case NAME -> product.name();
      case SHADE -> product.shade();
      case COLOUR -> product.colour();
      case FINISH -> code(product.finish());
      case COVERAGE -> code(product.coverage());
      case CLASS -> product.productClass().code();
      case FORM -> product.form().code();
      case SIZE -> product.content().toPlainString();
      case UNIT -> product.unit().code();
      case DEPTH -> product.depth();
      case SHADES_IN_PACK -> ShadeCells.told(product.shades());
      case ROLES -> codes(product.toldRoles());
      case TRAITS -> codes(product.traits());
      case ALSO_SERVES -> codes(product.alsoServes() == null ? List.of() : product.alsoServes());
      case CONTAINS -> read(product, Composition.Found.CONTAINS);
      case FREE_OF -> read(product, Composition.Found.FREE_OF);
      case SPF -> product.spf();
      case WATT_HOURS -> product.wattHours();
      case BRUSHES -> product.brushes();
      case PACK_CODE -> product.packCode();
      case MONTHS_AFTER_OPENING -> product.periodAfterOpening();
      case PACK_OUTLINE -> pack == null ? null : pack.outline().code();
      case PACK_WIDTH_MM -> pack == null ? null : pack.widthMm();
      case PACK_DEPTH_MM -> pack == null ? null : pack.depthMm();
      case PACK_HEIGHT_MM -> pack == null ? null : pack.heightMm();
      case PACK_MASS_G -> pack == null ? null : pack.massG();
      case CONTAINER -> decant == null ? null : decant.container().code();
      case CONTAINER_SIZE -> decant == null ? null : decant.size().toPlainString();
      case CONTAINER_OUTLINE -> own == null ? null : own.outline().code();
      case CONTAINER_WIDTH_MM -> own == null ? null : own.widthMm();
      case CONTAINER_DEPTH_MM -> own == null ? null : own.depthMm();
      case CONTAINER_HEIGHT_MM -> own == null ? null : own.heightMm();
      case CONTAINER_MASS_G -> own == null ? null : own.massG();
      case LEFT -> item.left().stripTrailingZeros().toPlainString() + " " + product.unit().code();
      case COUNT -> null;
      case BATCH -> item.batch();
      case MADE -> item.madeOn();
      case BOUGHT -> item.boughtOn();
      case OPENED -> item.openedOn();
      case EXPIRY -> item.printedExpiry();
      case PRICE -> item.price();
      case CURRENCY -> item.currency();
      case HOME -> item.home() == null ? null : PlacePaths.path(tree, item.home());
      case NOW -> item.now() == null ? null : PlacePaths.path(tree, item.now());
      case ASK_BACK -> item.askBackOn();
      case CLEANLINESS -> item.cleanliness().code();
      case PERSONAL -> item.personal() ? "yes" : null;
      case ONLY_FOR ->
          one.stored().item().forWhom() instanceof ForWhom.Only only ? only.person().name() : null;
      case FAVOURITE -> item.favourite() ? "yes" : null;
      case RARE -> item.rare() ? "yes" : null;
      case BRUSH_SET -> item.brushSet();
      case NOTE -> item.note();
    };
  }

  private static <E extends Enum<E> & Code> String codes(Collection<E> some) {
    return some.stream().sorted().map(Code::code).collect(Collectors.joining("|"));
  }

  /** As in "latex 2031-04-14|carmine": what the label was found to say, and when it was read. */
  private static String read(ProductDraft product, Composition.Found found) {
    return product.composition().stream()
        .filter(one -> one.found() == found)
        .map(one -> one.checkedOn() == null ? one.of() : one.of() + " " + one.checkedOn())
        .collect(Collectors.joining("|"));
  }

  private static @Nullable String code(@Nullable Code word) {
    return word == null ? null : word.code();
  }
}
