package gerula.app.kit.product;

import gerula.core.kit.code.PackCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The calculator of pack codes. */
@RestController
class PackCodeController {

  /**
   * @param code as printed, spaces and hyphens do not matter
   */
  record AskPackCode(
      @NotNull(message = "Write the number under the barcode.")
          @Size(max = 200, message = "A pack code has at most 14 digits.")
          String code) {}

  /**
   * @param kind by its length
   * @param valid whether its check digit is right
   * @param expectedCheckDigit null for an unknown kind
   */
  record PackCodeAnswer(
      PackCode.PackCodeKind kind, boolean valid, @Nullable Integer expectedCheckDigit) {}

  @PostMapping("/api/calc/pack-code")
  PackCodeAnswer packCode(@Valid @RequestBody AskPackCode asked) {
    PackCode code = PackCode.of(asked.code());
    return new PackCodeAnswer(
        code.kind(),
        code.isValid(),
        code.kind() == PackCode.PackCodeKind.UNKNOWN ? null : code.expectedCheckDigit());
  }
}
