package gerula.app.restock.money;

import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.restock.money.MoneyViews.BookingCostView;
import gerula.app.restock.money.MoneyViews.MoneyView;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the kit is worth and where the money goes, over HTTP. */
@RestController
class MoneyController {

  private final KitMoney accounts;
  private final BookingCosts costs;
  private final InsuranceList insurance;
  private final HeavyWork heavy;

  MoneyController(KitMoney accounts, BookingCosts costs, InsuranceList insurance, HeavyWork heavy) {
    this.accounts = accounts;
    this.costs = costs;
    this.insurance = insurance;
    this.heavy = heavy;
  }

  @GetMapping("/api/money")
  MoneyView money(@AuthenticationPrincipal SignedIn who) {
    return accounts.of(who);
  }

  @GetMapping("/api/bookings/{id}/cost")
  BookingCostView cost(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return costs.of(who, id);
  }

  /** Each item with what was paid, what it is worth, where it lies and what it looks like. */
  @GetMapping(path = "/api/kit/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "a4") PaperFormat paper) {
    byte[] pdf = heavy.inTurn(who, HeavyWork.Length.SHORT, () -> insurance.pdf(who, paper));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gerula-kit.pdf\"")
        .body(pdf);
  }

  @GetMapping(path = "/api/kit/values.csv")
  ResponseEntity<String> table(@AuthenticationPrincipal SignedIn who) {
    String csv = heavy.inTurn(who, HeavyWork.Length.SHORT, () -> insurance.csv(who));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gerula-kit-values.csv\"")
        .body(csv);
  }
}
