package looseknit.core.need;

import java.io.Reader;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.name.NameIndex;
import org.jspecify.annotations.Nullable;

/**
 * The plants that the application knows, by id, in the order of their table; after them an entry for every genus of several plants, and one for
 * every kind and group, for those who know no more than that.
 */
public final class PlantBook {

    private static final PlantTables TABLES = new PlantTables();
    private static final PlantBook SHIPPED = new PlantBook();

    private final Map<String, Plant> plants = new LinkedHashMap<>();

    /** Made when somebody first looks for a name. */
    private volatile @Nullable NameIndex<Plant> names;

    private PlantBook() {
        final List<Plant> named = TABLES.shipped();
        Stream.of(named, UnknownPlants.ofGenera(named), UnknownPlants.ofKinds(TABLES.kinds()))
                .flatMap(List::stream)
                .forEach(plant -> plants.put(plant.id(), plant));
    }

    private PlantBook(final PlantBook other, final Collection<Plant> own) {
        plants.putAll(other.plants);
        own.forEach(plant -> plants.put(plant.id(), plant));
    }

    private NameIndex<Plant> names() {
        final NameIndex<Plant> made = names;
        if (made != null) {
            return made;
        }
        final NameIndex<Plant> anew = new NameIndex<>(
                plants.values(), plant -> new NameIndex.Names(plant.name(), plant.botanical(), plant.otherNames()));
        names = anew;
        return anew;
    }

    /** The tables that ship with the application. */
    public static PlantBook shipped() {
        return SHIPPED;
    }

    public List<PlantGroup> groups() {
        return TABLES.groups();
    }

    /** The family of a botanical name; nothing if the Book does not have its genus. */
    public Optional<PlantFamily> family(final String botanical) {
        return TABLES.family(botanical);
    }

    /** All kinds of plants; a group is a kind of its own. */
    public List<PlantKind> kinds() {
        return TABLES.kinds();
    }

    public List<Plant> plants() {
        return List.copyOf(plants.values());
    }

    public Optional<Plant> plant(final String id) {
        return Optional.ofNullable(plants.get(id));
    }

    /** The plants that a typed name fits, best first. */
    public NameIndex.Found<Plant> named(final String typed, final int most) {
        return names().search(typed, most);
    }

    /** The entry that stands for any plant of a kind. */
    public Plant anyOf(final PlantKind kind) {
        return plant(UnknownPlants.id(kind)).orElseThrow();
    }

    /** These plants with further ones, which take the place of those with the same id. */
    public PlantBook with(final Collection<Plant> own) {
        return new PlantBook(this, own);
    }

    /** Reads plants from a table with the header of the shipped one. */
    public List<Plant> read(final String tableName, final Reader text) {
        return TABLES.read(tableName, text);
    }
}
