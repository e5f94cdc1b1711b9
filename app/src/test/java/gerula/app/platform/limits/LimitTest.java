package gerula.app.platform.limits;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class LimitTest {

  private static final Pattern ROW =
      Pattern.compile("\\| `([a-z-]+)` \\| ([\\d,]+) \\|[^|]*\\|[^|]+\\|");

  /** One table in docs tells every limit with its value and its reason, and no other. */
  @Test
  void everyLimitStandsInTheDocumentWithItsReason() throws IOException {
    String document = Files.readString(Path.of("../docs/limits.md"));
    List<String> told =
        ROW.matcher(document)
            .results()
            .map((MatchResult row) -> row.group(1) + " " + row.group(2).replace(",", ""))
            .toList();
    assertThat(told)
        .containsExactlyInAnyOrderElementsOf(
            Arrays.stream(Limit.values()).map(one -> one.code() + " " + one.value()).toList());
  }
}
