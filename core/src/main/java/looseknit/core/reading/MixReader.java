package looseknit.core.reading;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Packing;
import looseknit.core.material.Component;
import looseknit.core.material.Material;
import looseknit.core.need.UsualMakeUp;
import looseknit.core.pot.PotTable;
import org.jspecify.annotations.Nullable;

/**
 * Prepares the state of one mix after another for the gauges, without allocating: bench, search and chance all read through it. For one
 * thread.
 */
public final class MixReader implements Contents {

    private static final Packing.Form[] FORMS = Packing.Form.values();

    private final MixTables tables;
    private final MixState state;
    private final double[] loose;
    private final double[] aged;
    private final int[] active;
    private final boolean[] seen;
    private final Ingredients[] ingredients = new Ingredients[FORMS.length];
    private final PotTable[][] pots = new PotTable[FORMS.length][];
    private final PotTable.Scratch[][] scratch = new PotTable.Scratch[FORMS.length][];
    private final PotTable.Scratch[][] later = new PotTable.Scratch[FORMS.length][];
    private final double @Nullable [][] off;
    private final double decayTempo;
    private double tempo = 1;
    private int count;
    private int form;
    private int column;
    private double settled = 1;
    private final Map<UsualMakeUp.Way, UsualMakeUp.Caps[]> caps = new IdentityHashMap<>();

    /**
     * @param tables the materials
     * @param situation plant, pot, place and hand
     * @param drying days to dry; the exact ones of the situation, or a table of them
     * @param corrections how far each material is off the tables, by trait; nothing if nothing was tested or somebody else corrects
     */
    public MixReader(
            final MixTables tables,
            final Situation situation,
            final Optional<? extends DryingDays> drying,
            final Optional<Map<LotTrait, double[]>> corrections) {
        this.tables = tables;
        this.state = new MixState(situation, drying.orElse(null), this);
        final int n = tables.materials().size();
        this.loose = new double[n];
        this.aged = new double[n];
        this.active = new int[n];
        this.seen = new boolean[n];
        this.decayTempo = Ageing.tempo(situation.temperatureC());
        this.off = corrections.map(MixReader::byTrait).orElse(null);
        for (final Packing.Form each : FORMS) {
            room(each);
        }
    }

    private static double[][] byTrait(final Map<LotTrait, double[]> corrections) {
        final EnumMap<LotTrait, double[]> ordered = new EnumMap<>(corrections);
        return ordered.values().toArray(double[][]::new);
    }

    private void room(final Packing.Form each) {
        if (tables.has(each)) {
            final List<PotTable> list = tables.tables(each);
            ingredients[each.ordinal()] = tables.ingredients(each);
            pots[each.ordinal()] = list.toArray(PotTable[]::new);
            scratch[each.ordinal()] = list.stream().map(PotTable.Scratch::new).toArray(PotTable.Scratch[]::new);
            later[each.ordinal()] = list.stream().map(PotTable.Scratch::new).toArray(PotTable.Scratch[]::new);
        }
    }

    /** What the gauges read. */
    public MixState state() {
        return state;
    }

    /** Forgets which materials are in the mixes. */
    public void clear() {
        Arrays.fill(seen, false);
        count = 0;
    }

    /** Adds a material to the mixes that are read next. */
    public void use(final int place) {
        if (!seen[place]) {
            seen[place] = true;
            active[count++] = place;
        }
    }

    /** Chooses the form of packing for the materials that are in use. */
    public void chooseForm() {
        double finest = Double.POSITIVE_INFINITY;
        double coarsest = 0;
        for (int a = 0; a < count; a++) {
            finest = Math.min(finest, tables.grainMm(active[a]));
            coarsest = Math.max(coarsest, tables.grainMm(active[a]));
        }
        packBy(Ingredients.widelyGraded(finest, coarsest) ? Packing.Form.CLASSES : Packing.Form.PAIRS);
    }

    /** Takes a form of packing. */
    void packBy(final Packing.Form chosen) {
        form = chosen.ordinal();
    }

    /** By which form the mixes are packed. */
    public Packing.Form form() {
        return FORMS[form];
    }

    /** Number of materials in the mixes. */
    @Override
    public int count() {
        return count;
    }

    /** Place of one of the materials in the mixes. */
    public int place(final int a) {
        return active[a];
    }

    /** Empties all that is poured. */
    public void empty() {
        for (int a = 0; a < count; a++) {
            loose[active[a]] = 0;
        }
    }

    /** Pours more of a material [any unit, the same for all]. */
    public void pour(final int place, final double volume) {
        loose[place] += volume;
    }

    /** Works out what weighs on what. */
    public void press() {
        column = pots[form].length == 1 ? 0 : columnOf();
        ingredients[form].press(loose, active, count, packed());
    }

    private int columnOf() {
        double all = 0;
        double logs = 0;
        for (int a = 0; a < count; a++) {
            final double bulk = loose[active[a]] * ingredients[form].settled(active[a]);
            all += bulk;
            logs += bulk * tables.logGrain(active[a]);
        }
        return tables.breaksPull(Math.exp(logs / all)) ? 1 : 0;
    }

    /** Works out volume, pores, weight and plain chemistry of what was pressed, and what tests say of it. */
    public void read() {
        final PotTable.Scratch read = figures();
        ingredients[form].settle(active, count, read.packed());
        pots[form][column].readPacked(active, count, read);
        state.totalPorosity = read.totalPorosity();
        state.capacity = read.containerCapacity();
        state.tabulatedDensityGPerL = read.bulkDensityGPerL();
        state.waterAt50 = read.waterAt50();
        state.waterAt100 = read.waterAt100();
        state.tabulatedEasyWater = read.easilyAvailableWater();
        state.plainPh = read.plainPh();
        state.bufferMeqPerLPerPh = read.bufferMeqPerLPerPh();
        state.materialNMgPerL = sum(tables.nitrogen());
        state.materialEcDsPerM = sum(tables.salts());
        if (off != null) {
            correct(off);
        }
    }

    private void correct(final double[][] lots) {
        state.airOff = sum(lots[LotTrait.AIR.ordinal()]);
        state.porosityOff = sum(lots[LotTrait.POROSITY.ordinal()]);
        state.saltsOff = sum(lots[LotTrait.SALTS.ordinal()]);
        double heavier = 0;
        double ph = 0;
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            final double litres = packed().litresPerLitre(i);
            heavier += litres * tables.densityGPerL(i) * lots[LotTrait.DENSITY.ordinal()][i];
            ph += litres * tables.buffer(i) * lots[LotTrait.PH.ordinal()][i];
        }
        state.densityOff = heavier / state.tabulatedDensityGPerL;
        state.phOff = ph / state.bufferMeqPerLPerPh;
    }

    private double sum(final double[] property) {
        final Ingredients.Scratch packed = packed();
        double sum = 0;
        for (int a = 0; a < count; a++) {
            sum += packed.litresPerLitre(active[a]) * property[active[a]];
        }
        return sum;
    }

    /** Poured litres of all. */
    public double poured() {
        double poured = 0;
        for (int a = 0; a < count; a++) {
            poured += loose[active[a]];
        }
        return poured;
    }

    /** Bulk litres by litre of mix, shrinkage and yield of the mix that was pressed last. */
    public Ingredients.Scratch packed() {
        return figures().packed();
    }

    /** The figures of the mix that was read last. */
    public PotTable.Scratch figures() {
        return scratch[form][column];
    }

    /** The table of the column in which the mix stands that was read last. */
    PotTable table() {
        return pots[form][column];
    }

    /** How many times as fast as expected everything decays. */
    void decays(final double times) {
        this.tempo = times;
    }

    @Override
    public double airAfter(final double years) {
        final int humus = tables.humus();
        final double atTwenty = years * decayTempo * tempo;
        final double freshVolume = poured() * packed().yield();
        aged[humus] = 0;
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            final Ageing.Decay decay = tables.decay(i);
            aged[i] = loose[i] * decay.left(atTwenty);
            aged[humus] += loose[i] * decay.humus(atTwenty);
        }
        active[count] = humus;
        final PotTable.Scratch then = later[form][column];
        final double air = pots[form][column].airSunk(aged, active, count + 1, freshVolume, then);
        settled = then.settledTo();
        return air;
    }

    @Override
    public double settledTo() {
        return settled;
    }

    @Override
    public double share(final Component component) {
        return shareOf(tables.of(component));
    }

    private double shareOf(final double[] much) {
        double some = 0;
        double all = 0;
        for (int a = 0; a < count; a++) {
            some += loose[active[a]] * much[active[a]];
            all += loose[active[a]];
        }
        return some / all;
    }

    @Override
    public Material material(final int a) {
        return tables.materials().get(active[a]);
    }

    @Override
    public UsualMakeUp.Caps caps(final UsualMakeUp.Way way, final int a) {
        UsualMakeUp.Caps[] ofWay = caps.get(way);
        if (ofWay == null) {
            ofWay = tables.materials().stream()
                    .map(material -> UsualMakeUp.Caps.of(way, material))
                    .toArray(UsualMakeUp.Caps[]::new);
            caps.put(way, ofWay);
        }
        return ofWay[active[a]];
    }

    @Override
    public double shareOf(final int a) {
        return loose[active[a]] / poured();
    }

    @Override
    public double cecMeqPerL() {
        return sum(tables.exchange());
    }

    @Override
    public double shedsOnceDry() {
        return shareOf(tables.sheds());
    }

    /** Share of the volume that is finer than one of the sizes by which grain is told. */
    private double finer(final int size) {
        double finer = 0;
        double all = 0;
        for (int a = 0; a < count; a++) {
            finer += loose[active[a]] * tables.finer(active[a], size);
            all += loose[active[a]];
        }
        return finer / all;
    }

    @Override
    public double grainMm(final double finer) {
        final double[] sizes = MixTables.GRAINS_MM;
        double before = finer(0);
        for (int i = 1; i < sizes.length; i++) {
            final double now = finer(i);
            if (now >= finer) {
                final double way = Math.max(0, (finer - before) / Math.max(1e-12, now - before));
                return sizes[i - 1] * Math.pow(sizes[i] / sizes[i - 1], way);
            }
            before = now;
        }
        return sizes[sizes.length - 1];
    }
}
