package gerula.core.cleandown.treatment;

import gerula.core.kit.product.Form;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.BulletPractice;
import gerula.core.rule.Code;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.PencilPractice;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.PracticeChoice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import gerula.core.rule.SoftPencilPractice;
import gerula.core.rule.SpongePractice;
import gerula.core.rule.WashingPractice;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;

/** Something artists treat in different ways. */
public enum Matter implements Code {
  POWDER(
      EnumSet.of(Form.PRESSED_POWDER),
      Moment.BETWEEN_FACES,
      PowderPractice.class,
      Practices::powder,
      (house, way) -> house.powder((PowderPractice) way)),
  PENCIL(
      EnumSet.of(Form.SHARPENABLE_PENCIL),
      Moment.BETWEEN_FACES,
      PencilPractice.class,
      Practices::pencil,
      (house, way) -> house.pencil((PencilPractice) way)),
  SOFT_TWIST_UP(
      EnumSet.of(Form.TWIST_UP_PENCIL),
      Moment.BETWEEN_FACES,
      SoftPencilPractice.class,
      Practices::softTwistUp,
      (house, way) -> house.softTwistUp((SoftPencilPractice) way)),
  FELT(
      EnumSet.of(Form.FELT_TIP_PEN),
      Moment.BETWEEN_FACES,
      FeltPractice.class,
      Practices::felt,
      (house, way) -> house.felt((FeltPractice) way)),
  BULLET(
      EnumSet.of(Form.LIPSTICK_BULLET, Form.STICK),
      Moment.BETWEEN_FACES,
      BulletPractice.class,
      Practices::bullet,
      (house, way) -> house.bullet((BulletPractice) way)),
  SPONGE(
      EnumSet.of(Form.FOAM_SPONGE),
      Moment.BETWEEN_FACES,
      SpongePractice.class,
      Practices::sponge,
      (house, way) -> house.sponge((SpongePractice) way)),
  BRUSHES(
      EnumSet.of(Form.BRUSH_SYNTHETIC, Form.BRUSH_NATURAL, Form.BRUSH_DUO_FIBRE),
      Moment.BETWEEN_FACES,
      BrushPractice.class,
      Practices::brushes,
      (house, way) -> house.brushes((BrushPractice) way)),
  WASHING(
      EnumSet.of(Form.BRUSH_SYNTHETIC),
      Moment.AFTER_JOB,
      WashingPractice.class,
      Practices::washing,
      (house, way) -> house.washing((WashingPractice) way));

  private final Set<Form> forms;
  private final Moment moment;
  private final PracticeChoice choice;

  Matter(
      Set<Form> forms,
      Moment moment,
      Class<? extends Enum<?>> ways,
      Function<Practices, Code> held,
      BiConsumer<PracticesBuilder, Code> hold) {
    this.forms = forms;
    this.moment = moment;
    this.choice = new PracticeChoice(ways, held, hold);
  }

  /** What it is about. */
  Set<Form> forms() {
    return forms;
  }

  /** When it is done. */
  public Moment moment() {
    return moment;
  }

  PracticeChoice choice() {
    return choice;
  }
}
