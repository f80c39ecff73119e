package happysaucer.server.counter;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Shape;
import happysaucer.core.price.Quote;
import happysaucer.core.species.Group;
import happysaucer.core.species.Light;
import happysaucer.server.advice.WalkInAdvice;
import happysaucer.server.settings.Settings;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.shelf.ShelfPot;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The call and the price for a plant in somebody's hand; nothing is kept. */
@Service
public class InHand {
  private final WalkInAdvice advice;
  private final Shelf shelf;
  private final Settings settings;
  private final CurrentUser user;

  InHand(WalkInAdvice advice, Shelf shelf, Settings settings, CurrentUser user) {
    this.advice = advice;
    this.shelf = shelf;
    this.settings = settings;
    this.user = user;
  }

  /**
   * What is in the hand.
   *
   * @param light where it stands at home
   * @param potHoles null for the usual ones, 0 for none
   * @param potId the pot of the shelf that is to be taken; null for what the rules would take
   * @param mix code of the mix that is to be taken; null for what the rules would take
   */
  public record LookRequest(
      @Nullable @Size(max = 120, message = "At most 120 letters.") String species,
      @Nullable Group group,
      @Nullable @Size(max = 120, message = "At most 120 letters.") String commonName,
      @NotNull(message = "Give the inside width of its pot.") Double potTopMm,
      @NotNull(message = "Say what its pot is made of.") Material potMaterial,
      @Nullable Integer potHoles,
      @Nullable Double heightMm,
      @Nullable LocalDate lastRepotted,
      @NotNull(message = "Say how light it stands at home.") Light light,
      @NotNull(message = "Send the signs, none where nothing was seen.")
          List<AdviceRequest.Sign> signs,
      @Nullable @Size(max = 60, message = "At most 60 letters.") String potId,
      @Nullable @Size(max = 40, message = "At most 40 letters.") String mix) {}

  /**
   * @param cents null where nobody has said what one costs
   */
  public record QuoteLine(Quote.Part part, double amount, @Nullable Integer cents) {}

  /**
   * @param whole every part has its price
   */
  public record QuoteView(List<QuoteLine> lines, int cents, boolean whole, String currency) {
    static QuoteView of(Quote quote, String currency) {
      return new QuoteView(
          quote.lines().stream()
              .map(
                  line ->
                      new QuoteLine(
                          line.part(),
                          line.amount(),
                          line.cents().isPresent() ? line.cents().getAsInt() : null))
              .toList(),
          quote.cents(),
          quote.whole(),
          currency);
    }
  }

  /**
   * @param quote null where there is nothing to repot
   */
  public record LookView(Advice advice, @Nullable QuoteView quote) {}

  public LookView look(LookRequest request) {
    Advice answer =
        advice.of(
            new WalkInAdvice.Facts(
                new AdviceRequest.Site(latitude(), false, "PRIVATE"),
                new AdviceRequest.Spot(request.light().name()),
                new AdviceRequest.Plant(
                    request.species(),
                    request.group() == null ? null : request.group().name(),
                    request.heightMm(),
                    null,
                    null,
                    null,
                    null,
                    request.lastRepotted(),
                    null,
                    null,
                    null,
                    null),
                new AdviceRequest.Pot(
                    null,
                    Shape.STANDARD.name(),
                    request.potMaterial().name(),
                    request.potTopMm(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    request.potHoles(),
                    null,
                    null,
                    null),
                request.signs(),
                request.potId(),
                request.mix()),
            user.units());
    return new LookView(answer, quote(answer));
  }

  private @Nullable Double latitude() {
    return settings.workshop().map(Settings.Workshop::latitude).orElse(null);
  }

  /** By the rates of the team and the prices on the shelf. */
  public @Nullable QuoteView quote(Advice answer) {
    Advice.Repot plan = answer.repot();
    if (plan == null || plan.chosen().isEmpty()) {
      return null;
    }
    int pots = 0;
    double minutes = 0;
    for (Advice.Need need : plan.needs()) {
      if (need.kind().equals("POT")) {
        pots += (int) Math.round(need.amount());
      } else if (need.kind().equals("MINUTES")) {
        minutes += need.amount();
      }
    }
    double litres = plan.mix() == null ? 0 : plan.mix().litres() * Math.max(1, plan.pieces());
    OptionalInt potCents = potCents(plan.chosen().get().id());
    return QuoteView.of(
        Quote.of(
            new Quote.Parts(pots, potCents, litres, (int) Math.round(minutes)), settings.rates()),
        settings.currency());
  }

  private OptionalInt potCents(String pot) {
    return Shelf.id(pot)
        .flatMap(shelf::pot)
        .map(ShelfPot::priceCents)
        .map(OptionalInt::of)
        .orElse(OptionalInt.empty());
  }
}
