package gerula.core.cleandown.trace;

import static java.util.function.Predicate.not;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.Contact.How;
import gerula.core.cleandown.trace.ContactLog.Cleared;
import gerula.core.cleandown.trace.ContactLog.FaceAt;
import gerula.core.cleandown.trace.ContactLog.Filled;
import gerula.core.cleandown.trace.Reach.ReachedFace;
import gerula.core.cleandown.trace.Reach.ReachedItem;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Follows what clings to a thing, link by link, so that each is reached by the shortest chain.
 *
 * <p>A thing that carries it passes it to every face it touches, to whatever is filled from it, and
 * by way of the face to what touches her skin, or goes back in after having touched it, within the
 * hours of one sitting: a brush, a pencil, a double-dipped pot. A thing carries it until a
 * treatment takes it away.
 */
public final class Tracing {

  /** What touches a face within so many hours touches it at one sitting. */
  public static final Duration SITTING = Duration.ofHours(12);

  /** The shorter chain first; of equally long ones always the same. */
  private static final Comparator<List<UUID>> BY_CHAIN =
      (one, other) -> {
        int order = Integer.compare(one.size(), other.size());
        for (int i = 0; order == 0 && i < one.size(); i++) {
          order = one.get(i).compareTo(other.get(i));
        }
        return order;
      };

  private final ContactLog log;
  private final UUID start;
  private final Map<UUID, List<ReachedItem>> carrying = new LinkedHashMap<>();
  private final Map<List<Object>, ReachedFace> faces = new HashMap<>();

  private Tracing(ContactLog log, UUID start) {
    this.log = log;
    this.start = start;
  }

  /** Whom a thing reached from a moment on, and through what. */
  public static Reach from(UUID item, Instant since, ContactLog log) {
    // What touched a face at the same sitting may have done so shortly before.
    Tracing tracing = new Tracing(new RememberedLog(log, since.minus(SITTING)), item);
    List<ReachedItem> next =
        tracing.carry(List.of(new ReachedItem(item, since, null, List.of(item))));
    while (!next.isEmpty()) {
      next = tracing.carry(tracing.passedOnBy(next));
    }
    tracing.afterTreatment(since);
    return tracing.reach();
  }

  /** Those that are new, each until it is treated. */
  private List<ReachedItem> carry(List<ReachedItem> reached) {
    List<ReachedItem> fresh = earliest(reached).stream().filter(not(this::isKnown)).toList();
    if (fresh.isEmpty()) {
      return List.of();
    }
    Map<UUID, NavigableSet<Instant>> cleared = cleared(fresh);
    List<ReachedItem> carried = new ArrayList<>();
    for (ReachedItem one : fresh) {
      if (isKnown(one)) {
        // By another of the same level that came before.
        continue;
      }
      Instant until = cleared.getOrDefault(one.item(), new TreeSet<>()).higher(one.from());
      if (one.until() != null && (until == null || one.until().isBefore(until))) {
        until = one.until();
      }
      ReachedItem carrier = new ReachedItem(one.item(), one.from(), until, one.through());
      carrying.computeIfAbsent(one.item(), _ -> new ArrayList<>()).add(carrier);
      carried.add(carrier);
    }
    return carried;
  }

  /** Of those of one thing the ones that begin before the others of the same level. */
  private static List<ReachedItem> earliest(List<ReachedItem> reached) {
    return reached.stream()
        .sorted(
            Comparator.comparing(ReachedItem::from).thenComparing(ReachedItem::through, BY_CHAIN))
        .toList();
  }

  private boolean isKnown(ReachedItem one) {
    return carrying.getOrDefault(one.item(), List.of()).stream()
        .anyMatch(there -> carries(there, one.from()));
  }

  private static boolean carries(ReachedItem one, Instant at) {
    return !at.isBefore(one.from()) && (one.until() == null || at.isBefore(one.until()));
  }

  private Map<UUID, NavigableSet<Instant>> cleared(List<ReachedItem> items) {
    return log.cleared(ids(items), first(items)).stream()
        .collect(
            Collectors.groupingBy(
                Cleared::item,
                Collectors.mapping(Cleared::at, Collectors.toCollection(TreeSet::new))));
  }

  private static List<UUID> ids(List<ReachedItem> items) {
    return items.stream().map(ReachedItem::item).distinct().toList();
  }

  private static Instant first(List<ReachedItem> items) {
    return items.stream().map(ReachedItem::from).min(Instant::compareTo).orElseThrow();
  }

  private List<ReachedItem> passedOnBy(List<ReachedItem> carriers) {
    List<ReachedItem> next = new ArrayList<>(filledFrom(carriers));
    Map<UUID, List<ReachedItem>> byItem =
        carriers.stream().collect(Collectors.groupingBy(ReachedItem::item));
    Map<FaceAt, List<Touch>> touched = new LinkedHashMap<>();
    for (Contact contact : log.ofItems(byItem.keySet(), first(carriers))) {
      byItem.get(contact.item()).stream()
          .filter(carrier -> carries(carrier, contact.at()))
          .findFirst()
          .ifPresent(
              carrier -> {
                reached(contact, carrier.through(), false);
                touched
                    .computeIfAbsent(faceOf(contact), _ -> new ArrayList<>())
                    .add(new Touch(contact.at(), carrier.through()));
              });
    }
    next.addAll(throughFaces(touched));
    return next;
  }

  /** When something that carries it touched a face. */
  private record Touch(Instant at, List<UUID> through) {}

  private static FaceAt faceOf(Contact contact) {
    return new FaceAt(contact.booking(), contact.face());
  }

  private List<ReachedItem> filledFrom(List<ReachedItem> carriers) {
    Map<UUID, List<ReachedItem>> byItem =
        carriers.stream().collect(Collectors.groupingBy(ReachedItem::item));
    List<ReachedItem> filled = new ArrayList<>();
    for (Filled one : log.filledFrom(byItem.keySet())) {
      byItem.get(one.source()).stream()
          .filter(carrier -> !carrier.from().isAfter(one.latest()))
          .filter(carrier -> carrier.until() == null || one.at().isBefore(carrier.until()))
          .findFirst()
          .ifPresent(
              carrier ->
                  filled.add(
                      new ReachedItem(
                          one.into(),
                          later(one.at(), carrier.from()),
                          one.washedOutAt(),
                          and(carrier.through(), one.into()))));
    }
    return filled;
  }

  private List<ReachedItem> throughFaces(Map<FaceAt, List<Touch>> touched) {
    if (touched.isEmpty()) {
      return List.of();
    }
    Instant first =
        touched.values().stream()
            .flatMap(Collection::stream)
            .map(Touch::at)
            .min(Instant::compareTo)
            .orElseThrow();
    List<ReachedItem> next = new ArrayList<>();
    for (Contact contact : log.onFaces(touched.keySet(), first.minus(SITTING))) {
      if (contact.how() != How.DIRECT && contact.how() != How.DOUBLE_DIP) {
        continue;
      }
      touched.getOrDefault(faceOf(contact), List.of()).stream()
          .filter(touch -> !touch.through().getLast().equals(contact.item()))
          .filter(touch -> isOneSitting(touch.at(), contact.at()))
          .forEach(
              touch ->
                  next.add(
                      new ReachedItem(
                          contact.item(),
                          later(touch.at(), contact.at()),
                          null,
                          and(touch.through(), contact.item()))));
    }
    return next;
  }

  private static boolean isOneSitting(Instant one, Instant other) {
    return Duration.between(one, other).abs().compareTo(SITTING) <= 0;
  }

  private static Instant later(Instant one, Instant other) {
    return one.isAfter(other) ? one : other;
  }

  private static List<UUID> and(List<UUID> through, UUID item) {
    List<UUID> all = new ArrayList<>(through);
    all.add(item);
    return all;
  }

  /** The shortest chain to each counts, and of equally short ones the first. */
  private void reached(Contact contact, List<UUID> through, boolean afterTreatment) {
    ReachedFace now =
        new ReachedFace(
            contact.booking(),
            contact.face(),
            contact.person(),
            contact.at(),
            through,
            afterTreatment);
    faces.merge(key(contact), now, Tracing::nearer);
  }

  private static List<Object> key(Contact contact) {
    List<Object> key = new ArrayList<>(3);
    key.add(contact.person());
    key.add(String.valueOf(contact.booking()));
    key.add(String.valueOf(contact.face()));
    return key;
  }

  private static ReachedFace nearer(ReachedFace one, ReachedFace other) {
    return BY_NEARNESS.compare(one, other) <= 0 ? one : other;
  }

  private static final Comparator<ReachedFace> BY_NEARNESS =
      Comparator.comparing(ReachedFace::afterTreatment)
          .thenComparing(face -> face.through().size())
          .thenComparing(ReachedFace::at)
          .thenComparing(ReachedFace::through, BY_CHAIN);

  /** It touched them too, but what clung to it was taken away before. */
  private void afterTreatment(Instant since) {
    log.ofItems(List.of(start), since).forEach(contact -> reached(contact, List.of(start), true));
  }

  private Reach reach() {
    return new Reach(
        faces.values().stream()
            .sorted(
                Comparator.comparing(ReachedFace::at)
                    .thenComparing(ReachedFace::person)
                    .thenComparing(face -> String.valueOf(face.face())))
            .toList(),
        carrying.values().stream().flatMap(Collection::stream).toList());
  }
}
