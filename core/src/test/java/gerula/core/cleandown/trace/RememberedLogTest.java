package gerula.core.cleandown.trace;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.trace.ContactLog.Cleared;
import gerula.core.cleandown.trace.ContactLog.FaceAt;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Each thing is asked about once, and only what is as late as was asked for is told. */
class RememberedLogTest {

  private static final Instant NOON = Instant.parse("2031-04-17T12:00:00Z");
  private static final Instant EARLY = NOON.minusSeconds(60);
  private static final UUID ITEM = UUID.randomUUID();
  private static final UUID OTHER = UUID.randomUUID();

  private final List<Object> asked = new ArrayList<>();
  private final List<Contact> contacts = List.of(contact(EARLY), contact(NOON));

  private final RememberedLog remembered =
      new RememberedLog(
          new ContactLog() {
            @Override
            public List<Contact> ofItems(Collection<UUID> items, Instant since) {
              asked.addAll(items);
              return items.contains(ITEM) ? contacts : List.of();
            }

            @Override
            public List<Contact> onFaces(Collection<FaceAt> faces, Instant since) {
              asked.addAll(faces);
              return contacts;
            }

            @Override
            public List<Filled> filledFrom(Collection<UUID> sources) {
              asked.addAll(sources);
              return List.of();
            }

            @Override
            public List<Cleared> cleared(Collection<UUID> items, Instant since) {
              asked.addAll(items);
              return List.of(new Cleared(ITEM, EARLY), new Cleared(ITEM, NOON));
            }
          },
          NOON.minusSeconds(600));

  private static Contact contact(Instant at) {
    return new Contact(
        UUID.randomUUID(), ITEM, UUID.randomUUID(), null, null, Contact.How.DIRECT, at);
  }

  @Test
  void aThingIsAskedAboutOnce() {
    assertThat(remembered.ofItems(List.of(ITEM), EARLY)).isEqualTo(contacts);
    assertThat(remembered.ofItems(List.of(ITEM), NOON)).containsExactly(contacts.getLast());
    assertThat(remembered.ofItems(List.of(ITEM, OTHER, ITEM), NOON)).hasSize(1);
    assertThat(asked).containsExactly(ITEM, OTHER);
  }

  @Test
  void facesTreatmentsAndFillingsToo() {
    FaceAt nowhere = new FaceAt(null, null);
    assertThat(remembered.onFaces(List.of(nowhere), EARLY)).isEqualTo(contacts);
    assertThat(remembered.onFaces(List.of(nowhere), NOON)).hasSize(1);
    assertThat(remembered.cleared(List.of(ITEM), EARLY)).hasSize(2);
    assertThat(remembered.cleared(List.of(ITEM), NOON)).containsExactly(new Cleared(ITEM, NOON));
    assertThat(remembered.filledFrom(List.of(OTHER))).isEmpty();
    assertThat(remembered.filledFrom(List.of(OTHER))).isEmpty();
    assertThat(asked).containsExactly(nowhere, ITEM, OTHER);
  }
}
