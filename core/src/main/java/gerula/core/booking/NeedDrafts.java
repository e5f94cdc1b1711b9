package gerula.core.booking;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The needs of one booking while they are gathered, each kind at most once a face. */
final class NeedDrafts {

  private record Key(NeedKind kind, @Nullable UUID face) {}

  private final Map<Key, NeedDraft> drafts = new LinkedHashMap<>();

  /** The draft of that kind for that face; begun when it is the first time it is asked for. */
  NeedDraft of(NeedKind kind, @Nullable Face face) {
    return drafts.computeIfAbsent(key(kind, face), _ -> new NeedDraft(kind, face));
  }

  /** The draft of that kind for that face, if any rule asked for it. */
  Optional<NeedDraft> existing(NeedKind kind, @Nullable Face face) {
    return Optional.ofNullable(drafts.get(key(kind, face)));
  }

  Collection<NeedDraft> all() {
    return drafts.values();
  }

  private static Key key(NeedKind kind, @Nullable Face face) {
    return new Key(kind, face == null ? null : face.id());
  }
}
