package looseknit.server.blend;

import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.RecipeChanges;
import looseknit.core.caution.Caution;
import looseknit.core.caution.Cautions;
import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import looseknit.server.frame.Workable;
import looseknit.server.message.Speech;
import looseknit.server.reading.RecipeBody;
import looseknit.server.store.LikePattern;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The blends as the swatch book shows them. */
@Component
public class BlendCards {

    /** Most that one page holds. */
    static final int MOST = 200;

    /** So many blends that are the same mix are named with each. */
    /** So many names are offered at once to choose from. */
    static final int MOST_NAMES = 200;

    private static final int MOST_ALIKE = 3;

    /** A page is compared with so many blends of the same things. */
    private static final int MOST_COMPARED = 150;

    private static final Map<Property, String> COLUMNS = new EnumMap<>(Map.of(
            Property.AIR, "air",
            Property.WATER, "water",
            Property.DRY_DAYS, "dryDays",
            Property.PH, "ph",
            Property.FOOD, "food",
            Property.WEIGHT, "weight",
            Property.LIFE, "life"));

    private final Books books;
    private final BlendCardRepository cards;
    private final CardEdition edition;
    private final SiftedCards sifted;
    private final ReadForPlants readForPlants;
    private final Speech speech;

    BlendCards(
            final Books books,
            final BlendCardRepository cards,
            final CardEdition edition,
            final SiftedCards sifted,
            final ReadForPlants readForPlants,
            final Speech speech) {
        this.books = books;
        this.cards = cards;
        this.edition = edition;
        this.sifted = sifted;
        this.readForPlants = readForPlants;
        this.speech = speech;
    }

    /** In which order the cards come. */
    enum Order {
        CHANGED,
        NAME,
        FIT,
        AIR,
        WATER,
        DRY_DAYS,
        PH,
        FOOD,
        WEIGHT,
        LIFE;

        /** Whether all must be read to know which comes first. */
        boolean byReading() {
            return this != CHANGED && this != NAME;
        }
    }

    /**
     * What is looked for in the swatch book.
     *
     * @param text in name, plant or materials
     * @param group a group of plants
     * @param materialIds what must all be in it
     * @param plantId the plant to read them for instead of each its own
     */
    record Sift(
            String text,
            String group,
            Set<String> materialIds,
            @Nullable String plantId,
            boolean fitting,
            boolean archived,
            Order order) {}

    /**
     * A page of the swatch book.
     *
     * @param total how many pass
     * @param away how many are laid away
     * @param groups the groups of plants that there are blends for
     * @param materialIds what is in any of them
     * @param toRead how many are still to be read, for their own plant or for the one that was asked for
     */
    record BookPageBody(
            long total,
            long away,
            List<String> groups,
            List<String> materialIds,
            long toRead,
            List<BlendCardBody> cards) {}

    /**
     * A blend in the swatch book, with what it would read; readings are empty while nothing can be read.
     *
     * @param plantName the plant of its brief
     * @param groupName the group of that plant
     * @param fit how well it fits the plant that it was read for, 0 to 100; null without one
     * @param sameAs some blends that are the same mix, however they are written
     */
    record BlendCardBody(
            BlendBody blend,
            @Nullable String plantName,
            @Nullable String groupName,
            List<Double> shares,
            @Nullable String headline,
            boolean fits,
            @Nullable Double fit,
            List<GlanceBody> readings,
            List<StopBody> stops,
            List<SameMixBody> sameAs) {}

    /** A reading on a card, in the unit in which people read it. */
    record GlanceBody(Property quality, String unit, double value, int decimals) {}

    /** A stop against a blend, and whether it was knowingly set aside. */
    record StopBody(String id, TableText why, boolean accepted) {}

    /** A blend of the same mix. */
    record SameMixBody(UUID id, String name) {}

    /** A card with what was read. */
    private record Read(
            BlendCard card,
            CardFacts facts,
            boolean fits,
            @Nullable Double fit) {}

    /**
     * A page of the swatch book.
     *
     * @throws UnknownName if there is no such plant
     */
    @Transactional(readOnly = true)
    public BookPageBody page(final Sift sift, final int page, final int size) {
        final Optional<Plant> wanted = Optional.ofNullable(sift.plantId())
                .filter(id -> !id.isBlank())
                .map(id -> books.plants()
                        .plant(id)
                        .orElseThrow(() -> new UnknownName("plantId", "plant", id, "Pick one from the Book.")));
        final long total;
        final long left;
        final List<Read> shown;
        if (wanted.isEmpty()) {
            left = 0;
            total = sifted.count(sift, sift.fitting());
            shown = sifted.some(sift, sift.fitting(), (long) page * size, size).stream()
                    .map(card -> new Read(card, card.facts(), card.fits(), card.fit()))
                    .toList();
        } else {
            final Passing passing = passing(wanted.get(), sift);
            total = passing.ids().size();
            left = passing.left();
            shown = shown(
                    wanted.get(),
                    passing.ids().stream().skip((long) page * size).limit(size).toList());
        }
        final Map<UUID, List<SameMixBody>> same = same(shown);
        return new BookPageBody(
                total,
                cards.laidAway(),
                cards.groups(),
                cards.materialsInUse(),
                cards.countByEditionLessThan(edition.current()) + left,
                shown.stream()
                        .map(each -> body(each, same.getOrDefault(each.card().id(), List.of())))
                        .toList());
    }

    /** All blends by name. */
    @Transactional(readOnly = true)
    public List<BlendNameBody> names() {
        return cards.names();
    }

    /**
     * Blends to choose from.
     *
     * @param names those that were changed last first
     * @param further whether there are more of that name
     */
    record NamesBody(List<BlendNameBody> names, boolean further) {}

    /** Blends with a text in their names, up to {@link #MOST_NAMES}. */
    @Transactional(readOnly = true)
    NamesBody named(final String text) {
        final List<BlendNameBody> found = cards.named(LikePattern.anywhere(text), Limit.of(MOST_NAMES + 1));
        return new NamesBody(found.stream().limit(MOST_NAMES).toList(), found.size() > MOST_NAMES);
    }

    /**
     * Blends that pass, read for another plant than their own.
     *
     * @param ids in their order; those that are not read yet come last
     * @param left how many are not read yet
     */
    private record Passing(List<UUID> ids, int left) {}

    private Passing passing(final Plant plant, final Sift sift) {
        final List<ReadForPlants.Stored> stored = sifted.stored(sift);
        if (!sift.fitting() && !sift.order().byReading()) {
            return new Passing(stored.stream().map(ReadForPlants.Stored::id).toList(), 0);
        }
        final ReadForPlants.AsRead read = readForPlants.of(plant, stored);
        final Stream<UUID> passing = inOrder(
                        read.readings().stream().filter(each -> each.fits() || !sift.fitting()), sift.order())
                .map(ReadForPlants.Reading::id);
        return new Passing(
                (sift.fitting() ? passing : Stream.concat(passing, read.left().stream())).toList(),
                read.left().size());
    }

    private List<Read> shown(final Plant plant, final List<UUID> ids) {
        final Map<UUID, BlendCard> byId =
                cards.withBlends(ids).stream().collect(Collectors.toMap(BlendCard::id, card -> card));
        return ids.stream()
                .flatMap(id -> Optional.ofNullable(byId.get(id)).stream())
                .map(card -> readFor(plant, card))
                .toList();
    }

    private Read readFor(final Plant plant, final BlendCard card) {
        final Blend blend = card.blend();
        return readForPlants
                .glance(plant, blend.id(), blend.brief(), blend.recipe())
                .map(glance -> new Read(card, CardKeeper.facts(glance), glance.fits(), CardKeeper.fit(glance)))
                .orElseGet(() -> new Read(card, CardFacts.NONE, false, null));
    }

    /** By what was read, the highest first; as they come from the store where that is the order. */
    private static Stream<ReadForPlants.Reading> inOrder(
            final Stream<ReadForPlants.Reading> readings, final Order order) {
        if (!order.byReading()) {
            return readings;
        }
        return readings.sorted(highestFirst(
                order == Order.FIT
                        ? read -> Objects.requireNonNullElse(read.fit(), -1.0)
                        : read -> read.values().getOrDefault(Property.valueOf(order.name()), -1.0)));
    }

    private static Comparator<ReadForPlants.Reading> highestFirst(final ToDoubleFunction<ReadForPlants.Reading> by) {
        return Comparator.comparingDouble(by).reversed();
    }

    /** The other blends that are the same mix, for each of those that are shown. */
    private Map<UUID, List<SameMixBody>> same(final List<Read> shown) {
        final Set<String> wanted = shown.stream()
                .map(each -> each.card().ingredients())
                .filter(each -> !each.isEmpty())
                .collect(Collectors.toSet());
        if (wanted.isEmpty()) {
            return Map.of();
        }
        final Map<String, List<Mix>> alike = cards.madeOf(wanted, Limit.of(MOST_COMPARED)).stream()
                .flatMap(made -> recipe(made.recipe()).map(recipe -> new Mix(made, recipe)).stream())
                .collect(Collectors.groupingBy(mix -> mix.made().ingredients()));
        final Map<UUID, List<SameMixBody>> same = new HashMap<>();
        for (final Read read : shown) {
            final List<Mix> candidates = alike.getOrDefault(read.card().ingredients(), List.of());
            if (candidates.size() > 1) {
                recipe(read.card().blend().recipe())
                        .ifPresent(recipe -> same.put(read.card().id(), same(read.card(), recipe, candidates)));
            }
        }
        return same;
    }

    /** Nothing while it names what is not there any more, which its card may not have heard of yet. */
    private Optional<Recipe> recipe(final RecipeBody recipe) {
        return Workable.found(() -> recipe.toCore(books));
    }

    /** What a blend is made of. */
    record Made(UUID id, String name, String ingredients, RecipeBody recipe) {}

    private record Mix(Made made, Recipe recipe) {}

    private static List<SameMixBody> same(final BlendCard card, final Recipe recipe, final Collection<Mix> candidates) {
        return candidates.stream()
                .filter(other -> !other.made().id().equals(card.id()))
                .filter(other -> RecipeChanges.sameMix(recipe, other.recipe()))
                .map(other -> new SameMixBody(other.made().id(), other.made().name()))
                .limit(MOST_ALIKE)
                .toList();
    }

    private BlendCardBody body(final Read read, final List<SameMixBody> same) {
        final BlendCard card = read.card();
        final Blend blend = card.blend();
        final MeasureSystem system = speech.system();
        final CardFacts facts = read.facts();
        return new BlendCardBody(
                BlendBody.of(blend, card),
                Optional.ofNullable(blend.brief().plantId())
                        .flatMap(books.plants()::plant)
                        .map(Plant::name)
                        .orElse(null),
                card.groupName(),
                facts.shares(),
                facts.headline().get(system),
                read.fits(),
                read.fit(),
                COLUMNS.keySet().stream()
                        .filter(facts.values()::containsKey)
                        .map(property -> glance(
                                property, Objects.requireNonNull(facts.values().get(property)), system))
                        .toList(),
                Cautions.shipped().all().stream()
                        .filter(rule -> rule.level() == Caution.Level.STOP)
                        .filter(rule -> facts.stops().contains(rule.id()))
                        .map(rule -> new StopBody(
                                rule.id(), rule.why(), blend.accepted().contains(rule.id())))
                        .toList(),
                same);
    }

    private static GlanceBody glance(final Property property, final double value, final MeasureSystem system) {
        final Dimension dimension = property.dimension();
        return new GlanceBody(
                property,
                dimension.unit(system),
                dimension.shown(value, system),
                dimension.decimals(property.decimals(value), system));
    }
}
