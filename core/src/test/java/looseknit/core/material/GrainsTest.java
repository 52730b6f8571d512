package looseknit.core.material;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class GrainsTest {

    private static Material material(final String id) {
        return MaterialBook.shipped().material(id).orElseThrow();
    }

    @Test
    void otherGradesFinestFirst() {
        assertThat(Grains.otherGrades(material("perlite_coarse"), MaterialBook.shipped()))
                .extracting(Material::id)
                .containsExactly("perlite_fine", "perlite_med");
        assertThat(Grains.otherGrades(material("castings"), MaterialBook.shipped()))
                .isEmpty();
    }

    @Test
    void aTableForEveryMaterialOfTheBook() {
        assertThat(Grains.shape(material("orch_med"))).isEqualTo(Grains.Shape.FLAKE);
        assertThat(Grains.shape(material("leca"))).isEqualTo(Grains.Shape.ROUND);
        assertThat(Grains.shape(material("sandy_loam"))).isIn(Grains.Shape.CRUMB, Grains.Shape.ROUND);
        assertThat(Grains.shape(material("leca").named("own", "Own"))).isEqualTo(Grains.Shape.ANGULAR);
    }
}
