package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.School;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Mixes to start from. */
class StartingMixesTest {

    private static final List<Candidate> SHOPS = Shelves.of(
            "peat",
            "coir_pith",
            "bark_fine",
            "orch_med",
            "perlite_med",
            "pumice_med",
            "grit_3_6",
            "compost",
            "sphagnum_lf");
    private static final Limits LIMITS = new Limits(5, 12, OptionalDouble.empty(), 20_000);

    private static List<Proposal> starts(final Brief brief, final List<Candidate> among) {
        return StartingMixes.of(Question.of(brief, among, LIMITS), SearchListener.NOBODY);
    }

    @ParameterizedTest
    @ValueSource(strings = {"barrel_cactus", "cheese_plant", "moth_orchid", "african_violet", "sword_fern"})
    void areUsualAndSimple(final String plant) {
        final Brief brief = Shelves.brief(plant, 7);
        final List<Proposal> starts = starts(brief, SHOPS);
        assertThat(starts).isNotEmpty().hasSizeLessThanOrEqualTo(3).allSatisfy(each -> {
            assertThat(each.recipe().parts()).hasSizeLessThanOrEqualTo(StartingMixes.MATERIALS);
            assertThat(each.recipe().parts().stream()
                            .mapToDouble(part -> part.amount())
                            .sum())
                    .isLessThanOrEqualTo(StartingMixes.PARTS);
            assertThat(new PottedMix(each.recipe(), brief, Knowledge.NOTHING).value(Property.MAKE_UP))
                    .hasValue(0);
        });
    }

    @Test
    void keepToTheSchoolThatIsWishedFor() {
        final Brief plain = Shelves.brief("cheese_plant", 7);
        final Brief barky = plain.with(plain.wishes().of(Optional.of(School.BARK)));
        assertThat(starts(barky, SHOPS))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.titles()).contains(Respect.of(School.BARK)));
    }

    @Test
    void thereAreNoneOfMaterialsThatMakeNothingUsual() {
        final Brief brief = Shelves.brief("barrel_cactus", 7);
        assertThat(starts(brief, Shelves.of("peat", "compost"))).isEmpty();
        assertThat(starts(brief, List.of())).isEmpty();
    }
}
