package looseknit.server.message;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import looseknit.core.message.Code;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PaperWordsTest {

    private static final Map<String, String> TEXTS = Speech.texts();
    private static final Wording METRIC = Speech.in(MeasureSystem.METRIC);

    /** Those of the core have a test of their own. */
    @Test
    void everyCodeHasATextAndEveryTextACode() {
        final Set<String> ofCore = Wording.shipped().keySet();
        assertThat(TEXTS.keySet().stream().filter(key -> !ofCore.contains(key)))
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(PaperWords.values()).map(Code::key).toList());
    }

    /** Each argument is said, and nothing is asked for that is not given. */
    @ParameterizedTest
    @EnumSource
    void everyTextUsesItsArgumentsAndNoOthers(final PaperWords words) {
        final List<Integer> given = IntStream.range(0, words.arguments().size())
                .mapToObj(i -> 71 + i)
                .toList();

        final String said = METRIC.of(words.with(given.toArray()));

        assertThat(said).isNotBlank().doesNotContain("{");
        assertThat(given).allMatch(each -> said.contains(String.valueOf(each)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1|1 batch", "2|2 batches", "1200|1,200 batches"})
    void countsAreSaidAsPeopleSayThem(final int count, final String said) {
        assertThat(METRIC.of(PaperWords.BATCHES.with(count))).isEqualTo(said);
    }
}
