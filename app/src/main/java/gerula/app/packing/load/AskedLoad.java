package gerula.app.packing.load;

import gerula.app.packing.load.LoadPlanController.Asked;
import gerula.app.platform.web.Facts;
import gerula.core.packing.load.Compartment;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadBag;
import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.LoadPieceBuilder;
import gerula.core.packing.load.Orientation;
import gerula.core.packing.load.Posture;
import gerula.core.quantity.Mass;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads what a load plan is asked for, fault by fault. */
final class AskedLoad {

  private static final int MOST_BAGS = 50;
  private static final int MOST_SECTIONS = 50;
  private static final double USABLE_SHARE = 0.85;
  private static final int MILLIS = 2_000;

  private final Set<String> bags = new HashSet<>();
  private final Set<String> compartments = new HashSet<>();
  private final Set<String> pieces = new HashSet<>();

  private AskedLoad() {}

  static Optional<Asked> read(Facts facts, JsonNode told) {
    AskedLoad asked = new AskedLoad();
    // A companion may be told before what it belongs to.
    told.path("pieces").forEach(piece -> asked.pieces.add(piece.path("id").asString("")));
    return asked.load(facts);
  }

  private Optional<Asked> load(Facts facts) {
    facts.required("bags", Optional::of);
    facts.required("pieces", Optional::of);
    List<LoadBag> ofBags = facts.list("bags", MOST_BAGS, this::bag);
    Set<String> twice = new HashSet<>();
    List<LoadPiece> ofPieces = facts.list("pieces", Load.MOST_PIECES, part -> piece(part, twice));
    int millis = facts.whole("timeLimitMs").orElse(MILLIS);
    int seed = facts.whole("seed").orElse(1);
    Optional<LoadEffort> effort =
        facts.faults().build(facts.at("timeLimitMs"), () -> LoadEffort.of(millis, seed));
    if (!facts.faults().found().isEmpty() || effort.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(facts.at("pieces"), () -> new Asked(new Load(ofBags, ofPieces), effort.get()));
  }

  private Optional<LoadBag> bag(Facts facts) {
    Optional<String> id = facts.ownId(bags);
    Optional<Mass> own =
        facts.isTold("ownMassG") ? mass(facts, "ownMassG") : Optional.of(Mass.NONE);
    Optional<Mass> greatest = mass(facts, "greatestMassG");
    facts.required("compartments", Optional::of);
    List<Compartment> rooms = facts.list("compartments", Load.MOST_COMPARTMENTS, this::compartment);
    return id.isEmpty() || own.isEmpty()
        ? Optional.empty()
        : Optional.of(new LoadBag(id.get(), own.get(), greatest.orElse(null), rooms));
  }

  private static Optional<Mass> mass(Facts facts, String name) {
    return facts
        .number(name)
        .flatMap(
            grams -> facts.faults().build(facts.at(name), () -> Mass.ofGrams(grams.doubleValue())));
  }

  private Optional<Compartment> compartment(Facts facts) {
    Optional<String> id = facts.ownId(compartments);
    Optional<Integer> width = facts.required("widthMm", facts::whole);
    Optional<Integer> depth = facts.required("depthMm", facts::whole);
    Optional<Integer> height = facts.required("heightMm", facts::whole);
    double share = facts.number("usableShare").map(BigDecimal::doubleValue).orElse(USABLE_SHARE);
    List<String> allowed = facts.texts("allowed", MOST_SECTIONS);
    boolean isSealed = facts.flag("sealed");
    int reach = facts.whole("reach").orElse(1);
    Optional<String> person = facts.text("person");
    if (id.isEmpty() || width.isEmpty() || depth.isEmpty() || height.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(
            facts.at("widthMm"),
            () ->
                new Compartment(
                    id.get(),
                    width.get(),
                    depth.get(),
                    height.get(),
                    share,
                    Set.copyOf(allowed),
                    isSealed,
                    reach,
                    person.orElse(null)));
  }

  private Optional<LoadPiece> piece(Facts facts, Set<String> twice) {
    Optional<String> id = facts.ownId(twice);
    Optional<Integer> width = facts.required("widthMm", facts::whole);
    Optional<Integer> depth = facts.required("depthMm", facts::whole);
    Optional<Integer> height = facts.required("heightMm", facts::whole);
    Optional<Mass> mass = facts.required("massG", name -> mass(facts, name));
    LoadPieceBuilder piece =
        LoadPieceBuilder.builder()
            .name("")
            .section(facts.text("section").orElse(""))
            .isRequired(facts.flag("required"))
            .value(facts.number("value").map(BigDecimal::doubleValue).orElse(0.0))
            .orientation(facts.code("orientation", Orientation.class).orElse(Orientation.ANY))
            .isRigid(!facts.isTold("rigid") || facts.flag("rigid"))
            .isWet(facts.flag("wet"))
            .group(facts.text("group").orElse(null))
            .usual(known(facts, "usual", compartments))
            .companionOf(known(facts, "companionOf", pieces))
            .openedFirst(facts.whole("openedFirst").orElse(null))
            .person(facts.text("person").orElse(null))
            .pinned(known(facts, "pinned", compartments));
    if (id.isEmpty() || width.isEmpty() || depth.isEmpty() || height.isEmpty() || mass.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(
            facts.at("widthMm"),
            () ->
                piece
                    .id(id.get())
                    .measures(new Posture(width.get(), depth.get(), height.get()))
                    .mass(mass.get())
                    .build());
  }

  private static @Nullable String known(Facts facts, String name, Set<String> known) {
    Optional<String> id = facts.text(name);
    facts
        .faults()
        .unless(
            id.isEmpty() || known.contains(id.get()),
            facts.at(name),
            "unknown",
            "There is no such " + (name.equals("companionOf") ? "piece" : "compartment") + ".");
    return id.orElse(null);
  }
}
