package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Concern;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Hair;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Travel;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.Preference;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.ProductShade;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import gerula.core.shade.Lab;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/** Invented kits and bookings: any mixture the rules have to stand, the same for the same seed. */
public final class RandomKits {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final List<String> SENSITIVITIES =
      new TreeSet<>(Sensitivity.KNOWN).stream().toList();
  private static final Set<Section> COUNTED =
      EnumSet.of(Section.DISPOSABLES, Section.BRUSHES, Section.TOOLS, Section.LASHES);

  private final RandomGenerator random;
  private final UUID bag;

  public RandomKits(long seed) {
    random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    bag = id();
  }

  /** A kit of so many items and a booking of so many faces. */
  public PackingList.PackingFacts facts(int items, int faces) {
    List<Item> kit = new ArrayList<>();
    for (int i = 0; i < items; i++) {
      kit.add(item());
    }
    return new PackingList.PackingFacts(
        booking(faces), kit, places(), List.of(bag), Set.of(), HouseRules.USUAL);
  }

  public PlaceTree places() {
    return new PlaceTree(
        List.of(
            Given.place(PlaceKind.CASE, "case")
                .id(bag)
                .inside(500, 350, 250)
                .weighing(3000, null)
                .place()));
  }

  public Booking booking(int faces) {
    LocalDate first = TODAY.plusDays(random.nextInt(40));
    List<Face> list = new ArrayList<>();
    for (int i = 0; i < faces; i++) {
      list.add(face(i));
    }
    return new Booking(
        id(),
        "job",
        random.nextBoolean() ? null : oneOf(List.of(KindOfWork.values())),
        first,
        first.plusDays(random.nextInt(10)),
        some(Condition.class, 0.15),
        random.nextBoolean() ? null : oneOf(List.of(Travel.values())),
        list);
  }

  private Face face(int number) {
    Set<Sensitivity> sensitivities = new TreeSet<>();
    if (random.nextInt(3) == 0) {
      sensitivities.add(new Sensitivity(oneOf(SENSITIVITIES)));
    }
    return FaceBuilder.builder(
            Face.of(
                id(),
                "face " + number,
                1 + random.nextInt(19) / 2.0,
                oneOf(List.of(SkinType.values())),
                some(Service.class, 0.5)))
        .person(Given.person("face " + number).id())
        .hair(oneOf(List.of(Hair.values())))
        .concerns(some(Concern.class, 0.2))
        .sensitivities(sensitivities)
        .looksPerDay(1 + random.nextInt(5) / 4)
        .colour(random.nextInt(3) == 0 ? Lab.ofSrgb(colour()) : null)
        .build();
  }

  /** One item of any class, in any state. */
  public Item item() {
    Product product = product();
    LocalDate opened = random.nextInt(4) == 0 ? null : TODAY.minusDays(random.nextInt(900));
    LocalDate printed = random.nextInt(4) == 0 ? TODAY.plusDays(random.nextInt(800) - 100) : null;
    long whole = product.content().thousandths();
    long left = random.nextInt(12) == 0 ? 0 : 1 + random.nextLong(whole);
    Quantity amount =
        product.content().unit() == Unit.PIECE
            ? Quantity.pieces(Math.ceilDiv(left, 1000L))
            : new Quantity(left, product.content().unit());
    return ItemBuilder.stagedBuilder()
        .id(id())
        .product(product)
        .dates(new PackDates(null, TODAY.minusDays(900), opened, printed, null))
        .left(amount)
        .isLeftEstimated(false)
        .home(bag)
        .now(random.nextInt(20) == 0 ? null : bag)
        .askBackOn(null)
        .clean(
            CleanState.told(random.nextInt(15) == 0 ? Cleanliness.CONTAMINATED : Cleanliness.CLEAN))
        .forWhom(forWhom())
        .vessel(Vessel.PACK)
        .slot(null)
        .spoilage(null)
        .preference(Preference.NONE)
        .brushSet("")
        .isUsedFirst(random.nextInt(20) == 0)
        .isDiscarded(random.nextInt(15) == 0)
        .build();
  }

  private ForWhom forWhom() {
    return switch (random.nextInt(30)) {
      case 0, 1 -> new ForWhom.TheArtist();
      case 2 -> new ForWhom.Only(Given.person("face " + random.nextInt(6)));
      default -> ForWhom.EVERYBODY;
    };
  }

  private Product product() {
    ProductClass productClass = oneOf(List.of(ProductClass.values()));
    boolean counted = COUNTED.contains(productClass.section());
    Unit unit = counted && random.nextInt(20) > 0 ? Unit.PIECE : Unit.ML;
    Quantity content =
        unit == Unit.PIECE
            ? Quantity.pieces(1 + random.nextInt(200))
            : Quantity.millilitres(1 + random.nextInt(60));
    Map<Sensitivity, Composition.Found> found = new TreeMap<>();
    if (random.nextInt(2) == 0) {
      found.put(
          new Sensitivity(oneOf(SENSITIVITIES)), oneOf(Arrays.asList(Composition.Found.values())));
    }
    return ProductBuilder.stagedBuilder()
        .id(id())
        .maker("maker")
        .name("thing")
        .shade("shade")
        .productClass(productClass)
        .alsoServes(random.nextInt(8) == 0 ? some(ProductClass.class, 0.02) : Set.of())
        .form(oneOf(Arrays.asList(Form.values())))
        .content(content)
        .colour(random.nextInt(3) == 0 ? null : colour())
        .depth(productClass.section() == Section.BASE ? 1 + random.nextInt(19) / 2.0 : null)
        .shades(productClass.section() == Section.BASE ? shades() : List.of())
        .roles(Set.of())
        .traits(some(Trait.class, 0.2))
        .composition(Composition.NOT_CHECKED.checked(found, LocalDate.of(2031, 1, 1)))
        .brushes(null)
        .measures(null)
        .build();
  }

  private String colour() {
    return String.format("#%06x", random.nextInt(1 << 24));
  }

  /** Most packs are of one shade. */
  private List<ProductShade> shades() {
    return random.nextInt(5) > 0
        ? List.of()
        : IntStream.range(0, 2 + random.nextInt(4))
            .mapToObj(n -> new ProductShade("" + n, null, 1 + random.nextInt(19) / 2.0))
            .toList();
  }

  private <E extends Enum<E>> Set<E> some(Class<E> list, double share) {
    Set<E> chosen = EnumSet.noneOf(list);
    for (E one : list.getEnumConstants()) {
      if (random.nextDouble() < share) {
        chosen.add(one);
      }
    }
    return chosen;
  }

  private <T> T oneOf(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  private UUID id() {
    return new UUID(random.nextLong(), random.nextLong());
  }
}
