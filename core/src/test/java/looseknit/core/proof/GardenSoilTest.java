package looseknit.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Retention;
import looseknit.core.material.SaxtonRawls;
import looseknit.core.material.SoilTexture;
import looseknit.core.material.SoilTexture.TextureClass;
import looseknit.core.shelf.JarSettling;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Soils by texture against published figures. */
class GardenSoilTest {

    /**
     * Saxton and Rawls (2006), table 3: 2.5 % organic matter, no gravel or salt, ordinary density; water in % of volume, conductivity
     * in mm/h, density in g/cm³. From memory; equations and table were recalled apart from each other and agree to the last digit.
     */
    @ParameterizedTest
    @CsvSource({
        "88, 5, 5, 10, 46, 108.1, 1.43",
        "80, 5, 5, 12, 46, 96.7, 1.43",
        "65, 10, 8, 18, 45, 50.3, 1.46",
        "40, 20, 14, 28, 46, 15.5, 1.43",
        "20, 15, 11, 31, 48, 16.1, 1.38",
        "10, 5, 6, 30, 48, 22.0, 1.38",
        "60, 25, 17, 27, 43, 11.3, 1.50",
        "30, 35, 22, 36, 48, 4.3, 1.39",
        "10, 35, 22, 38, 51, 5.7, 1.30",
        "10, 45, 27, 41, 52, 3.7, 1.26",
        "50, 40, 25, 36, 44, 1.4, 1.47",
        "25, 50, 30, 42, 50, 1.1, 1.33"
    })
    void waterAndDensityByTexture(
            final double sand,
            final double clay,
            final double wilting,
            final double field,
            final double saturated,
            final double conductivity,
            final double density) {
        final SaxtonRawls soil =
                SaxtonRawls.of(new SoilTexture(sand / 100, 1 - (sand + clay) / 100, clay / 100), 0.025);

        assertThat(100 * soil.at1500Kpa()).isCloseTo(wilting, within(0.6));
        assertThat(100 * soil.at33Kpa()).isCloseTo(field, within(0.6));
        assertThat(100 * soil.saturated()).isCloseTo(saturated, within(0.6));
        assertThat(soil.conductivityMmPerH()).isCloseTo(conductivity, within(0.06));
        assertThat(soil.bulkDensityGPerL() / 1000).isCloseTo(density, within(0.006));
    }

    /** The curve goes through the paper's three points, which the paper joins by straight lines. */
    @ParameterizedTest
    @CsvSource({"80, 5", "65, 10", "40, 20", "20, 15", "30, 35", "25, 50"})
    void curveGoesThroughThePoints(final double sand, final double clay) {
        final SaxtonRawls soil =
                SaxtonRawls.of(new SoilTexture(sand / 100, 1 - (sand + clay) / 100, clay / 100), 0.025);
        final Retention curve = soil.curve();

        assertThat(curve.at(0)).isEqualTo(soil.saturated());
        assertThat(curve.at(336.5)).isCloseTo(soil.at33Kpa(), within(1e-4));
        assertThat(curve.at(15295.5)).isCloseTo(soil.at1500Kpa(), within(1e-4));
    }

    /**
     * Water at 10 cm of suction by the class means of Carsel and Parrish (1988), from memory: sandy loam .343, loam .407, silt loam .434
     * [θr .067, θs .45, α .020, n 1.41], clay loam .391 [.095, .41, .019, 1.31]. An independent set of soils; mean pores differ too.
     */
    @ParameterizedTest
    @CsvSource({"65, 10, 0.343", "40, 20, 0.407", "20, 15, 0.434", "30, 35, 0.391"})
    void wetEndLiesNearAnotherSetOfSoils(final double sand, final double clay, final double carselParrish) {
        final SaxtonRawls soil =
                SaxtonRawls.of(new SoilTexture(sand / 100, 1 - (sand + clay) / 100, clay / 100), 0.025);

        assertThat(soil.curve().at(10)).isCloseTo(carselParrish, within(0.09));
    }

    /** Points well inside each class of the USDA texture triangle, Soil Survey Manual, from memory. */
    @ParameterizedTest
    @CsvSource({
        "92, 5, 3, SAND",
        "82, 12, 6, LOAMY_SAND",
        "65, 25, 10, SANDY_LOAM",
        "40, 40, 20, LOAM",
        "20, 65, 15, SILT_LOAM",
        "7, 87, 6, SILT",
        "60, 13, 27, SANDY_CLAY_LOAM",
        "33, 34, 33, CLAY_LOAM",
        "10, 56, 34, SILTY_CLAY_LOAM",
        "52, 6, 42, SANDY_CLAY",
        "6, 47, 47, SILTY_CLAY",
        "20, 20, 60, CLAY",
        "50, 45, 5, SANDY_LOAM",
        "30, 65, 5, SILT_LOAM",
        "52, 28, 20, LOAM",
        "45, 27, 28, CLAY_LOAM",
        "20, 40, 40, SILTY_CLAY"
    })
    void textureTriangle(final double sand, final double silt, final double clay, final TextureClass expected) {
        assertThat(new SoilTexture(sand / 100, silt / 100, clay / 100).textureClass())
                .isEqualTo(expected);
    }

    @Test
    void everyPointOfTheTriangleHasAClassAndASoil() {
        int seen = 0;
        for (int sand = 0; sand <= 100; sand += 2) {
            for (int clay = 0; clay <= 100 - sand; clay += 2) {
                final SoilTexture texture = new SoilTexture(sand / 100.0, (100 - sand - clay) / 100.0, clay / 100.0);
                assertThat(texture.textureClass()).isNotNull();
                if (clay <= 60) {
                    final SaxtonRawls soil = SaxtonRawls.of(texture, 0.025);
                    assertThat(soil.at1500Kpa()).isBetween(0.0, soil.at33Kpa());
                    assertThat(soil.at33Kpa()).isLessThan(soil.saturated());
                    seen++;
                }
            }
        }
        assertThat(seen).isGreaterThan(800);
    }

    @Test
    void aJarGivesSharesOfWhatSettled() {
        final SoilTexture texture = new JarSettling(4, 8, 10).texture();

        assertThat(texture.sand()).isCloseTo(0.4, within(1e-12));
        assertThat(texture.silt()).isCloseTo(0.4, within(1e-12));
        assertThat(texture.clay()).isCloseTo(0.2, within(1e-12));
        assertThat(texture.textureClass()).isEqualTo(TextureClass.LOAM);
    }

    @Test
    void aJarOnlyFillsUp() {
        assertThatThrownBy(() -> new JarSettling(4, 3, 10))
                .hasMessageContaining("at least the height after a minute, 4 cm");
        assertThatThrownBy(() -> new JarSettling(4, 8, 7)).hasMessageContaining("at least the height after two hours");
        assertThatThrownBy(() -> new SoilTexture(0.5, 0.2, 0.2)).hasMessageContaining("add up to 1");
    }

    @Test
    void soilsOfTheBookAreHeavyAndWet() {
        for (final String id :
                new String[] {"loamy_sand", "sandy_loam", "medium_loam", "silt_loam", "clay_loam", "clay_soil"}) {
            final Material soil = MaterialBook.shipped().material(id).orElseThrow();
            assertThat(soil.physics().bulkDensityGPerL()).isBetween(1200.0, 1550.0);
            assertThat(soil.retention().at(10)).isBetween(0.25, 0.50);
        }
    }
}
