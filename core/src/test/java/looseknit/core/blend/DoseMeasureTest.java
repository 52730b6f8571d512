package looseknit.core.blend;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import looseknit.core.material.MaterialBook;
import org.junit.jupiter.api.Test;

class DoseMeasureTest {

    private final DoseMeasure dolomite =
            new DoseMeasure(MaterialBook.shipped().amendment("dolomite").orElseThrow());

    /** A level US teaspoon is 4.93 mL (NIST Handbook 44, Appendix C; from memory), of dolomite at 1.25 g/mL 6.2 g. */
    @Test
    void spoonsForAPot() {
        assertThat(said(dolomite.words(2, OptionalDouble.of(3), false))).isEqualTo("about 1 level tsp for this pot");
        assertThat(said(dolomite.words(1, OptionalDouble.of(1), false)))
                .isEqualTo("about ¼ level tsp for this pot, a dusting");
        assertThat(said(dolomite.words(4, OptionalDouble.of(20), false))).isEqualTo("about 4¼ level tbsp for this pot");
        assertThat(said(dolomite.words(0.3, OptionalDouble.empty(), false))).isEqualTo("less than ⅛ tsp to a litre");
    }

    @Test
    void spoonsAndGramsAreEachOther() {
        assertThat(dolomite.teaspoons(dolomite.grams(0.01)))
                .isCloseTo(10 / 4.92892, org.assertj.core.data.Offset.offset(1e-3));
    }
}
