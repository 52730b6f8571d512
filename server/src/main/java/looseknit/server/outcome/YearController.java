package looseknit.server.outcome;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.care.Answer;
import looseknit.core.message.Message;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.care.LooksInMind;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.paper.Paper;
import looseknit.server.pot.PotEvent;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A year of the house, over HTTP: what was mixed, potted, lost, spent and learnt. */
@RestController
@Transactional(readOnly = true)
@RequestMapping("/api/year")
class YearController implements OpenedSoon {

    private static final int LONGEST_CURRENCY = 8;

    private final YearRepository repository;
    private final LooksInMind looks;
    private final Outcomes outcomes;
    private final Batches batches;
    private final Shelf shelf;
    private final YearPaper paper;
    private final Clock clock;

    /** What each batch took, which takes some time to work out; what was mixed stays what it is. */
    private final Map<Mixed, List<Took>> taken = new ConcurrentHashMap<>();

    private record Mixed(UUID id, long revision) {}

    private record Took(String materialId, String name, double litres) {}

    YearController(
            final YearRepository repository,
            final LooksInMind looks,
            final Outcomes outcomes,
            final Batches batches,
            final Shelf shelf,
            final YearPaper paper,
            final Clock clock) {
        this.repository = repository;
        this.looks = looks;
        this.outcomes = outcomes;
        this.batches = batches;
        this.shelf = shelf;
        this.paper = paper;
        this.clock = clock;
    }

    /** A blend that was mixed: how many batches, and litres in all. */
    record MixedBlendBody(String name, int batches, double litres) {}

    /** A material that went into the batches: litres, and what they cost at today's prices; null without a price. */
    record UsedMaterialBody(
            String name, double litres, @Nullable Double cost) {}

    /** A plant that was lost, and of what. */
    record LostBody(UUID id, String label, LocalDate on, String words) {}

    /** What was learnt of pots with something in common. */
    record LearntBody(String name, int plants, List<Message> words) {}

    /**
     * A year.
     *
     * @param years years that can be told of, the last first
     * @param spent what the materials cost that have a price
     * @param unpriced how many materials have none
     * @param fedGrams feed that was given, as far as it was weighed [g]
     */
    record HouseYearBody(
            int year,
            List<Integer> years,
            List<MixedBlendBody> mixed,
            List<UsedMaterialBody> used,
            double spent,
            int unpriced,
            long potted,
            int repotted,
            int increased,
            int givenAway,
            List<LostBody> lost,
            long looks,
            long waterings,
            int feeds,
            double fedGrams,
            List<LearntBody> blends,
            List<LearntBody> places) {}

    @Override
    public Object opened() {
        return year(null);
    }

    @Override
    public boolean takesLong() {
        return true;
    }

    @GetMapping
    HouseYearBody year(@RequestParam(required = false) @Min(1900) @Max(9999) final @Nullable Integer year) {
        final int now = LocalDate.now(clock).getYear();
        final int of = Objects.requireNonNullElse(year, now);
        final LocalDate from = LocalDate.of(of, 1, 1);
        final LocalDate to = LocalDate.of(of, 12, 31);
        final Map<PotEvent.Kind, YearRepository.HappenedRow> happened = repository.happened(from, to).stream()
                .collect(Collectors.toMap(YearRepository.HappenedRow::kind, each -> each));
        final List<YearRepository.MixedRow> mixed = repository.mixed(from, to);
        final List<UsedMaterialBody> used = used(mixed);
        final Map<Answer, Long> answers = looks.answers(of);
        final Map<Outcomes.By, List<Outcomes.Group>> groups =
                outcomes.byEach(EnumSet.of(Outcomes.By.BLEND, Outcomes.By.PLACE));
        return new HouseYearBody(
                of,
                years(now),
                mixed(mixed),
                used,
                used.stream()
                        .flatMap(each -> Optional.ofNullable(each.cost()).stream())
                        .mapToDouble(Double::doubleValue)
                        .sum(),
                (int) used.stream().filter(each -> each.cost() == null).count(),
                repository.potted(from, to),
                count(happened, PotEvent.Kind.REPOTTED),
                count(happened, PotEvent.Kind.DIVIDED) + count(happened, PotEvent.Kind.CUTTINGS),
                count(happened, PotEvent.Kind.GIVEN_AWAY),
                repository.lost(from, to).stream()
                        .map(each -> new LostBody(each.potting(), each.label(), each.on(), each.words()))
                        .toList(),
                answers.values().stream().mapToLong(Long::longValue).sum(),
                answers.entrySet().stream()
                        .filter(each -> each.getKey().waters())
                        .mapToLong(Map.Entry::getValue)
                        .sum(),
                count(happened, PotEvent.Kind.FED),
                amount(happened, PotEvent.Kind.FED),
                learnt(groups, Outcomes.By.BLEND),
                learnt(groups, Outcomes.By.PLACE));
    }

    /** The same on paper, as PDF in the units of whoever asks. */
    @GetMapping(value = "/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> page(
            @RequestParam(required = false) @Min(1900) @Max(9999) final @Nullable Integer year,
            @RequestParam(defaultValue = "A4") final String size,
            @RequestParam(defaultValue = "") @Size(max = LONGEST_CURRENCY) final String currency) {
        final HouseYearBody body = year(year);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"year-%d.pdf\"".formatted(body.year()))
                .body(paper.of(body, Paper.Size.named(size), currency));
    }

    private List<Integer> years(final int now) {
        final int first = repository.first().map(LocalDate::getYear).orElse(now);
        return IntStream.rangeClosed(Math.min(first, now), now)
                .boxed()
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    private static int count(final Map<PotEvent.Kind, YearRepository.HappenedRow> happened, final PotEvent.Kind kind) {
        return Optional.ofNullable(happened.get(kind))
                .map(each -> (int) each.times())
                .orElse(0);
    }

    private static double amount(
            final Map<PotEvent.Kind, YearRepository.HappenedRow> happened, final PotEvent.Kind kind) {
        return Optional.ofNullable(happened.get(kind))
                .flatMap(each -> Optional.ofNullable(each.amount()))
                .orElse(0.0);
    }

    private static List<MixedBlendBody> mixed(final List<YearRepository.MixedRow> rows) {
        return rows.stream().collect(Collectors.groupingBy(YearRepository.MixedRow::blendName)).entrySet().stream()
                .map(each -> new MixedBlendBody(
                        each.getKey(),
                        each.getValue().size(),
                        each.getValue().stream()
                                .flatMap(row -> Optional.ofNullable(row.litres()).stream())
                                .mapToDouble(Double::doubleValue)
                                .sum()))
                .sorted(Comparator.comparing(MixedBlendBody::litres).reversed())
                .toList();
    }

    /** What the batches took by their plans, and what that costs today. */
    private List<UsedMaterialBody> used(final List<YearRepository.MixedRow> mixed) {
        final Map<String, Double> prices = shelf.pricesPerLitre();
        final Map<String, UsedMaterialBody> used = new LinkedHashMap<>();
        for (final YearRepository.MixedRow row : mixed) {
            for (final Took took :
                    taken.computeIfAbsent(new Mixed(row.id(), row.revision()), any -> took(batches.get(row.id())))) {
                final Double price = prices.get(took.materialId());
                used.merge(
                        took.materialId(),
                        new UsedMaterialBody(
                                took.name(),
                                took.litres(),
                                price == null ? null : Double.valueOf(price * took.litres())),
                        YearController::together);
            }
        }
        return used.values().stream()
                .sorted(Comparator.comparing(UsedMaterialBody::litres).reversed())
                .toList();
    }

    private List<Took> took(final Batch batch) {
        return batches.plan(batch).materials().stream()
                .map(line -> new Took(line.material().id(), line.material().name(), line.litres()))
                .toList();
    }

    private static UsedMaterialBody together(final UsedMaterialBody one, final UsedMaterialBody other) {
        return new UsedMaterialBody(
                one.name(),
                one.litres() + other.litres(),
                one.cost() == null || other.cost() == null ? null : Double.valueOf(one.cost() + other.cost()));
    }

    private static List<LearntBody> learnt(final Map<Outcomes.By, List<Outcomes.Group>> groups, final Outcomes.By by) {
        return groups.getOrDefault(by, List.of()).stream()
                .filter(each -> !each.fared().few())
                .map(each -> new LearntBody(
                        each.name(), each.watched().size(), each.fared().words()))
                .toList();
    }
}
