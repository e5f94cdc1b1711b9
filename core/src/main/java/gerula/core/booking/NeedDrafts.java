package gerula.core.booking;

import gerula.core.kit.product.ProductClass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;

/** The needs of one booking while they are gathered, each code at most once for the same faces. */
final class NeedDrafts {

  /** Parts of one group have one id, and differ by depth. */
  private record Who(UUID face, double depth) {}

  private record Key(NeedCode code, String variant, List<Who> faces) {}

  private final Map<Key, NeedDraft> drafts = new LinkedHashMap<>();
  private final Map<NeedKind, List<NeedDraft>> byKind = new HashMap<>();

  /** The draft of that code for those faces; begun when it is the first time it is asked for. */
  NeedDraft of(NeedCode code, String variant, List<Face> faces) {
    List<Who> who = faces.stream().map(face -> new Who(face.id(), face.depth())).toList();
    return drafts.computeIfAbsent(
        new Key(code, variant, who), _ -> begun(new NeedDraft(code, variant, faces)));
  }

  private NeedDraft begun(NeedDraft draft) {
    byKind.computeIfAbsent(draft.code().kind(), _ -> new ArrayList<>()).add(draft);
    return draft;
  }

  private List<NeedDraft> of(NeedKind kind) {
    return byKind.getOrDefault(kind, List.of());
  }

  /** What one face needs of a class. */
  NeedDraft of(ProductClass one, Face face) {
    return of(NeedCode.of(one), "", List.of(face));
  }

  /** What the booking needs of a class, once for everybody. */
  NeedDraft shared(ProductClass one) {
    return of(NeedCode.of(one), "", List.of());
  }

  /** What is asked for already of a code for one face; empty when nothing is. */
  Optional<NeedDraft> find(NeedCode code, Face face) {
    return of(code.kind()).stream()
        .filter(draft -> draft.code().equals(code) && draft.faces().equals(List.of(face)))
        .findFirst();
  }

  /** Changes every need of this class that is there already, whosever it is. */
  void onEach(NeedKind kind, Consumer<NeedDraft> change) {
    of(kind).forEach(change);
  }

  Collection<NeedDraft> all() {
    return drafts.values();
  }
}
