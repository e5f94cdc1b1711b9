package gerula.app.probe;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Acts of all kinds in random order, some at once, and any of them undone and done again at any
 * time: the kit is sound after each, and every view answers. As many as the system property
 * probe.acts says.
 */
@ExtendWith(Running.class)
class AnyOrderTest {

  private static final int ACTS = Integer.getInteger("probe.acts", 300);
  private static final long SEED = Long.getLong("probe.seed", 11);
  private static final int AT_ONCE = 3;
  private static final List<String> VIEWS =
      List.of(
          "/api/items?most=200",
          "/api/places",
          "/api/bookings",
          "/api/people",
          "/api/dates?weeks=26",
          "/api/bench",
          "/api/bench/sessions",
          "/api/empties",
          "/api/kit/summary",
          "/api/kit/out-of-place",
          "/api/kit/csv",
          "/api/buying",
          "/api/buying/to-choose",
          "/api/house",
          "/api/clean-down",
          "/api/find?q=thing",
          "/api/calendar.ics",
          "/api/workspace/archive");

  /** Every kind has its turn before one comes again. */
  private static final class Deck {
    private final Random random;
    private final int kinds;
    private final List<Integer> left = new ArrayList<>();

    private Deck(Random random, int kinds) {
      this.random = random;
      this.kinds = kinds;
    }

    private int draw() {
      if (left.isEmpty()) {
        IntStream.range(0, kinds).forEach(left::add);
        Collections.shuffle(left, random);
      }
      return left.removeLast();
    }
  }

  private final RandomActs.Known known = new RandomActs.Known();
  private final List<Answer> undos = Collections.synchronizedList(new ArrayList<>());
  private Client client;

  @Test
  void whateverIsUndoneWhenTheKitStaysSoundAndEveryViewAnswers(Client fresh, Client other) {
    client = fresh.signedUp();
    List<Callable<Answer>> hands = new ArrayList<>();
    for (int i = 0; i < AT_ONCE; i++) {
      Random random = new Random(SEED * 100 + i);
      RandomActs acts = new RandomActs(client, random, known);
      RandomWork work = new RandomWork(client, random, known);
      RandomPeople people = new RandomPeople(client, random, known);
      RandomCleaning cleaning = new RandomCleaning(client, random, known);
      RandomBags bags = new RandomBags(client, random, known);
      if (i == 0) {
        acts.fill();
      }
      Deck deck =
          new Deck(
              random,
              RandomActs.KINDS
                  + RandomWork.KINDS
                  + RandomPeople.KINDS
                  + RandomCleaning.KINDS
                  + RandomBags.KINDS);
      hands.add(() -> one(random, deck, acts, work, people, cleaning, bags));
    }
    for (int done = 0; done < ACTS; done++) {
      if (done % 4 == 0) {
        SideBySide.all(hands).forEach(AnyOrderTest::requireAnswered);
        done += AT_ONCE - 1;
      } else {
        requireAnswered(call(hands.get(done % AT_ONCE)));
      }
      requireSound(done);
      if (done % 100 > 100 - AT_ONCE) {
        requireEveryViewAnswers();
      }
    }
    requireEveryViewAnswers();
    requireManyKinds(other);
  }

  /** A third of what is done is undoing, most of it what was done lately. */
  private Answer one(
      Random random,
      Deck deck,
      RandomActs acts,
      RandomWork work,
      RandomPeople people,
      RandomCleaning cleaning,
      RandomBags bags) {
    if (random.nextInt(3) > 0) {
      int kind = deck.draw();
      if (kind < RandomActs.KINDS) {
        return acts.any(kind);
      }
      int rest = kind - RandomActs.KINDS;
      if (rest < RandomWork.KINDS) {
        return work.any(rest);
      }
      int other = rest - RandomWork.KINDS;
      if (other < RandomPeople.KINDS) {
        return people.any(other);
      }
      int last = other - RandomPeople.KINDS;
      return last < RandomCleaning.KINDS
          ? cleaning.any(last)
          : bags.any(last - RandomCleaning.KINDS);
    }
    int all = known.acts.size();
    int lately = Math.min(all, random.nextInt(5) == 0 ? all : 8);
    String undone = known.acts.get(all - 1 - random.nextInt(lately));
    Answer answer = undo(undone);
    undos.add(answer);
    return answer;
  }

  private Answer undo(String undone) {
    String id = Kits.id();
    Answer answer = client.post("/api/ledger/" + undone + "/undo", object().put("actId", id));
    if (answer.status() < 300) {
      known.acts.add(id);
    }
    return answer;
  }

  private static Answer call(Callable<Answer> one) {
    try {
      return one.call();
    } catch (Exception failed) {
      throw new AssertionError(failed);
    }
  }

  /** Or asked to come again, when others keep the machine busy. */
  private static void requireAnswered(Answer answer) {
    boolean isBusy =
        answer.status() == 503 && answer.raw().headers().firstValue("Retry-After").isPresent();
    assertThat(answer.status() < 500 || isBusy)
        .as("%s %s", answer.raw().request(), answer.raw().body())
        .isTrue();
  }

  private void requireSound(int done) {
    JsonNode check = client.post("/api/workspace/check", act()).expect(200).body();
    assertThat(check.path("mended")).as("after act %s of seed %s", done, SEED).isEmpty();
  }

  private void requireEveryViewAnswers() {
    for (String view : VIEWS) {
      client.get(view).expect(200);
    }
    for (JsonNode place : client.get("/api/places").body().path("places").values()) {
      client.get("/api/places/" + place.path("id").asString() + "/open").expect(200);
    }
    for (JsonNode item : client.get("/api/items?most=20").body().path("items").values()) {
      client.get("/api/items/" + item.path("id").asString()).expect(200);
    }
    for (JsonNode booking : client.get("/api/bookings").body().path("bookings").values()) {
      String path = "/api/bookings/" + booking.path("id").asString();
      for (String view : List.of("/packing-list", "/load", "/chairs", "/flight")) {
        client.get(path + view).expect(200);
      }
    }
  }

  /** Undos found something to undo, and redos too; and the history reads back as it counts. */
  private void requireManyKinds(Client other) {
    useSome();
    String archive = client.get("/api/workspace/archive").expect(200).raw().body();
    JsonNode ledger = object(archive).path("ledger");
    Set<String> kinds = new HashSet<>();
    Set<String> undoIds = new HashSet<>();
    ledger.values().forEach(one -> kinds.add(one.path("act").asString()));
    ledger.values().stream()
        .filter(one -> !one.path("undoes").isNull())
        .forEach(one -> undoIds.add(one.path("id").asString()));
    long redone =
        ledger.values().stream()
            .filter(one -> undoIds.contains(one.path("undoes").asString("")))
            .count();
    long undone = undos.stream().filter(one -> one.status() < 300).count();
    System.out.println(
        "Any order: %d kinds of acts, %d undone, %d of them redone: %s"
            .formatted(kinds.size(), undone, redone, kinds));
    assertThat(kinds).hasSizeGreaterThan(20);
    assertThat(undone).isGreaterThan(ACTS / 20);
    assertThat(redone).isGreaterThan(ACTS / 60);
    other.signedUp();
    other.post("/api/workspace/archive?actId=" + Kits.id(), archive).expect(204);
    // The import itself stands in the history of everything.
    assertThat(counting(other)).containsAll(counting(client));
    // Kept act by act and undo by undo here, worked out from the whole history there.
    assertThat(wear(other)).isEqualTo(wear(client));
  }

  /** What is used is not left to chance: every second use is undone, every fourth done again. */
  private void useSome() {
    int used = 0;
    for (JsonNode item : client.get("/api/items?most=200").body().path("items").values()) {
      ObjectNode use = act().putNull("openedOn").putNull("level");
      String path = "/api/items/" + item.path("id").asString() + "/use";
      if (client.post(path, use).status() < 300) {
        used++;
        if (used % 2 == 0) {
          undo(use.path("actId").asString());
        }
        if (used % 4 == 0) {
          undo(known.acts.getLast());
        }
      }
    }
    assertThat(used).as("how many things could be used").isPositive();
  }

  /** Of things, how often they were used and when last. */
  private static Set<String> wear(Client client) {
    Set<String> told = new HashSet<>();
    for (JsonNode item : client.get("/api/items?most=200").body().path("items").values()) {
      String id = item.path("id").asString();
      JsonNode wear = client.get("/api/items/" + id).body().path("wear");
      told.add(id + " " + wear.path("uses").asInt() + " " + wear.path("lastUsed"));
    }
    return told;
  }

  /** Of things and their newest acts, whether these count. */
  private static Set<String> counting(Client client) {
    Set<String> counting = new HashSet<>();
    for (JsonNode item : client.get("/api/items?most=20").body().path("items").values()) {
      JsonNode history =
          client.get("/api/items/" + item.path("id").asString()).body().at("/history/entries");
      history
          .values()
          .forEach(one -> counting.add(one.path("id").asString() + one.path("undone").asBoolean()));
    }
    return counting;
  }
}
