package looseknit.core.material;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import looseknit.core.measure.BadCellException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MaterialBookTest {

    @Test
    void holdsMaterialsOfEveryRoleAndSomeToDose() {
        assertThat(MaterialBook.shipped().materials()).hasSizeGreaterThanOrEqualTo(38);
        assertThat(MaterialBook.shipped().materials().stream().flatMap(each -> each.roles().stream()))
                .contains(Role.values());
        assertThat(MaterialBook.shipped().amendments())
                .extracting(Amendment::id)
                .contains("lime", "dolomite", "granules");
    }

    @ParameterizedTest
    @CsvSource({
        "peat, false, WATER",
        "peat, true, OWN",
        "perlite_coarse, false, AIR",
        "scoria, false, AIR",
        "grit_3_6, false, WEIGHT",
    })
    void standsInListsByWhatItDoesFirstOfAll(final String id, final boolean own, final Section section) {
        assertThat(Section.of(MaterialBook.shipped().material(id).orElseThrow(), own))
                .isEqualTo(section);
    }

    @Test
    void whatIsNeverToBeUsedStandsByItself() {
        assertThat(MaterialBook.shipped().materials().stream()
                        .filter(each -> each.natures().contains(Nature.NEVER)))
                .isNotEmpty()
                .allMatch(each -> Section.of(each, false) == Section.NEVER);
    }

    @ParameterizedTest
    @MethodSource("materials")
    void everyMaterialIsConsistent(final Material material) {
        assertThat(material.closedPores()).as("closed pores").isBetween(0.0, 0.1);
        assertThat(material.retention().at(0)).isCloseTo(material.retention().saturated(), within(1e-9));
        assertThat(material.retention().at(100)).isLessThan(material.retention().at(10));
        assertThat(said(material.source())).contains("from memory");
        assertThat(said(material.grade())).matches("(up to |[0-9.]+–)[0-9.]+ mm");
    }

    /** Points of the retention table from which the shipped parameters were taken. */
    @ParameterizedTest
    @CsvSource({
        "peat, 10, .652",
        "peat, 100, .313",
        "orch_med, 1, .371",
        "perlite_med, 50, .231",
        "sphagnum_lf, 20, .295",
        "rockwool_gran, 30, .181",
        "grit_3_6, 5, .045",
        "rice_hull, 1, .372"
    })
    void retentionFollowsItsTable(final String id, final double suctionCm, final double water) {
        assertThat(MaterialBook.shipped().material(id).orElseThrow().retention().at(suctionCm))
                .isCloseTo(water, within(0.001));
    }

    /** Carsel and Parrish (1988), parameters from memory; water contents worked out from the closed form. */
    @ParameterizedTest
    @CsvSource({
        ".045, .43, .145, 2.68, 10, .2143", ".045, .43, .145, 2.68, 100, .0493",
        ".065, .41, .075, 1.89, 10, .3431", ".078, .43, .036, 1.56, 330, .1654",
        ".078, .43, .036, 1.56, 15000, .0884", ".067, .45, .020, 1.41, 100, .3297",
        ".068, .38, .008, 1.09, 15000, .2707"
    })
    void retentionOfTabulatedSoils(
            final double residual,
            final double saturated,
            final double alpha,
            final double n,
            final double suctionCm,
            final double water) {
        assertThat(new Retention.Unimodal(saturated, residual, alpha, n).at(suctionCm))
                .isCloseTo(water, within(0.0001));
    }

    @Test
    void aBadCellIsNamedWithLineColumnValueAndRange() throws IOException {
        final String table;
        try (var stream = MaterialBook.class.getResourceAsStream("materials.csv")) {
            table = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        }
        final String broken = table.replaceFirst("(?m)^(coir_pith,.*?,O,0.2,0.7,2,)80,", "$1heavy,");

        assertThatThrownBy(() -> MaterialBook.readMaterials("materials.csv", new StringReader(broken)))
                .isInstanceOf(BadCellException.class)
                .hasMessage(
                        "materials.csv, line 6, column bulk_density_g_per_l: \"heavy\"; allowed: a number from 5 to 3000");
        assertThatThrownBy(() -> MaterialBook.readMaterials(
                        "materials.csv", new StringReader(table.replaceFirst(",water;acidity,", ",water;sour,"))))
                .hasMessageContaining("line 2, column roles: \"sour\"; allowed: one of [AIR, WATER");
        assertThatThrownBy(() -> MaterialBook.readMaterials(
                        "materials.csv", new StringReader(table.replaceFirst("0.15,1,6,100", "0.15,0.1,6,100"))))
                .hasMessageContaining("line 3, column d50_mm");
    }

    @Test
    void holdsWhatGrowersUse() {
        final MaterialBook book = MaterialBook.shipped();
        final long entries =
                book.materials().stream().filter(Material::forRecipes).count()
                        + book.amendments().size();

        assertThat(entries).isGreaterThanOrEqualTo(70);
        assertThat(book.materials().stream().filter(each -> each.is(Nature.NEVER)))
                .extracting(Material::id)
                .containsExactlyInAnyOrder(
                        "polystyrene", "floral_foam", "hydrogel", "beach_sand", "unknown_sand", "builders_rubble");
    }

    @Test
    void aBagOfUnknownMakeUpMayBeAnything() {
        final MaterialBook book = MaterialBook.shipped();

        assertThat(Stream.of("bagged_potting", "bagged_house", "bagged_cactus", "bagged_orchid")
                        .map(id -> book.material(id).orElseThrow().doubt()))
                .allSatisfy(doubt -> {
                    assertThat(doubt.phSd()).isEqualTo(2.5 * MaterialClass.O.phSd(), within(1e-12));
                    assertThat(doubt.waterSd()).isGreaterThan(2 * MaterialClass.O.waterSd());
                });
    }

    @ParameterizedTest
    @MethodSource("materials")
    void saysWhatToKnowBeforeUse(final Material material) {
        if (!material.forRecipes()) {
            return;
        }
        assertThat(said(material.advice().does()).split("[.:;] "))
                .as("two sentences")
                .hasSizeGreaterThanOrEqualTo(2);
        assertThat(said(material.advice().grade())).isNotBlank();
        assertThat(said(material.advice().prepare())).isNotBlank();
        assertThat(said(material.advice().notFor())).isNotBlank();
        assertThat(material.advice().standIns())
                .isNotEmpty()
                .doesNotContain(material.id())
                .allMatch(id -> MaterialBook.shipped().material(id).isPresent());
    }

    @ParameterizedTest
    @MethodSource("materials")
    void virtualPackingBelongsToGradeAndPacking(final Material material) {
        assertThat(VirtualPacking.of(
                        material.grainSize(),
                        material.physics().packingFraction(),
                        material.physics().fillEfficiency()))
                .isCloseTo(material.physics().virtualPacking(), within(0.002));
    }

    @Test
    void amendmentsNameStandInsThatExist() {
        assertThat(MaterialBook.shipped().amendments()).allSatisfy(each -> {
            assertThat(said(each.advice().notFor())).isNotBlank();
            assertThat(each.advice().standIns())
                    .allMatch(id -> MaterialBook.shipped().amendment(id).isPresent());
        });
    }

    @Test
    void refusesTwoEntriesOfOneName() {
        final Material peat = MaterialBook.shipped().material("peat").orElseThrow();

        assertThatThrownBy(() -> new MaterialBook(List.of(peat, peat), List.of()))
                .hasMessage("two entries with id 'peat'");
    }

    static Stream<Material> materials() {
        return MaterialBook.shipped().materials().stream();
    }
}
