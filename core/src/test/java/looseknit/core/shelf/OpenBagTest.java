package looseknit.core.shelf;

import static looseknit.core.Materials.material;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class OpenBagTest {

    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);

    @Test
    void stonesKeepAndFedPeatKeepsShortest() {
        assertThat(OpenBag.lookOn(material("pumice_med"), false, MAY)).isEmpty();
        assertThat(OpenBag.lookOn(material("peat"), false, MAY)).contains(MAY.plusMonths(12));
        assertThat(OpenBag.lookOn(material("peat"), true, MAY)).contains(MAY.plusMonths(6));
    }
}
