package gerula.app.platform.signin;

import gerula.app.platform.workspace.Role;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.rule.Code;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Who acts for an account, as it is now. */
@Component
class Actors {

  private final DSLContext sql;

  Actors(DSLContext sql) {
    this.sql = sql;
  }

  /** Empty when the account is gone. */
  Optional<SignedIn> of(UUID account) {
    return sql.fetchOptional("select * from access.actor_by_account(?)", account)
        .map(
            row ->
                new SignedIn(
                    account,
                    row.get("workspace_id", UUID.class),
                    row.get("email", String.class),
                    Code.of(Role.class, row.get("role", String.class))));
  }
}
