package gerula.core.kit;

import gerula.core.dates.PackDates;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.Preference;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.place.CarrierState;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.ProductShade;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Things and places for tests: ordinary ones, of which a test states only what it is about. */
public final class Given {

  private Given() {}

  /** Who goes by this name, always the same. */
  public static PersonRef person(String name) {
    String known = name.strip().toLowerCase(Locale.ROOT);
    return new PersonRef(UUID.nameUUIDFromBytes(known.getBytes(StandardCharsets.UTF_8)), name);
  }

  /** An ordinary sealed pack, clean, of 10 ml unless said otherwise. */
  public static Thing thing(ProductClass productClass, Form form) {
    return new Thing(productClass, form);
  }

  /** An ordinary place that stands alone, unmeasured. */
  public static Where place(PlaceKind kind, String name) {
    return new Where(kind, name);
  }

  /** What a thing is to be, then the thing. */
  public static final class Thing {
    private final ProductClass productClass;
    private final Form form;
    private UUID id = UUID.randomUUID();
    private String name = "thing";
    private String shade = "";
    private Quantity content = Quantity.millilitres(10);
    private @Nullable Quantity left;
    private @Nullable Double depth;
    private List<ProductShade> shades = List.of();
    private Set<Trait> traits = Set.of();
    private Set<ProductClass> alsoServes = Set.of();
    private Composition composition = Composition.NOT_CHECKED;
    private @Nullable Measures measures;
    private PackDates dates = PackDates.UNKNOWN;
    private @Nullable UUID home;
    private @Nullable UUID now;
    private @Nullable LocalDate askBackOn;
    private Cleanliness cleanliness = Cleanliness.CLEAN;
    private ForWhom forWhom = ForWhom.EVERYBODY;
    private Vessel vessel = Vessel.PACK;
    private @Nullable Integer slot;
    private @Nullable SpoilageReport spoilage;
    private @Nullable String colour;
    private Set<Role> roles = Set.of();
    private Preference preference = Preference.NONE;
    private String brushSet = "";
    private boolean isUsedFirst;
    private boolean isDiscarded;

    private Thing(ProductClass productClass, Form form) {
      this.productClass = productClass;
      this.form = form;
    }

    public Thing id(UUID given) {
      id = given;
      return this;
    }

    public Thing called(String givenName, String givenShade) {
      name = givenName;
      shade = givenShade;
      return this;
    }

    public Thing content(Quantity given) {
      content = given;
      return this;
    }

    public Thing left(Quantity given) {
      left = given;
      return this;
    }

    public Thing depth(@Nullable Double given) {
      depth = given;
      return this;
    }

    /** Side by side in one pack, each for one depth. */
    public Thing shades(Double... depths) {
      shades =
          Arrays.stream(depths).map(one -> new ProductShade("depth " + one, null, one)).toList();
      return this;
    }

    public Thing traits(Set<Trait> given) {
      traits = given;
      return this;
    }

    /** Its label names these; every other word of a sensitivity was not looked for. */
    public Thing contains(Set<Sensitivity> given) {
      return found(given, Composition.Found.CONTAINS);
    }

    public Thing freeOf(Set<Sensitivity> given) {
      return found(given, Composition.Found.FREE_OF);
    }

    private Thing found(Set<Sensitivity> given, Composition.Found found) {
      Map<Sensitivity, Composition.Found> answers = new HashMap<>();
      given.forEach(one -> answers.put(one, found));
      composition = composition.checked(answers, LocalDate.of(2026, 3, 1));
      return this;
    }

    public Thing alsoServing(ProductClass... given) {
      alsoServes = Set.of(given);
      return this;
    }

    public Thing measures(@Nullable Measures given) {
      measures = given;
      return this;
    }

    public Thing dates(PackDates given) {
      dates = given;
      return this;
    }

    /** At home and lying there. */
    public Thing in(@Nullable UUID place) {
      home = place;
      now = place;
      return this;
    }

    public Thing now(@Nullable UUID place) {
      now = place;
      return this;
    }

    public Thing askBackOn(LocalDate given) {
      askBackOn = given;
      return this;
    }

    public Thing cleanliness(Cleanliness given) {
      cleanliness = given;
      return this;
    }

    public Thing forWhom(ForWhom given) {
      forWhom = given;
      return this;
    }

    public Thing usedFirst() {
      isUsedFirst = true;
      return this;
    }

    public Thing slot(int given) {
      slot = given;
      return this;
    }

    public Thing spoilage(SpoilageReport given) {
      spoilage = given;
      return this;
    }

    public Thing vessel(Vessel given) {
      vessel = given;
      return this;
    }

    public Thing coloured(String hex) {
      colour = hex;
      return this;
    }

    public Thing roles(Role... given) {
      roles = Set.of(given);
      return this;
    }

    public Thing ofSet(String given) {
      brushSet = given;
      return this;
    }

    public Thing preferred(Preference given) {
      preference = given;
      return this;
    }

    public Thing discarded(boolean given) {
      isDiscarded = given;
      return this;
    }

    public Product product() {
      return ProductBuilder.stagedBuilder()
          .id(id)
          .maker("maker")
          .name(name)
          .shade(shade)
          .productClass(productClass)
          .alsoServes(alsoServes)
          .form(form)
          .content(content)
          .colour(colour)
          .depth(depth)
          .shades(shades)
          .roles(roles)
          .traits(traits)
          .composition(composition)
          .brushes(null)
          .measures(measures)
          .build();
    }

    public Item item() {
      Quantity rest = left != null ? left : content;
      return ItemBuilder.stagedBuilder()
          .id(id)
          .product(product())
          .dates(dates)
          .left(rest)
          .isLeftEstimated(false)
          .home(home)
          .now(now)
          .askBackOn(askBackOn)
          .clean(CleanState.told(cleanliness))
          .forWhom(forWhom)
          .vessel(vessel)
          .slot(slot)
          .spoilage(spoilage)
          .preference(preference)
          .brushSet(brushSet)
          .isUsedFirst(isUsedFirst)
          .isDiscarded(isDiscarded)
          .build();
    }
  }

  /** What a place is to be, then the place. */
  public static final class Where {
    private final PlaceKind kind;
    private final String name;
    private UUID id = UUID.randomUUID();
    private @Nullable UUID parent;
    private int reach = 1;
    private boolean isPortable = true;
    private Inside inside = Inside.UNMEASURED;
    private Mass ownMass = Mass.NONE;
    private @Nullable Mass greatestMass;
    private Purpose purpose = Purpose.ANY;
    private @Nullable UUID thing;

    private Where(PlaceKind kind, String name) {
      this.kind = kind;
      this.name = name;
    }

    public Where id(UUID given) {
      id = given;
      return this;
    }

    public Where in(@Nullable UUID given) {
      parent = given;
      return this;
    }

    public Where reach(int given) {
      reach = given;
      return this;
    }

    public Where inside(
        @Nullable Integer width, @Nullable Integer depth, @Nullable Integer height) {
      inside = new Inside(width, depth, height, inside.slots(), inside.isSealed());
      return this;
    }

    public Where slots(Inside.Slots given) {
      inside =
          new Inside(
              inside.widthMm(), inside.depthMm(), inside.heightMm(), given, inside.isSealed());
      return this;
    }

    /** One that stays where it is. */
    public Where fixed() {
      isPortable = false;
      return this;
    }

    public Where sealed() {
      inside =
          new Inside(inside.widthMm(), inside.depthMm(), inside.heightMm(), inside.slots(), true);
      return this;
    }

    public Where weighing(long grams, @Nullable Mass atMost) {
      ownMass = Mass.ofGrams(grams);
      greatestMass = atMost;
      return this;
    }

    public Where forSection(@Nullable Section given) {
      purpose = new Purpose(given, purpose.allowed(), purpose.performer(), purpose.use());
      return this;
    }

    public Where onlyFor(Section... given) {
      purpose =
          new Purpose(
              purpose.section(), Set.copyOf(List.of(given)), purpose.performer(), purpose.use());
      return this;
    }

    public Where ofPerformer(String given) {
      purpose = new Purpose(purpose.section(), purpose.allowed(), person(given), purpose.use());
      return this;
    }

    public Where servingFor(PlaceUse given) {
      purpose = new Purpose(purpose.section(), purpose.allowed(), purpose.performer(), given);
      return this;
    }

    public Where beingThing(UUID given) {
      thing = given;
      return this;
    }

    public Place place() {
      return PlaceBuilder.stagedBuilder()
          .id(id)
          .parent(parent)
          .home(null)
          .name(name)
          .kind(kind)
          .isPortable(isPortable)
          .reach(reach)
          .inside(inside)
          .ownMass(ownMass)
          .greatestMass(greatestMass)
          .purpose(purpose)
          .thing(thing)
          .setContents(List.of())
          .carrier(CarrierState.CLEAN)
          .build();
    }
  }
}
