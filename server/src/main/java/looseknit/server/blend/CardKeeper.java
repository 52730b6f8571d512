package looseknit.server.blend;

import java.util.ArrayDeque;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.bench.Evaluator;
import looseknit.core.bench.Glance;
import looseknit.core.blend.Recipe;
import looseknit.core.caution.Caution;
import looseknit.core.material.Material;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.need.Plant;
import looseknit.server.frame.Books;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.Stopping;
import looseknit.server.frame.TestsChanged;
import looseknit.server.frame.Workable;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps the cards of the swatch book: each is written with the change of its blend. After a change of the model, of materials, plants or tests
 * all of them are read anew, a few at a time and not by whoever waits for a page.
 */
@Component
class CardKeeper {

    /** So many are read in one go. */
    private static final int AT_ONCE = 40;

    /** So many are looked up, since that goes through all of them. */
    private static final int LOOKED_UP = 400;

    private static final long PAUSE_MS = 50;

    private static final Map<MeasureSystem, Wording> ENGLISH = Map.of(
            MeasureSystem.METRIC, Wording.english(MeasureSystem.METRIC),
            MeasureSystem.US, Wording.english(MeasureSystem.US));

    private final BlendCardRepository cards;
    private final BlendRepository blends;
    private final VersionRepository versions;
    private final ReadingModelRepository model;
    private final CardEdition edition;
    private final Books books;
    private final KnownSource knownSource;
    private final TransactionTemplate transaction;
    private final Stopping stopping;
    private final AtomicBoolean toDo = new AtomicBoolean();

    /** Those that were looked up and wait for their turn; of the one thread that reads on. */
    private final Queue<UUID> next = new ArrayDeque<>();

    CardKeeper(
            final BlendCardRepository cards,
            final BlendRepository blends,
            final VersionRepository versions,
            final ReadingModelRepository model,
            final CardEdition edition,
            final Books books,
            final KnownSource knownSource,
            final TransactionTemplate transaction,
            final Stopping stopping) {
        this.cards = cards;
        this.blends = blends;
        this.versions = versions;
        this.model = model;
        this.edition = edition;
        this.books = books;
        this.knownSource = knownSource;
        this.transaction = transaction;
        this.stopping = stopping;
    }

    /** The card of a blend that has changed is written with it. */
    @EventListener
    void blendChanged(final BlendChanged event) {
        blends.findById(event.id()).ifPresent(this::write);
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT, fallbackExecution = true)
    void materialsChanged(final MaterialsChanged event) {
        allAnew();
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT, fallbackExecution = true)
    void testsChanged(final TestsChanged event) {
        allAnew();
    }

    private void allAnew() {
        transaction.executeWithoutResult(any -> edition.raise());
    }

    /** Only what is stored can be seen by whoever reads on. */
    @TransactionalEventListener(
            classes = {MaterialsChanged.class, TestsChanged.class},
            phase = TransactionPhase.AFTER_COMPLETION,
            fallbackExecution = true)
    void stored() {
        toDo.set(true);
    }

    @EventListener
    void changedElsewhere(final ChangedElsewhere event) {
        toDo.set(true);
    }

    /** Another model reads otherwise; what was stored before there were cards has none. */
    @EventListener
    void ready(final ApplicationReadyEvent event) {
        transaction.executeWithoutResult(any -> {
            if (model.findById(ReadingModel.ONLY).orElseThrow().becomes(Fingerprint.ofCore())) {
                edition.raise();
            }
        });
        edition.open();
        toDo.set(true);
    }

    /** Reads some of what wants it anew; between some and some others have their turn. */
    @Scheduled(fixedDelay = PAUSE_MS)
    void readOn() {
        if (!toDo.getAndSet(false)) {
            return;
        }
        if (next.isEmpty()) {
            transaction.executeWithoutResult(any -> {
                next.addAll(cards.withoutCard(Limit.of(LOOKED_UP)));
                next.addAll(cards.readBefore(edition.current(), Limit.of(LOOKED_UP)));
            });
        }
        for (int i = 0; i < AT_ONCE && !next.isEmpty(); i++) {
            if (stopping.stopping()) {
                return;
            }
            final UUID id = next.remove();
            transaction.executeWithoutResult(any -> blends.lock(id).ifPresent(this::writeIfWanted));
            toDo.set(true);
        }
    }

    /** Another instance may have been quicker. */
    private void writeIfWanted(final Blend blend) {
        if (cards.findById(blend.id())
                .map(card -> card.edition() < edition.current())
                .orElse(true)) {
            write(blend);
        }
    }

    private void write(final Blend blend) {
        final int readingWith = edition.readingWith();
        final BlendCard card = cards.findById(blend.id()).orElseGet(() -> cards.save(new BlendCard(blend)));
        final Optional<Plant> plant =
                Optional.ofNullable(blend.brief().plantId()).flatMap(books.plants()::plant);
        if (blend.deleted()) {
            card.sift("", null, "", Set.of());
            card.read(CardFacts.NONE, false, null, readingWith);
            return;
        }
        final Set<String> materials = blend.recipe().parts().stream()
                .map(RecipeBody.PartBody::materialId)
                .collect(Collectors.toSet());
        final Optional<Recipe> recipe = Workable.found(() -> blend.recipe().toCore(books));
        card.sift(
                words(blend, plant, materials),
                plant.map(each -> each.group().name()).orElse(null),
                recipe.map(CardKeeper::ingredients).orElse(""),
                materials);
        card.kept(versions.findFirstByBlendIdOrderByNumberDesc(blend.id()));
        final Optional<Glance> glance = recipe.flatMap(each -> Workable.found(() ->
                Evaluator.glance(each, blend.brief().toCore(books), knownSource.known(blend.id(), blend.recipe()))));
        card.read(
                glance.map(CardKeeper::facts).orElse(CardFacts.NONE),
                glance.map(Glance::fits).orElse(false),
                glance.map(CardKeeper::fit).orElse(null),
                readingWith);
    }

    /** How well it fits, 0 to 100; null without a plant. */
    static @Nullable Double fit(final Glance glance) {
        return glance.fit().isPresent() ? glance.fit().getAsDouble() : null;
    }

    /** What a glance shows, to keep. */
    static CardFacts facts(final Glance glance) {
        return new CardFacts(
                glance.shares(),
                ENGLISH.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, each -> each.getValue().of(glance.headline()))),
                glance.values(),
                glance.stops().stream().map(Caution::id).toList());
    }

    private String words(final Blend blend, final Optional<Plant> plant, final Set<String> materials) {
        return Stream.of(
                        Stream.of(blend.name()),
                        plant.map(Plant::name).stream(),
                        materials.stream()
                                .flatMap(id -> books.materials().material(id).stream())
                                .map(Material::name))
                .flatMap(each -> each)
                .collect(Collectors.joining(" "))
                .toLowerCase(Locale.ROOT);
    }

    /** What is in a recipe above nothing, whatever the amounts. */
    private static String ingredients(final Recipe recipe) {
        final Set<String> names = new TreeSet<>();
        recipe.parts().stream()
                .filter(part -> part.amount() > 0)
                .forEach(part -> names.add(part.material().id()));
        recipe.doses().stream()
                .filter(dose -> dose.gPerL() > 0)
                .forEach(dose -> names.add(dose.amendment().id()));
        return String.join("|", names);
    }
}
