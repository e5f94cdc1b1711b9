package gerula.app.kit.intake;

import gerula.app.kit.WholeKit;
import gerula.app.kit.intake.UsualRecords.AddUsual;
import gerula.app.kit.intake.UsualRecords.TickedKind;
import gerula.app.kit.intake.UsualRecords.UsualAdded;
import gerula.app.kit.intake.UsualRecords.UsualList;
import gerula.app.kit.intake.UsualRecords.UsualShade;
import gerula.app.kit.intake.UsualRecords.UsualView;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.intake.ColourNames;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.intake.UsualKit;
import gerula.core.kit.intake.UsualTray;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Section;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The usual kit: what is ticked becomes things without a maker, each in a place. */
@Component
class Usuals {

  private final WholeKit kit;
  private final Intake intake;
  private final UsualPlaces places;
  private final KnownCodes codes;
  private final Ledger ledger;
  private final Answers answers;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Usuals(
      WholeKit kit,
      Intake intake,
      UsualPlaces places,
      KnownCodes codes,
      Ledger ledger,
      Answers answers,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.intake = intake;
    this.places = places;
    this.codes = codes;
    this.ledger = ledger;
    this.answers = answers;
    this.workspaces = workspaces;
    this.time = time;
  }

  UsualList of(SignedIn who, Set<KindOfWork> work) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Collection<StoredItem> items = kit.now().stored();
          return new UsualList(UsualKit.of(work).stream().map(one -> view(one, items)).toList());
        });
  }

  private static UsualView view(UsualKit.Usual one, Collection<StoredItem> items) {
    Measures measures = Measures.estimate(one.what().form(), one.what().usual());
    return new UsualView(
        one.code(),
        one.name(),
        one.what().productClass(),
        one.section(),
        UsualTray.of(one.section()),
        one.what().usual().amount(),
        one.what().usual().unit(),
        measures.widthMm(),
        measures.depthMm(),
        one.asksDepths(),
        one.shades().stream()
            .map(shade -> new UsualShade(shade, ColourNames.of(shade).orElse(null)))
            .toList(),
        (int) items.stream().filter(item -> isLike(one, item)).count());
  }

  private static boolean isLike(UsualKit.Usual one, StoredItem stored) {
    var product = stored.item().product();
    return product.productClass() == one.what().productClass()
        && product.form() == one.what().form();
  }

  /** All of it or nothing. */
  UsualAdded add(SignedIn who, AddUsual asked) {
    UsualAdded[] done = new UsualAdded[1];
    return answers.once(
        who,
        asked.actId(),
        () ->
            ledger.perform(
                who,
                asked.actId(),
                "added",
                Map.of(),
                act -> {
                  List<Ticked> ticked = ticked(asked.ticked());
                  Set<Section> sections =
                      places.sections(ticked.stream().map(Ticked::kind).toList());
                  UsualPlaces.Where where = places.find(act, asked.into(), sections);
                  Reading reading =
                      Reading.ofRows(
                          rows(ticked, where), where.tree(), codes.all()::contains, time.today());
                  done[0] =
                      new UsualAdded(intake.add(act, reading, (_, _) -> {}), where.outermost());
                }),
        () -> done[0]);
  }

  private record Ticked(UsualKit.Usual kind, TickedKind as) {}

  private static List<Ticked> ticked(List<TickedKind> asked) {
    List<Ticked> ticked = new ArrayList<>();
    List<FieldFault> faults = new ArrayList<>();
    for (int i = 0; i < asked.size(); i++) {
      TickedKind one = asked.get(i);
      String path = "ticked." + i + ".code";
      UsualKit.find(one.code())
          .ifPresentOrElse(
              kind -> ticked.add(new Ticked(kind, one)),
              () ->
                  faults.add(
                      new FieldFault(
                          path,
                          "wrong-value",
                          "The usual kit has no \"" + one.code() + "\". Fetch the list again.")));
    }
    if (!faults.isEmpty()) {
      throw Refused.faulty(faults);
    }
    return ticked;
  }

  private static List<Map<KitColumn, String>> rows(List<Ticked> ticked, UsualPlaces.Where where) {
    List<Map<KitColumn, String>> rows = new ArrayList<>();
    for (Ticked one : ticked) {
      String place = PlacePaths.cell(where.of(one.kind().section()));
      for (Map<KitColumn, String> row : rows(one)) {
        row.put(KitColumn.HOME, place);
        row.put(KitColumn.NOW, place);
        rows.addAll(Collections.nCopies(one.as().count(), row));
      }
    }
    return rows;
  }

  /** One for each depth and each shade, or one where it is told apart by neither. */
  private static List<Map<KitColumn, String>> rows(Ticked one) {
    List<Map<KitColumn, String>> rows = new ArrayList<>();
    for (Double depth : one.as().depths()) {
      String told = BigDecimal.valueOf(depth).stripTrailingZeros().toPlainString();
      Map<KitColumn, String> row = row(one);
      row.put(KitColumn.DEPTH, told);
      row.put(KitColumn.SHADE, "depth " + told);
      rows.add(row);
    }
    for (String shade : one.as().shades()) {
      Map<KitColumn, String> row = row(one);
      row.put(KitColumn.SHADE, shade);
      ColourNames.of(shade).ifPresent(colour -> row.put(KitColumn.COLOUR, colour));
      rows.add(row);
    }
    return rows.isEmpty() ? List.of(row(one)) : rows;
  }

  private static Map<KitColumn, String> row(Ticked one) {
    Map<KitColumn, String> row = new EnumMap<>(KitColumn.class);
    row.put(KitColumn.NAME, one.kind().name());
    row.put(KitColumn.CLASS, one.kind().what().productClass().code());
    row.put(KitColumn.FORM, one.kind().what().form().code());
    row.put(KitColumn.SIZE, one.kind().what().usual().amount().toPlainString());
    row.put(KitColumn.UNIT, one.kind().what().usual().unit().code());
    row.put(KitColumn.LEFT, one.as().level().code());
    return row;
  }
}
