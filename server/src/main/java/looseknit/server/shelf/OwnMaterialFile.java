package looseknit.server.shelf;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Nature;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.shelf.Matter;
import looseknit.server.table.Cells;
import looseknit.server.table.Occurrences;
import looseknit.server.table.TableFile;
import org.springframework.stereotype.Component;

/** Own materials as a table: plain ones, soils and mixes, each with the cells of its kind filled. */
@Component
class OwnMaterialFile implements TableFile<OwnMaterialFile.OwnLine> {

    private final OwnMaterials own;

    OwnMaterialFile(final OwnMaterials own) {
        this.own = own;
    }

    /** An own material of the table. */
    record OwnLine(String id, @Valid OwnMaterialFacts facts) {}

    private enum Kind {
        PLAIN,
        SOIL,
        MIX
    }

    @Override
    public String kind() {
        return "materials";
    }

    @Override
    public List<String> columns() {
        return List.of(
                "id",
                "name",
                "kind",
                "matter",
                "from_mm",
                "to_mm",
                "g_per_l",
                "drain_height_cm",
                "drain_air_percent",
                "drain_water_percent",
                "ph",
                "natures",
                "after_minute_cm",
                "after_hours_cm",
                "clear_cm",
                "organic_percent",
                "parts",
                "certainty",
                "fed");
    }

    @Override
    public OwnLine read(final Row row, final Occurrences before) {
        final String id = row.filled("id");
        if (!id.matches("own_[a-z0-9_]{1,50}")) {
            throw row.bad("id", id, "own_ and then small letters, digits and underscores");
        }
        final String name = row.filled("name");
        final OwnMaterialFacts facts = switch (row.oneOf("kind", Kind.class)) {
            case PLAIN -> new OwnMaterialFacts(name, plain(row), null, null);
            case SOIL -> new OwnMaterialFacts(name, null, soil(row), null);
            case MIX -> new OwnMaterialFacts(name, null, null, mix(row));
        };
        if (facts.mix() == null) {
            OwnMaterialBuilder.of(Map.of(id, facts));
        }
        return new OwnLine(id, facts);
    }

    private static OwnMaterialFacts.PlainBody plain(final Row row) {
        final Double height = Cells.maybe(row, "drain_height_cm", 3, 60);
        return new OwnMaterialFacts.PlainBody(
                row.oneOf("matter", Matter.class),
                row.number("from_mm", 0, 60),
                row.number("to_mm", 0.05, 100),
                Cells.maybe(row, "g_per_l", 5, 2500),
                height == null
                        ? null
                        : new MeasuredBody.DrainBody(
                                height,
                                row.number("drain_air_percent", 0, 95),
                                row.number("drain_water_percent", 1, 98)),
                Cells.maybe(row, "ph", 2, 12),
                row.someOf("natures", Nature.class));
    }

    private static OwnMaterialFacts.SoilBody soil(final Row row) {
        return new OwnMaterialFacts.SoilBody(
                row.number("after_minute_cm", 0, 40),
                row.number("after_hours_cm", 0, 40),
                row.number("clear_cm", 0.5, 40),
                row.number("organic_percent", 0, 8),
                row.number("ph", 3, 9));
    }

    private static OwnMaterialFacts.OwnMixBody mix(final Row row) {
        return new OwnMaterialFacts.OwnMixBody(
                row.list("parts").stream()
                        .map(part -> {
                            final int colon = part.lastIndexOf(':');
                            final double amount = Cells.pair(row, "parts", "0:" + part.substring(colon + 1))[1];
                            return new OwnMaterialFacts.MixPartBody(part.substring(0, Math.max(0, colon)), amount);
                        })
                        .toList(),
                row.oneOf("certainty", MakeUp.Certainty.class),
                Cells.yes(row, "fed"));
    }

    @Override
    public void checkTogether(final List<OwnLine> lines) {
        final Map<String, OwnMaterialFacts> all = new LinkedHashMap<>();
        own.all().forEach(each -> all.put(each.id(), each.facts()));
        lines.forEach(line -> all.put(line.id(), line.facts()));
        OwnMaterialBuilder.of(all);
    }

    @Override
    public String key(final OwnLine line) {
        return line.id();
    }

    @Override
    public String name(final OwnLine line) {
        return line.facts().name();
    }

    @Override
    public Map<String, OwnLine> stored(final List<OwnLine> lines) {
        return own.all().stream()
                .collect(Collectors.toMap(
                        StoredOwnMaterial::id,
                        each -> new OwnLine(each.id(), each.facts()),
                        (a, b) -> b,
                        LinkedHashMap::new));
    }

    @Override
    public void store(final OwnLine line) {
        own.write(line.id(), line.facts());
    }

    @Override
    public List<List<String>> cells() {
        return stored(List.of()).values().stream().map(OwnMaterialFile::cells).toList();
    }

    private static List<String> cells(final OwnLine line) {
        final OwnMaterialFacts.PlainBody plain = line.facts().plain();
        final OwnMaterialFacts.SoilBody soil = line.facts().soil();
        final OwnMaterialFacts.OwnMixBody mix = line.facts().mix();
        final MeasuredBody.DrainBody drain = plain == null ? null : plain.drain();
        return Arrays.asList(
                line.id(),
                line.facts().name(),
                (plain != null ? Kind.PLAIN : soil != null ? Kind.SOIL : Kind.MIX).name(),
                plain == null ? "" : plain.matter().name(),
                plain == null ? "" : Cells.text(plain.fromMm()),
                plain == null ? "" : Cells.text(plain.toMm()),
                plain == null ? "" : Cells.text(plain.gPerL()),
                drain == null ? "" : Cells.text(drain.heightCm()),
                drain == null ? "" : Cells.text(drain.airPercent()),
                drain == null ? "" : Cells.text(drain.waterPercent()),
                plain != null ? Cells.text(plain.ph()) : soil != null ? Cells.text(soil.ph()) : "",
                plain == null || plain.natures() == null
                        ? ""
                        : plain.natures().stream().map(Enum::name).collect(Collectors.joining(";")),
                soil == null ? "" : Cells.text(soil.afterMinuteCm()),
                soil == null ? "" : Cells.text(soil.afterHoursCm()),
                soil == null ? "" : Cells.text(soil.clearCm()),
                soil == null ? "" : Cells.text(soil.organicPercent()),
                mix == null
                        ? ""
                        : mix.parts().stream()
                                .map(part -> part.materialId() + ":" + Cells.text(part.amount()))
                                .collect(Collectors.joining(";")),
                mix == null ? "" : Objects.requireNonNull(mix.certainty()).name(),
                mix == null ? "" : Cells.text(mix.fed()));
    }
}
