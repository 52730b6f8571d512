package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.pot.Column;

/**
 * What changes when a material takes the place of another, litre for litre, both on their own in a column of 12 cm.
 *
 * @param other the material that stands in
 * @param changes what changes, greatest first; empty if nothing of note
 */
public record StandIn(Material other, List<String> changes) {

    private static final double COLUMN_CM = 12;

    /** Least differences worth a word. */
    private static final double SHARE_WORTH = 0.03;

    private static final double PH_WORTH = 0.4;
    private static final double EC_WORTH = 0.3;
    private static final double N_WORTH = 25;
    private static final double HEAVIER = 1.25;
    private static final double LONGER = 1.5;
    private static final double NEVER_ROTS = 1000;

    /** Compares a stand-in with what it stands in for. */
    public static StandIn of(final Material given, final Material other) {
        final List<String> changes = new ArrayList<>();
        final Column column = Column.free(COLUMN_CM, 1);
        final Mix before = Mix.of(List.of(given), new double[] {1});
        final Mix after = Mix.of(List.of(other), new double[] {1});
        points(changes, "air", column.airFilledPorosity(after) - column.airFilledPorosity(before));
        points(changes, "water held", column.containerCapacity(after) - column.containerCapacity(before));
        points(changes, "easily used water", after.easilyAvailableWater() - before.easilyAvailableWater());
        weight(changes, given, other);
        if (Math.abs(after.plainPh() - before.plainPh()) >= PH_WORTH) {
            changes.add(String.format(Locale.ROOT, "pH %.1f instead of %.1f", after.plainPh(), before.plainPh()));
        }
        final double n = other.chemistry().nutrients().nMgPerL()
                - given.chemistry().nutrients().nMgPerL();
        if (Math.abs(n) >= N_WORTH) {
            changes.add(String.format(Locale.ROOT, "%.0f mg N/L %s food", Math.abs(n), n > 0 ? "more" : "less"));
        }
        final double ec = other.chemistry().ecDsPerM() - given.chemistry().ecDsPerM();
        if (Math.abs(ec) >= EC_WORTH) {
            changes.add(String.format(Locale.ROOT, "%.1f dS/m %s salts", Math.abs(ec), ec > 0 ? "more" : "less"));
        }
        life(changes, given, other);
        return new StandIn(other, List.copyOf(changes));
    }

    private static void points(final List<String> changes, final String what, final double by) {
        if (Math.abs(by) >= SHARE_WORTH) {
            changes.add(String.format(
                    Locale.ROOT, "%.0f points %s %s", 100 * Math.abs(by), by > 0 ? "more" : "less", what));
        }
    }

    private static void weight(final List<String> changes, final Material given, final Material other) {
        final double ratio =
                other.physics().bulkDensityGPerL() / given.physics().bulkDensityGPerL();
        if (ratio >= HEAVIER) {
            changes.add(String.format(Locale.ROOT, ratio < 3 ? "%.1f times as heavy" : "%.0f times as heavy", ratio));
        } else if (ratio <= 1 / HEAVIER) {
            changes.add(String.format(Locale.ROOT, "%.0f %% lighter", 100 * (1 - ratio)));
        }
    }

    private static void life(final List<String> changes, final Material given, final Material other) {
        if (other.halfLifeYears() >= NEVER_ROTS && given.halfLifeYears() >= NEVER_ROTS) {
            return;
        }
        if (other.halfLifeYears() >= NEVER_ROTS && given.halfLifeYears() < NEVER_ROTS) {
            changes.add("does not rot");
        } else if (given.halfLifeYears() >= NEVER_ROTS && other.halfLifeYears() < NEVER_ROTS) {
            changes.add(String.format(Locale.ROOT, "half rots in %.0f years", other.halfLifeYears()));
        } else if (other.halfLifeYears() >= LONGER * given.halfLifeYears()
                || other.halfLifeYears() * LONGER <= given.halfLifeYears()) {
            changes.add(String.format(
                    Locale.ROOT,
                    "half rots in %.1f instead of %.1f years",
                    other.halfLifeYears(),
                    given.halfLifeYears()));
        }
    }
}
