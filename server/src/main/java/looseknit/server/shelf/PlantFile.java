package looseknit.server.shelf;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.need.Growing;
import looseknit.server.need.OwnPlantBody;
import looseknit.server.need.OwnPlants;
import looseknit.server.table.Cells;
import looseknit.server.table.Occurrences;
import looseknit.server.table.TableFile;
import org.springframework.stereotype.Component;

/** Own plants as a table. */
@Component
class PlantFile implements TableFile<PlantFile.PlantLine> {

    private final OwnPlants plants;

    PlantFile(final OwnPlants plants) {
        this.plants = plants;
    }

    /** An own plant of the table. */
    record PlantLine(String id, @Valid OwnPlantBody facts) {}

    @Override
    public String kind() {
        return "plants";
    }

    @Override
    public List<String> columns() {
        return List.of(
                "id",
                "name",
                "botanical",
                "other_names",
                "like",
                "trigger",
                "air_low_percent",
                "air_high_percent",
                "ph_low",
                "ph_high",
                "n_low_mg_per_l",
                "n_high_mg_per_l",
                "temp_low_c",
                "temp_high_c",
                "minerals",
                "root_depth_cm",
                "repot_years",
                "repotting",
                "poison",
                "note");
    }

    @Override
    public PlantLine read(final Row row, final Occurrences before) {
        final String like = row.filled("like");
        final OwnPlantBody facts = new OwnPlantBody(
                row.filled("name"),
                row.text("botanical").isEmpty() ? null : row.text("botanical"),
                row.list("other_names"),
                like,
                row.text("trigger").isEmpty() ? null : row.oneOf("trigger", AllowableDepletion.class),
                Cells.maybe(row, "air_low_percent", 0, 95),
                Cells.maybe(row, "air_high_percent", 0, 95),
                Cells.maybe(row, "ph_low", 0, 12),
                Cells.maybe(row, "ph_high", 0, 12),
                Cells.maybe(row, "n_low_mg_per_l", 0, 2000),
                Cells.maybe(row, "n_high_mg_per_l", 0, 2000),
                Cells.maybe(row, "temp_low_c", -30, 30),
                Cells.maybe(row, "temp_high_c", -30, 50),
                row.text("minerals").isEmpty() ? null : row.oneOf("minerals", Growing.Minerals.class),
                Cells.maybe(row, "root_depth_cm", 2, 80),
                Cells.maybe(row, "repot_years", 0.5, 30),
                row.text("repotting").isEmpty() ? null : row.oneOf("repotting", Growing.Repotting.class),
                row.text("poison").isEmpty() ? null : row.text("poison"),
                row.text("note").isEmpty() ? null : row.text("note"));
        plants.check(row.filled("id"), facts);
        return new PlantLine(row.filled("id"), facts);
    }

    @Override
    public String key(final PlantLine line) {
        return line.id();
    }

    @Override
    public String name(final PlantLine line) {
        return line.facts().name();
    }

    @Override
    public Map<String, PlantLine> stored(final List<PlantLine> lines) {
        final Map<String, PlantLine> stored = new LinkedHashMap<>();
        plants.told().forEach((id, facts) -> stored.put(id, new PlantLine(id, facts)));
        return stored;
    }

    @Override
    public void store(final PlantLine line) {
        plants.write(line.id(), line.facts());
    }

    @Override
    public List<List<String>> cells() {
        return stored(List.of()).values().stream().map(PlantFile::cells).toList();
    }

    private static List<String> cells(final PlantLine line) {
        final OwnPlantBody f = line.facts();
        return Arrays.asList(
                line.id(),
                f.name(),
                Cells.text((Object) f.botanical()),
                String.join(";", Objects.requireNonNullElse(f.otherNames(), List.of())),
                f.likeId(),
                Cells.text((Object) f.trigger()),
                Cells.text(f.airLowPercent()),
                Cells.text(f.airHighPercent()),
                Cells.text(f.phLow()),
                Cells.text(f.phHigh()),
                Cells.text(f.nLowMgPerL()),
                Cells.text(f.nHighMgPerL()),
                Cells.text(f.tempLowC()),
                Cells.text(f.tempHighC()),
                Cells.text((Object) f.minerals()),
                Cells.text(f.rootDepthCm()),
                Cells.text(f.repotYears()),
                Cells.text((Object) f.repotting()),
                Cells.text((Object) f.poison()),
                Cells.text((Object) f.note()));
    }
}
