package gerula.app.cleandown;

import gerula.app.kit.WholeKit;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.treatment.MatterOfHouse;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What artists treat in different ways, and what each way means for one's own kit, over HTTP. */
@RestController
class MatterController {

  private final WholeKit kit;
  private final HouseStore house;
  private final Workspaces workspaces;

  MatterController(WholeKit kit, HouseStore house, Workspaces workspaces) {
    this.kit = kit;
    this.house = house;
    this.workspaces = workspaces;
  }

  /**
   * @param sprayPercent how strong the alcohol might be, % by volume, 1 to 100; left out: as the
   *     house has it
   */
  @GetMapping("/api/house/matters")
  List<MatterOfHouse> matters(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Nullable Integer sprayPercent) {
    Integer spray =
        sprayPercent == null
            ? null
            : Faults.built("sprayPercent", () -> Practices.spray(sprayPercent));
    return workspaces.read(
        who.workspace(),
        () -> {
          Practices practices = house.current().practices();
          return MatterOfHouse.of(
              kit.now().items(),
              spray == null
                  ? practices
                  : PracticesBuilder.builder(practices).sprayPercent(spray).build());
        });
  }
}
