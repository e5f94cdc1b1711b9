package gerula.app.kit.intake;

import gerula.app.kit.intake.LineRecords.AddLines;
import gerula.app.kit.intake.LineRecords.LineShown;
import gerula.app.kit.intake.LineRecords.LinesAdded;
import gerula.app.kit.intake.LineRecords.ThingRead;
import gerula.app.kit.intake.LineRecords.TokenAnswer;
import gerula.app.kit.intake.LineRecords.TypedLine;
import gerula.app.kit.intake.OwnWords.Own;
import gerula.app.kit.picture.UnnamedPictures;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.intake.line.LineCells;
import gerula.core.kit.intake.line.LineItem;
import gerula.core.kit.intake.line.LineRead;
import gerula.core.kit.intake.line.LineReader;
import gerula.core.kit.place.PlaceTree;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** One line, one thing: what was typed at a drawer becomes things that lie there. */
@Component
class Lines {

  private final OwnWords own;
  private final Intake intake;
  private final PlaceStore places;
  private final KnownCodes codes;
  private final UnnamedPictures pictures;
  private final Ledger ledger;
  private final Answers answers;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Lines(
      OwnWords own,
      Intake intake,
      PlaceStore places,
      KnownCodes codes,
      UnnamedPictures pictures,
      Ledger ledger,
      Answers answers,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.own = own;
    this.intake = intake;
    this.places = places;
    this.codes = codes;
    this.pictures = pictures;
    this.ledger = ledger;
    this.answers = answers;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** Reads them and changes nothing. */
  List<LineShown> read(SignedIn who, List<TypedLine> lines) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Own kit = own.all();
          PlaceTree tree = places.tree();
          return lines.stream().map(line -> read(line, kit, tree)).toList();
        });
  }

  private LineShown read(TypedLine line, Own kit, PlaceTree tree) {
    LineRead made = made(line, kit);
    List<TypedRow> rows = rows(line, made, kit);
    Reading reading = reading(rows.stream().map(TypedRow::cells).toList(), tree);
    return new LineShown(
        line.line(),
        made.tokens().stream()
            .map(token -> new TokenAnswer(token.from(), token.to(), token.as().field()))
            .toList(),
        reading.rows().stream()
            .map(one -> ThingRead.of(one, rows.get(one.line() - 1).proposed()))
            .toList(),
        times(made),
        reading.bad().stream().flatMap(bad -> bad.faults().stream()).toList());
  }

  private LineRead made(TypedLine line, Own kit) {
    return LineReader.read(line.line(), time.today(), time.dateOrder(), kit.words());
  }

  private static int times(LineRead made) {
    return Optional.ofNullable(made.items().getFirst().count()).orElse(1);
  }

  private Reading reading(List<Map<KitColumn, String>> rows, PlaceTree tree) {
    return Reading.ofRows(rows, tree, codes.all()::contains, time.today());
  }

  /**
   * A row of the kit's table.
   *
   * @param proposed what the line does not tell, but another of that name does
   */
  private record TypedRow(Map<KitColumn, String> cells, Set<KitColumn> proposed) {}

  /** One for each shade; what was put right by hand stands instead of what was read. */
  private static List<TypedRow> rows(TypedLine line, LineRead made, Own kit) {
    List<TypedRow> rows = new ArrayList<>();
    for (LineItem item : made.items()) {
      Map<KitColumn, String> cells = LineCells.of(item);
      if (kit.has(cells)) {
        // What the kit calls its own thing counts before what the word usually means.
        cells.remove(KitColumn.CLASS);
      }
      cells.putAll(line.corrections());
      Map<KitColumn, String> proposed = kit.proposed(cells);
      cells.putAll(proposed);
      rows.add(new TypedRow(cells, proposed.keySet()));
    }
    return rows;
  }

  /** Adds all of them or none, as one act. */
  LinesAdded add(SignedIn who, AddLines asked) {
    int[] added = {0};
    return answers.once(
        who,
        asked.actId(),
        () ->
            ledger.perform(
                who, asked.actId(), "added", Map.of(), act -> added[0] = add(act, asked)),
        () -> new LinesAdded(added[0]));
  }

  private int add(Act act, AddLines asked) {
    List<UUID> items = intake.addItems(act, whole(asked.place(), asked.lines()), (_, _) -> {});
    if (asked.picture() != null) {
      pictures.named(act, asked.picture(), items);
    }
    return items.size();
  }

  private Reading whole(@Nullable UUID place, List<TypedLine> lines) {
    Own kit = own.all();
    PlaceTree tree = places.tree();
    if (place != null && tree.find(place).isEmpty()) {
      throw Refused.notThere("place", place);
    }
    List<Map<KitColumn, String>> rows = new ArrayList<>();
    for (TypedLine line : lines) {
      LineRead made = made(line, kit);
      refuseTooMany(times(made));
      for (TypedRow row : rows(line, made, kit)) {
        if (place != null) {
          row.cells().put(KitColumn.HOME, PlacePaths.cell(place));
          row.cells().put(KitColumn.NOW, PlacePaths.cell(place));
        }
        rows.addAll(Collections.nCopies(times(made), row.cells()));
      }
    }
    return reading(rows, tree);
  }

  private static void refuseTooMany(int times) {
    if (times < 1 || times > KitReader.MOST_OF_ONE) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "lines",
                  "too-many",
                  "Too many of one item in one line: write x1 to x"
                      + KitReader.MOST_OF_ONE
                      + ".")));
    }
  }
}
