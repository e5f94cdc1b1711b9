package gerula.app.probe;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentSkipListMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Eight writers do and undo whatever there is in one workspace, and export it meanwhile: none of
 * them meets a failure of ours, the kit stays sound, and every export reads back. As long as the
 * system property probe.seconds says.
 */
@ExtendWith(Running.class)
class ManyWritersTest {

  private static final Duration TIME = Duration.ofSeconds(Integer.getInteger("probe.seconds", 6));
  private static final long SEED = Long.getLong("probe.seed", 7);
  private static final int WRITERS = 8;

  private final RandomActs.Known known = new RandomActs.Known();
  private final Map<Integer, Integer> statuses = new ConcurrentSkipListMap<>();
  private Client client;

  @Test
  void whateverIsDoneAtOnceTheKitStaysSound(Client fresh, Client other) {
    client = fresh.signedUp();
    new RandomActs(client, new Random(SEED), known).fill();
    List<String> exports = new ArrayList<>();
    long until = System.nanoTime() + TIME.toNanos();
    List<Callable<Boolean>> writers = new ArrayList<>();
    for (int i = 0; i < WRITERS; i++) {
      RandomActs one = new RandomActs(client, new Random(SEED * 100 + i), known);
      writers.add(
          () -> {
            while (System.nanoTime() < until) {
              note(one.any());
            }
            return true;
          });
    }
    writers.add(
        () -> {
          while (System.nanoTime() < until) {
            Answer export = client.get("/api/workspace/archive");
            note(export);
            if (export.status() == 200) {
              exports.add(export.raw().body());
            }
          }
          return true;
        });
    SideBySide.all(writers);
    System.out.println("Many writers by status: " + statuses + ", " + exports.size() + " exports");
    assertThat(client.post("/api/workspace/check", act()).expect(200).body().path("mended"))
        .isEmpty();
    readsBack(exports, other);
  }

  private void note(Answer answer) {
    statuses.merge(answer.status(), 1, Integer::sum);
    boolean isOurs = answer.status() >= 500;
    boolean isBusy =
        answer.status() == 503 && answer.raw().headers().firstValue("Retry-After").isPresent();
    assertThat(!isOurs || isBusy).as("%s %s", answer.raw().request(), answer.raw().body()).isTrue();
  }

  /** Each into a workspace of its own; of many, some. */
  private void readsBack(List<String> exports, Client other) {
    assertThat(exports).isNotEmpty();
    int step = Math.max(1, exports.size() / 5);
    for (int i = exports.size() - 1; i >= 0; i -= step) {
      other.signedUp();
      other.post("/api/workspace/archive?actId=" + Kits.id(), exports.get(i)).expect(204);
      assertThat(other.get("/api/workspace/check").body().path("mended")).isEmpty();
    }
  }
}
