package looseknit.server.assay;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Surprise;
import looseknit.core.assay.TestKind;
import looseknit.core.assay.TestWorth;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.need.Property;
import looseknit.server.batch.BatchSamples;
import looseknit.server.frame.Books;
import looseknit.server.message.Speech;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tests of a batch at the bench: which to make, what they showed, and what is believed with them. */
@RestController
@RequestMapping("/api/batches/{batchId}/tests")
class BatchTestsController {

    private static final double SMALL = 0.95;
    private static final double MIDDLING = 9.5;

    private final Books books;
    private final Assays assays;
    private final BatchSamples samples;
    private final Speech speech;
    private final Clock clock;

    BatchTestsController(
            final Books books,
            final Assays assays,
            final BatchSamples samples,
            final Speech speech,
            final Clock clock) {
        this.books = books;
        this.assays = assays;
        this.samples = samples;
        this.speech = speech;
        this.clock = clock;
    }

    /** A figure that a test makes surer: its spread now and then, in the unit in which people read it. */
    record NarrowingBody(
            Message name, String unit, int decimals, double sdBefore, double sdAfter, double sharePercent) {}

    /** A test that can be made: why, how the sample must be, how long it takes and what it tells. */
    record TestKindBody(
            TestKind kind,
            Message name,
            Message why,
            Message sample,
            int minutes,
            int waitMinutes,
            List<NarrowingBody> narrows) {}

    /**
     * What a test showed, all in the unit in which people read it.
     *
     * @param believed what was believed before
     * @param found what it showed
     * @param now what is believed with it
     * @param odd whether it lies so far off that something may have gone wrong
     * @param mayBe what that may be
     */
    record ResultBody(
            Message name,
            String unit,
            int decimals,
            double believed,
            double believedSd,
            double found,
            double foundSd,
            double now,
            double nowSd,
            boolean odd,
            List<Message> mayBe) {}

    /**
     * A test that was made of the batch.
     *
     * @param state how moist it was found; null for what measures something else
     */
    record BatchTestBody(
            UUID id,
            LocalDate madeOn,
            TestBody test,
            @Nullable Message state,
            List<ResultBody> results) {}

    /** Tests of a batch. */
    record BatchTestsBody(
            UUID batchId,
            UUID blendId,
            String lot,
            String blendName,
            List<TestKindBody> kinds,
            List<BatchTestBody> tests) {}

    /** A test to store; the id is made by the caller, so that a repeated call stores nothing twice. */
    record NewBatchTestBody(
            @NotNull UUID id,
            @NotNull LocalDate madeOn,
            @NotNull @Valid TestBody test) {}

    @GetMapping
    BatchTestsBody of(@PathVariable final UUID batchId) {
        final BatchSamples.Sampled sample = samples.on(batchId, LocalDate.now(clock));
        final Mix mix = Mix.of(sample.recipe().toCore(books));
        final List<MadeTest> made = assays.ofBatch(batchId);
        final Map<UUID, Beliefs> before =
                assays.before(made.stream().map(MadeTest::id).collect(Collectors.toSet()));
        return new BatchTestsBody(
                batchId,
                sample.blendId(),
                sample.lot(),
                sample.blendName(),
                TestWorth.of(assays.beliefs(), mix, sample.blendId().toString(), batchId.toString(), sample.acidity())
                        .stream()
                        .map(this::kind)
                        .toList(),
                made.stream()
                        .map(test -> body(test, Objects.requireNonNull(before.get(test.id()))))
                        .toList());
    }

    @PostMapping
    BatchTestBody make(@PathVariable final UUID batchId, @RequestBody @Valid final NewBatchTestBody body) {
        final MadeTest test = assays.make(body.id(), samples.on(batchId, body.madeOn()), body.madeOn(), body.test());
        return body(
                test, Objects.requireNonNull(assays.before(Set.of(test.id())).get(test.id())));
    }

    private TestKindBody kind(final TestWorth worth) {
        return new TestKindBody(
                worth.kind(),
                worth.kind().words(),
                worth.kind().why(),
                worth.kind().sample(),
                worth.kind().minutes(),
                worth.kind().waitMinutes(),
                worth.narrows().stream()
                        .map(each -> new NarrowingBody(
                                each.what().words(),
                                unit(each.what()),
                                fine(difference(each.what(), each.sdBefore())),
                                difference(each.what(), each.sdBefore()),
                                difference(each.what(), each.sdAfter()),
                                100 * each.share()))
                        .toList());
    }

    /** Decimals that show how a spread narrows. */
    private static int fine(final double sd) {
        return sd < SMALL ? 2 : sd < MIDDLING ? 1 : 0;
    }

    private BatchTestBody body(final MadeTest test, final Beliefs before) {
        return new BatchTestBody(
                test.id(),
                test.madeOn(),
                test.test(),
                test.state(books).orElse(null),
                test.surprises(before, books).stream().map(this::result).toList());
    }

    private ResultBody result(final Surprise surprise) {
        final Property what = surprise.finding().what();
        final Estimate after = surprise.after();
        return new ResultBody(
                what.words(),
                unit(what),
                decimals(what, surprise.finding().measured()),
                shown(what, surprise.believed()),
                difference(what, surprise.believedSd()),
                shown(what, surprise.finding().measured()),
                difference(what, surprise.finding().sd()),
                shown(what, after.value()),
                difference(what, after.sd()),
                surprise.asks(),
                surprise.mayBe());
    }

    private String unit(final Property what) {
        return what.dimension().unit(speech.system());
    }

    private int decimals(final Property what, final double value) {
        final Dimension dimension = what.dimension();
        return dimension.decimals(what.decimals(value), speech.system());
    }

    private double shown(final Property what, final double value) {
        return what.dimension().shown(value, speech.system());
    }

    private double difference(final Property what, final double value) {
        return what.dimension().difference(value, speech.system());
    }
}
