package looseknit.server.care;

import java.util.Optional;
import java.util.UUID;
import looseknit.core.measure.Estimate;
import looseknit.server.pot.Potting;
import org.jspecify.annotations.Nullable;

/**
 * A pot and what all looks at it come to.
 *
 * @param revision the number of its last change
 * @param here whether it stands here
 * @param everyDays days between waterings as one says; null where nobody said
 */
record PotLookedAt(
        UUID id,
        long revision,
        boolean here,
        String label,
        @Nullable String place,
        @Nullable String plantId,
        Estimate expectedDays,
        @Nullable Double everyDays,
        CountedLooks looks) {

    static PotLookedAt of(final Potting potting, final CountedLooks looks) {
        return new PotLookedAt(
                potting.id(),
                potting.revision(),
                !potting.deleted() && potting.state() == Potting.State.HERE,
                potting.label(),
                Optional.ofNullable(potting.brief().place())
                        .map(place -> place.name())
                        .orElse(null),
                potting.brief().plantId(),
                potting.expectedDays(),
                Optional.ofNullable(potting.brief().habit())
                        .map(habit -> habit.everyDays())
                        .orElse(null),
                looks);
    }
}
