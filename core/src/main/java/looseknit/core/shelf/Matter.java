package looseknit.core.shelf;

import java.util.Comparator;
import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.message.Named;

/** Kinds of matter by which a material that is not in the Book is likened to those that are. */
public enum Matter implements Named {
    WOODY(List.of("pine_fines", "orch_fine", "orch_med", "orch_coarse", "pine_large")),
    FIBROUS(List.of("peat_fine", "peat", "peat_coarse", "coir_fibre", "sphagnum_lf")),
    RICH(List.of("castings", "compost", "green_waste")),
    LIGHT_STONE(List.of("perlite_fine", "perlite_med", "perlite_coarse", "leca")),
    POROUS_STONE(List.of("pumice_dust", "pumice_fine", "pumice_med", "scoria", "pumice_coarse", "lava_coarse")),
    DENSE_STONE(List.of("sand_fine", "sand_coarse", "grit_1_3", "grit_3_6", "gravel_fine", "pebbles"));
    private final List<String> likes;

    Matter(final List<String> likes) {
        this.likes = likes;
    }

    /** The material of the Book that is likest at a median grain [mm]. */
    Material likest(final double medianMm) {
        return likes.stream()
                .map(id -> MaterialBook.shipped().material(id).orElseThrow())
                .min(Comparator.comparingDouble(
                        each -> Math.abs(Math.log(each.grainSize().d50Mm() / medianMm))))
                .orElseThrow();
    }
}
