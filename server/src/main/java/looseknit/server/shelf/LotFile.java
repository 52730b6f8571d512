package looseknit.server.shelf;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.shelf.Stock;
import looseknit.server.table.Cells;
import looseknit.server.table.Occurrences;
import looseknit.server.table.TableFile;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The shelf as a table: one line for each lot. */
@Component
class LotFile implements TableFile<LotFile.LotLine> {

    private static final double MOST = 100_000;

    private final LotRepository lots;
    private final Shelf shelf;
    private final Clock clock;

    LotFile(final LotRepository lots, final Shelf shelf, final Clock clock) {
        this.lots = lots;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** A lot of the table. */
    record LotLine(UUID id, @Valid LotFacts facts) {}

    @Override
    public String kind() {
        return "shelf";
    }

    @Override
    public List<String> columns() {
        return List.of(
                "id",
                "material",
                "sold",
                "amount",
                "swell",
                "left_litres",
                "low_litres",
                "price",
                "opened_on",
                "supplier",
                "fed",
                "rinsed",
                "quarantined",
                "ph",
                "bulk_density_g_per_l",
                "drain_height_cm",
                "drain_air_percent",
                "drain_water_percent",
                "sieve_mm_and_stays",
                "sieve_through");
    }

    @Override
    public LotLine read(final Row row, final Occurrences before) {
        final LotFacts facts = new LotFacts(
                row.filled("material"),
                row.oneOf("sold", Stock.Sold.class),
                row.number("amount", 1e-3, 10_000),
                row.numberOr("swell", 0, 30, 0),
                row.number("left_litres", 0, MOST),
                Cells.maybe(row, "low_litres", 0, MOST),
                Cells.maybe(row, "price", 0, 1e6),
                day(row),
                row.text("supplier").isEmpty() ? null : row.text("supplier"),
                Cells.yes(row, "fed"),
                Cells.yes(row, "rinsed"),
                Cells.yes(row, "quarantined"),
                measured(row));
        shelf.check(facts);
        return new LotLine(id(row, before), facts);
    }

    /** A line without an id gets one from what it says, so that reading the same file twice stores nothing twice. */
    private static UUID id(final Row row, final Occurrences before) {
        return row.text("id").isEmpty() ? identified(row, before) : Cells.id(row, "id");
    }

    private static UUID identified(final Row row, final Occurrences before) {
        final String identity = String.join(
                "|", row.filled("material"), row.text("supplier"), row.text("opened_on"), row.filled("amount"));
        final int which = before.next(identity);
        return UUID.nameUUIDFromBytes((identity + "|" + which).getBytes(StandardCharsets.UTF_8));
    }

    private static @Nullable LocalDate day(final Row row) {
        return row.text("opened_on").isEmpty() ? null : Cells.day(row, "opened_on");
    }

    private static @Nullable MeasuredBody measured(final Row row) {
        final Double height = Cells.maybe(row, "drain_height_cm", 3, 60);
        final MeasuredBody measured = new MeasuredBody(
                Cells.maybe(row, "ph", 2, 12),
                Cells.maybe(row, "bulk_density_g_per_l", 5, 3000),
                height == null
                        ? null
                        : new MeasuredBody.DrainBody(
                                height,
                                row.number("drain_air_percent", 0, 95),
                                row.number("drain_water_percent", 1, 98)),
                sieves(row));
        return measured.equals(MeasuredBody.NOTHING) ? null : measured;
    }

    private static MeasuredBody.@Nullable SievesBody sieves(final Row row) {
        final List<String> pairs = row.list("sieve_mm_and_stays");
        if (pairs.isEmpty()) {
            return null;
        }
        return new MeasuredBody.SievesBody(
                pairs.stream()
                        .map(pair -> {
                            final double[] both = Cells.pair(row, "sieve_mm_and_stays", pair);
                            return new MeasuredBody.OnSieveBody(both[0], both[1]);
                        })
                        .toList(),
                row.number("sieve_through", 0, 1e6));
    }

    @Override
    public String key(final LotLine line) {
        return line.id().toString();
    }

    @Override
    public String name(final LotLine line) {
        return "%s, %s"
                .formatted(
                        line.facts().materialId(),
                        Objects.requireNonNullElse(line.facts().supplier(), "no supplier"));
    }

    @Override
    public Map<String, LotLine> stored(final List<LotLine> lines) {
        final Map<String, LotLine> stored = new LinkedHashMap<>();
        lots.findByRemovedAtIsNullOrderByStoredAt()
                .forEach(lot -> stored.put(lot.id().toString(), new LotLine(lot.id(), lot.facts())));
        return stored;
    }

    @Override
    public void store(final LotLine line) {
        lots.findById(line.id())
                .ifPresentOrElse(
                        lot -> {
                            lot.become(line.facts());
                            lot.remove(null);
                        },
                        () -> lots.save(new Lot(line.id(), line.facts(), clock.instant())));
    }

    @Override
    public List<List<String>> cells() {
        return stored(List.of()).values().stream().map(LotFile::cells).toList();
    }

    private static List<String> cells(final LotLine line) {
        final LotFacts f = line.facts();
        final MeasuredBody m = f.measuredOrNothing();
        return Arrays.asList(
                line.id().toString(),
                f.materialId(),
                f.sold().name(),
                Cells.text(f.amount()),
                Cells.text(f.swell()),
                Cells.text(f.leftLitres()),
                Cells.text(f.lowLitres()),
                Cells.text(f.price()),
                f.openedOn() == null ? "" : f.openedOn().toString(),
                Objects.requireNonNullElse(f.supplier(), ""),
                Cells.text(f.fed()),
                Cells.text(f.rinsed()),
                Cells.text(f.quarantined()),
                Cells.text(m.ph()),
                Cells.text(m.bulkDensityGPerL()),
                m.drain() == null ? "" : Cells.text(m.drain().heightCm()),
                m.drain() == null ? "" : Cells.text(m.drain().airPercent()),
                m.drain() == null ? "" : Cells.text(m.drain().waterPercent()),
                m.sieves() == null
                        ? ""
                        : m.sieves().sieves().stream()
                                .map(each -> Cells.text(each.openingMm()) + ":" + Cells.text(each.stays()))
                                .collect(Collectors.joining(";")),
                m.sieves() == null ? "" : Cells.text(m.sieves().throughAll()));
    }
}
