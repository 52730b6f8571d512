package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import looseknit.core.measure.Band;
import looseknit.core.need.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PhrasesTest {

    @ParameterizedTest
    @CsvSource({
        "AIR, 0.234872, 23 %",
        "WATER, 0.5, 50 %",
        "DRY_DAYS, 6.14, 6.1 days",
        "DRY_DAYS, 1, 1.0 day",
        "DRY_DAYS, 13.8, 14 days",
        "PH, 5.849, pH 5.8",
        "FOOD, 47.6, 48 mg N/L",
        "WEIGHT, 0.934, 0.93 kg",
        "WEIGHT, 17.13, 17.1 kg",
        "LIFE, 2.55, 2.6 years"
    })
    void figuresAreRoundedToWhatTheyMean(final Property quality, final double value, final String words) {
        assertThat(Phrases.figureWithUnit(quality, value)).isEqualTo(words);
    }

    @Test
    void bandsAreSaidWithOneUnit() {
        assertThat(Phrases.band(Property.AIR, new Band(0.24, 0.4))).isEqualTo("24–40 %");
        assertThat(Phrases.band(Property.PH, new Band(5.5, 6.5))).isEqualTo("pH 5.5–6.5");
        assertThat(Phrases.band(Property.LIFE, Band.atLeast(2))).isEqualTo("at least 2.0 years");
        assertThat(Phrases.band(Property.FOOD, Band.atMost(20))).isEqualTo("at most 20 mg N/L");
    }

    @Test
    void theWorstMissIsASentence() {
        assertThat(Phrases.headline(Property.DRY_DAYS, 9, new Band(3, 5)))
                .isEqualTo("Stays wet 4.0 days too long for your hand.");
        assertThat(Phrases.headline(Property.DRY_DAYS, 2, new Band(3, 5)))
                .isEqualTo("Wants water 1.0 day before you come.");
        assertThat(Phrases.headline(Property.DRY_DAYS, 2.98, new Band(3, 5)))
                .isEqualTo("Wants water a little before you come.");
        assertThat(Phrases.headline(Property.AIR, 0.17, new Band(0.24, 0.4)))
                .isEqualTo("Too little air: 17 % where 24–40 % is wanted.");
        assertThat(Phrases.headline(Property.PH, 7.3, new Band(4.2, 5.6)))
                .isEqualTo("Too alkaline: pH 7.3 where pH 4.2–5.6 is wanted.");
    }

    @ParameterizedTest
    @EnumSource(Property.class)
    void everyQualityHasWordsForEveryVerdict(final Property quality) {
        for (final Verdict verdict : Verdict.values()) {
            final String words = Phrases.verdict(quality, verdict);
            assertThat(words.isEmpty()).isEqualTo(verdict == Verdict.NO_TARGET);
            assertThat(words.startsWith("fits"))
                    .isEqualTo(verdict == Verdict.FITS || verdict == Verdict.LOW_EDGE || verdict == Verdict.HIGH_EDGE);
        }
    }
}
