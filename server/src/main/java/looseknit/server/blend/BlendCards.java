package looseknit.server.blend;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.RecipeChanges;
import looseknit.core.caution.Caution;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.core.need.Plant;
import looseknit.core.reading.Score;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import looseknit.server.message.Speech;
import looseknit.server.reading.EvaluationBody;
import looseknit.server.reading.EvaluationBody.ReadingBody;
import looseknit.server.reading.KnownSource;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The blends as the swatch book shows them. */
@Component
class BlendCards {

    private final Books books;
    private final Blends blends;
    private final KnownSource knownSource;
    private final Speech speech;

    BlendCards(final Books books, final Blends blends, final KnownSource knownSource, final Speech speech) {
        this.books = books;
        this.blends = blends;
        this.knownSource = knownSource;
        this.speech = speech;
    }

    /**
     * A blend in the swatch book, with what it would read; readings are empty while nothing can be read.
     *
     * @param plantName the plant of its brief
     * @param groupName the group of that plant
     * @param fit how well it fits the plant that it was read for, 0 to 100; null without one
     * @param sameAs blends that are the same mix, however they are written
     */
    record BlendCardBody(
            BlendBody blend,
            @Nullable String plantName,
            @Nullable String groupName,
            List<Double> shares,
            @Nullable Message headline,
            boolean fits,
            @Nullable Double fit,
            List<ReadingBody> readings,
            List<StopBody> stops,
            List<SameMixBody> sameAs) {}

    /** A stop against a blend, and whether it was knowingly set aside. */
    record StopBody(String id, TableText why, boolean accepted) {}

    /** A blend of the same mix. */
    record SameMixBody(UUID id, String name) {}

    /**
     * All blends, the last changed first.
     *
     * @param plantId the plant to read them for instead of each its own
     * @throws UnknownName if there is no such plant
     */
    @Transactional(readOnly = true)
    public List<BlendCardBody> all(final @Nullable String plantId) {
        final Optional<Plant> wanted = Optional.ofNullable(plantId)
                .filter(id -> !id.isBlank())
                .map(id -> books.plants()
                        .plant(id)
                        .orElseThrow(() -> new UnknownName("plantId", "plant", id, "Pick one from the Book.")));
        final List<Blend> all = blends.all();
        final Map<UUID, Recipe> recipes = new HashMap<>();
        all.forEach(blend -> ifThereIsSomething(() -> blend.recipe().toCore(books))
                .ifPresent(recipe -> recipes.put(blend.id(), recipe)));
        return all.stream().map(blend -> card(blend, all, recipes, wanted)).toList();
    }

    /** What can be worked out of a blend; nothing while there is nothing in it. */
    static <T> Optional<T> ifThereIsSomething(final Supplier<T> work) {
        try {
            return Optional.of(work.get());
        } catch (final OutOfRangeException nothingInIt) {
            return Optional.empty();
        }
    }

    private BlendCardBody card(
            final Blend blend, final List<Blend> all, final Map<UUID, Recipe> recipes, final Optional<Plant> wanted) {
        final Optional<Plant> plant =
                Optional.ofNullable(blend.brief().plantId()).flatMap(books.plants()::plant);
        final Optional<Recipe> recipe = Optional.ofNullable(recipes.get(blend.id()));
        final Optional<Evaluation> evaluation = recipe.flatMap(each -> read(blend, each, wanted));

        return new BlendCardBody(
                BlendBody.of(blend, blends.latest(blend.id())),
                plant.map(Plant::name).orElse(null),
                plant.map(each -> each.group().name()).orElse(null),
                evaluation.map(Evaluation::shares).orElse(List.of()),
                evaluation.map(Evaluation::headline).orElse(null),
                evaluation.map(Evaluation::fits).orElse(false),
                evaluation
                        .filter(each -> !each.targets().isEmpty())
                        .map(each -> Score.of(each.readings()))
                        .orElse(null),
                evaluation
                        .map(each -> each.readings().stream()
                                .map(reading -> EvaluationBody.reading(reading, speech.system()))
                                .toList())
                        .orElse(List.of()),
                evaluation.map(each -> stops(blend, each)).orElse(List.of()),
                all.stream()
                        .filter(other -> other != blend && recipe.isPresent() && recipes.containsKey(other.id()))
                        .filter(other -> RecipeChanges.sameMix(recipe.get(), recipes.get(other.id())))
                        .map(other -> new SameMixBody(other.id(), other.name()))
                        .toList());
    }

    private Optional<Evaluation> read(final Blend blend, final Recipe recipe, final Optional<Plant> wanted) {
        return ifThereIsSomething(() -> {
            final Brief own = blend.brief().toCore(books);
            return Evaluator.evaluate(
                    recipe, wanted.map(own::with).orElse(own), knownSource.known(blend.id(), blend.recipe()));
        });
    }

    private static List<StopBody> stops(final Blend blend, final Evaluation evaluation) {
        return evaluation.cautions().stream()
                .filter(each -> each.level() == Caution.Level.STOP)
                .map(each ->
                        new StopBody(each.id(), each.why(), blend.accepted().contains(each.id())))
                .toList();
    }
}
