package gerula.app.archive;

import gerula.app.platform.Sha256;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/**
 * SHA-256 over the values of a JSON text, whatever its spacing, its escapes and the way it writes
 * numbers: each token is one letter; names and texts are followed by their length in bytes (four
 * bytes, big-endian) and their UTF-8; numbers likewise by their shortest decimal form.
 */
final class ArchiveDigest {

  private final MessageDigest digest = Sha256.begun();

  void add(JsonToken token, JsonParser parser) {
    switch (token) {
      case START_OBJECT -> digest.update((byte) '{');
      case END_OBJECT -> digest.update((byte) '}');
      case START_ARRAY -> digest.update((byte) '[');
      case END_ARRAY -> digest.update((byte) ']');
      case VALUE_TRUE -> digest.update((byte) 't');
      case VALUE_FALSE -> digest.update((byte) 'f');
      case VALUE_NULL -> digest.update((byte) '0');
      case PROPERTY_NAME -> text('k', parser.currentName());
      case VALUE_STRING -> text('s', parser.getString());
      case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT ->
          text('n', parser.getDecimalValue().stripTrailingZeros().toString());
      case NOT_AVAILABLE, VALUE_EMBEDDED_OBJECT ->
          throw new IllegalStateException("A file has no such token: " + token);
    }
  }

  private void text(char kind, String text) {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    digest.update((byte) kind);
    digest.update(ByteBuffer.allocate(4).putInt(bytes.length).array());
    digest.update(bytes);
  }

  String hex() {
    return HexFormat.of().formatHex(digest.digest());
  }
}
