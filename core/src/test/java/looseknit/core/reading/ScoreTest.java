package looseknit.core.reading;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import looseknit.core.measure.Band;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Wording;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ScoreTest {

    private static final Wording US = Wording.english(MeasureSystem.US);
    private static final Wording METRIC = Wording.english(MeasureSystem.METRIC);

    @ParameterizedTest
    @CsvSource({
        "AIR, 0.234872, 23 %, 23 %",
        "WATER, 0.5, 50 %, 50 %",
        "DRY_DAYS, 6.14, 6.1 days, 6.1 days",
        "DRY_DAYS, 1, 1.0 day, 1.0 day",
        "DRY_DAYS, 13.8, 14 days, 14 days",
        "PH, 5.849, pH 5.8, pH 5.8",
        "FOOD, 47.6, 48 mg N/L, 48 mg N/L",
        "WEIGHT, 0.934, 0.93 kg, 2.06 lb",
        "WEIGHT, 17.13, 17.1 kg, 37.8 lb",
        "WEIGHT, 0.3, 0.30 kg, 11 oz",
        "LIFE, 2.55, 2.6 years, 2.6 years",
        "DENSITY, 100, 100 g/L, 6.2 lb/ft³"
    })
    void figuresAreRoundedToWhatTheyMean(
            final Property property, final double value, final String metric, final String us) {
        assertThat(METRIC.of(property.quantity(value))).isEqualTo(metric);
        assertThat(US.of(property.quantity(value))).isEqualTo(us);
    }

    private static Target target(final Property property, final Band band) {
        return new Target(property, band, 1, List.of());
    }

    @Test
    void bandsAreSaidWithOneUnit() {
        assertThat(METRIC.of(Score.wanted(target(Property.AIR, new Band(0.24, 0.4)))))
                .isEqualTo("24–40 %");
        assertThat(METRIC.of(Score.wanted(target(Property.PH, new Band(5.5, 6.5)))))
                .isEqualTo("pH 5.5–6.5");
        assertThat(METRIC.of(Score.wanted(target(Property.LIFE, Band.atLeast(2)))))
                .isEqualTo("at least 2.0 years");
        assertThat(METRIC.of(Score.wanted(target(Property.FOOD, Band.atMost(20)))))
                .isEqualTo("at most 20 mg N/L");
        assertThat(US.of(Score.wanted(target(Property.WEIGHT, new Band(10, 25)))))
                .isEqualTo("22.0–55.1 lb");
    }

    private static Message headline(final Property property, final double value, final Band band) {
        return Score.headline(List.of(target(property, band)), Map.of(property, value));
    }

    @Test
    void theWorstMissIsASentence() {
        assertThat(said(headline(Property.DRY_DAYS, 9, new Band(3, 5))))
                .isEqualTo("Stays wet 4.0 days too long for your hand.");
        assertThat(said(headline(Property.DRY_DAYS, 2, new Band(3, 5))))
                .isEqualTo("Wants water 1.0 day before you come.");
        assertThat(said(headline(Property.DRY_DAYS, 2.98, new Band(3, 5))))
                .isEqualTo("Wants water a little before you come.");
        assertThat(said(headline(Property.AIR, 0.17, new Band(0.24, 0.4))))
                .isEqualTo("Too little air: 17 % where 24–40 % is wanted.");
        assertThat(said(headline(Property.PH, 7.3, new Band(4.2, 5.6))))
                .isEqualTo("Too alkaline: pH 7.3 where pH 4.2–5.6 is wanted.");
        assertThat(said(headline(Property.AIR, 0.3, new Band(0.24, 0.4)))).isEqualTo("Everything fits.");
    }

    /** Drowning comes before acidity, acidity before what is in it, that before food; what is bearable comes last. */
    @Test
    void whatHarmsMostIsNamedFirst() {
        final List<Target> targets = List.of(
                target(Property.FOOD, new Band(20, 60)),
                target(Property.MAKE_UP, Band.atMost(0)),
                target(Property.PH, new Band(5, 6)),
                new Target(Property.WATER, new Band(0.3, 0.5), new Band(0.2, 0.6), 1, List.of()));
        final Map<Property, Double> all =
                Map.of(Property.FOOD, 500.0, Property.MAKE_UP, 0.3, Property.PH, 7.5, Property.WATER, 0.7);

        assertThat(Score.worst(targets, all).orElseThrow().property()).isEqualTo(Property.WATER);
        final Map<Property, Double> wetter = new EnumMap<>(all);
        wetter.put(Property.WATER, 0.55);
        assertThat(Score.worst(targets, wetter).orElseThrow().property()).isEqualTo(Property.PH);
        wetter.put(Property.PH, 5.5);
        assertThat(Score.worst(targets, wetter).orElseThrow().property()).isEqualTo(Property.MAKE_UP);
        wetter.put(Property.MAKE_UP, 0.0);
        assertThat(Score.worst(targets, wetter).orElseThrow().property()).isEqualTo(Property.FOOD);
        wetter.put(Property.FOOD, 40.0);
        assertThat(Score.bearable(targets, wetter)).isTrue();
        assertThat(said(Score.headline(targets, wetter)))
                .isEqualTo("All is bearable; a little wet: 55 % where 30–50 % is best.");
    }

    @Test
    void theFitFallsWithThePenalty() {
        assertThat(Score.fit(0)).isEqualTo(100);
        assertThat(Score.fit(1)).isBetween(71.0, 72.0);
        assertThat(Score.penaltyOf(Score.fit(0.7))).isCloseTo(0.7, org.assertj.core.api.Assertions.within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(Verdict.class)
    void everyReadingHasWordsForEveryVerdict(final Verdict verdict) {
        for (final Gauge gauge : Gauges.ALL) {
            final String words = said(verdict.words(gauge.property()));
            assertThat(words.isEmpty()).isEqualTo(verdict == Verdict.NO_TARGET);
            assertThat(words.equals("fits")).isEqualTo(verdict == Verdict.FITS);
        }
    }
}
