package gerula.app.platform.web;

import gerula.core.rule.Text;
import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.jspecify.annotations.Nullable;

/** A text that has to be there and of which something is seen. */
@Target({
  ElementType.TYPE_USE,
  ElementType.FIELD,
  ElementType.PARAMETER,
  ElementType.RECORD_COMPONENT
})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Visible.Check.class)
public @interface Visible {

  String message();

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Made by the validator, by its name. */
  final class Check implements ConstraintValidator<Visible, String> {
    @Override
    public boolean isValid(@Nullable String text, ConstraintValidatorContext context) {
      return text != null && Text.isVisible(text);
    }
  }
}
