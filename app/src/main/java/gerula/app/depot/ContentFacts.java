package gerula.app.depot;

import gerula.app.platform.web.Facts;
import gerula.core.depot.Content;
import gerula.core.depot.Thickness;
import gerula.core.kit.product.Form;
import java.math.BigDecimal;
import java.util.Optional;

/** Reads "form" and "traits" of a product on the bench. */
public final class ContentFacts {

  private ContentFacts() {}

  public static Optional<Content> of(Facts facts) {
    Optional<Form> form = facts.required("form", name -> facts.code(name, Form.class));
    return facts.object("traits", traits -> content(traits, form));
  }

  private static Optional<Content> content(Facts traits, Optional<Form> form) {
    Optional<Thickness> thickness = traits.code("thickness", Thickness.class);
    boolean setting = traits.flag("setting");
    boolean glitter = traits.flag("glitter");
    boolean sunscreen = traits.flag("sunscreen");
    boolean solvent = traits.flag("solvent");
    boolean sterile = traits.flag("sterile");
    Double alcohol = traits.number("alcoholPercent").map(BigDecimal::doubleValue).orElse(null);
    Form known = form.orElse(Form.OTHER);
    Optional<Content> content =
        traits
            .faults()
            .build(
                traits.at("alcoholPercent"),
                () ->
                    new Content(
                        known,
                        thickness.orElse(Content.usual(known).thickness()),
                        setting,
                        glitter,
                        sunscreen,
                        solvent,
                        sterile,
                        alcohol));
    return form.isPresent() ? content : Optional.empty();
  }
}
