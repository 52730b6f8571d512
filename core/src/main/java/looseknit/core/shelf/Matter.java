package looseknit.core.shelf;

import java.util.Comparator;
import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;

/** Kinds of matter by which a material that is not in the Book is likened to those that are. */
public enum Matter {
    WOODY(
            "woody pieces, like bark or shells",
            List.of("pine_fines", "orch_fine", "orch_med", "orch_coarse", "pine_large")),
    FIBROUS(
            "fibre or moss, like peat or coir",
            List.of("peat_fine", "peat", "peat_coarse", "coir_fibre", "sphagnum_lf")),
    RICH("rotted matter that feeds, like compost", List.of("castings", "compost", "green_waste")),
    LIGHT_STONE("light porous grains, like perlite", List.of("perlite_fine", "perlite_med", "perlite_coarse", "leca")),
    POROUS_STONE(
            "porous stone or baked clay",
            List.of("pumice_dust", "pumice_fine", "pumice_med", "scoria", "pumice_coarse", "lava_coarse")),
    DENSE_STONE(
            "solid stone or sand",
            List.of("sand_fine", "sand_coarse", "grit_1_3", "grit_3_6", "gravel_fine", "pebbles"));

    private final String words;
    private final List<String> likes;

    Matter(final String words, final List<String> likes) {
        this.words = words;
        this.likes = likes;
    }

    public String words() {
        return words;
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
