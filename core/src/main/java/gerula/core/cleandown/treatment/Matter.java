package gerula.core.cleandown.treatment;

import gerula.core.kit.product.Form;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.BulletPractice;
import gerula.core.rule.Code;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.PencilPractice;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import gerula.core.rule.SoftPencilPractice;
import gerula.core.rule.SpongePractice;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;

/** Something artists treat in different ways between two faces. */
public enum Matter implements Code {
  POWDER(
      EnumSet.of(Form.PRESSED_POWDER),
      PowderPractice.class,
      Practices::powder,
      (house, way) -> house.powder((PowderPractice) way)),
  PENCIL(
      EnumSet.of(Form.SHARPENABLE_PENCIL),
      PencilPractice.class,
      Practices::pencil,
      (house, way) -> house.pencil((PencilPractice) way)),
  SOFT_TWIST_UP(
      EnumSet.of(Form.TWIST_UP_PENCIL),
      SoftPencilPractice.class,
      Practices::softTwistUp,
      (house, way) -> house.softTwistUp((SoftPencilPractice) way)),
  FELT(
      EnumSet.of(Form.FELT_TIP_PEN),
      FeltPractice.class,
      Practices::felt,
      (house, way) -> house.felt((FeltPractice) way)),
  BULLET(
      EnumSet.of(Form.LIPSTICK_BULLET, Form.STICK),
      BulletPractice.class,
      Practices::bullet,
      (house, way) -> house.bullet((BulletPractice) way)),
  SPONGE(
      EnumSet.of(Form.FOAM_SPONGE),
      SpongePractice.class,
      Practices::sponge,
      (house, way) -> house.sponge((SpongePractice) way)),
  BRUSHES(
      EnumSet.of(Form.BRUSH_SYNTHETIC, Form.BRUSH_NATURAL, Form.BRUSH_DUO_FIBRE),
      BrushPractice.class,
      Practices::brushes,
      (house, way) -> house.brushes((BrushPractice) way));

  private final Set<Form> forms;
  private final Class<? extends Enum<?>> ways;
  private final Function<Practices, Code> held;
  private final BiConsumer<PracticesBuilder, Code> hold;

  Matter(
      Set<Form> forms,
      Class<? extends Enum<?>> ways,
      Function<Practices, Code> held,
      BiConsumer<PracticesBuilder, Code> hold) {
    this.forms = forms;
    this.ways = ways;
    this.held = held;
    this.hold = hold;
  }

  /** What it is about. */
  Set<Form> forms() {
    return forms;
  }

  /** How this house does it. */
  public Code of(Practices house) {
    return held.apply(house);
  }

  /** The same house doing it in each of the ways there are, the usual one first. */
  Map<Code, Practices> ways(Practices house) {
    Map<Code, Practices> all = new LinkedHashMap<>();
    for (Enum<?> way : ways.getEnumConstants()) {
      PracticesBuilder other = PracticesBuilder.builder(house);
      hold.accept(other, (Code) way);
      all.put((Code) way, other.build());
    }
    return all;
  }
}
