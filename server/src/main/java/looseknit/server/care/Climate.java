package looseknit.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.care.LoggedDay;
import looseknit.core.care.LoggerFile;
import looseknit.core.care.NextLook;
import looseknit.core.care.Spell;
import looseknit.core.device.ClimateLogger;
import looseknit.core.device.SimulatedClimateLogger;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.need.PlaceBody;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The weather where pots stand, and what follows from it for the looks at them. */
@Service
@Transactional
public class Climate {

    /** So far back weather matters to a pot. */
    private static final int MOST_DAYS = 400;

    /** So far back the simulated logger remembers. */
    private static final int LOGGER_DAYS = 60;

    private static final int SHOWN_DAYS = 60;
    private static final long SEED = 11;

    private final ClimateDayRepository days;
    private final PottingRepository pottings;
    private final PotDrying drying;
    private final Books books;
    private final Clock clock;

    Climate(
            final ClimateDayRepository days,
            final PottingRepository pottings,
            final PotDrying drying,
            final Books books,
            final Clock clock) {
        this.days = days;
        this.pottings = pottings;
        this.drying = drying;
        this.books = books;
        this.clock = clock;
    }

    /**
     * What a file of a logger would bring, or has brought.
     *
     * @param known how many of its days were known before and are taken anew
     * @param moved how many pots are looked at on another day by it; 0 where nothing was kept
     */
    public record Brought(LoggerFile file, int known, int moved) {}

    /** Places with pots, and whether weather of them is logged. */
    @Transactional(readOnly = true)
    List<LoggedPlaceRow> places() {
        return days.places();
    }

    /** The last days of a place. */
    @Transactional(readOnly = true)
    List<LoggedDay> last(final String place) {
        return days.of(place, LocalDate.now(clock).minusDays(SHOWN_DAYS)).stream()
                .map(ClimateDay::toCore)
                .toList();
    }

    /** Looks through a file of a logger, and keeps it if wanted. */
    Brought take(final String place, final String text, final boolean keep) {
        final LoggerFile file = read(text);
        final LocalDate today = LocalDate.now(clock);
        file.days().stream().filter(day -> day.day().isAfter(today)).findFirst().ifPresent(ahead -> {
            throw new OutOfRangeException(
                    "the day of the weather",
                    String.valueOf(ahead.day()),
                    TableText.said("days up to today; is the clock of the logger right?"));
        });
        final Map<LocalDate, LoggedDay> before = logged(
                place,
                file.days().stream()
                        .map(LoggedDay::day)
                        .min(LocalDate::compareTo)
                        .orElse(today));
        final int known = (int) file.days().stream()
                .filter(day -> before.containsKey(day.day()))
                .count();
        if (!keep || file.days().isEmpty()) {
            return new Brought(file, known, 0);
        }
        days.saveAllAndFlush(
                file.days().stream().map(day -> new ClimateDay(place, day)).toList());
        return new Brought(file, known, weathered(place));
    }

    private static LoggerFile read(final String text) {
        try {
            return LoggerFile.read(text);
        } catch (final IllegalArgumentException e) {
            throw new Refused("This is no file of a logger", String.valueOf(e.getMessage()));
        }
    }

    /** Reads the simulated logger from where it was read last up to yesterday. */
    public Brought readLogger(final String place) {
        final LocalDate yesterday = LocalDate.now(clock).minusDays(1);
        final LocalDate from = days.places().stream()
                .filter(each -> each.placeName().equals(place))
                .map(each -> each.last().plusDays(1))
                .filter(each -> each.isAfter(yesterday.minusDays(LOGGER_DAYS)))
                .findFirst()
                .orElse(yesterday.minusDays(LOGGER_DAYS - 1));
        if (from.isAfter(yesterday)) {
            return new Brought(new LoggerFile(List.of(), List.of(), List.of()), 0, 0);
        }
        final PlaceBody usual = pottings.at(place).stream()
                .flatMap(each -> Optional.ofNullable(each.brief().place()).stream())
                .findFirst()
                .orElseThrow(() ->
                        new OutOfRangeException("place.name", place, TableText.said("a place where a pot stands")));
        final ClimateLogger logger = new SimulatedClimateLogger(usual.toCore(), SEED);
        return take(place, logger.lines(from, yesterday), true);
    }

    /** Usual days that the weather from a watering up to a day counts for; nothing where none of it is logged. */
    @Transactional(readOnly = true)
    OptionalDouble dryDays(final Potting potting, final LocalDate until) {
        final Map<LocalDate, LoggedDay> logged = loggedAt(potting);
        return logged.isEmpty()
                ? OptionalDouble.empty()
                : standing(potting)
                        .map(standing -> OptionalDouble.of(Math.min(
                                MOST_DAYS,
                                Spell.of(potting.lastWateredOn(), until, standing, logged)
                                        .days())))
                        .orElseGet(OptionalDouble::empty);
    }

    /** Notes anew when to look at the pots of a place. */
    private int weathered(final String place) {
        final LocalDate today = LocalDate.now(clock);
        int moved = 0;
        for (final Potting potting : pottings.at(place)) {
            final NextLook.Reason reason = potting.nextLookReason();
            final Optional<Spell.Standing> standing = standing(potting);
            if (standing.isEmpty() || potting.wateredLightly() || !reason.followsTheWeather()) {
                continue;
            }
            final Spell spell = Spell.of(potting.lastWateredOn(), today, standing.get(), loggedAt(potting));
            final LocalDate before = potting.nextLookOn();
            potting.lookNext(
                    today.minusDays(1), NextLook.after(spell, potting.expectedDays(), drying.trigger(potting)));
            moved += potting.nextLookOn().equals(before) ? 0 : 1;
        }
        pottings.flush();
        return moved;
    }

    private Map<LocalDate, LoggedDay> loggedAt(final Potting potting) {
        return Optional.ofNullable(potting.brief().place())
                .map(place -> logged(
                        place.name(),
                        potting.lastWateredOn().isBefore(LocalDate.now(clock).minusDays(MOST_DAYS))
                                ? LocalDate.now(clock).minusDays(MOST_DAYS)
                                : potting.lastWateredOn()))
                .orElseGet(Map::of);
    }

    private Map<LocalDate, LoggedDay> logged(final String place, final LocalDate from) {
        return days.of(place, from).stream()
                .map(ClimateDay::toCore)
                .collect(Collectors.toMap(LoggedDay::day, Function.identity(), (one, other) -> one, TreeMap::new));
    }

    private Optional<Spell.Standing> standing(final Potting potting) {
        final Brief brief = potting.brief().toCore(books);
        return brief.place()
                .flatMap(place -> brief.pot()
                        .flatMap(pot -> Optional.ofNullable(potting.drawsLitres())
                                .map(litres -> new Spell.Standing(
                                        place,
                                        pot.surfaceM2(),
                                        litres,
                                        potting.expectedDays().value()))));
    }
}
