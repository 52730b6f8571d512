package looseknit.core.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.NeedSentence;
import looseknit.core.pot.PotSentence;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MessagesTest {

    private static final Wording METRIC = Wording.english(MeasureSystem.METRIC);
    private static final Wording US = Wording.english(MeasureSystem.US);

    /** Texts that stand for figures and fields, not for codes. */
    private static final Set<String> BESIDE_CODES = Set.of("range", "unit", "Dimension", "field");

    @Test
    void everyCodeHasAText() {
        assertThat(Wording.shipped().keySet()).containsAll(Codes.all().keySet());
    }

    @Test
    void everyTextHasACode() {
        final Set<String> texts = new TreeSet<>(Wording.shipped().keySet());
        texts.removeIf(key -> BESIDE_CODES.contains(key.substring(0, key.indexOf('.'))));

        assertThat(texts).isEqualTo(new TreeSet<>(Codes.all().keySet()));
    }

    @Test
    void everyTextUsesItsArgumentsAndNoOthers() {
        Codes.all()
                .forEach((key, arguments) -> assertThat(
                                Wording.used(Wording.shipped().get(key)))
                        .as(key)
                        .containsExactlyInAnyOrderElementsOf(arguments));
    }

    /** The same text is said by many at once, each with figures of its own. */
    @Test
    void whoSpeaksAtTheSameTimeSaysHisOwn() {
        final List<String> said = IntStream.range(0, 4000)
                .parallel()
                .mapToObj(n -> METRIC.of(Quantity.days(n % 7)))
                .toList();

        assertThat(IntStream.range(0, said.size())
                        .filter(n -> !said.get(n).equals(n % 7 + (n % 7 == 1 ? " day" : " days"))))
                .isEmpty();
    }

    @Test
    void aMissingArgumentIsRefused() {
        assertThatThrownBy(() -> PotSentence.LAYER_AT_MOST.with())
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("PotSentence.LAYER_AT_MOST takes [most]");
        assertThatThrownBy(() -> PotSentence.LAYER_AT_MOST.with(3.5))
                .hasMessageContaining("cannot say a class java.lang.Double");
    }

    @ParameterizedTest
    @CsvSource({
        "VOLUME, 0.02, 2, 20 mL, 1 tbsp",
        "VOLUME, 0.35, 2, 0.35 L, 1.5 cups",
        "VOLUME, 0.25, 2, 0.25 L, 1.1 cups",
        "VOLUME, 2.4, 1, 2.4 L, 2.5 qt",
        "VOLUME, 45, 0, 45 L, 11.9 gal",
        "MASS, 25, 0, 25 kg, 55 lb",
        "MASS, 0.2, 2, 0.20 kg, 7 oz",
        "GRAMS, 12, 0, 12 g, 0.4 oz",
        "LENGTH, 15, 0, 15 cm, 6 in",
        "LENGTH, 7.6, 1, 7.6 cm, 3.0 in",
        "TEMPERATURE, 18, 0, 18 °C, 64 °F",
        "DOSE, 3, 1, 3.0 g/L, 0.40 oz/gal",
        "GRAIN, 3, 0, 3 mm, 3 mm",
        "CONCENTRATION, 40, 0, 40 mg/L, 40 mg/L",
        "DAYS, 1, 0, 1 day, 1 day",
        "DAYS, 2.5, 1, 2.5 days, 2.5 days",
        "PH, 6.25, 1, pH 6.3, pH 6.3",
        "SHARE, 0.345, 0, 35 %, 35 %"
    })
    void figuresComeInThePersonsUnits(
            final Dimension dimension, final double value, final int decimals, final String metric, final String us) {
        assertThat(METRIC.of(Quantity.of(dimension, value, decimals))).isEqualTo(metric);
        assertThat(US.of(Quantity.of(dimension, value, decimals))).isEqualTo(us);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "In pots over {10 cm} take a coarser grade.|In pots over 10 cm take a coarser grade.|In pots over 3.9 in take a coarser grade.",
                "Sieve through {8 mm}.|Sieve through 8 mm.|Sieve through 8 mm.",
                "Lift {20–25 kg} with two people.|Lift 20–25 kg with two people.|Lift 44.1–55.1 lb with two people.",
                "Stay under {0.8 g/L}.|Stay under 0.8 g/L.|Stay under 0.107 oz/gal.",
                "Nothing to convert.|Nothing to convert.|Nothing to convert."
            })
    void figuresInTablesComeInThePersonsUnits(final String text, final String metric, final String us) {
        assertThat(METRIC.of(new TableText(text))).isEqualTo(metric);
        assertThat(US.of(new TableText(text))).isEqualTo(us);
    }

    @Test
    void argumentsBeginASentenceOrStandInIt() {
        final Wording german = Wording.of(
                Map.of(
                        "NeedSentence.CLASH", "{driest}/{Driest}/{lowerDriest} {what} {low} {other} {high}",
                        "PotWall.CLAY", "unglasierter Ton"),
                Locale.GERMANY,
                MeasureSystem.METRIC);
        final Message clash = NeedSentence.CLASH.with(
                MaterialBook.shipped().material("peat").orElseThrow(),
                PotWall.CLAY,
                Quantity.of(Dimension.NUMBER, 2.5, 1),
                Listing.comma(List.of("A", "B")),
                3);

        assertThat(german.of(clash)).isEqualTo("sphagnum peat/Sphagnum peat/sphagnum peat unglasierter Ton 2,5 A, B 3");
    }

    @Test
    void listingsReadAsPeopleList() {
        assertThat(METRIC.of(Listing.and(List.of("a", "b", "c")))).isEqualTo("a, b and c");
        assertThat(METRIC.of(Listing.and(List.of("a")))).isEqualTo("a");
        assertThat(METRIC.of(Listing.comma(List.of("a", "b")))).isEqualTo("a, b");
    }

    /** A figure of the metric system in a text of the file would be told to people who read others. */
    @Test
    void noTextNamesAUnitItself() {
        final Map<String, String> naming = Wording.shipped().entrySet().stream()
                .filter(each ->
                        each.getValue().matches("(?s).*\\b\\d+(\\.\\d+)? ?(cm|kg|g|L|mL|°C|in|lb|oz|qt|gal)\\b.*"))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

        assertThat(naming).isEmpty();
    }
}
