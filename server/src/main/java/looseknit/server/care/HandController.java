package looseknit.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import looseknit.core.care.Hand;
import looseknit.core.care.HandSentence;
import looseknit.core.message.Message;
import looseknit.core.need.Place;
import looseknit.core.outlook.FittingWays;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.frame.TestsChanged;
import looseknit.server.need.BriefBody;
import looseknit.server.need.NamedPlaces;
import looseknit.server.planting.SetUpBody;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.Potting;
import looseknit.server.pot.Pottings;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How often the hand of the house waters, and which pots do not fit it, over HTTP. */
@RestController
@Transactional(readOnly = true)
@RequestMapping("/api/hand")
class HandController implements OpenedSoon {

    private static final int DAYS = 365;
    /** So many pots are named. */
    private static final int MOST_MISFITS = 12;

    private static final int MOST_BESIDE = 3;

    private final LooksInMind inMind;
    private final Pottings pottings;
    private final PotDrying drying;
    private final NamedPlaces places;
    private final Clock clock;

    /** What was tried with those that are named, which takes a while; looks and hands change nothing of it. */
    private final Map<UUID, Tried> tried = new ConcurrentHashMap<>();

    /** What it rests on. */
    private record Basis(
            UUID batch, BriefBody brief, @Nullable SetUpBody setUp, List<Place> elsewhere) {}

    private record Tried(Basis basis, FittingWays ways) {}

    HandController(
            final LooksInMind inMind,
            final Pottings pottings,
            final PotDrying drying,
            final NamedPlaces places,
            final Clock clock) {
        this.inMind = inMind;
        this.pottings = pottings;
        this.drying = drying;
        this.places = places;
        this.clock = clock;
    }

    /** How often water is given somewhere: usual days between waterings, and between what most of them lie. */
    record HandOfPlaceBody(
            @Nullable String place, double everyDays, double lowDays, double highDays, int waterings, Message says) {}

    /**
     * A pot that does not fit the hand.
     *
     * @param says how it does not
     * @param ways what would help without trying anything with the pot
     */
    record MisfitBody(UUID id, String label, @Nullable String place, Message says, List<Message> ways) {}

    /**
     * The hand of the house.
     *
     * @param says what it does against what is said of it; null while little is known
     * @param misfitsInAll how many pots do not fit it
     */
    record HandBody(@Nullable Message says, List<HandOfPlaceBody> places, int misfitsInAll, List<MisfitBody> misfits) {}

    private record Misfit(PotLookedAt pot, Hand hand, Hand.Fit fit) {
        double off() {
            return Math.abs(Math.log(pot.expectedDays().value() / hand.everyDays()));
        }
    }

    /** What the Book says of plants or materials, or what tests have shown of them, has changed. */
    @EventListener({MaterialsChanged.class, TestsChanged.class, ChangedElsewhere.class})
    void changed() {
        tried.clear();
    }

    @Override
    public Object opened() {
        return hand();
    }

    @GetMapping
    HandBody hand() {
        final LocalDate since = since();
        final List<PotLookedAt> here = inMind.here();
        final Map<Optional<String>, Hand.Intervals> byPlace = here.stream()
                .collect(Collectors.groupingBy(
                        HandController::placeOf,
                        Collectors.reducing(
                                Hand.Intervals.NONE, pot -> pot.looks().since(since), Hand.Intervals::with)));
        final List<PotLookedAt> saying =
                here.stream().filter(pot -> pot.everyDays() != null).toList();
        final Map<Optional<String>, Double> said = saying.stream()
                .collect(Collectors.groupingBy(
                        HandController::placeOf, Collectors.averagingDouble(HandController::says)));
        final List<Misfit> misfits = misfits(here, since);
        final List<Misfit> shown = misfits.stream().limit(MOST_MISFITS).toList();
        tried.keySet().retainAll(shown.stream().map(each -> each.pot().id()).collect(Collectors.toSet()));
        return new HandBody(
                Hand.of(byPlace.values().stream().reduce(Hand.Intervals.NONE, Hand.Intervals::with))
                        .map(hand -> hand.words(saying.stream()
                                .mapToDouble(HandController::says)
                                .average()
                                .orElse(hand.everyDays())))
                        .orElse(null),
                byPlace.entrySet().stream()
                        .flatMap(each ->
                                Hand.of(each.getValue()).stream().map(hand -> ofPlace(each.getKey(), hand, said)))
                        .sorted(Comparator.comparing(HandOfPlaceBody::waterings).reversed())
                        .toList(),
                misfits.size(),
                shown.stream().map(each -> body(each, here)).toList());
    }

    /**
     * What would help a pot that does not fit.
     *
     * @param ways other walls, sizes and places, tried
     */
    record HandWaysBody(List<Message> ways) {}

    /** What would help a pot: tried for one at a time, since that takes a while. */
    @GetMapping("/{id}/ways")
    HandWaysBody ways(@PathVariable final UUID id) {
        final Potting potting = pottings.get(id);
        return new HandWaysBody(inMind.here().stream()
                .filter(pot -> pot.id().equals(id))
                .findFirst()
                .flatMap(pot -> hand(pot, since()))
                .map(hand -> ways(potting, hand))
                .orElse(List.of()));
    }

    private LocalDate since() {
        return LocalDate.now(clock).minusDays(DAYS);
    }

    private static Optional<String> placeOf(final PotLookedAt pot) {
        return Optional.ofNullable(pot.place());
    }

    private static double says(final PotLookedAt pot) {
        return Objects.requireNonNull(pot.everyDays());
    }

    private static HandOfPlaceBody ofPlace(
            final Optional<String> place, final Hand hand, final Map<Optional<String>, Double> said) {
        return new HandOfPlaceBody(
                place.orElse(null),
                hand.everyDays(),
                hand.lowDays(),
                hand.highDays(),
                hand.waterings(),
                hand.words(said.getOrDefault(place, hand.everyDays())));
    }

    /** Pots whose waterings, outside of their rest, come too seldom or too often for them. */
    private List<Misfit> misfits(final List<PotLookedAt> here, final LocalDate since) {
        return here.stream()
                .flatMap(pot ->
                        hand(pot, since).stream().map(hand -> new Misfit(pot, hand, hand.fit(pot.expectedDays()))))
                .filter(each -> each.fit() != Hand.Fit.FITS)
                .sorted(Comparator.comparingDouble(Misfit::off).reversed())
                .toList();
    }

    /** How often a pot is watered outside of its rest. */
    private Optional<Hand> hand(final PotLookedAt pot, final LocalDate since) {
        return Hand.of(pot.looks().inGrowthSince(since, drying.rest(pot.plantId())));
    }

    private static MisfitBody body(final Misfit misfit, final List<PotLookedAt> here) {
        final PotLookedAt pot = misfit.pot();
        final List<Message> ways = new ArrayList<>();
        beside(pot, here).ifPresent(ways::add);
        ways.add(HandSentence.OTHER_MIX.with());
        return new MisfitBody(
                pot.id(), pot.label(), pot.place(), misfit.hand().words(misfit.fit(), pot.expectedDays()), ways);
    }

    private List<Message> ways(final Potting potting, final Hand hand) {
        final List<Place> elsewhere = places.findAllByOrderByName().stream()
                .map(each -> each.place().toCore())
                .toList();
        final Basis basis = new Basis(potting.batchId(), potting.brief(), potting.setUp(), elsewhere);
        return tried
                .compute(
                        potting.id(),
                        (id, known) -> known != null && known.basis().equals(basis) ? known : tried(potting, basis))
                .ways()
                .of(potting.pace(), hand)
                .stream()
                .map(FittingWays.Way::words)
                .toList();
    }

    private Tried tried(final Potting potting, final Basis basis) {
        final PotDrying.Read read = drying.read(potting);
        return new Tried(basis, FittingWays.tried(read.potted(), read.setUp(), basis.elsewhere()));
    }

    /** Pots in other places that want water about as often. */
    private static Optional<Message> beside(final PotLookedAt pot, final List<PotLookedAt> here) {
        final double days = pot.expectedDays().value();
        final List<String> labels = here.stream()
                .filter(each -> !placeOf(each).equals(placeOf(pot))
                        && Hand.together(days, each.expectedDays().value()))
                .limit(MOST_BESIDE)
                .map(PotLookedAt::label)
                .toList();
        return labels.isEmpty()
                ? Optional.empty()
                : Optional.of(HandSentence.WITH_THESE.with(String.join("; ", labels), Hand.days(days)));
    }
}
