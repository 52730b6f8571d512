package looseknit.core.material;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;

/** What the grains of a material look like, and which other grades of the same stuff there are. By eye, no source. */
public final class Grains {

    /** Outline of a grain. */
    public enum Shape {
        ROUND,
        ANGULAR,
        FLAKE,
        STRAND,
        CRUMB
    }

    private record Look(String id, Optional<String> kind, Shape shape) {}

    private static final Map<String, Look> LOOKS = CsvTable.resource(Grains.class, "grains.csv", Grains::look).stream()
            .collect(Collectors.toMap(Look::id, Function.identity()));

    private Grains() {}

    private static Look look(final Row row) {
        return new Look(
                row.filled("id"),
                Optional.of(row.text("kind")).filter(kind -> !kind.isEmpty()),
                row.oneOf("shape", Shape.class));
    }

    /** The outline of its grains; of a material that no table knows, by the kind of matter. */
    public static Shape shape(final Material material) {
        final Look look = LOOKS.get(material.id());
        if (look != null) {
            return look.shape();
        }
        return switch (material.materialClass()) {
            case O -> Shape.CRUMB;
            case P -> Shape.ANGULAR;
            case D -> Shape.ROUND;
        };
    }

    /** Other grades of the same stuff, the finest first. */
    public static List<Material> otherGrades(final Material material, final MaterialBook book) {
        return Optional.ofNullable(LOOKS.get(material.id()))
                .flatMap(Look::kind)
                .map(kind -> LOOKS.values().stream()
                        .filter(other -> !other.id().equals(material.id())
                                && other.kind().equals(Optional.of(kind)))
                        .flatMap(other -> book.material(other.id()).stream())
                        .sorted(Comparator.comparingDouble(
                                other -> other.grainSize().d50Mm()))
                        .toList())
                .orElse(List.of());
    }
}
