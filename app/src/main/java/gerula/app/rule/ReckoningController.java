package gerula.app.rule;

import gerula.app.ledger.Answers;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.rule.HouseStore.StoredRules;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** In what money one reckons, over HTTP. */
@RestController
class ReckoningController {

  private final House house;
  private final Answers answers;

  ReckoningController(House house, Answers answers) {
    this.house = house;
    this.answers = answers;
  }

  record ReckonIn(@NotNull UUID actId, @NotNull @Valid MoneyDraft money) {}

  @GetMapping("/api/house/money")
  MoneyDraft money(@AuthenticationPrincipal SignedIn who) {
    return MoneyDraft.of(house.find(who).map(StoredRules::money).orElse(MoneyRules.NONE));
  }

  @PutMapping("/api/house/money")
  MoneyDraft reckonIn(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ReckonIn asked) {
    Faults faults = new Faults();
    asked.money().check(faults, "money.");
    faults.refuseIfAny();
    return answers.once(
        who,
        asked.actId(),
        () -> house.reckonIn(who, asked.actId(), asked.money().toRules()),
        () -> money(who));
  }
}
