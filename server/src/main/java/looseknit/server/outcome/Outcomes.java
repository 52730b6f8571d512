package looseknit.server.outcome;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.outcome.AskAfter;
import looseknit.core.outcome.Comparison;
import looseknit.core.outcome.Course;
import looseknit.core.outcome.Fared;
import looseknit.core.pot.PotWall;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.message.Speech;
import looseknit.server.pot.LastStep;
import looseknit.server.pot.PotEvent;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How plants did, by what they have in common; nothing is stored here. */
@Service
@Transactional(readOnly = true)
class Outcomes {

    private static final Set<PotEvent.Kind> ENDS =
            EnumSet.of(PotEvent.Kind.LOST, PotEvent.Kind.LENT, PotEvent.Kind.GIVEN_AWAY, PotEvent.Kind.REPOTTED);
    private static final Set<PotEvent.Kind> HEALTH =
            EnumSet.of(PotEvent.Kind.THRIVING, PotEvent.Kind.FAIR, PotEvent.Kind.POOR);

    private static final Set<PotEvent.Kind> KEPT = EnumSet.of(PotEvent.Kind.FLOWERED, PotEvent.Kind.FED);
    private static final double YEAR_DAYS = 365;

    /** By what plants are put together. */
    enum By {
        BLEND,
        LOT,
        PLANT,
        GROUP,
        WALL,
        PLACE
    }

    /** Plants with something in common. */
    record Group(String key, String name, List<Fared.Watched> watched, Fared fared, Kept kept) {}

    /**
     * What was told of a group besides.
     *
     * @param flowered how many flowered at least once
     * @param feeds how often they were fed in all
     */
    record Kept(int flowered, long feeds) {}

    /** What plants have in common, as it is stored and as it is called. */
    private record Key(String key, String name) {}

    private final OutcomeRepository repository;
    private final PotWork work;
    private final Books books;
    private final Speech speech;
    private final Clock clock;

    Outcomes(
            final OutcomeRepository repository,
            final PotWork work,
            final Books books,
            final Speech speech,
            final Clock clock) {
        this.repository = repository;
        this.work = work;
        this.books = books;
        this.speech = speech;
        this.clock = clock;
    }

    /** Groups of plants, the largest first. */
    List<Group> by(final By by) {
        return by(by, told());
    }

    /** Groups of plants by several things, the largest first. */
    Map<By, List<Group>> byEach(final Set<By> all) {
        final Told told = told();
        return all.stream().collect(Collectors.toMap(Function.identity(), by -> by(by, told)));
    }

    /** What was told of all plants. */
    private record Told(
            List<WatchedRow> plants,
            Map<UUID, LastStep> ends,
            Map<UUID, LastStep> health,
            Map<UUID, Map<PotEvent.Kind, Long>> counts) {

        Told of(final Predicate<WatchedRow> wanted) {
            return new Told(plants.stream().filter(wanted).toList(), ends, health, counts);
        }
    }

    private Told told() {
        final Map<UUID, Map<PotEvent.Kind, Long>> counts = new HashMap<>();
        work.countsOfEach(KEPT)
                .forEach(each -> counts.computeIfAbsent(each.pottingId(), any -> new EnumMap<>(PotEvent.Kind.class))
                        .put(each.kind(), each.count()));
        return new Told(repository.watched(), last(ENDS), last(HEALTH), counts);
    }

    /**
     * Blends by how their pots did, those of which more live first.
     *
     * @param plantId only pots with plants of the group of this one; null for all
     */
    List<Group> ofBlends(final @Nullable String plantId) {
        final PlantBook plants = books.plants();
        final Optional<String> group = Optional.ofNullable(plantId)
                .flatMap(plants::plant)
                .map(each -> each.group().id());
        return by(
                        By.BLEND,
                        told().of(row -> plantId == null
                                || Optional.ofNullable(row.plantId())
                                        .flatMap(plants::plant)
                                        .map(each -> each.group().id())
                                        .equals(group)))
                .stream()
                .sorted(Comparator.comparingDouble(
                        (Group each) -> -each.fared().survival().at(YEAR_DAYS).low()))
                .toList();
    }

    private List<Group> by(final By by, final Told told) {
        final LocalDate today = LocalDate.now(clock);
        final PlantBook plants = books.plants();
        final Map<Key, List<WatchedRow>> groups = told.plants().stream()
                .collect(Collectors.groupingBy(row -> key(row, by, plants), LinkedHashMap::new, Collectors.toList()));
        return groups.entrySet().stream()
                .map(each -> {
                    final List<Fared.Watched> watched = each.getValue().stream()
                            .map(row -> watched(
                                    row,
                                    told.ends().get(row.id()),
                                    told.health().get(row.id()),
                                    today))
                            .toList();
                    return new Group(
                            each.getKey().key(),
                            each.getKey().name(),
                            watched,
                            Fared.of(watched),
                            kept(each.getValue(), told.counts()));
                })
                .sorted(Comparator.comparingInt(
                                (Group group) -> -group.watched().size())
                        .thenComparing(Group::name))
                .toList();
    }

    /** The groups of two keys, compared. */
    Comparison compare(final By by, final String one, final String other) {
        final Map<String, Group> groups =
                by(by).stream().collect(Collectors.toMap(Group::key, group -> group, (first, again) -> first));
        final Group first = Optional.ofNullable(groups.get(one)).orElseThrow(() -> new NotThere("group of pots"));
        final Group second = Optional.ofNullable(groups.get(other)).orElseThrow(() -> new NotThere("group of pots"));
        return Comparison.of(first.watched(), second.watched());
    }

    /** Plants of which it would tell most how they do: those of blends that little is known of, long not asked after. */
    List<WatchedRow> toAsk(final int most) {
        final Map<UUID, LastStep> health = last(HEALTH);
        return AskAfter.among(
                repository.watched(),
                row -> new AskAfter(
                        row.blendId().toString(),
                        row.pottedOn(),
                        Optional.ofNullable(health.get(row.id())).map(LastStep::on),
                        row.state() == Potting.State.HERE),
                LocalDate.now(clock),
                most);
    }

    private static Kept kept(final List<WatchedRow> rows, final Map<UUID, Map<PotEvent.Kind, Long>> counts) {
        int flowered = 0;
        long feeds = 0;
        for (final WatchedRow row : rows) {
            final Map<PotEvent.Kind, Long> of = counts.getOrDefault(row.id(), Map.of());
            flowered += of.containsKey(PotEvent.Kind.FLOWERED) ? 1 : 0;
            feeds += of.getOrDefault(PotEvent.Kind.FED, 0L);
        }
        return new Kept(flowered, feeds);
    }

    private Map<UUID, LastStep> last(final Set<PotEvent.Kind> kinds) {
        final Map<UUID, LastStep> last = new HashMap<>();
        for (final LastStep each : work.lastOfEach(kinds)) {
            last.merge(each.pottingId(), each, (one, other) -> one.on().isAfter(other.on()) ? one : other);
        }
        return last;
    }

    private Key key(final WatchedRow row, final By by, final PlantBook plants) {
        final Optional<Plant> plant = Optional.ofNullable(row.plantId()).flatMap(plants::plant);
        return switch (by) {
            case BLEND -> new Key(row.blendId().toString(), row.blendName());
            case LOT -> new Key(row.lot(), row.blendName() + ", " + row.lot());
            case PLANT -> new Key(orElse(row.plantId()), plant.map(Plant::name).orElse("?"));
            case GROUP ->
                new Key(
                        plant.map(each -> each.group().id()).orElse(""),
                        plant.map(each -> each.group().name()).orElse("?"));
            case WALL ->
                new Key(
                        orElse(row.wall()),
                        row.wall() == null
                                ? "?"
                                : speech.wording()
                                        .of(PotWall.valueOf(row.wall()).words()));
            case PLACE -> new Key(orElse(row.placeName()), orElse(row.placeName()));
        };
    }

    private static String orElse(final @Nullable String name) {
        return Objects.requireNonNullElse(name, "");
    }

    private static Fared.Watched watched(
            final WatchedRow row,
            final @Nullable LastStep end,
            final @Nullable LastStep health,
            final LocalDate today) {
        final boolean here = row.state() == Potting.State.HERE;
        final LocalDate until = here || end == null ? today : end.on();
        return new Fared.Watched(
                new Course(
                        Math.max(0, ChronoUnit.DAYS.between(row.pottedOn(), until)), row.state() == Potting.State.LOST),
                row.paceLooks() > 0 ? OptionalDouble.of(row.pace()) : OptionalDouble.empty(),
                Optional.ofNullable(health)
                        .map(each -> Fared.State.valueOf(each.kind().name())),
                orElse(row.placeName()));
    }
}
