package looseknit.core.need;

import java.io.Reader;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.message.TableText;

/** The plants that the application knows, by id, in the order of their table. */
public final class PlantBook {

    private static final PlantBook SHIPPED = load();

    private final Map<String, PlantGroup> groups = new LinkedHashMap<>();
    private final Map<String, Plant> plants = new LinkedHashMap<>();

    private PlantBook() {}

    /** The tables that ship with the application. */
    public static PlantBook shipped() {
        return SHIPPED;
    }

    public List<PlantGroup> groups() {
        return List.copyOf(groups.values());
    }

    public List<Plant> plants() {
        return List.copyOf(plants.values());
    }

    public Optional<Plant> plant(final String id) {
        return Optional.ofNullable(plants.get(id));
    }

    /** These plants with further ones, which take the place of those with the same id. */
    public PlantBook with(final Collection<Plant> own) {
        final PlantBook book = new PlantBook();
        book.groups.putAll(groups);
        book.plants.putAll(plants);
        own.forEach(plant -> book.plants.put(plant.id(), plant));
        return book;
    }

    public Optional<PlantGroup> group(final String id) {
        return Optional.ofNullable(groups.get(id));
    }

    /** Reads plants from a table with the header of the shipped one; groups are those of this book. */
    public List<Plant> read(final String tableName, final Reader text) {
        return CsvTable.read(tableName, text, this::plant);
    }

    /** The plants whose names come closest to what was typed, best first; typing errors are forgiven. */
    public List<Plant> closest(final String typed, final int howMany) {
        return NameSearch.closest(
                typed,
                List.copyOf(plants.values()),
                plant -> Stream.concat(Stream.of(plant.name(), plant.botanical()), plant.otherNames().stream())
                        .toList(),
                howMany);
    }

    private static PlantBook load() {
        final PlantBook book = new PlantBook();
        CsvTable.resource(PlantBook.class, "groups.csv", PlantBook::group)
                .forEach(group -> book.groups.put(group.id(), group));
        CsvTable.resource(PlantBook.class, "plants.csv", book::plant)
                .forEach(plant -> book.plants.put(plant.id(), plant));
        return book;
    }

    private static PlantGroup group(final Row row) {
        final Needs needs = new Needs(
                share(row, "air"),
                share(row, "bearable_air"),
                share(row, "water"),
                share(row, "easy"),
                new Band(row.number("ph_low", 2, 12), row.number("ph_high", 2, 12)),
                new Band(row.number("n_low", 0, 2000), row.number("n_high", 0, 2000)),
                row.number("ec_max", 0, 20),
                row.oneOf("trigger", AllowableDepletion.class),
                row.number("life_y", 0.1, 50),
                row.number("spread", 0.3, 6),
                row.number("crop_coefficient", 0.05, 2));
        final Growing growing = new Growing(
                row.oneOf("light_low", Light.class),
                row.oneOf("light_high", Light.class),
                row.number("temp_low_c", -30, 30),
                row.number("temp_high_c", -30, 50),
                row.oneOf("minerals", Growing.Minerals.class),
                row.oneOf("texture", Growing.Texture.class),
                row.number("root_depth_cm", 2, 80),
                new TableText(row.filled("planting")),
                row.oneOf("rest", Growing.Rest.class),
                row.number("repot_years", 0.5, 30),
                row.oneOf("repotting", Growing.Repotting.class),
                row.number("kg_per_pot_l", 0, 3),
                row.number("height_over_width", 0.1, 12));
        return new PlantGroup(
                row.filled("id"),
                row.filled("name"),
                needs,
                growing,
                new TableText(row.text("poison")),
                new TableText(row.text("trade")),
                new TableText(row.filled("roots")),
                new TableText(row.filled("acidity")),
                new TableText(row.filled("food")),
                new TableText(row.filled("life")),
                row.filled("source"));
    }

    private static Band share(final Row row, final String name) {
        return new Band(row.number(name + "_low", 0, 1), row.number(name + "_high", 0, 1));
    }

    private Plant plant(final Row row) {
        final PlantGroup group = Optional.ofNullable(groups.get(row.filled("group")))
                .orElseThrow(() -> row.bad("group", row.text("group"), "one of " + groups.keySet()));
        return new Plant(
                row.filled("id"),
                row.filled("name"),
                row.filled("botanical"),
                row.list("other_names"),
                group,
                needs(row, group.needs()),
                growing(row, group.growing()),
                usual(row, group),
                inherited(row, "poison", group.poison()),
                inherited(row, "trade", group.trade()),
                new TableText(row.text("note")),
                row.filled("source"));
    }

    private static UsualMakeUp usual(final Row row, final PlantGroup group) {
        final String own = row.textIfAny("make_up");
        if (!own.isEmpty() && !MakeUpBook.groups().contains(own)) {
            throw row.bad("make_up", own, "one of " + MakeUpBook.groups());
        }
        return new UsualMakeUp(group.name(), MakeUpBook.of(own.isEmpty() ? group.id() : own));
    }

    /** A cell, the group's text where it is empty, and nothing where it says "none". */
    private static TableText inherited(final Row row, final String column, final TableText groups) {
        final String text = row.text(column);
        return text.isEmpty() ? groups : text.equals("none") ? TableText.NONE : new TableText(text);
    }

    private static Needs needs(final Row row, final Needs inherited) {
        return new Needs(
                band(row, "air", inherited.air(), 1),
                inherited.bearableAir(),
                inherited.water(),
                inherited.easyWater(),
                band(row, "ph", inherited.ph(), 12),
                band(row, "n", inherited.nitrogen(), 2000),
                inherited.mostEcDsPerM(),
                row.oneOfOr("trigger", AllowableDepletion.class, inherited.trigger()),
                inherited.lifeYears(),
                row.numberOr("spread", 0.3, 6, inherited.spread()),
                row.numberOr("crop_coefficient", 0.05, 2, inherited.cropCoefficient()));
    }

    private static Band band(final Row row, final String name, final Band inherited, final double most) {
        final double low = row.numberOr(name + "_low", 0, most, inherited.low());
        final double high = row.numberOr(name + "_high", 0, most, Math.max(low, inherited.high()));
        if (low > high) {
            throw row.bad(name + "_high", row.text(name + "_high"), "a number from %s to %s".formatted(low, most));
        }
        return new Band(low, high);
    }

    private static Growing growing(final Row row, final Growing inherited) {
        final Light low = row.oneOfOr("light_low", Light.class, inherited.lightLow());
        final Light high = row.oneOfOr("light_high", Light.class, inherited.lightHigh());
        return new Growing(
                low,
                high.compareTo(low) < 0 ? low : high,
                row.numberOr("temp_low_c", -30, 30, inherited.tempLowC()),
                row.numberOr("temp_high_c", -30, 50, inherited.tempHighC()),
                row.oneOfOr("minerals", Growing.Minerals.class, inherited.minerals()),
                inherited.texture(),
                row.numberOr("root_depth_cm", 2, 80, inherited.rootDepthCm()),
                row.text("planting").isEmpty() ? inherited.planting() : new TableText(row.text("planting")),
                row.oneOfOr("rest", Growing.Rest.class, inherited.rest()),
                row.numberOr("repot_years", 0.5, 30, inherited.repotYears()),
                row.oneOfOr("repotting", Growing.Repotting.class, inherited.repotting()),
                row.numberOr("kg_per_pot_l", 0, 3, inherited.kgPerPotLitre()),
                row.numberOr("height_over_width", 0.1, 12, inherited.heightOverWidth()));
    }
}
