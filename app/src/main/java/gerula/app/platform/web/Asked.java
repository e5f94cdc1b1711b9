package gerula.app.platform.web;

import gerula.app.platform.Sha256;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the request that is being answered asks for, as a digest: method, address and content. JSON
 * counts by what it says, in whatever order and spacing.
 */
@Component
public class Asked {

  private final JsonMapper json;
  private final ObjectWriter sorted;

  Asked(JsonMapper json) {
    this.json = json;
    sorted = json.writer().with(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);
  }

  /** SHA-256; empty when no request is being answered. */
  public Optional<byte[]> digest() {
    if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now)) {
      return Optional.empty();
    }
    HttpServletRequest request = now.getRequest();
    MessageDigest digest = Sha256.begun();
    String address =
        request.getMethod()
            + " "
            + request.getRequestURI()
            + "?"
            + Objects.toString(request.getQueryString(), "");
    digest.update(address.getBytes(StandardCharsets.UTF_8));
    Body.of(request).ifPresent(body -> digest.update(content(body)));
    return Optional.of(digest.digest());
  }

  private byte[] content(Body body) {
    if (!body.isShort()) {
      return body.digest();
    }
    byte[] bytes = bytes(body);
    try {
      return sorted.writeValueAsBytes(json.readValue(bytes, Object.class));
    } catch (JacksonException isNoJson) {
      return bytes;
    }
  }

  private static byte[] bytes(Body body) {
    try {
      return body.bytes();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }
}
