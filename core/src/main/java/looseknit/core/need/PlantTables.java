package looseknit.core.need;

import java.io.Reader;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.message.TableText;

/** The tables of plants: groups, kinds that differ from their group, families, and the plants themselves; an empty cell is inherited. */
final class PlantTables {

    private final Map<String, PlantGroup> groups = new LinkedHashMap<>();
    private final Map<String, PlantKind> kinds = new LinkedHashMap<>();
    private final Map<String, PlantFamily> families = new HashMap<>();

    PlantTables() {
        CsvTable.resource(PlantTables.class, "groups.csv", PlantTables::group).forEach(group -> {
            groups.put(group.id(), group);
            kinds.put(group.id(), kind(group));
        });
        CsvTable.resource(PlantTables.class, "kinds.csv", this::kind).forEach(kind -> kinds.put(kind.id(), kind));
        CsvTable.resource(PlantTables.class, "families.csv", PlantTables::family)
                .forEach(family -> family.genera().forEach(genus -> families.put(genus, family)));
    }

    List<PlantGroup> groups() {
        return List.copyOf(groups.values());
    }

    List<PlantKind> kinds() {
        return List.copyOf(kinds.values());
    }

    List<Plant> shipped() {
        return CsvTable.resource(PlantTables.class, "plants.csv", this::plant);
    }

    List<Plant> read(final String tableName, final Reader text) {
        return CsvTable.read(tableName, text, this::plant);
    }

    private static PlantKind kind(final PlantGroup group) {
        return new PlantKind(
                group.id(),
                group.name(),
                group.general(),
                group.called(),
                group,
                group.needs(),
                group.growing(),
                new UsualMakeUp(group.name(), MakeUpBook.of(group.id())),
                group.poison(),
                group.trade(),
                group.source());
    }

    private PlantKind kind(final Row row) {
        final PlantKind like = Optional.ofNullable(kinds.get(row.filled("group")))
                .orElseThrow(() -> row.bad("group", row.text("group"), "one of " + groups.keySet()));
        return new PlantKind(
                row.filled("id"),
                row.filled("name"),
                row.filled("general"),
                row.list("called"),
                like.group(),
                needs(row, like.needs()),
                growing(row, like.growing()),
                usual(row, like),
                inherited(row, "poison", like.poison()),
                inherited(row, "trade", like.trade()),
                row.filled("source"));
    }

    private static PlantFamily family(final Row row) {
        return new PlantFamily(
                row.filled("id"),
                row.filled("name"),
                row.list("genera"),
                new TableText(row.text("poison")),
                new TableText(row.text("trade")),
                row.filled("source"));
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
                new TableText(row.filled("thirst")),
                new TableText(row.filled("planting")),
                row.oneOf("rest", Growing.Rest.class),
                row.number("repot_years", 0.5, 30),
                row.oneOf("repotting", Growing.Repotting.class),
                row.number("kg_per_pot_l", 0, 3),
                row.number("height_over_width", 0.1, 12));
        return new PlantGroup(
                row.filled("id"),
                row.filled("name"),
                row.filled("general"),
                row.list("called"),
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
        final PlantKind kind = kindOf(row);
        final String botanical = row.filled("botanical");
        final Optional<PlantFamily> family = family(botanical);
        return new Plant(
                row.filled("id"),
                row.filled("name"),
                botanical,
                row.list("other_names"),
                kind,
                family,
                Plant.Breadth.ONE,
                needs(row, kind.needs()),
                growing(row, kind.growing()),
                usual(row, kind),
                inherited(
                        row,
                        "poison",
                        family.map(PlantFamily::poison)
                                .filter(Predicate.not(TableText::isEmpty))
                                .orElse(kind.poison())),
                inherited(
                        row,
                        "trade",
                        family.map(PlantFamily::trade)
                                .filter(Predicate.not(TableText::isEmpty))
                                .orElse(kind.trade())),
                new TableText(row.text("note")),
                row.filled("source"));
    }

    /** The family of a botanical name; nothing if its genus is in none of the table's. */
    Optional<PlantFamily> family(final String botanical) {
        final String bare = botanical.startsWith("× ") ? botanical.substring(2) : botanical;
        return Optional.ofNullable(families.get(bare.split(" ")[0]));
    }

    /** The kind of a plant; tables of one's own may name a group instead. */
    private PlantKind kindOf(final Row row) {
        final String column = row.textIfAny("kind").isEmpty() ? "group" : "kind";
        return Optional.ofNullable(kinds.get(row.filled(column)))
                .orElseThrow(() -> row.bad(column, row.text(column), "one of " + kinds.keySet()));
    }

    private static UsualMakeUp usual(final Row row, final PlantKind like) {
        final String own = row.textIfAny("make_up");
        if (own.isEmpty()) {
            return like.usual();
        }
        if (!MakeUpBook.groups().contains(own)) {
            throw row.bad("make_up", own, "one of " + MakeUpBook.groups());
        }
        return new UsualMakeUp(like.group().name(), MakeUpBook.of(own));
    }

    /** A cell, the inherited text where it is empty, and nothing where it says "none". */
    private static TableText inherited(final Row row, final String column, final TableText otherwise) {
        final String text = row.textIfAny(column);
        return text.isEmpty() ? otherwise : text.equals("none") ? TableText.NONE : new TableText(text);
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
                row.numberOr("life_y", 0.1, 50, inherited.lifeYears()),
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
                inherited(row, "thirst", inherited.thirst()),
                inherited(row, "planting", inherited.planting()),
                row.oneOfOr("rest", Growing.Rest.class, inherited.rest()),
                row.numberOr("repot_years", 0.5, 30, inherited.repotYears()),
                row.oneOfOr("repotting", Growing.Repotting.class, inherited.repotting()),
                row.numberOr("kg_per_pot_l", 0, 3, inherited.kgPerPotLitre()),
                row.numberOr("height_over_width", 0.1, 12, inherited.heightOverWidth()));
    }
}
