package gerula.app.archive;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.errors.Unreadable;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.web.Figures;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.InputStream;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads an archive from its first character to its last, element by element, so that a large one
 * needs no more memory than a small one.
 */
final class ArchiveReader {

  private final JsonMapper json;
  private final Validator validator;
  private final Deadline deadline;
  private final Set<ArchivePart> seen = EnumSet.noneOf(ArchivePart.class);

  ArchiveReader(JsonMapper json, Validator validator, Deadline deadline) {
    this.json = json;
    this.validator = validator;
    this.deadline = deadline;
  }

  /** Whoever wants to know what is in an archive. */
  interface Reader {

    /** Whether the elements of a part are wanted; others are passed over. */
    boolean wants(ArchivePart part);

    /**
     * @param path where it stands, as in "items[3]."
     */
    void element(ArchivePart part, Archived element, String path);

    /** A thing of the act that was told last. */
    default void thing(Archived.OfThing thing, String path) {}

    /** A part has ended. */
    default void end(ArchivePart part) {}
  }

  /**
   * @throws Refused when it is no archive
   */
  void read(InputStream file, Reader reader) {
    try (JsonParser parser = json.createParser(file)) {
      parser.nextToken();
      while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
        String name = parser.currentName();
        parser.nextToken();
        switch (name) {
          case "format", "version", "writtenOn" -> {
            // Looked at before.
          }
          case ArchiveHead.CLOSING -> parser.skipChildren();
          default -> part(parser, name, reader);
        }
      }
    }
  }

  private void part(JsonParser parser, String name, Reader reader) {
    ArchivePart part =
        ArchivePart.named(name)
            .orElseThrow(() -> fault(name, "An archive has no part \"" + name + "\"."));
    require(seen.add(part), name, "The part \"" + name + "\" is there twice.");
    require(
        !seen.contains(ArchivePart.LEDGER) || part == ArchivePart.LEDGER,
        name,
        "The ledger is the last part of an archive.");
    require(
        parser.currentToken() == JsonToken.START_ARRAY,
        name,
        "The part \"" + name + "\" is a list.");
    if (!reader.wants(part)) {
      parser.skipChildren();
      return;
    }
    for (int i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
      deadline.check();
      requireRoom(part, i + 1L);
      String path = name + "[" + i + "].";
      if (part == ArchivePart.LEDGER) {
        act(parser, path, reader);
      } else {
        reader.element(part, element(parser, part.type(), path), path);
      }
    }
    reader.end(part);
  }

  private static void requireRoom(ArchivePart part, long count) {
    Limit most = part.most();
    require(
        most == null || count <= most.value(),
        part.code(),
        "An archive has at most " + (most == null ? 0 : most.value()) + " " + part.code() + ".");
  }

  /** Field by field: an act may have touched more things than lie in memory together. */
  private void act(JsonParser parser, String path, Reader reader) {
    require(parser.currentToken() == JsonToken.START_OBJECT, path, "An act is an object.");
    Map<String, Object> fields = new HashMap<>();
    boolean hasThings = false;
    while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
      String name = parser.currentName();
      parser.nextToken();
      require(!hasThings, path + name, "The last field of an act is what it touched.");
      if (name.equals("things")) {
        hasThings = true;
        reader.element(ArchivePart.LEDGER, act(fields, path), path);
        things(parser, path, reader);
      } else {
        fields.put(name, element(parser, Object.class, path + name));
      }
    }
    require(hasThings, path + "things", "This is missing. Send it as well.");
  }

  private Archived act(Map<String, Object> fields, String path) {
    require(
        Figures.areWithinBounds(fields.get("facts")), path + "facts", "A figure is out of bounds.");
    try {
      return valid(json.convertValue(fields, Archived.OfAct.class), path);
    } catch (DatabindException wrong) {
      throw Refused.faulty(List.of(Unreadable.fault(wrong).within(path)));
    }
  }

  private void things(JsonParser parser, String path, Reader reader) {
    require(parser.currentToken() == JsonToken.START_ARRAY, path + "things", "This is a list.");
    for (int i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
      deadline.check();
      String at = path + "things[" + i + "].";
      Archived.OfThing thing = valid(element(parser, Archived.OfThing.class, at), at);
      require(
          Figures.areWithinBounds(thing.before()) && Figures.areWithinBounds(thing.after()),
          at,
          "A figure is out of bounds.");
      reader.thing(thing, at);
    }
  }

  private <T> T valid(T one, String path) {
    Faults faults = new Faults();
    for (ConstraintViolation<T> broken : validator.validate(one)) {
      faults.unless(false, path + broken.getPropertyPath(), "rule", broken.getMessage());
    }
    faults.refuseIfAny();
    return one;
  }

  /** One value; what follows it in the file is not its business. */
  private <T> T element(JsonParser parser, Class<? extends T> type, String path) {
    try {
      T one =
          json.readerFor(type)
              .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
              // 12.500 stays 12.500: a history is not rounded.
              .with(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
              .readValue(parser);
      require(
          one != null || type == Object.class,
          path,
          "Something is expected here, but this is null.");
      return one;
    } catch (DatabindException wrong) {
      throw Refused.faulty(List.of(Unreadable.fault(wrong).within(path)));
    }
  }

  private static Refused fault(String path, String message) {
    return Refused.faulty(List.of(new FieldFault(path, "unknown-format", message)));
  }

  private static void require(boolean kept, String path, String message) {
    new Faults().unless(kept, path, "unknown-format", message).refuseIfAny();
  }
}
