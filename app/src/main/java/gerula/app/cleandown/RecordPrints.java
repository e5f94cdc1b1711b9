package gerula.app.cleandown;

import gerula.app.booking.BookingStore;
import gerula.app.cleandown.CleaningRecord.Asked;
import gerula.app.cleandown.CleaningRecord.Line;
import gerula.app.kit.Kit;
import gerula.app.kit.intake.Formulas;
import gerula.app.person.PersonNames;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.cleandown.Contact;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.Item;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/** The record of cleaning on paper and as a table, and a notice for one person. */
@Component
class RecordPrints {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

  private final CleaningRecord record;
  private final BookingStore bookings;
  private final Kit kit;
  private final ContactStore contacts;
  private final PersonNames people;
  private final WorkspaceTime time;
  private final Workspaces workspaces;

  RecordPrints(
      CleaningRecord record,
      BookingStore bookings,
      Kit kit,
      ContactStore contacts,
      PersonNames people,
      WorkspaceTime time,
      Workspaces workspaces) {
    this.record = record;
    this.bookings = bookings;
    this.kit = kit;
    this.contacts = contacts;
    this.people = people;
    this.time = time;
    this.workspaces = workspaces;
  }

  byte[] print(SignedIn who, Asked asked, PaperFormat format) {
    return workspaces.read(
        who.workspace(),
        () -> {
          String title = title(asked);
          List<Line> lines = record.lines(asked);
          try (Paper paper = new Paper(format, title)) {
            paper.newPage();
            paper.text(Paper.Letters.TITLE, title);
            paper.text(
                Paper.Letters.PLAIN,
                "States what was recorded, not that nothing can happen. People stand by their"
                    + " initials.");
            byDay(paper, lines);
            return paper.done();
          }
        });
  }

  private void byDay(Paper paper, List<Line> lines) {
    LocalDate day = null;
    for (Line line : lines) {
      LocalDate of = time.dayOf(line.at());
      if (!of.equals(day)) {
        day = of;
        paper.heading(DAY.format(of), "");
      }
      paper.row(
          false,
          CLOCK.format(line.at().atZone(time.zone()))
              + "  "
              + (line.thing().isEmpty() ? "Worktop and hands" : line.thing()),
          line.by(),
          below(line));
    }
    if (lines.isEmpty()) {
      paper.gap(4);
      paper.text(Paper.Letters.PLAIN, "Nothing was recorded.");
    }
  }

  private static String below(Line line) {
    String what =
        switch (line.kind()) {
          case USED -> "used: " + line.what();
          case CLEANED -> "cleaned: " + line.what();
          case HAPPENED -> "happened: " + line.what();
        };
    return what
        + (line.percent() == null ? "" : ", alcohol " + line.percent() + " %")
        + (line.agent().isEmpty() ? "" : " from " + line.agent())
        + (line.whom().isEmpty() ? "" : ", " + line.whom());
  }

  private String title(Asked asked) {
    if (asked.booking() != null) {
      return "Cleaning record: "
          + bookings
              .find(asked.booking())
              .map(one -> one.booking().title())
              .orElseThrow(() -> Refused.notThere("booking", asked.booking()));
    }
    if (asked.item() != null) {
      return "Cleaning record: " + kit.existing(asked.item()).item().product().called();
    }
    return "Cleaning record";
  }

  /** The same as a table, UTF-8, RFC 4180. */
  byte[] table(SignedIn who, Asked asked) {
    return workspaces.read(
        who.workspace(),
        () -> {
          StringWriter text = new StringWriter();
          try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            out.printRecord(
                "at", "kind", "thing", "what", "face", "alcohol percent", "alcohol from", "by");
            for (Line line : record.lines(asked)) {
              out.printRecord(
                  line.at(),
                  line.kind().code(),
                  Formulas.safe(line.thing()),
                  line.what(),
                  Formulas.safe(line.whom()),
                  line.percent(),
                  Formulas.safe(line.agent()),
                  Formulas.safe(line.by()));
            }
          } catch (IOException broken) {
            throw new UncheckedIOException(broken);
          }
          return text.toString().getBytes(StandardCharsets.UTF_8);
        });
  }

  /**
   * A notice for one person that names nobody else.
   *
   * @param words what the artist says of it; may be empty
   */
  byte[] notice(
      SignedIn who, UUID person, UUID item, Instant since, String words, PaperFormat format) {
    return workspaces.read(
        who.workspace(),
        () -> {
          if (!people.knows(person)) {
            throw Refused.notThere("person", person);
          }
          PersonRef her = Objects.requireNonNull(people.ref(person));
          Item thing = kit.existing(item).item();
          List<Contact> uses =
              contacts.ofPerson(person, since).stream()
                  .filter(one -> one.item().equals(item))
                  .toList();
          try (Paper paper = new Paper(format, "Notice")) {
            paper.newPage();
            paper.text(Paper.Letters.TITLE, "For " + her.name());
            paper.gap(4);
            paper.text(
                Paper.Letters.PLAIN,
                "We write down what touches each face. This is what the record says of "
                    + thing.product().called()
                    + ".");
            paper.heading("When it was used on you", "");
            for (Contact one : uses) {
              paper.row(
                  false,
                  DAY.format(time.dayOf(one.at()))
                      + ", "
                      + CLOCK.format(one.at().atZone(time.zone())),
                  "",
                  CleaningRecord.words(one.how()));
            }
            if (uses.isEmpty()) {
              paper.text(
                  Paper.Letters.PLAIN,
                  "Not directly: it may have reached you by way of something else that was used on"
                      + " you.");
            }
            if (!words.isBlank()) {
              paper.heading("What there is to say", "");
              paper.text(Paper.Letters.PLAIN, words);
            }
            paper.gap(6);
            paper.text(
                Paper.Letters.PLAIN,
                "This is no medical advice. If you notice anything, ask a doctor or a pharmacist and"
                    + " show them this page.");
            return paper.done();
          }
        });
  }
}
