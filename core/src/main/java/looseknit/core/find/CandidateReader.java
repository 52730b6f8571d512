package looseknit.core.find;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Ingredients;
import looseknit.core.dry.Reservoir;
import looseknit.core.need.Property;
import looseknit.core.pot.Column;
import looseknit.core.pot.PotTable;
import looseknit.core.reading.Corrected;
import org.jspecify.annotations.Nullable;

/** Reads recipes of the candidates, one after another, without allocating. For one thread. */
final class CandidateReader {

    private final CandidateTables meter;
    private final double[] loose;
    private final double[] aged;
    private final int[] active;
    private final boolean[] seen;
    private final PotTable.Scratch[][] scratch;
    private final PotTable.Scratch[][] later;
    private final Dosing.Choice doses;
    private final @Nullable DryTable dry;
    private final DoubleUnaryOperator airAfter = this::airAfter;
    private int count;
    private int form;
    private int column;
    private double freshVolume;
    private double airOff;

    private double air;
    private double water;
    private double density;
    private double days;
    private double kg;
    private double nitrogen;
    private double salts;
    private double life;
    private double parts;
    private double cost;

    CandidateReader(final CandidateTables meter) {
        this.meter = meter;
        final int n = meter.plain.size();
        this.loose = new double[n];
        this.aged = new double[n];
        this.active = new int[n];
        this.seen = new boolean[n];
        this.scratch = room(meter);
        this.later = room(meter);
        this.doses = meter.dosing.choice();
        this.dry = meter.dry.orElse(null);
    }

    private static PotTable.Scratch[][] room(final CandidateTables meter) {
        return Arrays.stream(meter.tables)
                .map(row -> Arrays.stream(row).map(PotTable.Scratch::new).toArray(PotTable.Scratch[]::new))
                .toArray(PotTable.Scratch[][]::new);
    }

    /**
     * Chooses the materials of the recipes that are read next.
     *
     * @param support places of the candidates
     * @param size how many of them count
     */
    void load(final int[] support, final int size) {
        Arrays.fill(seen, false);
        count = 0;
        for (int s = 0; s < size; s++) {
            add(support[s]);
        }
        add(meter.candidates());
        double finest = Double.POSITIVE_INFINITY;
        double coarsest = 0;
        for (int a = 0; a < count; a++) {
            finest = Math.min(finest, meter.grainMm[active[a]]);
            coarsest = Math.max(coarsest, meter.grainMm[active[a]]);
        }
        form = Ingredients.widelyGraded(finest, coarsest) ? 1 : 0;
    }

    private void add(final int row) {
        for (final int place : meter.places[row]) {
            if (!seen[place]) {
                seen[place] = true;
                active[count++] = place;
            }
        }
    }

    /** Whether the recipes are packed by size classes. */
    boolean classes() {
        return form == 1;
    }

    /** Number of plain materials in the recipes. */
    int plainCount() {
        return count;
    }

    /** Place of one of the plain materials in the recipes. */
    int plain(final int a) {
        return active[a];
    }

    /** Pours a recipe of the materials that were loaded last and works out what weighs on what. */
    void press(final int[] support, final int[] amounts, final int size) {
        for (int a = 0; a < count; a++) {
            loose[active[a]] = 0;
        }
        parts = meter.fixedParts;
        cost = meter.fixedCost;
        pour(meter.candidates(), 1);
        for (int s = 0; s < size; s++) {
            pour(support[s], amounts[s]);
            parts += amounts[s];
            cost += amounts[s] * meter.price[support[s]];
        }
        column = meter.tables[form].length == 1 ? 0 : columnOf();
        (form == 1 ? meter.classes : meter.pairs).press(loose, active, count, scratch[form][column].packed());
    }

    /** Least share of the volumes that mixing can leave of the recipe that was pressed last. */
    double leastLeft() {
        return scratch[form][column].packed().leastLeft();
    }

    /** Greatest share of the volumes that mixing can leave of the recipe that was pressed last. */
    double mostLeft() {
        return scratch[form][column].packed().mostLeft();
    }

    /** Works out volume, pores, weight and plain chemistry of the recipe that was pressed last. */
    void read() {
        final PotTable.Scratch read = scratch[form][column];
        (form == 1 ? meter.classes : meter.pairs).settle(active, count, read.packed());
        meter.tables[form][column].readPacked(active, count, read);
        air = read.airFilledPorosity();
        water = read.containerCapacity();
        density = read.bulkDensityGPerL();
        if (meter.tested) {
            correct(read);
        } else {
            airOff = 0;
        }
        days = dry == null ? 0 : dry.days(water, Reservoir.beyondReach(read.waterAt50(), read.waterAt100()));
        kg = meter.litres * (density / 1000 + water) + meter.emptyKg;
        nitrogen = sum(read, meter.nitrogen);
        salts = sum(read, meter.salts);
        life = Double.NaN;
    }

    private void pour(final int row, final double times) {
        final int[] places = meter.places[row];
        for (int i = 0; i < places.length; i++) {
            loose[places[i]] += times * meter.amounts[row][i];
        }
    }

    private int columnOf() {
        double all = 0;
        double logs = 0;
        final Ingredients ingredients = form == 1 ? meter.classes : meter.pairs;
        for (int a = 0; a < count; a++) {
            final double bulk = loose[active[a]] * ingredients.settled(active[a]);
            all += bulk;
            logs += bulk * meter.logGrain[active[a]];
        }
        return Column.breaksPull(meter.question.brief().pot().orElseThrow(), Math.exp(logs / all)) ? 1 : 0;
    }

    private void correct(final PotTable.Scratch read) {
        airOff = sum(read, meter.off[LotTrait.AIR.ordinal()]);
        double heavier = 0;
        for (int a = 0; a < count; a++) {
            heavier += read.packed().litresPerLitre(active[a])
                    * meter.plain.get(active[a]).physics().bulkDensityGPerL()
                    * meter.off[LotTrait.DENSITY.ordinal()][active[a]];
        }
        final double porosity =
                Corrected.porosity(read.totalPorosity(), sum(read, meter.off[LotTrait.POROSITY.ordinal()]));
        air = Corrected.air(air, airOff, porosity);
        water = Corrected.water(porosity, air);
        density = Corrected.density(density, heavier / density);
    }

    private double sum(final PotTable.Scratch read, final double[] property) {
        double sum = 0;
        for (int a = 0; a < count; a++) {
            sum += read.packed().litresPerLitre(active[a]) * property[active[a]];
        }
        return sum;
    }

    /**
     * How badly the recipe misses its targets, doses included; more than {@code limit} as soon as it is clear that it is.
     */
    double penalty(final double limit) {
        final double sum = penaltyButLife(limit);
        return sum > limit || !meter.aims.wanted(Property.LIFE)
                ? sum
                : sum + meter.aims.penalty(Property.LIFE, lifeYears());
    }

    /** The same without the years that it lasts, which take longest to work out. */
    double penaltyButLife(final double limit) {
        final TargetTable aims = meter.aims;
        double sum = aims.penalty(Property.AIR, air)
                + aims.penalty(Property.WATER, water)
                + aims.penalty(Property.EASY_WATER, easyWater());
        if (meter.weighed) {
            sum += aims.penalty(Property.WEIGHT, kg);
        }
        if (dry != null) {
            sum += aims.penalty(Property.DRY_DAYS, days);
        }
        if (sum > limit) {
            return sum;
        }
        sum += doses.food(nitrogen, salts);
        if (sum > limit) {
            return sum;
        }
        final PotTable.Scratch read = scratch[form][column];
        return sum + doses.acidity(read.plainPh(), read.bufferMeqPerLPerPh(), phOff(read));
    }

    private double phOff(final PotTable.Scratch read) {
        if (!meter.tested) {
            return 0;
        }
        double sum = 0;
        for (int a = 0; a < count; a++) {
            sum += read.packed().litresPerLitre(active[a])
                    * meter.plain.get(active[a]).chemistry().bufferMeqPerLPerPh()
                    * meter.off[LotTrait.PH.ordinal()][active[a]];
        }
        return sum / read.bufferMeqPerLPerPh();
    }

    /** Years until the mix packs down below the least air. */
    double lifeYears() {
        if (Double.isNaN(life)) {
            final Ingredients.Scratch packed = scratch[form][column].packed();
            double poured = 0;
            for (int a = 0; a < count; a++) {
                poured += loose[active[a]];
            }
            freshVolume = poured * packed.yield();
            life = Ageing.yearsUntil(airAfter, meter.leastAir);
        }
        return life;
    }

    private double airAfter(final double years) {
        final int humus = meter.plain.size() - 1;
        final double atTwenty = years * meter.decayTempo;
        aged[humus] = 0;
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            aged[i] = loose[i] * Ageing.coarse(meter.plain.get(i), atTwenty);
            aged[humus] += loose[i] * Ageing.humus(meter.plain.get(i), atTwenty);
        }
        active[count] = humus;
        return meter.tables[form][column].airSunk(aged, active, count + 1, freshVolume, later[form][column]) + airOff;
    }

    double easyWater() {
        return scratch[form][column].easilyAvailableWater();
    }

    /** Value of a reading, after {@link #penalty} where doses matter. */
    double value(final Property quality) {
        return switch (quality) {
            case AIR -> air;
            case WATER -> water;
            case EASY_WATER -> easyWater();
            case DRY_DAYS -> days;
            case PH -> doses.ph();
            case FOOD -> nitrogen + doses.fedNMgPerL();
            case SALTS -> salts + Food.ecOfN(doses.fedNMgPerL());
            case WEIGHT -> kg;
            case LIFE -> lifeYears();
        };
    }

    /** Price of a litre of finished mix by the prices that are known. */
    double costPerLitre() {
        return cost / (looseLitres() * scratch[form][column].packed().yield());
    }

    /** Litres of finished mix from a part as it is scooped. */
    double litresPerPart() {
        return looseLitres() * scratch[form][column].packed().yield() / parts;
    }

    private double looseLitres() {
        double poured = 0;
        for (int a = 0; a < count; a++) {
            poured += loose[active[a]];
        }
        return poured;
    }

    /** Density of the mix just watered [kg/L]. */
    double wetKgPerL() {
        return density / 1000 + water;
    }

    double parts() {
        return parts;
    }

    PotTable.Scratch figures() {
        return scratch[form][column];
    }

    int[] doseSteps() {
        return doses.steps();
    }
}
