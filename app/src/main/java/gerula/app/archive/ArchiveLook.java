package gerula.app.archive;

import gerula.app.archive.ArchiveHead.Closing;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import java.io.InputStream;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Looks an archive through from its first character to its last, before anything is done with it:
 * whether it is JSON, says what it is, and is whole.
 */
final class ArchiveLook {

  private final JsonMapper json;
  private final ArchiveDigest digest = new ArchiveDigest();
  private final Map<String, Long> counts = new HashMap<>();

  private String format = "";
  private int version;
  private @Nullable LocalDate writtenOn;
  private @Nullable Closing closing;

  private ArchiveLook(JsonMapper json) {
    this.json = json;
  }

  /**
   * @throws Refused when it is no JSON
   */
  static ArchiveHead at(InputStream file, JsonMapper json) {
    ArchiveLook look = new ArchiveLook(json);
    try (JsonParser parser = json.createParser(file)) {
      look.through(parser);
    } catch (JacksonException broken) {
      throw fault(
          "not-json",
          "The file is not JSON that can be read, or it is cut off. Nothing was changed.");
    }
    return new ArchiveHead(
        look.format, look.version, look.writtenOn, look.counts, look.digest.hex(), look.closing);
  }

  /**
   * @throws Refused when it is not an archive of a known version, whole and unchanged
   */
  static ArchiveHead whole(InputStream file, JsonMapper json) {
    ArchiveHead head = at(file, json);
    boolean isKnown =
        head.format().equals(ArchiveHead.FORMAT)
            && head.version() >= 1
            && head.version() <= ArchiveHead.VERSION;
    if (!isKnown) {
      throw new Faults()
          .unless(
              false,
              "format",
              "unknown-format",
              "This is not a Gerula workspace of version 1 to "
                  + ArchiveHead.VERSION
                  + ". See docs/formats/workspace.md.")
          .refusal();
    }
    if (head.writtenOn() == null) {
      throw new Faults()
          .unless(
              false,
              "writtenOn",
              "unknown-format",
              "The archive does not say on which day it was written.")
          .refusal();
    }
    if (head.version() > 1) {
      requireUnchanged(head);
    }
    return head;
  }

  private static void requireUnchanged(ArchiveHead head) {
    Closing closing = head.closing();
    if (closing == null) {
      throw fault(
          "not-whole",
          "The file ends without its closing part, so something of it is missing. Nothing was"
              + " changed; export it again.");
    }
    if (!closing.sha256().equals(head.sha256()) || !closing.counts().equals(head.counts())) {
      throw fault(
          "not-whole",
          "The file was changed or damaged since it was exported: its checksum or its counts do not"
              + " match. Nothing was changed; export it again, or set its version to 1 if you"
              + " changed it on purpose.");
    }
  }

  private void through(JsonParser parser) {
    if (next(parser) != JsonToken.START_OBJECT) {
      throw fault("unknown-format", "An archive is one JSON object.");
    }
    while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
      String name = parser.currentName();
      if (closing != null) {
        throw fault("not-whole", "Something follows after the archive's closing part.");
      }
      if (name.equals(ArchiveHead.CLOSING)) {
        parser.nextToken();
        closing = closing(parser);
      } else {
        digest.add(JsonToken.PROPERTY_NAME, parser);
        part(parser, name);
      }
    }
    if (parser.currentToken() != JsonToken.END_OBJECT || parser.nextToken() != null) {
      throw fault("not-json", "Something follows after the archive's end.");
    }
  }

  private Closing closing(JsonParser parser) {
    try {
      Closing read =
          json.readerFor(Closing.class)
              .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
              .readValue(parser);
      if (read != null && read.counts() != null && read.sha256() != null) {
        return read;
      }
    } catch (StreamReadException broken) {
      throw broken;
    } catch (JacksonException wrong) {
      // Told below.
    }
    throw fault("not-whole", "The archive's closing part cannot be read.");
  }

  private void part(JsonParser parser, String name) {
    JsonToken token = next(parser);
    if (token == JsonToken.START_ARRAY && ArchivePart.named(name).isPresent()) {
      counts.put(name, elements(parser));
    } else if (token.isStructStart()) {
      toItsEnd(parser);
    } else {
      head(parser, name, token);
    }
  }

  private void head(JsonParser parser, String name, JsonToken token) {
    switch (name) {
      case "format" -> format = parser.getValueAsString("");
      case "version" -> version = token == JsonToken.VALUE_NUMBER_INT ? parser.getValueAsInt(0) : 0;
      case "writtenOn" -> writtenOn = day(parser.getValueAsString(""));
      default -> {
        // Whoever reads the parts says what is unknown.
      }
    }
  }

  private static @Nullable LocalDate day(String text) {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeException wrong) {
      return null;
    }
  }

  private long elements(JsonParser parser) {
    long count = 0;
    for (JsonToken token = next(parser); token != JsonToken.END_ARRAY; token = next(parser)) {
      count++;
      if (token.isStructStart()) {
        toItsEnd(parser);
      }
    }
    return count;
  }

  private void toItsEnd(JsonParser parser) {
    int depth = 1;
    while (depth > 0) {
      JsonToken token = next(parser);
      depth += token.isStructStart() ? 1 : token.isStructEnd() ? -1 : 0;
    }
  }

  private JsonToken next(JsonParser parser) {
    JsonToken token = parser.nextToken();
    if (token == null) {
      throw fault("not-json", "The file is cut off. Nothing was changed.");
    }
    digest.add(token, parser);
    return token;
  }

  private static Refused fault(String code, String message) {
    return Refused.faulty(List.of(new FieldFault("", code, message)));
  }
}
