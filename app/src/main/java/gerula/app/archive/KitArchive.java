package gerula.app.archive;

import gerula.app.kit.KitDrafts;
import java.util.List;
import org.springframework.stereotype.Component;

/** The kit as an archive keeps it. Everything here runs within a workspace. */
@Component
class KitArchive {

  private final KitDrafts drafts;

  KitArchive(KitDrafts drafts) {
    this.drafts = drafts;
  }

  List<WorkspaceArchive.ArchivedPlace> places() {
    return drafts.places().stream()
        .map(
            one ->
                new WorkspaceArchive.ArchivedPlace(
                    one.id(), one.code(), one.version(), one.draft()))
        .toList();
  }

  List<WorkspaceArchive.ArchivedProduct> products() {
    return drafts.products().stream()
        .map(one -> new WorkspaceArchive.ArchivedProduct(one.id(), one.version(), one.draft()))
        .toList();
  }

  List<WorkspaceArchive.ArchivedItem> items() {
    return drafts.items(true).stream()
        .map(
            one ->
                new WorkspaceArchive.ArchivedItem(
                    one.id(),
                    one.code(),
                    one.version(),
                    one.product(),
                    one.picture(),
                    one.discardedOn(),
                    one.discardCause(),
                    one.draft()))
        .toList();
  }
}
