package gerula.app.kit.intake;

import gerula.app.kit.intake.PlaceLineRecords.AddPlaceLine;
import gerula.app.kit.intake.PlaceLineRecords.PlacesAdded;
import gerula.app.kit.intake.PlaceLineRecords.PlacesRead;
import gerula.app.kit.intake.PlaceLineRecords.ReadPlaceLine;
import gerula.app.kit.intake.PlaceLineRecords.UsualBagView;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.intake.place.UsualBag;
import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Places typed in one line, over HTTP. */
@RestController
class PlaceLineController {

  private final PlaceLines lines;

  PlaceLineController(PlaceLines lines) {
    this.lines = lines;
  }

  /** Bags to begin with; their measures are rough. */
  @GetMapping("/api/kit/places/usual")
  List<UsualBagView> usual() {
    return Arrays.stream(UsualBag.values())
        .map(bag -> new UsualBagView(bag.code(), bag.line()))
        .toList();
  }

  /** Reads a line, draws what it tells of, and changes nothing. */
  @PostMapping("/api/kit/places/read")
  PlacesRead read(@Valid @RequestBody ReadPlaceLine asked) {
    return lines.read(asked.line());
  }

  /** Makes all places of a line or none, as one act. */
  @PostMapping("/api/kit/places")
  PlacesAdded add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddPlaceLine asked) {
    return lines.add(who, asked.actId(), asked.line(), asked.in());
  }
}
