package gerula.app.platform.errors;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Gathers every fault of what was sent, then refuses once. */
public final class Faults {

  private final List<FieldFault> found = new ArrayList<>();

  /** Notes a fault when the rule is broken. */
  public Faults unless(boolean kept, String path, String code, String message) {
    if (!kept) {
      found.add(new FieldFault(path, code, message));
    }
    return this;
  }

  /** Runs a constructor of the core; what it refuses is a fault at this place. */
  public <T> Optional<T> build(String path, Supplier<T> constructor) {
    try {
      return Optional.of(constructor.get());
    } catch (IllegalArgumentException broken) {
      found.add(new FieldFault(path, "rule", String.valueOf(broken.getMessage())));
      return Optional.empty();
    }
  }

  /** What was found so far. */
  /**
   * The one thing that is asked for.
   *
   * @throws Refused when it cannot be built
   */
  public static <T> T built(String path, Supplier<T> constructor) {
    Faults faults = new Faults();
    Optional<T> built = faults.build(path, constructor);
    faults.refuseIfAny();
    return built.orElseThrow();
  }

  public List<FieldFault> found() {
    return List.copyOf(found);
  }

  /**
   * For long inputs: nobody reads thousands of faults.
   *
   * @throws Refused when more than so many were found
   */
  public void refuseIfMoreThan(int most) {
    if (found.size() > most) {
      throw Refused.faulty(found);
    }
  }

  /** The refusal with everything that was found. */
  public Refused refusal() {
    return Refused.faulty(found);
  }

  /**
   * @throws Refused when anything was found
   */
  public void refuseIfAny() {
    if (!found.isEmpty()) {
      throw Refused.faulty(found);
    }
  }
}
