package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Tests that each begin with the demo's kit in an account of their own. */
abstract class WithTheDemo {

  private final Person.Stance stance;
  Person artist;

  /** A test that fails says what stood on the page: it cannot be looked at later. */
  @RegisterExtension
  final AfterTestExecutionCallback toldWhenItFails =
      test ->
          test.getExecutionException()
              .ifPresent(thrown -> thrown.addSuppressed(new AssertionError(artist.seen())));

  WithTheDemo(Person.Stance stance) {
    this.stance = stance;
  }

  @BeforeEach
  final void comes() {
    artist = new Person(stance).withTheDemo();
  }

  @AfterEach
  final void goes() {
    artist.close();
    assertThat(complaints()).isEmpty();
  }

  /** What the console must not have said; tests of refusals leave those out. */
  List<String> complaints() {
    return artist.complaints;
  }
}
