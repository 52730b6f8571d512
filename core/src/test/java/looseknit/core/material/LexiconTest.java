package looseknit.core.material;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.name.NameWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LexiconTest {

    private static final MaterialBook BOOK = MaterialBook.shipped();
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Optional<Lexicon.Entry> find(final String words) {
        return LEXICON.find(NameWords.of(words));
    }

    @Test
    void allThatIsMeantIsInTheBook() {
        assertThat(LEXICON.size()).isGreaterThanOrEqualTo(900);
        assertThat(LEXICON.meant())
                .isNotEmpty()
                .allMatch(id ->
                        BOOK.material(id).isPresent() || BOOK.amendment(id).isPresent());
    }

    @Test
    void wordsOfOneRegionAreMarkedAsSuch() {
        assertThat(Stream.of("sekam bakar", "gobar", "propagating sand", "cocofibre compost")
                        .flatMap(each -> find(each).stream())
                        .map(Lexicon.Entry::region))
                .contains("South-East Asian", "Australian", "British")
                .isSubsetOf("all", "British", "North American", "Indian", "South-East Asian", "Australian");
    }

    @ParameterizedTest
    @CsvSource({
        "Vermicompost, castings",
        "worm casts, castings",
        "Coco-peat, coir_pith",
        "burnt rice husks, rice_hull_carb",
        "sharp sand, sand_coarse",
        "leaf mold, leaf_mould",
        "poultry grit, granite_grit",
        "Dried blood, blood_meal"
    })
    void otherNamesMeanWhatTheyMean(final String words, final String id) {
        assertThat(find(words).orElseThrow().means().get(0)).isEqualTo(id);
    }

    @ParameterizedTest
    @ValueSource(strings = {"sand", "river sand", "builder's sand", "garden soil", "lime", "bark"})
    void whatMeansSeveralThingsIsAsked(final String words) {
        assertThat(find(words).orElseThrow().ask()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"perlitte, perlite_med", "vermiculte, vermiculite", "sphagnim moss, sphagnum_lf", "zeolyte, zeolite"})
    void typingErrorsAreSeenThrough(final String words, final String id) {
        assertThat(LEXICON.nearly(NameWords.of(words)).orElseThrow().means().get(0))
                .isEqualTo(id);
    }

    @ParameterizedTest
    @ValueSource(strings = {"moon dust", "seaweed", "glass", "cat food", "confetti"})
    void whatIsNotAlikeIsNothing(final String words) {
        assertThat(find(words)).isEmpty();
        assertThat(LEXICON.nearly(NameWords.of(words))).isEmpty();
    }

    /** Nobody is given what must never be used unless the words say it. */
    @Test
    void whatMustNeverBeUsedIsMeantByNameOnly() {
        final List<String> never = BOOK.materials().stream()
                .filter(each -> each.is(Nature.NEVER))
                .map(Material::id)
                .toList();
        assertThat(never).isNotEmpty();
        assertThat(Stream.of("sand", "river sand", "play sand", "beads", "gravel")
                        .flatMap(each -> find(each).stream())
                        .map(each -> each.means().get(0)))
                .isNotEmpty()
                .doesNotContainAnyElementsOf(never);
    }
}
