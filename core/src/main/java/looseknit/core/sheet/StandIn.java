package looseknit.core.sheet;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.pot.Column;

/**
 * What changes when a material takes the place of another, litre for litre, both on their own in a column of 12 cm.
 *
 * @param other the material that stands in
 * @param changes what changes, greatest first; empty if nothing of note
 */
public record StandIn(Material other, List<Message> changes) {

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
        final List<Message> changes = new ArrayList<>();
        final Column column = Column.free(COLUMN_CM, 1);
        final Mix before = Mix.of(List.of(given), new double[] {1});
        final Mix after = Mix.of(List.of(other), new double[] {1});
        points(changes, Property.AIR, column.airFilledPorosity(after) - column.airFilledPorosity(before));
        points(changes, Property.WATER, column.containerCapacity(after) - column.containerCapacity(before));
        points(changes, Property.EASY_WATER, after.easilyAvailableWater() - before.easilyAvailableWater());
        weight(changes, given, other);
        if (Math.abs(after.plainPh() - before.plainPh()) >= PH_WORTH) {
            changes.add(SheetSentence.PH_INSTEAD.with(
                    Quantity.of(Dimension.PH, after.plainPh(), 1),
                    Quantity.of(Dimension.PH, before.plainPh(), 1).bare()));
        }
        final double n = other.chemistry().nutrients().nMgPerL()
                - given.chemistry().nutrients().nMgPerL();
        if (Math.abs(n) >= N_WORTH) {
            changes.add((n > 0 ? SheetSentence.MORE_FOOD : SheetSentence.LESS_FOOD)
                    .with(Quantity.of(Dimension.NITROGEN, Math.abs(n), 0)));
        }
        final double ec = other.chemistry().ecDsPerM() - given.chemistry().ecDsPerM();
        if (Math.abs(ec) >= EC_WORTH) {
            changes.add((ec > 0 ? SheetSentence.MORE_SALTS : SheetSentence.LESS_SALTS)
                    .with(Quantity.of(Dimension.CONDUCTIVITY, Math.abs(ec), 1)));
        }
        life(changes, given, other);
        return new StandIn(other, List.copyOf(changes));
    }

    private static void points(final List<Message> changes, final Property what, final double by) {
        if (Math.abs(by) >= SHARE_WORTH) {
            changes.add((by > 0 ? SheetSentence.POINTS_MORE : SheetSentence.POINTS_LESS)
                    .with(Quantity.of(Dimension.POINTS, Math.abs(by), 0), what.brief()));
        }
    }

    private static void weight(final List<Message> changes, final Material given, final Material other) {
        final double ratio =
                other.physics().bulkDensityGPerL() / given.physics().bulkDensityGPerL();
        if (ratio >= HEAVIER) {
            changes.add(SheetSentence.TIMES_AS_HEAVY.with(Quantity.of(Dimension.NUMBER, ratio, ratio < 3 ? 1 : 0)));
        } else if (ratio <= 1 / HEAVIER) {
            changes.add(SheetSentence.LIGHTER.with(Quantity.of(Dimension.SHARE, 1 - ratio, 0)));
        }
    }

    private static void life(final List<Message> changes, final Material given, final Material other) {
        if (other.halfLifeYears() >= NEVER_ROTS && given.halfLifeYears() >= NEVER_ROTS) {
            return;
        }
        if (other.halfLifeYears() >= NEVER_ROTS && given.halfLifeYears() < NEVER_ROTS) {
            changes.add(SheetSentence.DOES_NOT_ROT.with());
        } else if (given.halfLifeYears() >= NEVER_ROTS && other.halfLifeYears() < NEVER_ROTS) {
            changes.add(SheetSentence.HALF_ROTS.with(Quantity.of(Dimension.YEARS, other.halfLifeYears(), 0)));
        } else if (other.halfLifeYears() >= LONGER * given.halfLifeYears()
                || other.halfLifeYears() * LONGER <= given.halfLifeYears()) {
            changes.add(SheetSentence.HALF_ROTS_INSTEAD.with(
                    Quantity.of(Dimension.YEARS, other.halfLifeYears(), 1).bare(),
                    Quantity.of(Dimension.YEARS, given.halfLifeYears(), 1)));
        }
    }
}
