package gerula.app.restock;

import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where to buy what is on the buying list, over HTTP. */
@RestController
class WhereToBuyController {

  private final WhereToBuy where;

  WhereToBuyController(WhereToBuy where) {
    this.where = where;
  }

  /**
   * @param budget with shipping; null: open
   * @param substitutes whether other products that do for one may be bought in its place; null: no
   */
  record PlanTerms(
      @DecimalMin(value = "0", message = "A budget is 0 or more.")
          @DecimalMax(value = "1000000", message = "A budget is at most 1,000,000.")
          @Nullable BigDecimal budget,
      @Nullable Boolean substitutes) {

    WhereToBuy.Terms toTerms() {
      return new WhereToBuy.Terms(budget, Boolean.TRUE.equals(substitutes));
    }
  }

  @GetMapping("/api/buying/plan")
  WhereToBuy.BuyingPlanView plan(
      @AuthenticationPrincipal SignedIn who, @Valid @ModelAttribute PlanTerms terms) {
    return where.of(who, terms.toTerms());
  }

  /**
   * In words, for an e-mail.
   *
   * @param subject one line
   * @param body plain text
   */
  record OrderInWords(String subject, String body) {}

  @GetMapping("/api/buying/order")
  OrderInWords order(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam UUID shop,
      @Valid @ModelAttribute PlanTerms terms) {
    OrderText text = where.orderText(who, shop, terms.toTerms());
    return new OrderInWords(text.subject(), text.body());
  }

  @GetMapping(path = "/api/buying/order.csv")
  ResponseEntity<String> orderTable(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam UUID shop,
      @Valid @ModelAttribute PlanTerms terms) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gerula-order.csv\"")
        .body(where.orderText(who, shop, terms.toTerms()).csv());
  }

  @GetMapping(path = "/api/buying/order.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> orderOnPaper(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam UUID shop,
      @Valid @ModelAttribute PlanTerms terms,
      @RequestParam(defaultValue = "a4") PaperFormat paper) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gerula-order.pdf\"")
        .body(where.orderText(who, shop, terms.toTerms()).pdf(paper));
  }
}
