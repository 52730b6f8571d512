package looseknit.core.find;

import static looseknit.core.find.ConservedSums.AIR_AT_TOP;
import static looseknit.core.find.ConservedSums.AIR_LEAST;
import static looseknit.core.find.ConservedSums.AIR_MOST;
import static looseknit.core.find.ConservedSums.AT_100;
import static looseknit.core.find.ConservedSums.BUFFERED_PH;
import static looseknit.core.find.ConservedSums.CLOSED;
import static looseknit.core.find.ConservedSums.DENSITY;
import static looseknit.core.find.ConservedSums.EASY;
import static looseknit.core.find.ConservedSums.HELD;
import static looseknit.core.find.ConservedSums.NITROGEN;
import static looseknit.core.find.ConservedSums.SALTS;
import static looseknit.core.find.ConservedSums.SOLIDS;

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
        sum += aims.least(Property.WATER, waterLeast, Math.max(waterMost, 0.01));
        sum += aims.least(Property.EASY_WATER, 0, high[EASY] * per);
        return sum > limit ? sum : (sum + pot(low, high, per, perLoose, waterLeast, waterMost)) * (1 - SLACK);
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
        final double salts = low[SALTS] * perLoose;
        return feeds
                ? aims.leastAbove(Property.FOOD, nitrogen) + aims.leastAbove(Property.SALTS, salts)
                : aims.least(Property.FOOD, nitrogen, high[NITROGEN] * per)
                        + aims.least(Property.SALTS, salts, high[SALTS] * per);
    }

    private double pot(
            final double[] low,
            final double[] high,
            final double per,
            final double perLoose,
            final double waterLeast,
            final double waterMost) {
        double sum = 0;
        if (weighed) {
            final double kg = litres / 1000;
            sum += aims.least(
                    Property.WEIGHT,
                    meter.situation.emptyKg()
                            + kg * low[DENSITY] * perLoose * Math.max(0.1, 1 + off(LotTrait.DENSITY, 0))
                            + litres * waterLeast,
                    meter.situation.emptyKg()
                            + kg * high[DENSITY] * per * (1 + off(LotTrait.DENSITY, 1))
                            + litres * waterMost);
        }
        if (table != null) {
            sum += aims.least(
                    Property.DRY_DAYS,
                    table.days(waterLeast, Math.max(Reservoir.DRIEST, high[AT_100] * per)),
                    table.days(Math.max(waterMost, 0.01), Reservoir.DRIEST));
        }
        return sum;
    }

    private double off(final LotTrait trait, final int end) {
        return spare[2 * trait.ordinal() + end];
    }
}
