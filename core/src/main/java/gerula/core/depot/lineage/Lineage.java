package gerula.core.depot.lineage;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was filled from what. */
public final class Lineage {

  /**
   * That something of a source went into a container.
   *
   * @param item what it went into
   * @param source the pack or container it came from
   * @param washedOutOn the day the container was washed, null while something of it is in there
   */
  public record Filling(
      UUID id, UUID item, UUID source, LocalDate filledOn, @Nullable LocalDate washedOutOn) {

    public Filling {
      if (item.equals(source)) {
        throw new IllegalArgumentException("A container is not filled from itself.");
      }
    }

    boolean isIn() {
      return washedOutOn == null;
    }
  }

  private final Map<UUID, List<Filling>> bySource = new HashMap<>();
  private final Map<UUID, List<Filling>> byItem = new HashMap<>();

  public Lineage(Collection<Filling> fillings) {
    for (Filling filling : fillings) {
      bySource.computeIfAbsent(filling.source(), _ -> new ArrayList<>()).add(filling);
      byItem.computeIfAbsent(filling.item(), _ -> new ArrayList<>()).add(filling);
    }
  }

  /** What is in it now came directly from these, in the order in which it was filled. */
  public List<UUID> sources(UUID item) {
    return byItem.getOrDefault(item, List.of()).stream()
        .filter(Filling::isIn)
        .map(Filling::source)
        .distinct()
        .toList();
  }

  /** What holds something that came directly from it. */
  public List<UUID> children(UUID source) {
    return bySource.getOrDefault(source, List.of()).stream()
        .filter(Filling::isIn)
        .map(Filling::item)
        .distinct()
        .toList();
  }

  /**
   * Everything that holds something of these, however often it was filled on: nearest first, each
   * once, without the ones asked about. What was filled on from a container before it was washed is
   * found through it; on the day of the washing both are held possible.
   */
  public List<UUID> descendants(Collection<UUID> sources) {
    Set<UUID> holding = new LinkedHashSet<>();
    Set<UUID> followed = new HashSet<>();
    Deque<Span> open = new ArrayDeque<>();
    sources.forEach(source -> open.add(new Span(source, LocalDate.MIN, LocalDate.MAX)));
    while (!open.isEmpty()) {
      Span in = open.removeFirst();
      for (Filling on : bySource.getOrDefault(in.item(), List.of())) {
        if (in.contains(on.filledOn()) && followed.add(on.id())) {
          if (on.isIn()) {
            holding.add(on.item());
          }
          open.addLast(Span.of(on.item(), on));
        }
      }
    }
    return holding.stream().filter(one -> !sources.contains(one)).toList();
  }

  /** Everything something in it came from, however often it was filled on; nearest first. */
  public List<UUID> ancestors(UUID item) {
    Set<UUID> found = new LinkedHashSet<>();
    Set<UUID> followed = new HashSet<>();
    Deque<Filling> open = new ArrayDeque<>();
    byItem.getOrDefault(item, List.of()).stream().filter(Filling::isIn).forEach(open::add);
    while (!open.isEmpty()) {
      Filling from = open.removeFirst();
      if (followed.add(from.id())) {
        found.add(from.source());
        byItem.getOrDefault(from.source(), List.of()).stream()
            .filter(before -> Span.of(from.source(), before).contains(from.filledOn()))
            .forEach(open::addLast);
      }
    }
    found.remove(item);
    return List.copyOf(found);
  }

  /** Whether filling the item from that source would have it come from itself. */
  public boolean wouldRunInCircles(UUID item, UUID source) {
    return item.equals(source) || ancestors(source).contains(item);
  }

  /** Days on which something was in a container, both included. */
  private record Span(UUID item, LocalDate first, LocalDate last) {

    static Span of(UUID item, Filling filling) {
      LocalDate washed = filling.washedOutOn();
      return new Span(item, filling.filledOn(), washed == null ? LocalDate.MAX : washed);
    }

    boolean contains(LocalDate day) {
      return !day.isBefore(first) && !day.isAfter(last);
    }
  }
}
