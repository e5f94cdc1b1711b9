package gerula.app.archive;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.errors.Unreadable;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads an archive from its first character to its last: the lists into memory, the ledger act by
 * act, so that a long history needs no more memory than a short one.
 */
final class ArchiveReader {

  /** More of one kind than any workspace has. */
  static final int MOST = 200_000;

  private final JsonMapper json;
  private final Validator validator;
  private final Faults faults = new Faults();

  private String format = "";
  private int version;
  private @Nullable LocalDate writtenOn;
  private final Map<String, List<Object>> lists = new HashMap<>();

  private static final Map<String, Class<?>> KINDS =
      Map.ofEntries(
          Map.entry("places", WorkspaceArchive.ArchivedPlace.class),
          Map.entry("products", WorkspaceArchive.ArchivedProduct.class),
          Map.entry("pictures", WorkspaceArchive.ArchivedPicture.class),
          Map.entry("items", WorkspaceArchive.ArchivedItem.class),
          Map.entry("bookings", WorkspaceArchive.ArchivedBooking.class),
          Map.entry("packed", WorkspaceArchive.ArchivedTick.class),
          Map.entry("counts", WorkspaceArchive.ArchivedCount.class),
          Map.entry("house", WorkspaceArchive.ArchivedHouse.class),
          Map.entry("empties", WorkspaceArchive.ArchivedEmpty.class),
          Map.entry("fillings", WorkspaceArchive.ArchivedFilling.class),
          Map.entry("sessions", WorkspaceArchive.ArchivedSession.class),
          Map.entry("wanted", WorkspaceArchive.ArchivedWanted.class));

  ArchiveReader(JsonMapper json, Validator validator) {
    this.json = json;
    this.validator = validator;
  }

  /**
   * @param head called once, with everything but the ledger
   * @param ledger called with each act of the ledger, if there is one, after that
   * @throws Refused when it is no archive
   */
  void read(
      InputStream body,
      Consumer<WorkspaceArchive> head,
      Consumer<WorkspaceArchive.ArchivedAct> ledger) {
    try (JsonParser parser = json.createParser(body)) {
      require(parser.nextToken() == JsonToken.START_OBJECT, "", "An archive is one JSON object.");
      boolean isHeadDone = false;
      while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
        String name = parser.currentName();
        require(!isHeadDone, name, "The ledger is the last part of an archive.");
        parser.nextToken();
        if (name.equals("ledger")) {
          head.accept(done());
          isHeadDone = true;
          elements(parser, name, WorkspaceArchive.ArchivedAct.class, ledger);
        } else {
          readField(parser, name);
        }
      }
      require(
          parser.currentToken() == JsonToken.END_OBJECT && parser.nextToken() == null,
          "",
          "Something follows after the archive's end.");
      if (!isHeadDone) {
        head.accept(done());
      }
    } catch (StreamReadException broken) {
      throw notJson();
    }
  }

  private static Refused notJson() {
    return Refused.faulty(
        List.of(
            new FieldFault(
                "", "not-json", "The file is not JSON that can be read. Nothing was changed.")));
  }

  private void readField(JsonParser parser, String name) {
    switch (name) {
      case "format" -> format = parser.getValueAsString("");
      case "version" -> version = parser.getValueAsInt(0);
      case "writtenOn" -> writtenOn = value(parser, LocalDate.class);
      default -> {
        Class<?> kind = KINDS.get(name);
        require(kind != null, name, "An archive has no part \"" + name + "\".");
        require(!lists.containsKey(name), name, "The part \"" + name + "\" is there twice.");
        List<Object> list = new ArrayList<>();
        lists.put(name, list);
        elements(parser, name, kind, list::add);
      }
    }
  }

  private <T> void elements(
      JsonParser parser, String name, Class<? extends T> kind, Consumer<T> each) {
    require(
        parser.currentToken() == JsonToken.START_ARRAY,
        name,
        "The part \"" + name + "\" is a list.");
    int number = 0;
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      require(
          number < MOST || name.equals("ledger"),
          name,
          "An archive has at most " + MOST + " " + name + ".");
      String path = name + "[" + number + "].";
      T one = element(parser, kind, path);
      for (ConstraintViolation<T> broken : validator.validate(one)) {
        faults.unless(false, path + broken.getPropertyPath(), "rule", broken.getMessage());
      }
      faults.refuseIfMoreThan(100);
      each.accept(one);
      number++;
    }
  }

  private <T> T element(JsonParser parser, Class<? extends T> kind, String path) {
    try {
      T one = value(parser, kind);
      require(one != null, path, "Something is expected here, but this is null.");
      return one;
    } catch (DatabindException wrong) {
      throw Refused.faulty(List.of(Unreadable.fault(wrong).within(path)));
    }
  }

  /** One value; what follows it in the file is not its business. */
  private <T> T value(JsonParser parser, Class<? extends T> kind) {
    return json.readerFor(kind)
        .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        // 12.500 stays 12.500: a history is not rounded.
        .with(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
        .readValue(parser);
  }

  private WorkspaceArchive done() {
    faults.refuseIfAny();
    require(
        format.equals(WorkspaceArchive.FORMAT) && version == WorkspaceArchive.VERSION,
        "format",
        "This is not a Gerula workspace of version 1. See docs/formats/workspace.md.");
    require(
        writtenOn != null, "writtenOn", "The archive does not say on which day it was written.");
    return new WorkspaceArchive(
        format,
        version,
        Objects.requireNonNull(writtenOn),
        list("places"),
        list("products"),
        list("pictures"),
        list("items"),
        list("bookings"),
        list("packed"),
        list("counts"),
        list("house"),
        list("empties"),
        list("fillings"),
        list("sessions"),
        list("wanted"));
  }

  /** The reader put nothing into this list that is not of its kind. */
  @SuppressWarnings("unchecked")
  private <T> List<T> list(String name) {
    return (List<T>) lists.getOrDefault(name, List.of());
  }

  private static void require(boolean kept, String path, String message) {
    new Faults().unless(kept, path, "unknown-format", message).refuseIfAny();
  }
}
