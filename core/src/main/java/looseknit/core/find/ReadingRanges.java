package looseknit.core.find;

import static looseknit.core.find.ConservedSums.AIR_AT_TOP;
import static looseknit.core.find.ConservedSums.AIR_LEAST;
import static looseknit.core.find.ConservedSums.AIR_MOST;
import static looseknit.core.find.ConservedSums.BEYOND_REACH;
import static looseknit.core.find.ConservedSums.BUFFERED_PH;
import static looseknit.core.find.ConservedSums.CLOSED;
import static looseknit.core.find.ConservedSums.DENSITY;
import static looseknit.core.find.ConservedSums.EASY;
import static looseknit.core.find.ConservedSums.HELD;
import static looseknit.core.find.ConservedSums.HELD_LEAST;
import static looseknit.core.find.ConservedSums.NITROGEN;
import static looseknit.core.find.ConservedSums.SALTS;
import static looseknit.core.find.ConservedSums.SOLIDS;
import static looseknit.core.find.ConservedSums.USABLE_LEAST;
import static looseknit.core.find.ConservedSums.USABLE_MOST;

import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.dry.Reservoir;
import looseknit.core.need.Property;
import org.jspecify.annotations.Nullable;

/** Ranges of the readings that follow from ranges of the sums, and the least penalty that follows from these. For one thread. */
final class ReadingRanges {

    /** Rounding of the corner between water held and pores, relative to shrinkage; as in the mix. */
    private static final double CORNER = Mix.CORNER;

    /** Guards against rounding: a bound is made this much smaller than computed. */
    private static final double SLACK = 1e-9;

    /** Steps in which water beyond what is wanted is weighed against early drying. */
    private static final int STEPS = 6;

    private final CandidateTables meter;
    private final TargetTable aims;
    private final boolean tested;
    private final boolean weighed;
    private final double litres;
    private final double submerged;
    private final boolean limes;
    private final boolean acidifies;
    private final boolean feeds;
    private final @Nullable DryTable table;
    private boolean trading;
    private double usablePerHeld;
    private double usableOver;
    private final double watered;
    /** How far tests have shown materials to be off, by trait: the least, then the most. */
    private final double[] spare = new double[LotTrait.values().length * 2];

    ReadingRanges(final CandidateTables meter) {
        this.meter = meter;
        this.aims = meter.aims;
        this.tested = meter.corrections.isPresent();
        this.weighed = meter.situation.brief().pot().isPresent();
        this.litres = meter.situation.litres();
        this.submerged = meter.tables[0][0].submerged();
        this.limes = meter.dosing.limes();
        this.acidifies = meter.dosing.acidifies();
        this.feeds = meter.dosing.feeds();
        this.table = meter.dry.orElse(null);
        this.watered = meter.watered();
    }

    /** Looks at the materials that a reader has loaded. */
    void load(final CandidateReader reader) {
        for (final LotTrait trait : LotTrait.values()) {
            double low = 0;
            double high = 0;
            for (int a = 0; tested && a < reader.plainCount(); a++) {
                low = Math.min(low, meter.off(trait, reader.plain(a)));
                high = Math.max(high, meter.off(trait, reader.plain(a)));
            }
            spare[2 * trait.ordinal()] = low;
            spare[2 * trait.ordinal() + 1] = high;
        }
    }

    /**
     * Least penalty of any recipe whose ratios lie between these, at least {@code limit} as soon as that is clear.
     *
     * @param low least ratios, as {@link ConservedSums#ratios} gives them
     * @param high greatest ratios
     * @param leastLeft least share of the volumes that mixing leaves
     * @param mostLeft greatest share that it leaves
     */
    double penalty(
            final double[] low,
            final double[] high,
            final double leastLeft,
            final double mostLeft,
            final double limit) {
        double sum = acidity(low[BUFFERED_PH], high[BUFFERED_PH]);
        if (sum > limit) {
            return sum;
        }
        final double per = 1 / leastLeft;
        final double perLoose = 1 / mostLeft;
        sum += food(low, high, per, perLoose);
        if (sum > limit) {
            return sum;
        }
        final double poresMost = 1 - low[SOLIDS] * perLoose;
        final double poresLeast = 1 - high[SOLIDS] * per;
        final double airMost =
                airMost(high[AIR_MOST], high[AIR_AT_TOP], low[CLOSED], high[CLOSED], poresMost, per, perLoose);
        final double flooded = submerged * (1 - perLoose + high[CLOSED] * per);
        final double airLeast = Math.max(0, 1 - (1 - low[AIR_LEAST]) * per - flooded + off(LotTrait.AIR, 0) * per);
        sum += aims.least(Property.AIR, airLeast, airMost);
        if (sum > limit) {
            return sum;
        }
        final double waterMost = tested
                ? poresMost + off(LotTrait.POROSITY, 1) * per - airLeast
                : Math.min(high[HELD] * per + flooded, poresMost);
        final double waterLeast =
                Math.max(0, poresLeast + (tested ? off(LotTrait.POROSITY, 0) * per : 0) - Math.max(0, airMost));
        final double water = aims.least(Property.WATER, waterLeast, Math.max(waterMost, 0.01));
        sum += water + aims.least(Property.EASY_WATER, 0, high[EASY] * per);
        if (weighed) {
            sum += weight(low, high, per, perLoose, waterLeast, waterMost);
        }
        if (table == null) {
            return sum * (1 - SLACK);
        }
        final double corner = CORNER * Math.max(0, 1 - leastLeft) * poresMost;
        final double least = usableLeast(low, high, per, perLoose, waterLeast, corner);
        final double most = usableMost(low, high, per, perLoose, waterMost, flooded);
        double dry = aims.least(Property.DRY_DAYS, table.daysOf(least), table.daysOf(most));
        if (trading && !tested && aims.leastBelow(Property.DRY_DAYS, table.daysOf(most)) > 0) {
            final double over = scaled(usableOver, per, perLoose) + (watered - usablePerHeld) * flooded;
            dry = Math.max(dry, wetOrDry(table, waterLeast, waterMost, most, over) - water);
        }
        return (sum + dry) * (1 - SLACK);
    }

    /**
     * Tells how much of what the recipes hold can be usable at most: a straight line that lies above the materials.
     *
     * @param perHeld usable water by water held, 0 to 1
     * @param over what it is with none held [vol/vol], before shrinking
     */
    void trade(final double perHeld, final double over) {
        trading = true;
        usablePerHeld = perHeld;
        usableOver = over;
    }

    /** Nothing is known of how usable water and water held hang together. */
    void tradeNothing() {
        trading = false;
    }

    /** Least penalty for holding too much and drying too soon together: more of the one is less of the other. Water held is taken step by step. */
    private double wetOrDry(
            final DryTable drying,
            final double waterLeast,
            final double waterMost,
            final double usableMost,
            final double over) {
        double from = waterLeast;
        double to = Math.max(waterLeast, Math.min(waterMost, aims.high(Property.WATER)));
        final double step = (waterMost - to) / STEPS;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            final double usable = Math.min(usableMost, usablePerHeld * to + over);
            least = Math.min(
                    least,
                    aims.least(Property.WATER, from, to) + aims.leastBelow(Property.DRY_DAYS, drying.daysOf(usable)));
            from = to;
            to += step;
        }
        return least;
    }

    /**
     * The most usable water. What is held and what is beyond reach stem from the same materials, so that their difference is bounded as one.
     */
    private double usableMost(
            final double[] low,
            final double[] high,
            final double per,
            final double perLoose,
            final double waterMost,
            final double flooded) {
        final double apart = watered * Math.max(waterMost, 0.01)
                - Math.max(Reservoir.DRIEST, scaled(low[BEYOND_REACH], perLoose, per));
        return tested ? apart : Math.min(apart, scaled(high[USABLE_MOST], per, perLoose) + watered * flooded);
    }

    /**
     * The least usable water: what is held, less what is beyond reach, both of the same materials. Where mixing leaves less room than they hold, at the
     * foot of the column first, no more is lost than the share by which they shrink.
     */
    private double usableLeast(
            final double[] low,
            final double[] high,
            final double per,
            final double perLoose,
            final double waterLeast,
            final double corner) {
        final double apart =
                watered * waterLeast - Math.max(Reservoir.DRIEST, scaled(high[BEYOND_REACH], per, perLoose));
        if (tested) {
            return apart;
        }
        final double held = Math.min(
                watered * low[HELD_LEAST] * perLoose - Reservoir.DRIEST, scaled(low[USABLE_LEAST], perLoose, per));
        return Math.max(apart, held - watered * (corner + Math.max(0, per - 1)));
    }

    /** What a sum comes to by volume of the mix: times one factor if it is above 0, else times the other. */
    private static double scaled(final double sum, final double above, final double below) {
        return sum > 0 ? sum * above : sum * below;
    }

    /**
     * The most air that a recipe can have. Where its materials would hold more water than it has pores, these limit it: over the height
     * of the column the air then is the greater of two lines, which lies below the chord between foot and top.
     *
     * @param air air of the materials before shrinking [vol/vol]
     * @param atTop their air at the top of the column
     * @param closedLeast least of their pores that are closed
     * @param closedMost most of their pores that are closed
     * @param pores most pores of the mix
     * @param per one over the least that mixing leaves
     * @param perLoose one over the most that mixing leaves
     */
    double airMost(
            final double air,
            final double atTop,
            final double closedLeast,
            final double closedMost,
            final double pores,
            final double per,
            final double perLoose) {
        final double plain = 1 - (1 - air) * Math.min(1, perLoose) + closedMost * Math.max(0, per - 1);
        final double top = 1 - (1 - atTop) * perLoose;
        final double foot = 1 - (1 - closedLeast) * per;
        final double shut = closedMost * per;
        final double mean = 1 - (1 - air) * perLoose;
        final double chord = top <= shut ? shut : shut + (mean - foot) / (top - foot) * (top - shut);
        return Math.max(
                0,
                Math.min(plain, Math.max(mean, chord))
                        + CORNER * Math.max(0, 1 - 1 / per) * pores
                        + off(LotTrait.AIR, 1) * per);
    }

    private double acidity(final double low, final double high) {
        if (limes) {
            return acidifies ? 0 : aims.leastAbove(Property.PH, low);
        }
        return acidifies ? aims.leastBelow(Property.PH, high) : aims.least(Property.PH, low, high);
    }

    private double food(final double[] low, final double[] high, final double per, final double perLoose) {
        final double nitrogen = low[NITROGEN] * perLoose;
        final double salts = Math.max(0, low[SALTS] * perLoose);
        return feeds
                ? aims.leastAbove(Property.FOOD, nitrogen) + aims.leastAbove(Property.SALTS, salts)
                : aims.least(Property.FOOD, nitrogen, high[NITROGEN] * per)
                        + aims.least(Property.SALTS, salts, Math.max(0, high[SALTS] * per));
    }

    private double weight(
            final double[] low,
            final double[] high,
            final double per,
            final double perLoose,
            final double waterLeast,
            final double waterMost) {
        final double kg = litres / 1000;
        return aims.least(
                Property.WEIGHT,
                meter.situation.emptyKg()
                        + kg * low[DENSITY] * perLoose * Math.max(0.1, 1 + off(LotTrait.DENSITY, 0))
                        + litres * waterLeast,
                meter.situation.emptyKg()
                        + kg * high[DENSITY] * per * (1 + off(LotTrait.DENSITY, 1))
                        + litres * waterMost);
    }

    private double off(final LotTrait trait, final int end) {
        return spare[2 * trait.ordinal() + end];
    }
}
