package gerula.app.restock;

import gerula.app.platform.web.Facts;
import gerula.core.restock.offer.CheapestCover;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The cheapest cover of what is needed, of offers that are sent along. */
@RestController
class OffersController {

  /**
   * @param pieces 0 to 10,000
   * @param mostUsable what can be used before its date; more is bought only where the need would
   *     else not be met. Null: all
   */
  record AskedOfferNeed(String id, int pieces, @Nullable Integer mostUsable) {}

  /**
   * @param shipping of a parcel, as a decimal text
   * @param freeFrom goods of so much after discounts are sent for nothing; null: never
   */
  record AskedOfferShop(String id, String shipping, @Nullable String freeFrom) {}

  /**
   * @param kind percent, second-half-price (each second pack), three-for-two, fixed (amount off
   *     each pack) or from-amount (percent off every pack once fromPacks are bought)
   * @param percent 0 to 100
   */
  record AskedDiscount(
      String kind,
      @Nullable BigDecimal percent,
      @Nullable String amount,
      @Nullable Integer fromPacks) {}

  /**
   * @param need which need it serves
   * @param packPieces 1 to 10,000
   * @param price of one pack, as a decimal text
   * @param most how many packs can be had; null: any
   */
  record AskedOffer(
      String id,
      String shop,
      String need,
      int packPieces,
      String price,
      @Nullable AskedDiscount discount,
      @Nullable Integer most) {}

  /**
   * @param needs at most 200
   * @param shops at most 60
   * @param offers at most 2,000
   * @param budget with shipping; null: open
   * @param priorities by need 1 (first) to 4; missing is 4
   */
  record AskOffers(
      List<AskedOfferNeed> needs,
      List<AskedOfferShop> shops,
      List<AskedOffer> offers,
      @Nullable String budget,
      @Nullable Map<String, Integer> priorities) {}

  record BoughtView(String offer, int packs) {}

  record ParcelView(String shop, String goods, String shipping) {}

  /**
   * @param total of goods and shipping, a decimal text like all amounts here
   * @param pieces by need: what is bought
   * @param waste by need: what is bought beyond what can be used
   * @param unmet by need: what is missing; those of which nothing is are left out
   * @param optimal nothing better exists; false: the search was cut short
   */
  record OffersAnswer(
      List<BoughtView> buy,
      List<ParcelView> parcels,
      String total,
      Map<String, Integer> pieces,
      Map<String, Integer> waste,
      Map<String, Integer> unmet,
      boolean optimal) {}

  @PostMapping("/api/calc/offers")
  OffersAnswer offers(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskOffers.class)))
          @RequestBody
          JsonNode asked) {
    CheapestCover cover = Facts.read(asked, AskedCover::cover);
    return new OffersAnswer(
        cover.buy().stream().map(one -> new BoughtView(one.offer(), one.packs())).toList(),
        cover.parcels().stream()
            .map(
                one ->
                    new ParcelView(
                        one.shop(), one.goods().toPlainString(), one.shipping().toPlainString()))
            .toList(),
        cover.total().toPlainString(),
        cover.pieces(),
        cover.waste(),
        cover.unmet(),
        cover.isProved());
  }
}
