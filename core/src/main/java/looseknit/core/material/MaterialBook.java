package looseknit.core.material;

import java.io.Reader;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.message.TableText;

/** The materials and amendments that the application knows, by id, in the order of their tables. */
public final class MaterialBook {

    private static final MaterialBook SHIPPED = new MaterialBook(
            Stream.concat(
                            CsvTable.resource(MaterialBook.class, "materials.csv", MaterialBook::material).stream(),
                            CsvTable.resource(MaterialBook.class, "soils.csv", MaterialBook::soil).stream())
                    .toList(),
            CsvTable.resource(MaterialBook.class, "amendments.csv", MaterialBook::amendment));

    private static final Material HUMUS = SHIPPED.material("humus").orElseThrow();

    private final Map<String, Material> materials;
    private final Map<String, Amendment> amendments;

    /**
     * @throws IllegalArgumentException if two entries share an id
     */
    public MaterialBook(final Collection<Material> materials, final Collection<Amendment> amendments) {
        this.materials = byId(materials, Material::id);
        this.amendments = byId(amendments, Amendment::id);
    }

    /** What organic matter turns into: a material of the model that nobody scoops. */
    public static Material humus() {
        return HUMUS;
    }

    /** The tables that ship with the application. */
    public static MaterialBook shipped() {
        return SHIPPED;
    }

    /**
     * These tables with further materials, which take the place of those with the same id.
     *
     * @param own the person's own materials and lots
     */
    public MaterialBook with(final Collection<Material> own) {
        final Map<String, Material> all = new LinkedHashMap<>(materials);
        own.forEach(material -> all.put(material.id(), material));
        return new MaterialBook(all.values(), amendments.values());
    }

    /** Reads materials from a table with the header of the shipped one. */
    public static List<Material> readMaterials(final String tableName, final Reader text) {
        return CsvTable.read(tableName, text, MaterialBook::material);
    }

    /** Every material, also those that only arise in the pot. */
    public List<Material> materials() {
        return List.copyOf(materials.values());
    }

    public List<Amendment> amendments() {
        return List.copyOf(amendments.values());
    }

    public Optional<Material> material(final String id) {
        return Optional.ofNullable(materials.get(id));
    }

    public Optional<Amendment> amendment(final String id) {
        return Optional.ofNullable(amendments.get(id));
    }

    private static <T> Map<String, T> byId(final Collection<T> entries, final Function<T, String> id) {
        final Map<String, T> result = new LinkedHashMap<>();
        for (final T entry : entries) {
            if (result.put(id.apply(entry), entry) != null) {
                throw new IllegalArgumentException("two entries with id '%s'".formatted(id.apply(entry)));
            }
        }
        return result;
    }

    private static Material material(final Row row) {
        return new Material(
                row.filled("id"),
                row.filled("name"),
                row.someOf("roles", Role.class),
                row.oneOf("form", Form.class),
                row.number("pack_l", 0.01, 10_000),
                row.someOf("hazard", Hazard.class),
                row.someOf("natures", Nature.class),
                row.oneOf("class", MaterialClass.class),
                grainSize(row),
                new Material.Physics(
                        row.number("bulk_density_g_per_l", 5, 3000),
                        row.number("total_porosity", 0.05, 0.99),
                        row.number("packing_fraction", 0.2, 0.9),
                        row.number("virtual_packing", 0.2, 0.95),
                        row.number("fill_efficiency", 0.1, 1),
                        row.number("settling", 0, 0.5),
                        row.number("squeeze", 0, 0.5)),
                new Material.Chemistry(
                        row.number("ph", 2, 12),
                        row.number("buffer_meq_per_l_ph", 0.01, 500),
                        row.number("cec_meq_per_l", 0, 5000),
                        row.number("ec_ds_per_m", 0, 50),
                        Nutrients.npk(
                                row.number("n_mg_per_l", 0, 1e6),
                                row.number("p_mg_per_l", 0, 1e6),
                                row.number("k_mg_per_l", 0, 1e6))),
                doubt(row),
                row.number("half_life_y", 0.01, Double.POSITIVE_INFINITY),
                WaterCurve.of(retention(row)),
                new Advice(
                        TableText.said(row.filled("does")),
                        TableText.said(row.text("grade_advice")),
                        TableText.said(row.text("prepare")),
                        TableText.said(row.text("not_for")),
                        row.list("stand_ins")),
                Optional.empty(),
                TableText.said(row.filled("source")));
    }

    /** What nobody knows the make-up of may be anything of its kind. */
    private static Doubt doubt(final Row row) {
        final Doubt usual = Doubt.of(row.oneOf("class", MaterialClass.class));
        return row.someOf("natures", Nature.class).contains(Nature.UNKNOWN)
                ? usual.times(MakeUp.Certainty.UNKNOWN.widening())
                : usual;
    }

    private static Material soil(final Row row) {
        return GardenSoil.of(
                row.filled("id"),
                row.filled("name"),
                new SoilTexture(
                        row.number("sand_percent", 0, 100) / 100,
                        row.number("silt_percent", 0, 100) / 100,
                        row.number("clay_percent", 0, 100) / 100),
                row.number("organic_percent", 0, 8) / 100,
                row.number("ph", 3, 9),
                new Advice(
                        TableText.said(row.filled("does")),
                        TableText.said(row.filled("grade_advice")),
                        MaterialSentence.SOIL_PREPARE.with(),
                        MaterialSentence.SOIL_NOT_FOR.with(),
                        List.of("loam", "loam_turf")),
                TableText.said(row.filled("source")));
    }

    private static GrainSize grainSize(final Row row) {
        final double d10 = row.number("d10_mm", 1e-4, 200);
        final double d50 = row.number("d50_mm", Math.nextUp(d10), 200);
        return new GrainSize(d10, d50, row.number("d90_mm", Math.nextUp(d50), 200));
    }

    private static Retention retention(final Row row) {
        final double saturated = row.number("theta_s", 0, row.number("total_porosity", 0.05, 0.99));
        final double alpha = row.number("alpha1_per_cm", 1e-6, 100);
        final double n = row.number("n1", 1.001, 20);
        if (row.text("theta_b").isEmpty()) {
            return new Retention.Unimodal(saturated, row.number("theta_r", 0, saturated), alpha, n);
        }
        final double inside = row.number("theta_b", 0, saturated);
        return new Retention.Bimodal(
                saturated,
                inside,
                row.number("theta_r", 0, inside),
                alpha,
                n,
                row.number("alpha2_per_cm", 1e-6, 100),
                row.number("n2", 1.001, 20));
    }

    private static Amendment amendment(final Row row) {
        return new Amendment(
                row.filled("id"),
                row.filled("name"),
                row.oneOf("kind", Amendment.Kind.class),
                row.oneOf("reaction", Amendment.Reaction.class),
                row.number("neutralising", -5, 3),
                row.number("fineness", 0, 1),
                row.number("half_time_weeks", 0.01, 200),
                new Amendment.Contents(
                        row.number("n_percent", 0, 50),
                        row.number("p2o5_percent", 0, 60),
                        row.number("k2o_percent", 0, 62),
                        row.number("ca_percent", 0, 72),
                        row.number("mg_percent", 0, 61),
                        row.number("s_percent", 0, 100)),
                row.number("longevity_weeks", 0, 200),
                row.number("usual_low_g_per_l", 0, 100),
                row.number("usual_high_g_per_l", 0, 100),
                row.number("loose_g_per_ml", 0.1, 3),
                row.someOf("hazard", Hazard.class),
                new Advice(
                        TableText.said(row.filled("does")),
                        TableText.said(""),
                        TableText.said(row.text("prepare")),
                        TableText.said(row.text("not_for")),
                        row.list("stand_ins")),
                TableText.said(row.filled("source")));
    }
}
