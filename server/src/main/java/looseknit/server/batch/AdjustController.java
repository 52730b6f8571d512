package looseknit.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.core.batch.Bin;
import looseknit.core.batch.Correction;
import looseknit.core.batch.LimePlan;
import looseknit.core.batch.MixSheet;
import looseknit.core.bench.Evaluator;
import looseknit.core.bench.HeapAddition;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.DoseMeasure;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.Role;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.message.Message;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.frame.UnknownName;
import looseknit.server.message.Speech;
import looseknit.server.reading.KnownSource;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What to add to a heap that is mixed, to be nearer to what its plant wants. Nothing is stored here. */
@RestController
@RequestMapping("/api/batches/{id}/adjust")
class AdjustController {

    /** What an addition is judged by, in this order. */
    private static final List<Property> SHOWN = List.of(Property.AIR, Property.WATER, Property.DRY_DAYS, Property.PH);

    private static final int AHEAD_DAYS = 84;
    private static final int EVERY_DAYS = 7;
    private static final int MOST_ADDITIONS = 6;

    /** Fewer points than this are not worth turning a heap again. */
    private static final double WORTH_POINTS = 1;

    private static final int LATEST_DAYS = 730;
    private static final double DAYS_IN_WEEK = 7;

    private final Books books;
    private final Batches batches;
    private final Bins bins;
    private final BatchSamples samples;
    private final Blends blends;
    private final KnownSource knownSource;
    private final Speech speech;
    private final Clock clock;

    AdjustController(
            final Books books,
            final Batches batches,
            final Bins bins,
            final BatchSamples samples,
            final Blends blends,
            final KnownSource knownSource,
            final Speech speech,
            final Clock clock) {
        this.books = books;
        this.batches = batches;
        this.bins = bins;
        this.samples = samples;
        this.blends = blends;
        this.knownSource = knownSource;
        this.speech = speech;
        this.clock = clock;
    }

    /** A reading before and after, in the unit in which people read it. */
    record MovedBody(Message name, String unit, int decimals, double before, double after) {}

    /** More of a material. */
    record AdditionBody(
            String materialId,
            String name,
            double scoops,
            double litres,
            List<MovedBody> moved,
            @Nullable Double fitBefore,
            @Nullable Double fitAfter) {}

    /** What a heap will read after some days, with a dose and without it. */
    record ReadsBody(int days, double ph, double without) {}

    /**
     * A way to another acidity.
     *
     * @param grams the whole dose [g]
     * @param gramsNow what goes in now [g]
     * @param split whether only a part of it goes in now
     * @param overshootPercent chance that the whole dose goes too far within a year
     * @param testOn when most of it has worked
     */
    record CorrectionBody(
            String amendmentId,
            String name,
            double grams,
            double gramsNow,
            Message spoonsNow,
            boolean split,
            double overshootPercent,
            List<ReadsBody> reads,
            LocalDate testOn) {}

    /** Acidity on a day, as it is reckoned with all tests so far. */
    record PhOnBody(LocalDate on, double ph) {}

    /**
     * How a heap can be adjusted.
     *
     * @param ph acidity today
     * @param phOff spread of it
     * @param wantedLow lower end of what is wanted; null if no plant is named
     * @param wantedHigh upper end of it
     * @param stillWorking why nothing more should go in yet; null if nothing is still working
     * @param mayDose whether a dose may go in today
     * @param notFor why no lime or sulfur is offered; null if it is
     */
    record AdjustBody(
            UUID batchId,
            UUID blendId,
            String lot,
            String blendName,
            double litres,
            double scoopLitres,
            double ph,
            double phOff,
            double goalPh,
            double goalWeeks,
            @Nullable Double wantedLow,
            @Nullable Double wantedHigh,
            @Nullable Message stillWorking,
            boolean mayDose,
            @Nullable Message notFor,
            List<CorrectionBody> corrections,
            List<AdditionBody> additions,
            List<PhOnBody> history,
            @Nullable LocalDate testOn) {}

    /** Some scoops of a material that somebody thinks of. */
    record ThoughtOfBody(@NotNull String materialId, double scoops) {}

    /** A heap, what it is for, and what is known of it. */
    private record Heaped(
            Batch batch, Bin bin, BatchSamples.Sampled sample, Mix mix, Knowledge known, LimePlan.Subject subject) {}

    private Heaped heap(final UUID id) {
        final Batch batch = batches.get(id);
        final LocalDate today = LocalDate.now(clock);
        final BatchSamples.Sampled sample = samples.on(id, today);
        final Mix mix = Mix.of(sample.recipe().toCore(books));
        final Knowledge known = knownSource.known(sample.blendId(), sample.recipe());
        return new Heaped(
                batch,
                bins.on(batch, today),
                sample,
                mix,
                known,
                new LimePlan.Subject(mix, sample.acidity(), known.beliefs(), known.blend(), id.toString()));
    }

    /** What to add; with an acidity and weeks, what brings it there by then. */
    @GetMapping
    AdjustBody get(
            @PathVariable final UUID id,
            @RequestParam(required = false) final @Nullable Double ph,
            @RequestParam(required = false) final @Nullable Double weeks) {
        final Heaped heap = heap(id);
        final LocalDate today = LocalDate.now(clock);
        final double litres = heap.bin().litres();
        final Acidity corrected = heap.subject().corrected();
        final Estimate now = heap.subject().now();
        final Optional<Target> target = target(heap);
        final LimePlan.Goal goal = LimePlan.goal(target.map(Target::band), maybe(ph), maybe(weeks), litres);
        final Optional<Correction.StillWorking> working =
                Correction.stillWorking(heap.bin(), today, heap.sample().temperatureC());
        final List<Correction> ways =
                Correction.of(heap.subject(), List.copyOf(books.materials().amendments()), goal, today);
        final Set<String> standing =
                stops(heap, heap.bin().recipe().orElseThrow()).keySet();
        final Map<Correction, Optional<Message>> barred = new LinkedHashMap<>();
        ways.forEach(way -> barred.put(way, stop(heap, way, standing)));
        final List<Correction> allowed = ways.stream()
                .filter(way -> Objects.requireNonNull(barred.get(way)).isEmpty())
                .toList();
        return new AdjustBody(
                id,
                heap.sample().blendId(),
                heap.sample().lot(),
                heap.sample().blendName(),
                litres,
                heap.batch().scoopLitres(),
                now.value(),
                now.sd(),
                goal.targetPh(),
                goal.weeks(),
                target.map(each -> each.band().low()).orElse(null),
                target.map(each -> each.band().high()).orElse(null),
                working.map(Correction.StillWorking::says).orElse(null),
                working.map(each -> !each.today()).orElse(true),
                allowed.isEmpty()
                        ? barred.values().stream()
                                .flatMap(Optional::stream)
                                .findFirst()
                                .orElse(null)
                        : null,
                allowed.stream().map(way -> body(way)).toList(),
                additions(heap),
                history(heap, corrected, today),
                heap.batch().testOn());
    }

    /** What so many scoops of something else would do. */
    @PostMapping("/thought-of")
    AdditionBody thoughtOf(@PathVariable final UUID id, @RequestBody @Valid final ThoughtOfBody body) {
        final Heaped heap = heap(id);
        final Material material = books.materials()
                .material(body.materialId())
                .filter(Material::forRecipes)
                .orElseThrow(
                        () -> new UnknownName("materialId", "material", body.materialId(), "Pick one from the list."));
        final double scoops = Require.within("scoops", body.scoops(), MixSheet.QUARTER, 200, Limit.NUMBER);
        return body(HeapAddition.of(
                heap.bin(),
                material,
                scoops,
                heap.batch().scoopLitres(),
                heap.sample().brief(),
                heap.known()));
    }

    private Optional<Target> target(final Heaped heap) {
        return new PottedMix(heap.bin().recipe().orElseThrow(), heap.sample().brief(), heap.known())
                .targets().stream()
                        .filter(each -> each.property() == Property.PH)
                        .findFirst();
    }

    /** Ids of the stops that stand against a recipe, with what they say. */
    private static Map<String, Message> stops(final Heaped heap, final Recipe recipe) {
        final Map<String, Message> stops = new LinkedHashMap<>();
        Evaluator.glance(recipe, heap.sample().brief(), heap.known())
                .stops()
                .forEach(each -> stops.put(each.id(), each.why().message()));
        return stops;
    }

    /** The stop that a dose would bring about beside those that stand already; nothing if it may go in. */
    private static Optional<Message> stop(final Heaped heap, final Correction way, final Set<String> standing) {
        final Recipe now = heap.bin().recipe().orElseThrow();
        final List<Recipe.Dose> doses = new ArrayList<>(now.doses());
        doses.add(new Recipe.Dose(
                way.plan().amendment(), way.gramsNow() / heap.bin().litres()));
        return stops(heap, new Recipe(now.measure(), now.parts(), doses)).entrySet().stream()
                .filter(each -> !standing.contains(each.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private static CorrectionBody body(final Correction way) {
        return new CorrectionBody(
                way.plan().amendment().id(),
                way.plan().amendment().name(),
                way.plan().grams(),
                way.gramsNow(),
                new DoseMeasure(way.plan().amendment()).spoons(way.gramsNow()),
                way.split(),
                100 * way.plan().overshootRisk(),
                way.reads().stream()
                        .map(each -> new ReadsBody(each.days(), each.ph(), each.without()))
                        .toList(),
                way.testOn());
    }

    /** One part more of each of its own materials, and of openers and water-holders on the shelf. */
    private List<AdditionBody> additions(final Heaped heap) {
        final Stream<Material> own = heap.bin().looseLitres().keySet().stream();
        final Stream<Material> shelf = bins.atHand().stream()
                .filter(each -> each.roles().contains(Role.AIR) || each.roles().contains(Role.WATER))
                .filter(Material::forRecipes);
        return HeapAddition.each(
                        heap.bin(),
                        Stream.concat(own, shelf),
                        blends.version(heap.batch().blendId(), heap.batch().versionNumber())
                                .recipe()
                                .toCore(books),
                        heap.batch().scoopLitres(),
                        heap.sample().brief(),
                        heap.known())
                .stream()
                .filter(each -> each.fitAfter().isEmpty()
                        || each.fitAfter().getAsDouble() > each.fitBefore().orElse(0) + WORTH_POINTS)
                .limit(MOST_ADDITIONS)
                .map(this::body)
                .toList();
    }

    private AdditionBody body(final HeapAddition addition) {
        return new AdditionBody(
                addition.material().id(),
                addition.material().name(),
                addition.scoops(),
                addition.litres(),
                SHOWN.stream()
                        .filter(each -> addition.before().containsKey(each)
                                && addition.after().containsKey(each))
                        .map(each -> moved(each, addition.before(), addition.after()))
                        .toList(),
                orNull(addition.fitBefore()),
                orNull(addition.fitAfter()));
    }

    private MovedBody moved(
            final Property what, final Map<Property, Double> before, final Map<Property, Double> after) {
        final double value = Objects.requireNonNull(before.get(what));
        return new MovedBody(
                what.words(),
                what.dimension().unit(speech.system()),
                what.dimension().decimals(what.decimals(value), speech.system()),
                what.dimension().shown(value, speech.system()),
                what.dimension().shown(Objects.requireNonNull(after.get(what)), speech.system()));
    }

    private static OptionalDouble maybe(final @Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static @Nullable Double orNull(final OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** Acidity from the day of mixing to some weeks ahead, with what went in when it did, and what tests have shown. */
    private List<PhOnBody> history(final Heaped heap, final Acidity corrected, final LocalDate today) {
        final LocalDate mixed = Optional.ofNullable(heap.batch().mixedOn()).orElse(today);
        final LocalDate from = mixed.isBefore(today.minusDays(LATEST_DAYS)) ? today.minusDays(LATEST_DAYS) : mixed;
        final double off =
                heap.subject().now().value() - heap.sample().acidity().ph(0);
        final List<PhOnBody> history = new ArrayList<>();
        for (LocalDate day = from; day.isBefore(today); day = day.plusDays(EVERY_DAYS)) {
            final Bin then = bins.on(heap.batch(), day);
            if (!then.isEmpty()) {
                history.add(new PhOnBody(
                        day, then.acidity(day, heap.sample().temperatureC()).ph(0) + off));
            }
        }
        for (int ahead = 0; ahead <= AHEAD_DAYS; ahead += EVERY_DAYS) {
            history.add(new PhOnBody(today.plusDays(ahead), corrected.ph(ahead / DAYS_IN_WEEK)));
        }
        return history;
    }

    /** Says when to test next, or that no test is wanted. */
    record TestNextBody(@Nullable LocalDate on) {}

    /** When the batch shall be tested next; shown on Today then. */
    @PostMapping("/test-next")
    BatchBody testNext(@PathVariable final UUID id, @RequestBody final TestNextBody body) {
        if (body.on() != null && body.on().isAfter(LocalDate.now(clock).plusDays(LATEST_DAYS))) {
            throw new Refused(
                    "That is too far ahead",
                    "Pick a day within two years, %d days from now at most."
                            .formatted(ChronoUnit.DAYS.between(
                                    LocalDate.now(clock), LocalDate.now(clock).plusDays(LATEST_DAYS))));
        }
        return batches.body(batches.testNext(id, body.on()));
    }
}
