package gerula.app.packing;

import gerula.app.platform.workspace.SignedIn;
import gerula.core.packing.PackingLine;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What goes along on a booking, for whoever works with it there. */
@Component
public class TakenAlong {

  private final Packing packing;

  TakenAlong(Packing packing) {
    this.packing = packing;
  }

  /** By item whom it is for; nobody where the booking shares it. */
  public Map<UUID, List<UUID>> faces(SignedIn who, UUID booking) {
    return packing.lines(who, booking).stream()
        .collect(Collectors.toMap(line -> line.item().id(), PackingLine::faces, (one, _) -> one));
  }
}
