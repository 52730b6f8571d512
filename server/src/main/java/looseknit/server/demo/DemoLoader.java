package looseknit.server.demo;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Period;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.core.planting.SetUpKind;
import looseknit.server.assay.Assays;
import looseknit.server.batch.BatchAmounts;
import looseknit.server.batch.BatchSamples;
import looseknit.server.batch.BatchStory;
import looseknit.server.batch.Batches;
import looseknit.server.batch.FillBody;
import looseknit.server.blend.Blend;
import looseknit.server.blend.Blends;
import looseknit.server.care.Climate;
import looseknit.server.care.Rounds;
import looseknit.server.need.NamedPlace;
import looseknit.server.need.NamedPlaces;
import looseknit.server.need.OwnPlants;
import looseknit.server.planting.FittedSetUps;
import looseknit.server.planting.OwnPots;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PotEvent;
import looseknit.server.pot.PotStory;
import looseknit.server.pot.Potting;
import looseknit.server.pot.Pottings;
import looseknit.server.shelf.Offers;
import looseknit.server.shelf.OwnMaterials;
import looseknit.server.shelf.Shelf;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Fills an empty store with an invented plant-lending library in a retired lighthouse station. All of it is made up; days count back
 * from the first start.
 */
@Component
class DemoLoader implements ApplicationRunner {

    private static final long SEED = 1871;

    /** How far the pots of the station dry sooner or later than reckoned. */
    private static final double OWN_PACE = 0.18;

    private static final double LEAST_PACE = 0.6;

    /** So many times as long as a plant can wait it is bone dry. */
    private static final double BONE_DRY_AFTER = 1.4;

    /** Nothing is told of batches from longer ago [d]. */
    private static final int LONGEST_AGO = 400;

    /** How often the round comes a day or two late. */
    private static final double LATE = 0.25;

    private final boolean wanted;
    private final NamedPlaces places;
    private final Blends blends;
    private final Batches batches;
    private final BatchStory story;
    private final BatchSamples samples;
    private final Pottings pottings;
    private final Rounds rounds;
    private final Climate climate;
    private final PotDrying drying;
    private final Assays assays;
    private final OwnPlants plants;
    private final OwnMaterials own;
    private final Shelf shelf;
    private final Offers offers;
    private final FittedSetUps setUps;
    private final OwnPots ownPots;
    private final PotStory potStory;
    private final EntityManager entities;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;
    private final Random random = new Random(SEED);

    DemoLoader(
            final NamedPlaces places,
            final Blends blends,
            final Batches batches,
            final BatchStory story,
            final BatchSamples samples,
            final Pottings pottings,
            final Rounds rounds,
            final Climate climate,
            final PotDrying drying,
            final Assays assays,
            final OwnPlants plants,
            final OwnMaterials own,
            final Shelf shelf,
            final Offers offers,
            final FittedSetUps setUps,
            final OwnPots ownPots,
            final PotStory potStory,
            final EntityManager entities,
            final PlatformTransactionManager transactions,
            final JsonMapper json,
            final Clock clock,
            @Value("${looseknit.demo}") final boolean wanted) {
        this.wanted = wanted;
        this.places = places;
        this.blends = blends;
        this.batches = batches;
        this.story = story;
        this.samples = samples;
        this.pottings = pottings;
        this.rounds = rounds;
        this.climate = climate;
        this.drying = drying;
        this.assays = assays;
        this.plants = plants;
        this.own = own;
        this.shelf = shelf;
        this.offers = offers;
        this.setUps = setUps;
        this.ownPots = ownPots;
        this.potStory = potStory;
        this.entities = entities;
        this.transaction = new TransactionTemplate(transactions);
        this.json = json;
        this.clock = clock;
    }

    @Override
    public void run(final ApplicationArguments arguments) throws IOException {
        if (!wanted || blends.any()) {
            return;
        }
        final Station station;
        try (InputStream stream = new ClassPathResource("demo/skerry-light.json").getInputStream()) {
            station = json.readValue(stream, Station.class);
        }
        transaction.executeWithoutResult(status -> stock(station));
        transaction.executeWithoutResult(status -> work(station));
    }

    /** What is at hand; comes first, since blends name it. */
    private void stock(final Station station) {
        station.places().forEach(place -> places.save(new NamedPlace(id("place", place.name()), place)));
        station.plants().forEach(plant -> plants.add(plant.id(), plant.facts()));
        station.own().forEach(each -> own.add(each.id(), each.facts()));
        station.lots()
                .forEach(lot -> shelf.add(
                        id("lot", lot.key()),
                        lot.openedDaysAgo() == null
                                ? lot.facts()
                                : lot.facts().openedOn(today().minusDays(lot.openedDaysAgo()))));
        station.potKinds()
                .forEach(kind ->
                        ownPots.add(id("pot kind", kind.name()), kind.name(), kind.form(), kind.pot(), kind.owned()));
        station.offers().forEach(offer -> offers.add(id("offer", offer.key()), offer.facts()));
    }

    /** What was done with it. */
    private void work(final Station station) {
        final Map<String, Integer> versions = new HashMap<>();
        station.blends().forEach(blend -> versions.put(blend.key(), blend(blend)));
        station.batches().forEach(batch -> batch(batch, Objects.requireNonNull(versions.get(batch.blend()))));
        station.pottings().forEach(each -> {
            potting(station, each);
            forget();
        });
        station.tests()
                .forEach(test -> assays.make(
                        id("test", test.key()),
                        id("blend", test.blend()),
                        today().minusDays(test.daysAgo()),
                        test.test()));
        aftermath(station);
        station.potEvents().forEach(this::potEvent);
        station.logged().forEach(climate::readLogger);
    }

    /** What was done with batches and shown by their tests, in the order in which it happened. */
    private void aftermath(final Station station) {
        for (int daysAgo = LONGEST_AGO; daysAgo >= 0; daysAgo--) {
            final int ago = daysAgo;
            station.steps().stream().filter(step -> step.daysAgo() == ago).forEach(this::step);
            station.batchTests().stream()
                    .filter(test -> test.daysAgo() == ago)
                    .forEach(test -> assays.make(
                            id("test", test.key()),
                            samples.on(id("batch", test.batch()), today().minusDays(ago)),
                            today().minusDays(ago),
                            test.test()));
        }
    }

    private void step(final Station.DemoStep step) {
        final UUID batch = id("batch", step.batch());
        final LocalDate day = today().minusDays(step.daysAgo());
        final String thing = Objects.requireNonNullElse(step.thing(), "");
        final UUID other = id("batch", Objects.requireNonNullElse(step.other(), ""));
        switch (step.kind()) {
            case ADDED -> story.added(batch, day, thing, step.amount());
            case DOSED -> story.dosed(batch, day, thing, step.amount());
            case THROWN -> story.thrown(batch, day, step.amount(), Objects.requireNonNullElse(step.why(), ""));
            case SPLIT -> story.split(batch, day, step.amount(), other);
            case MOVED -> story.moved(batch, day, step.amount(), other);
        }
    }

    private int blend(final Station.DemoBlend demo) {
        final UUID id = id("blend", demo.key());
        final Blend blend = blends.create(id, demo.name(), demo.brief(), demo.first(), ago(demo.daysAgo() + 60));
        int kept = blends.keep(id, "first try", ago(demo.daysAgo() + 60)).number();
        blends.change(id, blend.revision(), demo.name(), demo.brief(), demo.recipe(), ago(demo.daysAgo()));
        kept = Math.max(kept, blends.keep(id, demo.note(), ago(demo.daysAgo())).number());
        return kept;
    }

    private void batch(final Station.DemoBatch demo, final int version) {
        final UUID id = id("batch", demo.key());
        batches.create(
                id,
                id("blend", demo.blend()),
                version,
                new BatchAmounts(
                        demo.fills().stream()
                                .map(fill -> new FillBody(fill.count(), fill.pot(), fill.rootBallLitres()))
                                .toList(),
                        demo.storeLitres() == null ? 0 : demo.storeLitres(),
                        0,
                        0.05,
                        0.5,
                        20),
                ago(demo.daysAgo()));
        if (demo.counted() != null) {
            story.count(id, demo.counted());
        }
        if (demo.mixed()) {
            batches.mixed(id, today().minusDays(demo.daysAgo()), false);
        }
    }

    private void potting(final Station station, final Station.DemoPotting demo) {
        final UUID id = id("potting", demo.label());
        Potting potting = pottings.potUp(toPot(id, demo));
        final double waits =
                potting.predictedDays().value() * Math.max(LEAST_PACE, 1 + OWN_PACE * random.nextGaussian());
        final LocalDate until = until(station, demo.label());
        for (int round = 0; potting.nextLookOn().isBefore(until); round++) {
            final int late = random.nextDouble() < LATE ? 1 + random.nextInt(2) : 0;
            final LocalDate day = potting.nextLookOn().plusDays(late);
            if (!day.isBefore(until)) {
                return;
            }
            final double waited =
                    ChronoUnit.DAYS.between(potting.lastWateredOn(), day) / (waits * drying.waits(potting, day));
            final Answer answer =
                    waited < 1 ? Answer.STILL_MOIST : waited > BONE_DRY_AFTER ? Answer.BONE_DRY : Answer.WATERED;
            potting = rounds.look(id("look", demo.label() + round), id, answer, day);
        }
    }

    /** The day from which on nobody looks at a pot: it was lost or lent then, or that day is still to come. */
    private LocalDate until(final Station station, final String label) {
        return station.potEvents().stream()
                .filter(event -> event.pot().equals(label) && event.kind().ends())
                .map(event -> today().minusDays(event.daysAgo()))
                .min(Comparator.naturalOrder())
                .orElseGet(this::today);
    }

    /** Writes down what was told and holds it in mind no longer: looking through all of it at each look takes long. */
    private void forget() {
        entities.flush();
        entities.clear();
    }

    private Pottings.ToPot toPot(final UUID id, final Station.DemoPotting demo) {
        final UUID batch = id("batch", demo.batch());
        final LocalDate day = today().minusDays(demo.daysAgo());
        final UUID mother = demo.mother() == null ? null : id("potting", demo.mother());
        if (demo.kind() == null) {
            return new Pottings.ToPot(
                    id, demo.label(), demo.brief(), batch, day, SetUpKind.PLAIN, null, null, mother, demo.origin());
        }
        final FittedSetUps.Fitted fitted =
                setUps.of(demo.kind(), Objects.requireNonNull(demo.brief().pot()), demo.ball());
        return new Pottings.ToPot(
                id,
                demo.label(),
                demo.brief().in(fitted.pot()),
                batch,
                day,
                demo.kind(),
                fitted.setUp(),
                null,
                mother,
                demo.origin());
    }

    private void potEvent(final Station.DemoPotEvent event) {
        final UUID pot = id("potting", event.pot());
        final LocalDate day = today().minusDays(event.daysAgo());
        final String words = Objects.requireNonNullElse(event.words(), "");
        switch (event.kind()) {
            case FED -> potStory.fed(pot, day, words, event.amount());
            case NOTED -> potStory.noted(pot, day, words);
            case TOPPED_UP -> potStory.toppedUp(pot, day, event.amount());
            case LENT -> potStory.lent(pot, day, words);
            case LOST -> potStory.lost(pot, day, words);
            case THRIVING, FAIR, POOR ->
                potStory.does(pot, PotEvent.Kind.valueOf(event.kind().name()), day, words);
        }
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    private Instant ago(final int days) {
        return clock.instant().minus(Period.ofDays(days));
    }

    private static UUID id(final String kind, final String key) {
        return UUID.nameUUIDFromBytes((kind + " " + key).getBytes(StandardCharsets.UTF_8));
    }
}
