package looseknit.core.need;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.message.Named;

/**
 * What somebody sees of a plant whose name they do not know: four questions, each of which may stay open.
 *
 * @param grows how it grows
 * @param leaf what its leaves are like
 * @param roots what its roots are like
 * @param from where such plants are at home, or on which shelf it stood
 */
public record Looks(Optional<Grows> grows, Optional<Leaf> leaf, Optional<Roots> roots, Optional<From> from) {

    /** How a plant grows. */
    public enum Grows implements Named {
        BODY,
        ROSETTE,
        CLUMP,
        UPRIGHT,
        TREE,
        TRAILS
    }

    /** What the leaves of a plant are like. */
    public enum Leaf implements Named {
        SPINES,
        NONE,
        FLESHY,
        STIFF,
        LEATHERY,
        THIN,
        HAIRY,
        NARROW,
        NEEDLES,
        FROND,
        TRAP
    }

    /** What the roots of a plant are like. */
    public enum Roots implements Named {
        FINE,
        THICK,
        AERIAL,
        SWOLLEN,
        BULB,
        WOODY,
        HARDLY,
        NONE
    }

    /** Where plants are at home, or on which shelf they stand. */
    public enum From implements Named {
        DESERT,
        DRY_HILLS,
        FOREST_FLOOR,
        TREES,
        BOG,
        MOUNTAIN,
        GARDEN,
        WARM_GARDEN,
        KITCHEN
    }

    /** What was answered. */
    public List<Named> answers() {
        return Stream.<Optional<? extends Named>>of(grows, leaf, roots, from)
                .<Named>flatMap(Optional::stream)
                .toList();
    }
}
