package looseknit.server.assay;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.assay.Assay;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.server.batch.BatchNameBody;
import looseknit.server.batch.BatchSamples;
import looseknit.server.batch.Batches;
import looseknit.server.blend.BlendCards;
import looseknit.server.blend.BlendNameBody;
import looseknit.server.frame.Refused;
import looseknit.server.table.Cells;
import looseknit.server.table.Occurrences;
import looseknit.server.table.TableFile;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tests as a table: one line for each, of a batch by its lot or of a blend by its name, as they were made elsewhere. They are added, not changed. */
@Component
class TestFile implements TableFile<TestFile.TestLine> {

    /** Far more than any test can show; what a kind of test allows is asked of it. */
    private static final double MOST = 1e6;

    /** In which column stands what the core speaks of. */
    private static final Map<String, String> COLUMNS = Map.ofEntries(
            Map.entry("containerL", "container_l"),
            Map.entry("heightCm", "height_cm"),
            Map.entry("waterInL", "water_in_l"),
            Map.entry("drainedL", "drained_l"),
            Map.entry("moistureL", "moisture_l"),
            Map.entry("wetG", "wet_g"),
            Map.entry("dryG", "dry_g"),
            Map.entry("shows", "squeeze"),
            Map.entry("depthCm", "depth_cm"),
            Map.entry("reading", "ph"),
            Map.entry("method", "ph_method"),
            Map.entry("dsPerM", "ec_ds_per_m"),
            Map.entry("extract", "ec_extract"),
            Map.entry("water", "water_share"));

    private final Assays assays;
    private final MadeTestRepository tests;
    private final BatchSamples samples;
    private final Batches batches;
    private final BlendCards blends;
    private final Clock clock;

    TestFile(
            final Assays assays,
            final MadeTestRepository tests,
            final BatchSamples samples,
            final Batches batches,
            final BlendCards blends,
            final Clock clock) {
        this.assays = assays;
        this.tests = tests;
        this.samples = samples;
        this.batches = batches;
        this.blends = blends;
        this.clock = clock;
    }

    /**
     * A test of the table.
     *
     * @param batch the batch that was tested; null for one of the blend as it stands
     */
    record TestLine(UUID id, @Nullable UUID batch, @Nullable UUID blend, LocalDate madeOn, TestBody test) {}

    /** Batches by lot and blends by name, as they can be tested. */
    private record Known(Map<String, UUID> lots, Map<String, List<UUID>> blends) {}

    @Override
    public String kind() {
        return "tests";
    }

    @Override
    public List<String> columns() {
        return List.of("blend", "lot", "made_on", "kind");
    }

    @Override
    public TestLine read(final Row row, final Occurrences before) {
        final Known known = before.once(
                Known.class,
                () -> new Known(
                        batches.names().stream().collect(Collectors.toMap(BatchNameBody::lot, BatchNameBody::id)),
                        blends.names().stream()
                                .collect(Collectors.groupingBy(
                                        BlendNameBody::name,
                                        Collectors.mapping(BlendNameBody::id, Collectors.toList())))));
        final String lot = row.text("lot");
        final UUID batch = lot.isEmpty() ? null : known.lots().get(lot);
        if (!lot.isEmpty() && batch == null) {
            throw row.bad("lot", lot, "the lot of a batch that is here, or nothing for a test of a blend");
        }
        final LocalDate madeOn = Cells.day(row, "made_on");
        if (madeOn.isAfter(LocalDate.now(clock))) {
            throw row.bad("made_on", madeOn.toString(), "a day up to today");
        }
        if (batch != null) {
            try {
                samples.on(batch, madeOn);
            } catch (final OutOfRangeException e) {
                throw row.bad("made_on", madeOn.toString(), said(e));
            } catch (final Refused e) {
                throw row.bad("lot", lot, "a batch that was mixed by then: " + e.getMessage());
            }
        }
        final TestBody test = test(row);
        final UUID blend = batch == null ? blend(row, known) : null;
        final String identity = "%s|%s|%s|%s".formatted(batch, blend, madeOn, test);
        final UUID id = row.textIfAny("id").isEmpty()
                ? UUID.nameUUIDFromBytes((identity + "|" + before.next(identity)).getBytes(StandardCharsets.UTF_8))
                : Cells.id(row, "id");
        return new TestLine(id, batch, blend, madeOn, test);
    }

    private static String said(final OutOfRangeException e) {
        return Wording.english(MeasureSystem.METRIC).of(e.allowed());
    }

    private static UUID blend(final Row row, final Known known) {
        final String name = row.filled("blend");
        final List<UUID> alike = known.blends().getOrDefault(name, List.of());
        if (alike.size() != 1) {
            throw row.bad(
                    "blend",
                    name,
                    alike.isEmpty()
                            ? "the name of a blend that is here"
                            : "a name that one blend only has: %d have this one".formatted(alike.size()));
        }
        return alike.get(0);
    }

    private static TestBody test(final Row row) {
        final TestBody test = new TestBody(
                row.oneOf("kind", TestBody.Kind.class),
                figure(row, "container_l"),
                figure(row, "height_cm"),
                figure(row, "water_in_l"),
                figure(row, "drained_l"),
                figure(row, "moisture_l"),
                figure(row, "wet_g"),
                figure(row, "dry_g"),
                word(row, "squeeze", Assay.Squeeze.Shows.class),
                figure(row, "depth_cm"),
                figure(row, "seconds"),
                figure(row, "ph"),
                word(row, "ph_method", Assay.Ph.Method.class),
                figure(row, "weeks"),
                figure(row, "ec_ds_per_m"),
                word(row, "ec_extract", Assay.Salts.Extract.class),
                figure(row, "water_share"));
        try {
            test.toCore();
        } catch (final OutOfRangeException e) {
            final String column = COLUMNS.getOrDefault(e.field().replaceFirst("^test\\.", ""), e.field());
            throw row.bad(column, row.textIfAny(column).isEmpty() ? "missing" : row.textIfAny(column), said(e));
        }
        return test;
    }

    private static @Nullable Double figure(final Row row, final String column) {
        return Cells.ifAny(row, column, 0, MOST);
    }

    private static <E extends Enum<E>> @Nullable E word(final Row row, final String column, final Class<E> type) {
        return row.textIfAny(column).isEmpty() ? null : row.oneOf(column, type);
    }

    @Override
    public String key(final TestLine line) {
        return line.id().toString();
    }

    @Override
    public String name(final TestLine line) {
        return "%s, %s".formatted(line.test().kind().name().toLowerCase(Locale.ROOT), line.madeOn());
    }

    @Override
    public Map<String, TestLine> stored(final List<TestLine> lines) {
        return tests.findAllById(lines.stream().map(TestLine::id).toList()).stream()
                .map(made -> new TestLine(
                        made.id(),
                        made.batchId(),
                        made.batchId() == null ? made.blendId() : null,
                        made.madeOn(),
                        made.test()))
                .collect(Collectors.toMap(this::key, Function.identity()));
    }

    @Override
    public Optional<String> stays(final TestLine stored, final TestLine line) {
        return Optional.of("another test has this id here; allowed: the test as it was made, or no id");
    }

    @Override
    public void store(final TestLine line) {
        if (line.batch() == null) {
            assays.make(line.id(), Objects.requireNonNull(line.blend()), line.madeOn(), line.test());
        } else {
            assays.make(line.id(), samples.on(line.batch(), line.madeOn()), line.madeOn(), line.test());
        }
    }
}
