package gerula.core.kit.code;

import gerula.core.rule.Code;

/**
 * The number under the bars of a retail pack.
 *
 * <p>The last digit is a check: from the right, digits before it weigh 3, 1, 3, 1 and so on;
 * weighted sum and check digit together are a multiple of ten. Source: GS1 General Specifications,
 * check digit calculation for GTIN. Example: 400638133393 weighs 89, so the check digit is 1.
 *
 * @param code as given, without spaces and hyphens
 * @param kind by its length alone
 * @param isValid whether the check digit is right; false for an unknown kind
 * @param expectedCheckDigit 0 to 9, or -1 for an unknown kind
 */
public record PackCode(String code, PackCodeKind kind, boolean isValid, int expectedCheckDigit) {

  /** The symbols a shop prints. */
  public enum PackCodeKind implements Code {
    EAN_13,
    EAN_8,
    UPC_A,
    GTIN_14,
    UNKNOWN
  }

  /** Looks at a number; never refuses it. */
  public static PackCode of(String given) {
    String code = given.replaceAll("[\\s-]", "");
    PackCodeKind kind = kind(code);
    if (kind == PackCodeKind.UNKNOWN) {
      return new PackCode(code, kind, false, -1);
    }
    int expected = checkDigit(code.substring(0, code.length() - 1));
    return new PackCode(code, kind, code.charAt(code.length() - 1) - '0' == expected, expected);
  }

  /**
   * The form in which the same product always has the same number: a UPC-A is the EAN-13 with a
   * leading zero.
   */
  public String canonical() {
    return kind == PackCodeKind.UPC_A ? "0" + code : code;
  }

  private static PackCodeKind kind(String code) {
    if (!code.chars().allMatch(c -> c >= '0' && c <= '9')) {
      return PackCodeKind.UNKNOWN;
    }
    return switch (code.length()) {
      case 8 -> PackCodeKind.EAN_8;
      case 12 -> PackCodeKind.UPC_A;
      case 13 -> PackCodeKind.EAN_13;
      case 14 -> PackCodeKind.GTIN_14;
      default -> PackCodeKind.UNKNOWN;
    };
  }

  private static int checkDigit(String digits) {
    int sum = 0;
    for (int i = 0; i < digits.length(); i++) {
      int fromTheRight = digits.length() - 1 - i;
      sum += (digits.charAt(i) - '0') * (fromTheRight % 2 == 0 ? 3 : 1);
    }
    return (10 - sum % 10) % 10;
  }
}
