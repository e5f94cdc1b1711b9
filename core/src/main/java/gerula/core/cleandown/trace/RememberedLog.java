package gerula.core.cleandown.trace;

import gerula.core.cleandown.Contact;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A log that is asked only once about each thing and each face: a thing comes to carry something
 * anew whenever it was treated in between, and the same would be read over and over.
 */
final class RememberedLog implements ContactLog {

  private final ContactLog log;
  private final Instant since;
  private final Map<UUID, List<Contact>> ofItems = new HashMap<>();
  private final Map<FaceAt, List<Contact>> onFaces = new HashMap<>();
  private final Map<UUID, List<Filled>> filled = new HashMap<>();
  private final Map<UUID, List<Cleared>> cleared = new HashMap<>();

  /**
   * @param since nothing before is asked for
   */
  RememberedLog(ContactLog log, Instant since) {
    this.log = log;
    this.since = since;
  }

  @Override
  public List<Contact> ofItems(Collection<UUID> items, Instant from) {
    return told(items, ofItems, missing -> log.ofItems(missing, since), Contact::item).stream()
        .filter(one -> !one.at().isBefore(from))
        .toList();
  }

  @Override
  public List<Contact> onFaces(Collection<FaceAt> faces, Instant from) {
    return told(
            faces,
            onFaces,
            missing -> log.onFaces(missing, since),
            one -> new FaceAt(one.booking(), one.face()))
        .stream()
        .filter(one -> !one.at().isBefore(from))
        .toList();
  }

  @Override
  public List<Filled> filledFrom(Collection<UUID> sources) {
    return told(sources, filled, log::filledFrom, Filled::source);
  }

  @Override
  public List<Cleared> cleared(Collection<UUID> items, Instant from) {
    return told(items, cleared, missing -> log.cleared(missing, since), Cleared::item).stream()
        .filter(one -> !one.at().isBefore(from))
        .toList();
  }

  private static <K, V> List<V> told(
      Collection<K> asked,
      Map<K, List<V>> known,
      Function<List<K>, List<V>> ask,
      Function<V, K> about) {
    List<K> once = asked.stream().distinct().toList();
    List<K> missing = once.stream().filter(one -> !known.containsKey(one)).toList();
    if (!missing.isEmpty()) {
      Map<K, List<V>> found = ask.apply(missing).stream().collect(Collectors.groupingBy(about));
      missing.forEach(one -> known.put(one, found.getOrDefault(one, List.of())));
    }
    List<V> all = new ArrayList<>();
    once.forEach(one -> all.addAll(known.get(one)));
    return all;
  }
}
