package gerula.app.platform.signin;

import static gerula.app.Client.signIn;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import gerula.app.platform.GerulaSettings;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Base64;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.context.properties.bind.Binder;
import org.springframework.boot.context.properties.source.MapConfigurationPropertySource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Running.class)
class SignInTest {

  private static final String PASSPHRASE = "lantern quay herring";
  private final String email = UUID.randomUUID() + "@example.test";

  @Test
  void anOwnerSignsUpOutAndInAgain(Client client) {
    client.get("/api/session").expect(200);
    client.post("/api/accounts", signIn(email, PASSPHRASE)).expect(201);
    assertThat(client.get("/api/session").body().path("email").asString()).isEqualTo(email);
    client.get("/api/items").expect(200);
    client.delete("/api/session").expect(204);
    assertThat(client.get("/api/items").expect(401).code()).isEqualTo("not-signed-in");
    client.get("/api/session").expect(200);
    client
        .post("/api/session", signIn(email.toUpperCase(java.util.Locale.ROOT), PASSPHRASE))
        .expect(200);
    client.get("/api/items").expect(200);
  }

  @Test
  void aWrongPassphraseAndAnUnknownNameAreToldInTheSameWords(Client client) {
    client.signedUp().delete("/api/session").expect(204);
    client.get("/api/session");
    Client.Answer unknown = client.post("/api/session", signIn(email, PASSPHRASE)).expect(401);
    client.post("/api/accounts", signIn(email, PASSPHRASE)).expect(201);
    client.delete("/api/session").expect(204);
    client.get("/api/session");
    Client.Answer wrong =
        client.post("/api/session", signIn(email, "not this one at all")).expect(401);
    assertThat(wrong.body()).isEqualTo(unknown.body());
    assertThat(wrong.code()).isEqualTo("wrong-sign-in");
  }

  /** Where the machine stands still for longer than the first wait, that is over: then anew. */
  @Test
  void failuresMakeTheNextTryWaitEvenWithTheRightPassphrase(Client owner, Client client) {
    owner.get("/api/session");
    Client.Answer next = null;
    for (int round = 0; round < 5 && (next == null || next.status() != 429); round++) {
      String name = round + email;
      owner.post("/api/accounts", signIn(name, PASSPHRASE)).expect(201);
      owner.delete("/api/session").expect(204);
      owner.get("/api/session");
      next = triedAfterFailures(client, name);
    }
    assertThat(next.status()).isEqualTo(429);
    assertThat(next.code()).isEqualTo("too-soon");
    assertThat(next.raw().headers().firstValueAsLong("Retry-After").orElse(0)).isPositive();
  }

  private static Client.Answer triedAfterFailures(Client client, String name) {
    client.get("/api/session");
    for (int i = 0; i < 6; i++) {
      Client.Answer answer = client.post("/api/session", signIn(name, "guess number " + i));
      if (answer.status() == 429) {
        break;
      }
      answer.expect(401);
    }
    return client.post("/api/session", signIn(name, PASSPHRASE));
  }

  @Test
  void aTakenNameAndAShortPassphraseAreRefusedAtTheirFields(Client client) {
    client.get("/api/session");
    client.post("/api/accounts", signIn(email, PASSPHRASE)).expect(201);
    Client.Answer taken = client.post("/api/accounts", signIn(email, PASSPHRASE)).expect(422);
    assertThat(taken.body().path("errors").get(0).path("code").asString()).isEqualTo("taken");
    Client.Answer two = client.post("/api/accounts", signIn("nobody", "short")).expect(422);
    assertThat(two.body().path("errors").findValuesAsString("path"))
        .containsExactlyInAnyOrder("email", "passphrase");
  }

  @Test
  void theSessionCookieIsOutOfReachOfScriptsAndOtherSites(Client client) {
    client.get("/api/session");
    String cookie =
        client
            .post("/api/accounts", signIn(email, PASSPHRASE))
            .expect(201)
            .raw()
            .headers()
            .allValues("Set-Cookie")
            .stream()
            .filter(header -> header.startsWith("SESSION=") || header.startsWith("gerula-session"))
            .findFirst()
            .orElseThrow();
    assertThat(cookie).contains("HttpOnly").contains("SameSite=Strict");
  }

  @Test
  void aChangeWithoutTheTokenIsRefused(Client client) {
    client.signedUp();
    HttpRequest without =
        HttpRequest.newBuilder(URI.create(client.address() + "/api/places"))
            .POST(BodyPublishers.ofString("{}"))
            .header("Content-Type", "application/json")
            .build();
    assertThat(client.send(without).expect(403).code()).isEqualTo("not-allowed");
  }

  /** Walks the API's own document, so that a new address cannot be forgotten here. */
  @Test
  void everyAddressButSignInRefusesWithoutASession(Client client, Client stranger) {
    // A calendar program has no session: the secret in its address is all it has.
    Set<String> open = Set.of("/api/session", "/api/accounts", "/calendar/{secret}.ics");
    JsonNode paths = client.signedUp().get("/api/openapi.json").expect(200).body().path("paths");
    stranger.get("/api/session");
    int asked = 0;
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
        if (!open.contains(path.getKey())) {
          String address = path.getKey().replaceAll("\\{[^}]*}", UUID.randomUUID().toString());
          String verb = method.getKey().toUpperCase(java.util.Locale.ROOT);
          stranger.send(verb, address, verb.equals("GET") ? null : "{}").expect(401);
          asked++;
        }
      }
    }
    assertThat(asked).isGreaterThan(15);
    stranger.get("/api/openapi.json").expect(401);
    stranger.get("/api/no-such-address").expect(401);
    stranger.get("/calendar/" + UUID.randomUUID() + ".ics").expect(404);
  }

  /** Unless it is told otherwise: 19 MiB, OWASP Password Storage Cheat Sheet (from memory). */
  @Test
  void hashingAPassphraseTakesAsMuchMemoryAsItShould() {
    GerulaSettings usual =
        new Binder(new MapConfigurationPropertySource())
            .bindOrCreate("gerula", GerulaSettings.class);
    String hash = new SecurityConfiguration().passphraseEncoder(usual).encode("a rope of strands");
    assertThat(hash).startsWith("$argon2id$v=19$m=19456,t=2,p=1$");
  }

  /** Or each question would wait for a write of its own. */
  @Test
  void whenSomebodyWasLastSeenIsWrittenOnceAMinute(Client client) throws SQLException {
    client.signedUp();
    String session =
        new String(Base64.getDecoder().decode(client.cookie("SESSION").orElseThrow().getValue()));
    long aWhileAgo = System.currentTimeMillis() - 30_000;
    seen(session, aWhileAgo);
    client.get("/api/places").expect(200);
    assertThat(seen(session)).isEqualTo(aWhileAgo);
    long longAgo = System.currentTimeMillis() - 61_000;
    seen(session, longAgo);
    client.get("/api/places").expect(200);
    assertThat(seen(session)).isGreaterThan(longAgo + 60_000);
  }

  private static void seen(String session, long at) throws SQLException {
    try (Connection application = Running.asApplication();
        PreparedStatement sql =
            application.prepareStatement(
                "update access.spring_session set last_access_time = ? where session_id = ?")) {
      sql.setLong(1, at);
      sql.setString(2, session);
      assertThat(sql.executeUpdate()).isEqualTo(1);
    }
  }

  private static long seen(String session) throws SQLException {
    try (Connection application = Running.asApplication();
        PreparedStatement sql =
            application.prepareStatement(
                "select last_access_time from access.spring_session where session_id = ?")) {
      sql.setString(1, session);
      try (ResultSet row = sql.executeQuery()) {
        assertThat(row.next()).isTrue();
        return row.getLong(1);
      }
    }
  }
}
