package gerula.app.platform.signin;

import static gerula.app.Client.object;
import static gerula.app.Client.signIn;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Running.class)
class AccountTest {

  private static final String PASSPHRASE = "lantern quay herring";
  private static final String OTHER = "seven wet umbrellas in march";
  private final String email = UUID.randomUUID() + "@example.test";

  private void signUp(Client client) {
    client.get("/api/session");
    client.post("/api/accounts", signIn(email, PASSPHRASE)).expect(201);
  }

  private Answer signInAs(Client client, String passphrase) {
    client.get("/api/session");
    return client.post("/api/session", signIn(email, passphrase));
  }

  @Test
  void whoeverFailsOnANameDoesNotLockOutItsOwner(Client owner, Client attacker) {
    signUp(owner);
    owner.delete("/api/session").expect(204);
    for (int i = 0; i < 12; i++) {
      signInAs(attacker, "guess number " + i);
    }
    assertThat(signInAs(attacker, "guess").status()).isEqualTo(429);
    signInAs(owner, PASSPHRASE).expect(200);
  }

  @Test
  void manyTriesAtOnceLetNoMoreThroughThanOneAfterTheOther(Client owner, Client attacker) {
    signUp(owner);
    attacker.get("/api/session");
    List<Callable<Answer>> tries = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      String guess = "guess number " + i;
      tries.add(() -> attacker.post("/api/session", signIn(email, guess)));
    }
    long checked = SideBySide.all(tries).stream().filter(answer -> answer.status() == 401).count();
    // Five are free; while they are looked at a second passes and may free one more.
    assertThat(checked).isBetween(1L, 8L);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "aaaaaaaaaaaa",
        "passwordpassword",
        "123456789012",
        "qwertyuiopas",
        "abcabcabcabcabc"
      })
  void whatIsSoonGuessedIsNoPassphrase(String weak, Client client) {
    client.get("/api/session");
    Answer refused = client.post("/api/accounts", signIn(email, weak)).expect(422);
    assertThat(refused.body().at("/errors/0/code").asString()).isEqualTo("too-weak");
    assertThat(refused.body().at("/errors/0/path").asString()).isEqualTo("passphrase");
  }

  @Test
  void aNewPassphraseSignsOutEverybodyElse(Client here, Client there) {
    signUp(here);
    signInAs(there, PASSPHRASE).expect(200);
    here.put("/api/account/passphrase", passphrases("not mine at all", OTHER)).expect(422);
    Answer weak = here.put("/api/account/passphrase", passphrases(PASSPHRASE, "aaaaaaaaaaaa"));
    assertThat(weak.expect(422).body().at("/errors/0/path").asString()).isEqualTo("fresh");
    there.get("/api/items").expect(200);
    here.put("/api/account/passphrase", passphrases(PASSPHRASE, OTHER)).expect(204);
    there.get("/api/items").expect(401);
    here.get("/api/items").expect(200);
    Kits.addPlace(here, "The token was renewed", "drawer");
    signInAs(there, PASSPHRASE).expect(401);
    signInAs(there, OTHER).expect(200);
  }

  private static Object passphrases(String present, String fresh) {
    return object().put("present", present).put("fresh", fresh);
  }

  @Test
  void oneSeesWhereOneIsSignedInAndEndsTheOthers(Client here, Client there, Client third) {
    signUp(here);
    signInAs(there, PASSPHRASE).expect(200);
    signInAs(third, PASSPHRASE).expect(200);
    JsonNode sessions = here.get("/api/account/sessions").expect(200).body();
    assertThat(sessions).hasSize(3);
    assertThat(sessions.values().stream().filter(one -> one.path("isThis").asBoolean())).hasSize(1);
    String other =
        there.get("/api/account/sessions").body().values().stream()
            .filter(one -> one.path("isThis").asBoolean())
            .findFirst()
            .orElseThrow()
            .path("id")
            .asString();
    here.delete("/api/account/sessions/" + other).expect(204);
    there.get("/api/items").expect(401);
    third.get("/api/items").expect(200);
    here.delete("/api/account/sessions").expect(204);
    third.get("/api/items").expect(401);
    here.get("/api/items").expect(200);
  }

  @Test
  void anotherAccountsSessionCannotBeEnded(Client here, Client stranger) {
    signUp(here);
    stranger.signedUp();
    String id = here.get("/api/account/sessions").body().at("/0/id").asString();
    stranger.delete("/api/account/sessions/" + id).expect(204);
    here.get("/api/items").expect(200);
  }

  @Test
  void anAccountIsDeletedForGoodAfterAnExport(Client client, Client again) {
    signUp(client);
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    Kits.addPowder(client, drawer);
    Kits.everythingOfTheBench(client, drawer);
    Object sure = object().put("passphrase", PASSPHRASE);
    assertThat(client.post("/api/account/delete", sure).expect(409).code())
        .isEqualTo("export-first");
    client.get("/api/workspace/archive").expect(200);
    Kits.addPlace(client, "Newer than the export", "drawer");
    client.post("/api/account/delete", sure).expect(409);
    client.get("/api/workspace/archive").expect(200);
    client.post("/api/account/delete", object().put("passphrase", "not mine at all")).expect(422);
    client.post("/api/account/delete", sure).expect(204);
    client.get("/api/items").expect(401);
    signInAs(again, PASSPHRASE).expect(401);
    // The name is free again, and nothing of the old workspace is there.
    signUp(again);
    assertThat(again.get("/api/places").body().path("places")).isEmpty();
  }

  @Test
  void theTokenBelongsToTheSessionAndIsRenewedAtSignIn(Client client, Client other) {
    client.get("/api/session");
    String before = client.cookie("XSRF-TOKEN").orElseThrow().getValue();
    signUp(client);
    String after = client.cookie("XSRF-TOKEN").orElseThrow().getValue();
    assertThat(after).isNotEqualTo(before);
    other.signedUp();
    String foreign = other.cookie("XSRF-TOKEN").orElseThrow().getValue();
    for (String token : List.of(before, foreign)) {
      HttpRequest request =
          HttpRequest.newBuilder(URI.create(client.address() + "/api/calc/pack-code"))
              .POST(BodyPublishers.ofString("{\"code\": \"1\"}"))
              .header("Content-Type", "application/json")
              .header("X-XSRF-TOKEN", token)
              .build();
      assertThat(client.send(request).status()).isEqualTo(403);
    }
    client.post("/api/calc/pack-code", object().put("code", "1")).expect(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"https://elsewhere.example", "null", "http://127.0.0.1:1"})
  void changesFromOtherSitesAreRefused(String origin, Client client) {
    client.signedUp();
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(client.address() + "/api/calc/pack-code"))
            .POST(BodyPublishers.ofString("{\"code\": \"1\"}"))
            .header("Content-Type", "application/json")
            .header("Origin", origin)
            .header("X-XSRF-TOKEN", client.cookie("XSRF-TOKEN").orElseThrow().getValue())
            .build();
    assertThat(client.send(request).expect(403).code()).isEqualTo("not-allowed");
  }

  @Test
  void itAnswersUnderItsOwnNamesOnly(Client client) {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(client.address() + "/api/session"))
            .header("Host", "rebound.example")
            .build();
    assertThat(client.send(request).expect(421).code()).isEqualTo("unknown-host");
  }

  @Test
  void behindTlsCookiesAreSecure(Client client) {
    HttpRequest forwarded =
        HttpRequest.newBuilder(URI.create(client.address() + "/api/session"))
            .header("X-Forwarded-Proto", "https")
            .build();
    assertThat(client.send(forwarded).raw().headers().firstValue("Set-Cookie").orElseThrow())
        .contains("Secure");
    assertThat(client.get("/api/session").raw().headers().firstValue("Set-Cookie").orElse("none"))
        .doesNotContain("Secure");
  }

  @Test
  void everyAnswerSaysWhatPagesMayDo(Client client) {
    var headers = client.get("/api/session").raw().headers();
    assertThat(headers.firstValue("Referrer-Policy")).hasValue("same-origin");
    assertThat(headers.firstValue("Permissions-Policy").orElse("")).contains("geolocation=()");
    assertThat(headers.firstValue("Cross-Origin-Opener-Policy")).hasValue("same-origin");
    assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
    client.get("/error").expect(404);
  }
}
