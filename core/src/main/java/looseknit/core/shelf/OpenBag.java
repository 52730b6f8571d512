package looseknit.core.shelf;

import java.time.LocalDate;
import java.util.Optional;
import looseknit.core.material.Material;

/** How long an opened bag keeps; common practice, no source. Stones keep for ever. */
public final class OpenBag {

    private static final int FED_MONTHS = 6;
    private static final int ORGANIC_MONTHS = 12;

    private OpenBag() {}

    /** Months for which what was opened keeps; nothing where it does not go off. */
    public static Optional<Integer> keepsMonths(final Material material, final boolean fed) {
        if (fed) {
            return Optional.of(FED_MONTHS);
        }
        return material.decays() ? Optional.of(ORGANIC_MONTHS) : Optional.empty();
    }

    /** The day on which it wants to be looked at, if it goes off. */
    public static Optional<LocalDate> lookOn(final Material material, final boolean fed, final LocalDate openedOn) {
        return keepsMonths(material, fed).map(openedOn::plusMonths);
    }
}
