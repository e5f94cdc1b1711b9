package gerula.app.restock;

import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
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
   */
  @GetMapping("/api/buying/plan")
  WhereToBuy.BuyingPlanView plan(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam(required = false)
          @DecimalMin(value = "0", message = "A budget is 0 or more.")
          @DecimalMax(value = "1000000", message = "A budget is at most 1,000,000.")
          @Nullable BigDecimal budget) {
    return where.of(who, budget);
  }
}
