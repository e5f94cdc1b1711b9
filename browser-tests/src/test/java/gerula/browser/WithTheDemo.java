package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Tests that each begin with the demo's kit in an account of their own. */
abstract class WithTheDemo {

  private final Person.Stance stance;
  Person artist;

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
