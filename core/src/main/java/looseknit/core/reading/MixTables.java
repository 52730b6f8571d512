package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Packing;
import looseknit.core.material.Component;
import looseknit.core.material.Grains;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.SizeClasses;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotTable;

/**
 * Plain materials, with the humus into which they turn, tabulated for a pot: whatever does not depend on how much of each is in a mix. Any
 * mix of them is then read in less than a microsecond. Immutable; a {@link MixReader} belongs to one thread.
 */
public final class MixTables {

    /** A grain so coarse, and one so fine, that a drainage layer below it does not break its pull, and does [mm]. */
    private static final double COARSEST_MM = 1e6;

    private static final double FINEST_MM = 1e-6;

    /** To roots a strand is as coarse as it is thick: a tenth of its length; by judgement. */
    private static final double THICKNESS_OF_STRANDS = 0.1;

    /** Sizes by which the grain of a mix is told: half powers of two [mm]. */
    static final double[] GRAINS_MM = IntStream.rangeClosed(-12, 14)
            .mapToDouble(i -> Math.pow(2, i / 2.0))
            .toArray();

    private final List<Material> materials;
    private final Optional<Pot> pot;
    private final Map<Packing.Form, Ingredients> ingredients = new EnumMap<>(Packing.Form.class);
    private final Map<Packing.Form, List<PotTable>> tables = new EnumMap<>(Packing.Form.class);
    private final double[] grainMm;
    private final double[] logGrain;
    private final double[] nitrogen;
    private final double[] salts;
    private final double[] density;
    private final double[] buffer;
    private final double[] exchange;
    private final double[] sheds;
    private final Ageing.Decay[] decay;
    private final double[][] components;
    /** Share of each material that is finer than each of the sizes. */
    private final double[][] finer;

    /**
     * @param plain plain materials, without humus
     * @param forms by which forms of packing mixes of them are read
     * @param pot the pot; a test column stands for it if there is none
     */
    public MixTables(final List<Material> plain, final List<Packing.Form> forms, final Optional<Pot> pot) {
        final List<Material> all = new ArrayList<>(plain);
        all.add(MaterialBook.humus());
        this.materials = List.copyOf(all);
        this.pot = pot;
        final List<Column> columns = columns(pot);
        for (final Packing.Form form : forms) {
            final Ingredients packed = new Ingredients(materials, form);
            ingredients.put(form, packed);
            tables.put(
                    form,
                    columns.stream()
                            .map(column -> new PotTable(packed, column, Column.Rule.FINE))
                            .toList());
        }
        this.grainMm = each(material -> material.grainSize().d50Mm());
        this.logGrain = each(material -> Math.log(material.grainSize().d50Mm()));
        this.nitrogen = each(material -> material.chemistry().nutrients().nMgPerL());
        this.salts = each(material -> material.chemistry().ecDsPerM());
        this.density = each(material -> material.physics().bulkDensityGPerL());
        this.buffer = each(material -> material.chemistry().bufferMeqPerLPerPh());
        this.exchange = each(material -> material.chemistry().cecMeqPerL());
        this.sheds = each(Component::shedsOnceDry);
        this.decay = materials.stream().map(Ageing.Decay::of).toArray(Ageing.Decay[]::new);
        this.components = Arrays.stream(Component.values())
                .map(component -> each(component::of))
                .toArray(double[][]::new);
        this.finer = materials.stream().map(MixTables::finer).toArray(double[][]::new);
    }

    private static double[] finer(final Material material) {
        final double thick = Grains.shape(material) == Grains.Shape.STRAND ? THICKNESS_OF_STRANDS : 1;
        return Arrays.stream(GRAINS_MM)
                .map(size -> SizeClasses.passing(material.grainSize(), size / thick))
                .toArray();
    }

    private MixTables(final MixTables other, final Optional<Pot> pot) {
        this.materials = other.materials;
        this.pot = pot;
        this.ingredients.putAll(other.ingredients);
        this.tables.putAll(other.tables);
        this.grainMm = other.grainMm;
        this.logGrain = other.logGrain;
        this.nitrogen = other.nitrogen;
        this.salts = other.salts;
        this.density = other.density;
        this.buffer = other.buffer;
        this.exchange = other.exchange;
        this.sheds = other.sheds;
        this.decay = other.decay;
        this.components = other.components;
        this.finer = other.finer;
    }

    /** The columns in which the mix may stand: with a drainage layer it depends on the grain of the mix. */
    private static List<Column> columns(final Optional<Pot> pot) {
        return pot.map(each -> each.layer().isEmpty()
                        ? List.of(Column.in(each, 1))
                        : List.of(Column.in(each, COARSEST_MM), Column.in(each, FINEST_MM)))
                .orElse(List.of(Column.free(Situation.TEST_COLUMN_CM, 1)));
    }

    /** The same materials in another pot; what was tabulated is kept if the mix stands in it as in this one. */
    MixTables in(final Optional<Pot> other) {
        return columns(other).equals(columns(pot))
                ? new MixTables(this, other)
                : new MixTables(plain(), List.copyOf(tables.keySet()), other);
    }

    /** All materials; the last is humus. */
    public List<Material> materials() {
        return materials;
    }

    private List<Material> plain() {
        return materials.subList(0, materials.size() - 1);
    }

    /** Place of the humus. */
    int humus() {
        return materials.size() - 1;
    }

    /** Whether mixes can be read by a form of packing. */
    boolean has(final Packing.Form form) {
        return tables.containsKey(form);
    }

    /** How the materials pack by a form. */
    public Ingredients ingredients(final Packing.Form form) {
        return Objects.requireNonNull(ingredients.get(form), form.name());
    }

    /** The tables of a form, one for each column in which the mix may stand. */
    public List<PotTable> tables(final Packing.Form form) {
        return Objects.requireNonNull(tables.get(form), form.name());
    }

    /** Median grain of a material [mm]. */
    double grainMm(final int place) {
        return grainMm[place];
    }

    double logGrain(final int place) {
        return logGrain[place];
    }

    double[] nitrogen() {
        return nitrogen;
    }

    double[] salts() {
        return salts;
    }

    double densityGPerL(final int place) {
        return density[place];
    }

    double buffer(final int place) {
        return buffer[place];
    }

    double[] exchange() {
        return exchange;
    }

    double[] sheds() {
        return sheds;
    }

    Ageing.Decay decay(final int place) {
        return decay[place];
    }

    /** How much of each material is of a component. */
    double[] of(final Component component) {
        return components[component.ordinal()];
    }

    /** Share of a material that is finer than one of {@link #GRAINS_MM}. */
    double finer(final int place, final int size) {
        return finer[place][size];
    }

    /** Whether a mix of this median grain stands on a break of the pull [mm]. */
    boolean breaksPull(final double medianGrainMm) {
        return Column.breaksPull(pot.orElseThrow(), medianGrainMm);
    }

    private double[] each(final ToDoubleFunction<Material> property) {
        return materials.stream().mapToDouble(property).toArray();
    }

    /**
     * How far tests have shown each material to be off, by trait; nothing if nothing was tested.
     *
     * @param beliefs what tests have shown
     */
    public Optional<Map<LotTrait, double[]>> corrections(final Beliefs beliefs) {
        if (beliefs.findings() == 0) {
            return Optional.empty();
        }
        final Map<LotTrait, double[]> off = new EnumMap<>(LotTrait.class);
        for (final LotTrait trait : LotTrait.values()) {
            off.put(
                    trait,
                    each(material -> beliefs.materialCorrection(trait, material).value()));
        }
        return Optional.of(off);
    }
}
