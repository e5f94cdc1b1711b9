package gerula.app.platform.web;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Tells with an answer which kinds of things were changed, so that only what shows them is asked
 * for again. An answer without it may have changed anything.
 */
public final class TouchedHeader {

  /** Kinds as the history names them, joined by commas. */
  public static final String NAME = "Gerula-Touched";

  private TouchedHeader() {}

  /** One act of this request changed these kinds; what others changed stays told. */
  public static void tell(Collection<String> kinds) {
    // Long work is done on a thread of its own, which answers nobody.
    if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request) {
      HttpServletResponse response = request.getResponse();
      if (response != null) {
        TreeSet<String> all = new TreeSet<>(kinds);
        String before = response.getHeader(NAME);
        if (before != null && !before.isEmpty()) {
          all.addAll(List.of(before.split(",")));
        }
        response.setHeader(NAME, String.join(",", all));
      }
    }
  }
}
