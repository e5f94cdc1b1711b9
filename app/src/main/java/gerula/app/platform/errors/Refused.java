package gerula.app.platform.errors;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** What was asked was not done; nothing was changed. Answered as problem details (RFC 9457). */
public final class Refused extends RuntimeException {

  private final HttpStatus status;
  private final String code;
  private final List<FieldFault> faults;
  private final Map<String, Object> facts;

  private Refused(
      HttpStatus status,
      String code,
      String message,
      List<FieldFault> faults,
      Map<String, Object> facts) {
    super(message);
    this.status = status;
    this.code = code;
    this.faults = List.copyOf(faults);
    this.facts = Map.copyOf(facts);
  }

  /** Nothing of that kind has this id in the workspace. */
  public static Refused notThere(String kind, UUID id) {
    return new Refused(
        HttpStatus.NOT_FOUND,
        "not-there",
        "There is no " + kind + " " + id + " in this workspace. Look it up again.",
        List.of(),
        Map.of());
  }

  /** A private address that opens nothing, or nothing any more. */
  public static Refused noCalendar() {
    return new Refused(
        HttpStatus.NOT_FOUND,
        "not-there",
        "This address opens no calendar, or none any more. Make a new one in Gerula.",
        List.of(),
        Map.of());
  }

  /** Somebody else changed it since it was read. */
  public static Refused changedMeanwhile(String kind, Object current) {
    return new Refused(
        HttpStatus.CONFLICT,
        "changed-meanwhile",
        "This "
            + kind
            + " was changed somewhere else since you opened it. Nothing was saved; compare and save"
            + " again.",
        List.of(),
        Map.of("current", current));
  }

  /** As things stand it cannot be done. */
  public static Refused notNow(String code, String message) {
    return new Refused(HttpStatus.CONFLICT, code, message, List.of(), Map.of());
  }

  /** What was sent breaks rules: all of them are told. */
  public static Refused faulty(List<FieldFault> faults) {
    return new Refused(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "faulty",
        faults.size() == 1
            ? faults.getFirst().message()
            : faults.size() + " things are not right. Nothing was saved.",
        faults,
        Map.of());
  }

  /** Too many tries. */
  public static Refused tooSoon(long seconds) {
    return new Refused(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-soon",
        "Too many sign-ins have failed. Try again in " + seconds + " seconds.",
        List.of(),
        Map.of("seconds", seconds));
  }

  /** The name and the passphrase do not belong together. */
  public static Refused wrongSignIn() {
    return new Refused(
        HttpStatus.UNAUTHORIZED,
        "wrong-sign-in",
        "This e-mail and passphrase do not belong together. Check both and try again.",
        List.of(),
        Map.of());
  }

  public HttpStatus status() {
    return status;
  }

  public String code() {
    return code;
  }

  public List<FieldFault> faults() {
    return faults;
  }

  public Map<String, Object> facts() {
    return facts;
  }
}
