package looseknit.server.outcome;

import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import looseknit.core.message.Message;
import looseknit.core.outcome.Comparison;
import looseknit.core.outcome.Fared;
import looseknit.core.outcome.Survival;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What did well, over HTTP. */
@RestController
@RequestMapping("/api/outcomes")
class OutcomesController {

    private static final int MOST_GROUPS = 200;
    private static final int MOST_ASKED = 3;
    private static final int YEAR_DAYS = 365;
    private static final int CURVE_STEP_DAYS = 15;

    private final Outcomes outcomes;

    OutcomesController(final Outcomes outcomes) {
        this.outcomes = outcomes;
    }

    /** A share that lives after some days, with its band of 95 of 100; shares from 0 to 1. */
    record LivesBody(double days, double share, double low, double high) {
        static LivesBody of(final Survival survival, final double days) {
            final Survival.Banded banded = survival.at(days);
            return new LivesBody(days, banded.share(), banded.low(), banded.high());
        }
    }

    /** How fast pots dried against what was reckoned, with its interval of 95 of 100. */
    record PaceOfBody(int pots, double mean, double low, double high) {
        static PaceOfBody of(final Fared.PaceOf pace) {
            return new PaceOfBody(pace.pots(), pace.mean(), pace.low(), pace.high());
        }
    }

    /**
     * How plants with something in common did.
     *
     * @param key what they have in common, to ask for them
     * @param afterAYear how many live after a year; null while none has been watched so long
     * @param curve how many live day by day
     * @param pace null with fewer than two pots that were looked at
     * @param flowered how many flowered at least once
     * @param feedsPerYear how often each was fed in a year; null before they have stood for a year together
     * @param few whether they are too few to tell much
     */
    record FaredBody(
            String key,
            String name,
            int plants,
            int lost,
            @Nullable LivesBody afterAYear,
            List<LivesBody> curve,
            @Nullable PaceOfBody pace,
            int thriving,
            int fair,
            int poor,
            int flowered,
            @Nullable Double feedsPerYear,
            boolean few) {

        static FaredBody of(final Outcomes.Group group) {
            final Fared fared = group.fared();
            final Survival survival = fared.survival();
            final OptionalDouble feeds = fared.perYear(group.kept().feeds());
            return new FaredBody(
                    group.key(),
                    group.name(),
                    survival.plants(),
                    survival.lost(),
                    survival.reaches(YEAR_DAYS) ? LivesBody.of(survival, YEAR_DAYS) : null,
                    curve(survival),
                    fared.pace().map(PaceOfBody::of).orElse(null),
                    fared.health().thriving(),
                    fared.health().fair(),
                    fared.health().poor(),
                    group.kept().flowered(),
                    feeds.isPresent() ? feeds.getAsDouble() : null,
                    fared.few());
        }

        private static List<LivesBody> curve(final Survival survival) {
            return IntStream.rangeClosed(0, (int) survival.watchedDays() / CURVE_STEP_DAYS)
                    .mapToObj(step -> LivesBody.of(survival, (double) step * CURVE_STEP_DAYS))
                    .toList();
        }
    }

    /** Two groups at the places that both stand at. */
    record WithinBody(int places, int pots, double difference, double low, double high) {
        static WithinBody of(final Comparison.Within within) {
            return new WithinBody(within.places(), within.pots(), within.difference(), within.low(), within.high());
        }
    }

    /** Two groups side by side. */
    record ComparisonBody(
            double days,
            double difference,
            double low,
            double high,
            @Nullable WithinBody within,
            double chiSquare,
            double p,
            List<Message> words) {
        static ComparisonBody of(final Comparison comparison) {
            return new ComparisonBody(
                    comparison.days(),
                    comparison.difference(),
                    comparison.low(),
                    comparison.high(),
                    comparison.within().map(WithinBody::of).orElse(null),
                    comparison.logRank().chiSquare(),
                    comparison.logRank().p(),
                    comparison.words());
        }
    }

    /**
     * How pots of a blend did, for where it is listed among others.
     *
     * @param blend its id
     * @param words how they did
     * @param few whether they are too few to tell much
     */
    record BlendRecordBody(String blend, String name, int plants, List<Message> words, boolean few) {
        static BlendRecordBody of(final Outcomes.Group group) {
            return new BlendRecordBody(
                    group.key(),
                    group.name(),
                    group.watched().size(),
                    group.fared().words(),
                    group.fared().few());
        }
    }

    /** How pots of each blend did: of all plants, or of those of the group of one. */
    @GetMapping("/blends")
    List<BlendRecordBody> blends(@RequestParam(required = false) final @Nullable String plant) {
        return outcomes.ofBlends(plant).stream()
                .limit(MOST_GROUPS)
                .map(BlendRecordBody::of)
                .toList();
    }

    /** A plant to ask after. */
    record AskAfterBody(UUID id, String label, String blendName) {}

    @GetMapping
    List<FaredBody> by(@RequestParam(defaultValue = "BLEND") final Outcomes.By by) {
        return outcomes.by(by).stream().limit(MOST_GROUPS).map(FaredBody::of).toList();
    }

    @GetMapping("/comparison")
    ComparisonBody compare(
            @RequestParam final Outcomes.By by, @RequestParam final String one, @RequestParam final String other) {
        return ComparisonBody.of(outcomes.compare(by, one, other));
    }

    /** A few plants of which it would tell most how they do. */
    @GetMapping("/to-ask")
    List<AskAfterBody> toAsk() {
        return outcomes.toAsk(MOST_ASKED).stream()
                .map(row -> new AskAfterBody(row.id(), row.label(), row.blendName()))
                .toList();
    }
}
