package looseknit.core.need;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.dry.Trigger;
import looseknit.core.measure.Band;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

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

    /** The plants whose names come closest to what was typed, best first. */
    public List<Plant> closest(final String typed, final int howMany) {
        final JaroWinklerSimilarity similarity = new JaroWinklerSimilarity();
        final String wanted = typed.toLowerCase(Locale.ROOT).replace('_', ' ');
        return plants.values().stream()
                .sorted(Comparator.comparingDouble((Plant plant) -> -names(plant)
                        .mapToDouble(name -> similarity.apply(wanted, name.toLowerCase(Locale.ROOT)))
                        .max()
                        .orElse(0)))
                .limit(howMany)
                .toList();
    }

    private static Stream<String> names(final Plant plant) {
        return Stream.concat(Stream.of(plant.name(), plant.botanical()), plant.otherNames().stream());
    }

    private static PlantBook load() {
        final PlantBook book = new PlantBook();
        CsvTable.resource(PlantBook.class, "groups.csv", PlantBook::group)
                .forEach(group -> book.groups.put(group.id(), group));
        CsvTable.resource(PlantBook.class, "plants.csv", row -> book.plant(row))
                .forEach(plant -> book.plants.put(plant.id(), plant));
        return book;
    }

    private static PlantGroup group(final Row row) {
        final Needs needs = new Needs(
                share(row, "air"),
                share(row, "water"),
                share(row, "easy"),
                new Band(row.number("ph_low", 2, 12), row.number("ph_high", 2, 12)),
                new Band(row.number("n_low", 0, 2000), row.number("n_high", 0, 2000)),
                row.number("ec_max", 0, 20),
                row.oneOf("trigger", Trigger.class),
                row.number("life_y", 0.1, 50),
                row.number("leaf_layers", 0.1, 12),
                row.number("thrift", 0.05, 2));
        return new PlantGroup(
                row.filled("id"),
                row.filled("name"),
                needs,
                row.filled("roots"),
                row.filled("acidity"),
                row.filled("food"),
                row.filled("life"),
                row.filled("source"));
    }

    private static Band share(final Row row, final String name) {
        return new Band(row.number(name + "_low", 0, 1), row.number(name + "_high", 0, 1));
    }

    private Plant plant(final Row row) {
        final PlantGroup group = Optional.ofNullable(groups.get(row.filled("group")))
                .orElseThrow(() -> row.bad("group", row.text("group"), "one of " + groups.keySet()));
        final Needs inherited = group.needs();
        final Needs needs = new Needs(
                new Band(
                        row.numberOr("air_low", 0, 1, inherited.air().low()),
                        row.numberOr("air_high", 0, 1, inherited.air().high())),
                inherited.water(),
                inherited.easyWater(),
                new Band(
                        row.numberOr("ph_low", 2, 12, inherited.ph().low()),
                        row.numberOr("ph_high", 2, 12, inherited.ph().high())),
                new Band(
                        row.numberOr("n_low", 0, 2000, inherited.nitrogen().low()),
                        row.numberOr("n_high", 0, 2000, inherited.nitrogen().high())),
                inherited.mostEcDsPerM(),
                row.text("trigger").isEmpty() ? inherited.trigger() : row.oneOf("trigger", Trigger.class),
                inherited.lifeYears(),
                row.numberOr("leaf_layers", 0.1, 12, inherited.leafLayers()),
                row.numberOr("thrift", 0.05, 2, inherited.thrift()));
        return new Plant(
                row.filled("id"),
                row.filled("name"),
                row.filled("botanical"),
                row.list("other_names"),
                group,
                needs,
                row.text("poison"),
                row.filled("note"),
                row.filled("source"));
    }
}
