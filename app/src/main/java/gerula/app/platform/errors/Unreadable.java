package gerula.app.platform.errors;

import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Says where JSON does not have the shape that was asked for. */
public final class Unreadable {

  private Unreadable() {}

  public static FieldFault fault(DatabindException wrong) {
    String path = path(wrong);
    return switch (wrong) {
      case UnrecognizedPropertyException unknown ->
          new FieldFault(
              path,
              "unknown-field",
              "There is no field \"" + unknown.getPropertyName() + "\". Leave it out.");
      case InvalidFormatException format -> value(path, format.getValue());
      default ->
          new FieldFault(path, "wrong-shape", "The value of " + path + " has the wrong shape.");
    };
  }

  /** Something that no such field can hold. */
  static FieldFault value(String path, @Nullable Object given) {
    return new FieldFault(
        path,
        "wrong-value",
        "\""
            + shortened(String.valueOf(given))
            + "\" is not one of the values "
            + path
            + " can have.");
  }

  private static String path(DatabindException wrong) {
    return wrong.getPath().stream()
        .map(Unreadable::step)
        .collect(Collectors.joining())
        .replaceFirst("^\\.", "");
  }

  private static String step(JacksonException.Reference reference) {
    return reference.getPropertyName() != null
        ? "." + reference.getPropertyName()
        : "[" + reference.getIndex() + "]";
  }

  private static String shortened(String value) {
    return value.length() <= 60 ? value : value.substring(0, 60) + "…";
  }
}
