package looseknit.core.sheet;

import static looseknit.core.Materials.material;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class StandInTest {

    @Test
    void saysWhatChanges() {
        assertThat(said(StandIn.of(material("perlite_med"), material("pumice_med"))
                        .changes()))
                .contains("6 times as heavy")
                .noneMatch(change -> change.contains("pH"));
        assertThat(said(StandIn.of(material("peat"), material("coir_pith")).changes()))
                .contains("pH 5.8 instead of 3.9", "0.6 dS/m more salts");
        assertThat(said(StandIn.of(material("orch_med"), material("pumice_med")).changes()))
                .contains("does not rot");
        assertThat(said(StandIn.of(material("compost"), material("leaf_mould")).changes()))
                .contains("140 mg N/L less food");
    }

    @Test
    void whatNeverRotsIsNotComparedByItsRotting() {
        assertThat(said(StandIn.of(material("perlite_coarse"), material("pumice_med"))
                        .changes()))
                .isNotEmpty()
                .noneMatch(change -> change.contains("rot"));
    }

    @Test
    void nothingChangesAgainstItself() {
        assertThat(said(StandIn.of(material("peat"), material("peat")).changes()))
                .isEmpty();
    }

    @Test
    void theOtherWayRoundTheWordsTurn() {
        assertThat(said(StandIn.of(material("orch_med"), material("bark_fine")).changes()))
                .anyMatch(change -> change.endsWith("less air"));
        assertThat(said(StandIn.of(material("bark_fine"), material("orch_med")).changes()))
                .anyMatch(change -> change.endsWith("more air"));
    }
}
