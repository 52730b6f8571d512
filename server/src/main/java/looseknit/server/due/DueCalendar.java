package looseknit.server.due;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import looseknit.core.message.Message;
import looseknit.core.outlook.Ahead;
import looseknit.server.batch.Batches;
import looseknit.server.need.BriefBody;
import looseknit.server.planting.SetUpBody;
import looseknit.server.pot.LastStep;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PotEvent;
import looseknit.server.pot.PotRevision;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import looseknit.server.pot.Pottings;
import looseknit.server.shelf.Shelf;
import looseknit.server.trouble.TroublesAhead;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is due and when: feeds, tests, rests, repottings of all pots that stand here, batches to test, troubles to look at again, bags that run out. Reckoned once a day for
 * each pot, and again when it changes; held in mind, not stored.
 */
@Service
@Transactional(readOnly = true)
class DueCalendar {

    /** In a house with more pots than these only those count that are reckoned by now. */
    private static final int FEW = 250;

    /** So many pots are reckoned anew for a page in any case, and more as long as it takes; the rest follows by and by. */
    private static final int FEWEST_FOR_A_PAGE = 8;

    private static final Duration LONGEST_FOR_A_PAGE = Duration.ofMillis(80);

    /** So many are reckoned in one go where nobody waits. */
    private static final int AT_ONCE = 100;

    private static final int MOST_TO_TEST = 100;

    private static final Set<PotEvent.Kind> DONE =
            EnumSet.of(PotEvent.Kind.FED, PotEvent.Kind.TOPPED_UP, PotEvent.Kind.FLUSHED);

    private final DueRepository repository;
    private final Pottings pottings;
    private final PotDrying drying;
    private final PotWork work;
    private final Batches batches;
    private final TroublesAhead troubles;
    private final Shelf shelf;
    private final Clock clock;
    private final Map<UUID, Reckoned> reckoned = new ConcurrentHashMap<>();

    /** Counts changes of the Book. */
    private final AtomicInteger book = new AtomicInteger();

    /** Whether some are still to be reckoned, as far as is known. */
    private final AtomicBoolean behind = new AtomicBoolean(true);

    DueCalendar(
            final DueRepository repository,
            final Pottings pottings,
            final PotDrying drying,
            final PotWork work,
            final Batches batches,
            final TroublesAhead troubles,
            final Shelf shelf,
            final Clock clock) {
        this.repository = repository;
        this.pottings = pottings;
        this.drying = drying;
        this.work = work;
        this.batches = batches;
        this.troubles = troubles;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** What a reckoning rests on: it is done anew when any of it changes. */
    private record Basis(
            int book,
            long revision,
            LocalDate today,
            @Nullable LocalDate fedOn,
            @Nullable LocalDate toppedUpOn,
            @Nullable LocalDate flushedOn) {

        /** Whether nothing has changed but the Book: what was reckoned is shown until it is reckoned anew. */
        boolean isOlderBook(final Basis now) {
            return new Basis(now.book, revision, today, fedOn, toppedUpOn, flushedOn).equals(now);
        }

        /** Whether nothing has changed but the pot, as it does with each look at it. */
        boolean isOtherRevision(final Basis now) {
            return new Basis(book, now.revision, today, fedOn, toppedUpOn, flushedOn).equals(now);
        }
    }

    /** What of a pot is reckoned with: looks change nothing of it. */
    private record Stands(
            UUID batch, BriefBody brief, @Nullable SetUpBody setUp, LocalDate pottedOn, String label) {

        static Stands of(final Potting potting) {
            return new Stands(potting.batchId(), potting.brief(), potting.setUp(), potting.pottedOn(), potting.label());
        }
    }

    private record Reckoned(Basis basis, Stands stands, List<Ahead.Due> dues) {}

    /** What an entry is of. */
    enum Kind {
        FEED,
        TEST,
        TOP_UP,
        REST,
        REPOT,
        FLUSH,
        SETTLE,
        BATCH_TEST,
        TROUBLE,
        SHELF_LOW,
        OLD_BAG;

        static Kind of(final Ahead.Kind kind) {
            return valueOf(kind.name());
        }
    }

    /**
     * Something that is due.
     *
     * @param subject the pot, the batch or the lot that it is of
     * @param because why; null where there is no more to say
     */
    record Entry(
            Kind kind,
            LocalDate on,
            UUID subject,
            String label,
            @Nullable Message what,
            @Nullable Message because) {}

    /**
     * The calendar of some days.
     *
     * @param pots how many pots stand here
     * @param reckoned of how many it is reckoned by now
     */
    record Days(LocalDate today, List<Entry> entries, int pots, int reckoned) {}

    LocalDate today() {
        return LocalDate.now(clock);
    }

    /** All is reckoned anew, by and by: what the Book says of plants or materials, or what tests have shown of blends, has changed. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public void changed() {
        book.incrementAndGet();
        behind.set(true);
    }

    /** How much is due by today besides the looks; in a large house only of the pots that are reckoned by now. */
    long dueByToday() {
        final LocalDate today = LocalDate.now(clock);
        if (reckoned.size() <= FEW) {
            return next(0).entries().size();
        }
        return reckoned.values().stream()
                        .flatMap(each -> each.dues().stream())
                        .filter(due -> !due.on().isAfter(today))
                        .count()
                + others(today, today).size();
    }

    /** How much is reckoned anew for an answer. */
    private interface Patience {
        boolean lasts(int already);
    }

    /** What is due up to some days from today, soonest first; in a house with many pots of those that are reckoned by now. */
    Days next(final int days) {
        final long until = System.nanoTime() + LONGEST_FOR_A_PAGE.toNanos();
        return next(days, already -> already < FEWEST_FOR_A_PAGE || System.nanoTime() < until);
    }

    /** The same of all pots, for what leaves the house: on paper, or into another calendar. */
    Days allOf(final int days) {
        return next(days, already -> true);
    }

    /** How often what it rests on besides the pots has changed. */
    int changesOfTheBook() {
        return book.get();
    }

    /** Whether some are still to be reckoned, or to be reckoned anew. */
    boolean isBehind() {
        return behind.get();
    }

    /**
     * Reckons on where nobody waits.
     *
     * @param on asked before each pot whether to go on
     * @return whether there is more to do
     */
    boolean goOn(final BooleanSupplier on) {
        if (!behind.get()) {
            return false;
        }
        next(0, already -> already < AT_ONCE && on.getAsBoolean());
        return behind.get();
    }

    private Days next(final int days, final Patience patience) {
        final LocalDate today = LocalDate.now(clock);
        final LocalDate until = today.plusDays(days);
        final List<Entry> entries = new ArrayList<>();
        final List<PotRevision> standing = repository.standing();
        final Map<PotEvent.Kind, Map<UUID, LocalDate>> done = new EnumMap<>(PotEvent.Kind.class);
        for (final LastStep last : work.lastOfEach(DONE)) {
            done.computeIfAbsent(last.kind(), any -> new HashMap<>()).put(last.pottingId(), last.on());
        }
        final Set<UUID> here = new HashSet<>();
        final int bookNow = book.get();
        int anew = 0;
        int late = 0;
        int known = 0;
        for (final PotRevision row : standing) {
            here.add(row.id());
            final Basis basis = new Basis(
                    bookNow,
                    row.revision(),
                    today,
                    done(done, PotEvent.Kind.FED, row.id()),
                    done(done, PotEvent.Kind.TOPPED_UP, row.id()),
                    done(done, PotEvent.Kind.FLUSHED, row.id()));
            Reckoned of = reckoned.get(row.id());
            if (of == null || !of.basis().equals(basis)) {
                if (patience.lasts(anew)) {
                    anew++;
                    of = reckon(row.id(), basis, of);
                    reckoned.put(row.id(), of);
                } else {
                    late++;
                    if (of == null || !of.basis().isOlderBook(basis)) {
                        continue;
                    }
                }
            }
            known++;
            for (final Ahead.Due due : of.dues()) {
                if (!due.on().isAfter(until)) {
                    entries.add(new Entry(
                            Kind.of(due.kind()),
                            due.on(),
                            row.id(),
                            of.stands().label(),
                            due.kind().words(),
                            due.because()));
                }
            }
        }
        behind.set(late > 0 || book.get() != bookNow);
        reckoned.keySet().retainAll(here);
        entries.addAll(others(today, until));
        entries.sort(Comparator.comparing(Entry::on).thenComparing(Entry::kind).thenComparing(Entry::label));
        return new Days(today, entries, standing.size(), known);
    }

    /** What is due of anything but pots: batches to test, troubles to look at again, bags. */
    private List<Entry> others(final LocalDate today, final LocalDate until) {
        final List<Entry> entries = new ArrayList<>();
        batches.toTest(until, MOST_TO_TEST)
                .forEach(each -> entries.add(new Entry(
                        Kind.BATCH_TEST,
                        later(Optional.ofNullable(each.batch().testOn()).orElse(today), today),
                        each.batch().id(),
                        each.version().name() + ", " + each.batch().lot(),
                        null,
                        null)));
        troubles.until(until)
                .forEach(each -> entries.add(new Entry(
                        Kind.TROUBLE,
                        later(each.lookOn(), today),
                        each.pottingId(),
                        each.label(),
                        each.cause(),
                        null)));
        shelf.concerns(today, until)
                .forEach(each -> entries.add(new Entry(
                        each.low() ? Kind.SHELF_LOW : Kind.OLD_BAG,
                        each.on(),
                        each.lotId(),
                        each.material(),
                        null,
                        each.because())));
        return entries;
    }

    private static @Nullable LocalDate done(
            final Map<PotEvent.Kind, Map<UUID, LocalDate>> done, final PotEvent.Kind kind, final UUID pot) {
        return done.getOrDefault(kind, Map.of()).get(pot);
    }

    private Reckoned reckon(final UUID id, final Basis basis, final @Nullable Reckoned before) {
        final Potting potting = pottings.get(id);
        final Stands stands = Stands.of(potting);
        if (before != null
                && before.basis().isOtherRevision(basis)
                && before.stands().equals(stands)) {
            return new Reckoned(basis, stands, before.dues());
        }
        final PotDrying.Read read = drying.read(potting);
        return new Reckoned(
                basis,
                stands,
                Ahead.of(
                        read.potted(),
                        read.setUp(),
                        new Ahead.History(
                                potting.pottedOn(),
                                Optional.ofNullable(basis.fedOn()),
                                Optional.ofNullable(basis.toppedUpOn()),
                                Optional.ofNullable(basis.flushedOn())),
                        basis.today()));
    }

    private static LocalDate later(final LocalDate day, final LocalDate today) {
        return day.isBefore(today) ? today : day;
    }
}
