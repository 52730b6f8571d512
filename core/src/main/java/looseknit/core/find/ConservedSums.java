package looseknit.core.find;

import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Ingredients;
import looseknit.core.dry.Reservoir;
import looseknit.core.material.Material;
import looseknit.core.pot.PotTable;

/**
 * What a part of each candidate adds to the sums from which bounds follow: volume before shrinking, and by it whatever is conserved.
 */
final class ConservedSums {

    /** Sums that are formed over the parts. */
    static final int VOLUME = 0;

    static final int AIR_MOST = 1;
    static final int AIR_LEAST = 2;
    static final int SOLIDS = 3;
    static final int CLOSED = 4;
    static final int HELD = 5;
    static final int DENSITY = 6;
    static final int EASY = 7;
    static final int HELD_LEAST = 8;
    static final int NITROGEN = 9;
    static final int SALTS = 10;
    static final int PRESSED = 11;
    static final int BUFFER = 12;
    static final int BUFFERED_PH = 13;
    static final int AIR_AT_TOP = 14;
    static final int BEYOND_REACH = 15;
    static final int USABLE_MOST = 16;
    static final int USABLE_LEAST = 17;
    static final int COUNT = 18;

    private ConservedSums() {}

    /** A row of sums for each candidate, the fixed base last. */
    static double[][] perPart(final CandidateTables meter, final int packing, final Ingredients ingredients) {
        final int n = meter.plain.size();
        final double[][] plain = new double[n][];
        for (int i = 0; i < n; i++) {
            plain[i] = ofPlain(meter, packing, ingredients, i);
        }
        final double[][] rows = new double[meter.places.length][COUNT];
        for (int j = 0; j < rows.length; j++) {
            for (int p = 0; p < meter.places[j].length; p++) {
                for (int f = 0; f < COUNT; f++) {
                    rows[j][f] += meter.amounts[j][p] * plain[meter.places[j][p]][f];
                }
            }
        }
        return rows;
    }

    private static double[] ofPlain(
            final CandidateTables meter, final int packing, final Ingredients ingredients, final int i) {
        final Material material = meter.plain.get(i);
        final Material.Chemistry chemistry = material.chemistry();
        double heldMost = 0;
        double heldLeast = 1;
        double heldAtTop = 1;
        for (final PotTable table : meter.tables[packing]) {
            heldMost = Math.max(heldMost, table.pureCapacity(i));
            heldLeast = Math.min(heldLeast, table.pureCapacity(i));
            heldAtTop = Math.min(heldAtTop, table.pureAtTop(i));
        }
        final double pores = material.physics().totalPorosity();
        final double[] sums = new double[COUNT];
        sums[VOLUME] = 1;
        sums[AIR_MOST] = pores - heldLeast;
        sums[AIR_LEAST] = pores - heldMost;
        sums[AIR_AT_TOP] = pores - heldAtTop;
        sums[SOLIDS] = 1 - pores;
        sums[CLOSED] = material.closedPores();
        sums[HELD] = heldMost;
        sums[DENSITY] = material.physics().bulkDensityGPerL();
        sums[EASY] = material.retention().at(10) - material.retention().at(50);
        sums[HELD_LEAST] = heldLeast;
        sums[BEYOND_REACH] = Reservoir.drawnDownTo(
                material.retention().at(50), material.retention().at(100));
        sums[USABLE_MOST] = meter.watered() * heldMost - sums[BEYOND_REACH];
        sums[USABLE_LEAST] = meter.watered() * heldLeast - sums[BEYOND_REACH];
        sums[NITROGEN] = chemistry.nutrients().nMgPerL();
        sums[SALTS] = chemistry.ecDsPerM() + meter.off(LotTrait.SALTS, i);
        sums[PRESSED] = ingredients.virtualPerBulk(i);
        sums[BUFFER] = chemistry.bufferMeqPerLPerPh();
        sums[BUFFERED_PH] = chemistry.bufferMeqPerLPerPh() * (chemistry.ph() + meter.off(LotTrait.PH, i));
        for (int f = 0; f < COUNT; f++) {
            sums[f] *= ingredients.settled(i);
        }
        return sums;
    }

    /** Turns sums into ratios: per volume before shrinking, and pH per buffering. */
    static void ratios(final double[] sums, final double[] ratios) {
        final double perVolume = 1 / sums[VOLUME];
        final double ph = sums[BUFFERED_PH] / sums[BUFFER];
        for (int f = 0; f < COUNT; f++) {
            ratios[f] = sums[f] * perVolume;
        }
        ratios[BUFFERED_PH] = ph;
    }
}
