package gerula.app.platform.workspace;

import gerula.core.dates.DateOrder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The workspace's time zone and the order of its dates over HTTP. */
@RestController
class ZoneController {

  private final Zones zones;

  ZoneController(Zones zones) {
    this.zones = zones;
  }

  /** Its name, like Europe/London. */
  record ChangeZone(
      @NotNull(message = "Choose a time zone.")
          @Size(max = 60, message = "The name of a time zone has at most 60 characters.")
          String zone) {}

  /** Days begin and end by it from now on; nothing that is kept changes. */
  @PutMapping("/api/workspace/zone")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ChangeZone asked) {
    zones.change(who, TimeZones.known(asked.zone()));
  }

  /** Day, month or year first. */
  record ChangeDateOrder(@NotNull(message = "Choose an order.") DateOrder dateOrder) {}

  /** Dates are written and read by it from now on; no date that is kept changes. */
  @PutMapping("/api/workspace/date-order")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ChangeDateOrder asked) {
    zones.change(who, asked.dateOrder());
  }
}
