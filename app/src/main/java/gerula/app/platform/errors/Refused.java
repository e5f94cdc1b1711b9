package gerula.app.platform.errors;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
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
        "This address doesn't open a calendar any more. Make a new one in Gerula.",
        List.of(),
        Map.of());
  }

  /**
   * Nothing is written over what somebody else changed meanwhile.
   *
   * @param read the version that was read
   * @param now the one it has by now
   * @param kind what it is, in words
   * @param current what is told of it as it is by now
   * @throws Refused when they differ
   */
  public static void unlessUnchanged(int read, int now, String kind, Supplier<Object> current) {
    if (read != now) {
      throw changedMeanwhile(kind, current.get());
    }
  }

  private static Refused changedMeanwhile(String kind, Object current) {
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

  /** The same with facts that stand beside the message. */
  public static Refused notNow(String code, String message, Map<String, Object> facts) {
    return new Refused(HttpStatus.CONFLICT, code, message, List.of(), facts);
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
    return later(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-soon",
        "Too many sign-ins have failed. Try again in " + seconds + " seconds.",
        seconds);
  }

  /** More was asked for in a short time than one account or address may. */
  public static Refused tooMany(String what, long seconds) {
    return later(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-many-requests",
        what + " Nothing was done; try again in " + seconds + " seconds.",
        seconds);
  }

  /** Others are being served. */
  public static Refused busy(String why) {
    return later(
        HttpStatus.SERVICE_UNAVAILABLE,
        "busy",
        why + " Nothing was done; try again in " + BUSY_SECONDS + " seconds.",
        BUSY_SECONDS);
  }

  /** It took longer than it may; it was stopped and nothing of it is kept. */
  public static Refused tookTooLong(String what) {
    return new Refused(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "took-too-long",
        what + " took too long and was stopped. Nothing was changed; send less at once.",
        List.of(),
        Map.of());
  }

  /** Something the machine could not do just now; whether it was done is known. */
  static Refused unavailable(String code, String message) {
    return new Refused(
        HttpStatus.SERVICE_UNAVAILABLE, code, message, List.of(), Map.of("seconds", BUSY_SECONDS));
  }

  /** Data that no column can hold. */
  static Refused unkeepable() {
    return new Refused(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "unkeepable",
        "Something in what was sent cannot be saved: a character that is no text, or a date or"
            + " figure out of bounds. Nothing was changed; write it again.",
        List.of(),
        Map.of());
  }

  /** Nobody foresaw it; the log has the trace. */
  static Refused unforeseen() {
    return new Refused(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "unforeseen",
        "Something went wrong here. Look whether it was done before you try again.",
        List.of(),
        Map.of());
  }

  /** More or slower than an address takes. */
  public static Refused body(HttpStatus status, String code, String message) {
    return new Refused(status, code, message, List.of(), Map.of());
  }

  /** What somebody's role does not allow. */
  public static Refused notAllowed(String why) {
    return body(
        HttpStatus.FORBIDDEN, "not-your-role", why + " Ask its owner. Nothing was changed.");
  }

  /** More than a limit allows, at a field. */
  public static Refused tooMuch(String path, String message) {
    return faulty(List.of(new FieldFault(path, "too-many", message)));
  }

  /** The account was deleted while somebody was still signed in. */
  public static Refused workspaceGone() {
    return new Refused(
        HttpStatus.UNAUTHORIZED,
        "not-signed-in",
        "This account was deleted. Nothing was changed.",
        List.of(),
        Map.of());
  }

  private static final long BUSY_SECONDS = 5;

  private static Refused later(HttpStatus status, String code, String message, long seconds) {
    return new Refused(status, code, message, List.of(), Map.of("seconds", seconds));
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

  /** When asking again is worth it; empty when it is not a matter of time. */
  public Optional<Long> retryAfterSeconds() {
    return facts.get("seconds") instanceof Long seconds ? Optional.of(seconds) : Optional.empty();
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
