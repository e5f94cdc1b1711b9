package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.kit.WholeKit;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.booking.OtherMatter;
import gerula.core.cleandown.treatment.MatterOfHouse;
import gerula.core.cleandown.treatment.Pace;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import java.util.Arrays;
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
  private final Paces paces;
  private final Bookings bookings;
  private final WorkspaceTime time;
  private final Workspaces workspaces;

  MatterController(
      WholeKit kit,
      HouseStore house,
      Paces paces,
      Bookings bookings,
      WorkspaceTime time,
      Workspaces workspaces) {
    this.kit = kit;
    this.house = house;
    this.paces = paces;
    this.bookings = bookings;
    this.time = time;
    this.workspaces = workspaces;
  }

  /**
   * Where artists disagree.
   *
   * @param matters of cleaning
   * @param others beside cleaning
   * @param facesAMonth for which figures of a month are told
   * @param assumed whether that is assumed, because too little was recorded
   * @param bookingsAhead for which the others are told
   */
  record MattersView(
      List<MatterOfHouse> matters,
      List<OtherMatter.OtherMatterOfHouse> others,
      double facesAMonth,
      boolean assumed,
      int bookingsAhead) {}

  /**
   * @param sprayPercent how strong the alcohol might be, % by volume, 1 to 100; left out: as the
   *     house has it
   */
  @GetMapping("/api/house/matters")
  MattersView matters(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Nullable Integer sprayPercent) {
    Integer spray =
        sprayPercent == null
            ? null
            : Faults.built("sprayPercent", () -> Practices.spray(sprayPercent));
    return workspaces.read(
        who.workspace(),
        () -> {
          Practices practices = house.current().practices();
          Practices tried =
              spray == null
                  ? practices
                  : PracticesBuilder.builder(practices).sprayPercent(spray).build();
          Pace pace = paces.lately();
          List<Booking> ahead =
              bookings.ahead(time.today()).stream().map(bookings::asKnown).toList();
          return new MattersView(
              MatterOfHouse.of(kit.now().items(), tried, pace),
              Arrays.stream(OtherMatter.values())
                  .map(one -> one.told(kit.now().items(), ahead, house.current()))
                  .toList(),
              pace.facesAMonth(),
              pace.isAssumed(),
              ahead.size());
        });
  }
}
