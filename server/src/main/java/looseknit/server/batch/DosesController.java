package looseknit.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import looseknit.core.batch.LimePlan;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Food;
import looseknit.core.material.Amendment;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Message;
import looseknit.core.outlook.InThePot;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import looseknit.server.reading.AskedBody;
import looseknit.server.reading.KnownSource;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How much lime, sulfur or feed a mix wants. Nothing is stored. */
@RestController
@RequestMapping("/api/doses")
class DosesController {

    private final Books books;
    private final KnownSource knownSource;

    DosesController(final Books books, final KnownSource knownSource) {
        this.books = books;
        this.knownSource = knownSource;
    }

    /** What watering and feeding do to the pH. */
    record DriftBody(double alkalinityMeqPerL, double litresPerLWeek, double feedAcidMeqPerLWeek) {

        Acidity.Drift toCore() {
            return new Acidity.Drift(
                    alkalinityMeqPerL, litresPerLWeek, Acidity.Drift.USUAL_LEACHING, feedAcidMeqPerLWeek);
        }
    }

    /** Shares of a ground lime that pass the sieves, in per cent; what is left is coarser. */
    record SieveBody(double under025Percent, double under085Percent, double under24Percent) {}

    /**
     * The pH that is wanted.
     *
     * @param neutralisingPercent neutralising value on the label, per cent of pure carbonate; null for the table's
     * @param sieve fineness; null for the table's
     */
    record LimeAskedBody(
            @NotNull @Valid AskedBody asked,
            @NotNull String amendmentId,
            double targetPh,
            double weeks,
            double highestPh,
            double litres,
            @Valid @Nullable DriftBody drift,
            @Nullable Double neutralisingPercent,
            @Valid @Nullable SieveBody sieve) {}

    /** A value with its 80 % interval. */
    record SpreadBody(double value, double low80, double high80) {
        static SpreadBody of(final Estimate estimate) {
            return new SpreadBody(estimate.value(), estimate.low80(), estimate.high80());
        }
    }

    /** The dose. */
    record LimePlanBody(
            String amendmentId,
            String name,
            double gPerL,
            double grams,
            SpreadBody atDate,
            SpreadBody highest,
            double highestWeek,
            double overshootPercent,
            boolean risky,
            @Nullable Message advice) {}

    /** The nitrogen that is wanted. */
    record FeedAskedBody(
            @NotNull @Valid AskedBody asked, @NotNull String amendmentId, double goalNMgPerL, double litres) {}

    /** The dose of a feed, with what the mix has without it. */
    record FeedPlanBody(
            String amendmentId,
            String name,
            double gPerL,
            double grams,
            double alreadyNMgPerL,
            List<UsualBody> usual) {}

    /** Nitrogen in all that is usual for some plants [mg/L]. */
    record UsualBody(Message words, double low, double high) {}

    /** The dose that brings a mix to a pH by a date. */
    @PostMapping("/lime")
    LimePlanBody lime(@RequestBody @Valid final LimeAskedBody body) {
        final LimePlan plan = LimePlan.of(
                inThePot(body.asked())
                        .forLime(
                                body.drift() == null
                                        ? Acidity.Drift.NONE
                                        : body.drift().toCore()),
                asBought(amendment(body.amendmentId()), body),
                new LimePlan.Goal(body.targetPh(), body.weeks(), body.highestPh(), body.litres()));
        return new LimePlanBody(
                plan.amendment().id(),
                plan.amendment().name(),
                plan.gPerL(),
                plan.grams(),
                SpreadBody.of(plan.atDate()),
                SpreadBody.of(plan.highest()),
                plan.highestWeek(),
                100 * plan.overshootRisk(),
                plan.risky(),
                plan.advice().orElse(null));
    }

    /** The dose of a feed that brings so much nitrogen over its time. */
    @PostMapping("/feed")
    FeedPlanBody feed(@RequestBody @Valid final FeedAskedBody body) {
        final InThePot inThePot = inThePot(body.asked());
        final Amendment feed = amendment(body.amendmentId());
        final double gPerL = Food.doseForN(inThePot.mix(), inThePot.acidity().doses(), feed, body.goalNMgPerL());
        return new FeedPlanBody(
                feed.id(),
                feed.name(),
                gPerL,
                gPerL * body.litres(),
                Food.total(inThePot.mix(), inThePot.acidity().doses()).nMgPerL(),
                Arrays.stream(Food.Appetite.values())
                        .map(each -> new UsualBody(each.words(), each.lowNMgPerL(), each.highNMgPerL()))
                        .toList());
    }

    private static Amendment asBought(final Amendment amendment, final LimeAskedBody body) {
        return amendment.asBought(
                body.neutralisingPercent() == null ? amendment.neutralising() : body.neutralisingPercent() / 100,
                body.sieve() == null
                        ? amendment.fineness()
                        : Amendment.finenessBySieve(
                                body.sieve().under025Percent() / 100,
                                body.sieve().under085Percent() / 100,
                                body.sieve().under24Percent() / 100));
    }

    private InThePot inThePot(final AskedBody asked) {
        return new InThePot(
                asked.recipe().toCore(books),
                asked.briefToCore(books),
                knownSource.known(asked.blendId(), asked.recipe()));
    }

    private Amendment amendment(final String id) {
        return books.materials()
                .amendment(id)
                .orElseThrow(() -> new UnknownName("amendmentId", "amendment", id, "Pick one from the list."));
    }
}
