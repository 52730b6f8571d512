package looseknit.core.shelf;

import java.util.List;
import java.util.Optional;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;

/** What most shops sell and most growers keep. Common practice, no source. */
public final class Commonest {

    private static final List<String> IDS = List.of(
            "peat",
            "coir_pith",
            "leaf_mould",
            "compost",
            "castings",
            "loam",
            "bark_fine",
            "bark_comp",
            "orch_med",
            "coir_chips",
            "sphagnum_lf",
            "charcoal_fine",
            "perlite_med",
            "perlite_coarse",
            "vermiculite",
            "pumice_med",
            "grit_3_6",
            "sand_coarse",
            "calc_clay",
            "akadama");

    private Commonest() {}

    /** The twenty commonest materials, as far as a book has them. */
    public static List<Material> of(final MaterialBook book) {
        return IDS.stream().map(book::material).flatMap(Optional::stream).toList();
    }
}
