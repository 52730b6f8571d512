package looseknit.core.find;

import looseknit.core.blend.Packing;
import looseknit.core.need.Property;
import looseknit.core.pot.PotTable;
import looseknit.core.reading.Gauge;
import looseknit.core.reading.Gauges;
import looseknit.core.reading.MixReader;
import looseknit.core.reading.MixState;

/** Reads recipes of the candidates, one after another, without allocating. For one thread. */
final class CandidateReader {

    private final CandidateTables meter;
    private final MixReader reader;
    private final MixState mix;
    private final TargetTable aims;
    private final Dosing.Choice doses;
    private final Gauge[] plain;
    private final Gauge[] fed;
    private final Gauge[] limed;
    private final Gauge[] aged;
    private final Gauge life = Gauges.of(Property.LIFE);
    private double lifeYears;
    private double parts;
    private double cost;

    CandidateReader(final CandidateTables meter) {
        this.meter = meter;
        this.reader = new MixReader(meter.mixes, meter.situation, meter.dry, meter.corrections);
        this.mix = reader.state();
        this.aims = meter.aims;
        this.doses = meter.dosing.choice();
        this.plain = aims.wanted(Gauge.Stage.PLAIN, meter.situation);
        this.fed = aims.wanted(Gauge.Stage.FED, meter.situation);
        this.limed = aims.wanted(Gauge.Stage.LIMED, meter.situation);
        this.aged = aims.wanted(Gauge.Stage.AGED, meter.situation);
    }

    /**
     * Chooses the materials of the recipes that are read next.
     *
     * @param support places of the candidates
     * @param size how many of them count
     */
    void load(final int[] support, final int size) {
        reader.clear();
        for (int s = 0; s < size; s++) {
            use(support[s]);
        }
        use(meter.candidates());
        reader.chooseForm();
    }

    private void use(final int row) {
        for (final int place : meter.places[row]) {
            reader.use(place);
        }
    }

    /** Whether the recipes are packed by size classes. */
    boolean classes() {
        return reader.form() == Packing.Form.CLASSES;
    }

    /** Number of plain materials in the recipes. */
    int plainCount() {
        return reader.count();
    }

    /** Place of one of the plain materials in the recipes. */
    int plain(final int a) {
        return reader.place(a);
    }

    /** Pours a recipe of the materials that were loaded last and works out what weighs on what. */
    void press(final int[] support, final int[] amounts, final int size) {
        reader.empty();
        parts = meter.fixedParts;
        cost = meter.fixedCost;
        pour(meter.candidates(), 1);
        for (int s = 0; s < size; s++) {
            pour(support[s], amounts[s]);
            parts += amounts[s];
            cost += amounts[s] * meter.price[support[s]];
        }
        reader.press();
    }

    private void pour(final int row, final double times) {
        final int[] places = meter.places[row];
        for (int i = 0; i < places.length; i++) {
            reader.pour(places[i], times * meter.amounts[row][i]);
        }
    }

    /** Least share of the volumes that mixing can leave of the recipe that was pressed last. */
    double leastLeft() {
        return reader.packed().leastLeft();
    }

    /** Greatest share of the volumes that mixing can leave of the recipe that was pressed last. */
    double mostLeft() {
        return reader.packed().mostLeft();
    }

    /** Works out volume, pores, weight and plain chemistry of the recipe that was pressed last. */
    void read() {
        reader.read();
        lifeYears = Double.NaN;
    }

    /**
     * How badly the recipe misses its targets, doses included; more than {@code limit} as soon as it is clear that it is.
     */
    double penalty(final double limit) {
        final double sum = penaltyButLife(limit);
        return sum > limit || aged.length == 0 ? sum : sum + aims.penalty(Property.LIFE, lifeYears());
    }

    /** The same without the years that it lasts, which take longest to work out. */
    double penaltyButLife(final double limit) {
        double sum = aims.penalty(plain, mix);
        if (sum > limit) {
            return sum;
        }
        doses.feed(mix);
        sum += aims.penalty(fed, mix);
        if (sum > limit) {
            return sum;
        }
        doses.lime(mix);
        return sum + aims.penalty(limed, mix);
    }

    /** Years until the mix packs down below the least air. */
    double lifeYears() {
        if (Double.isNaN(lifeYears)) {
            lifeYears = life.value(mix);
        }
        return lifeYears;
    }

    /** Value of a reading, after {@link #penalty} where doses matter. */
    double value(final Property property) {
        return property == Property.LIFE ? lifeYears() : Gauges.of(property).value(mix);
    }

    /** Whether what is in the recipe goes beyond what is bearable for its plant. */
    boolean unusual() {
        return aims.wanted(Property.MAKE_UP) && aims.beyondBearable(Property.MAKE_UP, value(Property.MAKE_UP));
    }

    /** Price of a litre of finished mix by the prices that are known. */
    double costPerLitre() {
        return cost / (reader.poured() * reader.packed().yield());
    }

    /** Litres of finished mix from a part as it is scooped. */
    double litresPerPart() {
        return reader.poured() * reader.packed().yield() / parts;
    }

    /** Density of the mix just watered [kg/L]. */
    double wetKgPerL() {
        return mix.wetKgPerL();
    }

    double parts() {
        return parts;
    }

    PotTable.Scratch figures() {
        return reader.figures();
    }

    Dosing.Steps doseSteps() {
        return doses.steps();
    }
}
