package looseknit.server.publish;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.batch.Preparation;
import looseknit.core.batch.Storage;
import looseknit.core.bench.Evaluator;
import looseknit.core.bench.Glance;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.core.written.RecipeWriter;
import looseknit.server.assay.Assays;
import looseknit.server.frame.Books;
import looseknit.server.frame.Workable;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.OwnMaterialFacts.OwnMixBody;
import org.springframework.stereotype.Component;

/** Puts a blend into words, in the units of whoever asks. */
@Component
class BlendSheets {

    private final Books books;
    private final Assays assays;
    private final Speech speech;

    BlendSheets(final Books books, final Assays assays, final Speech speech) {
        this.books = books;
        this.assays = assays;
        this.speech = speech;
    }

    /**
     * A blend in words.
     *
     * @throws OutOfRangeException if it has no materials
     */
    BlendSheet of(final UUID id, final SharedBlendBody blend) {
        final Wording wording = speech.wording();
        final Recipe recipe = blend.recipe().toCore(books);
        final Optional<Glance> glance = Workable.found(
                () -> Evaluator.glance(recipe, blend.brief().toCore(books), assays.known(id, blend.recipe())));
        return new BlendSheet(
                blend.name(),
                blend.note(),
                Optional.ofNullable(blend.brief().plantId())
                        .flatMap(books.plants()::plant)
                        .map(Plant::name)
                        .orElse(""),
                recipe,
                lines(recipe),
                blend.materials().stream()
                        .flatMap(each ->
                                Optional.ofNullable(each.facts().mix())
                                        .map(mix -> mix(each.facts().name(), mix))
                                        .stream())
                        .toList(),
                glance.map(found -> found.values().entrySet().stream()
                                .filter(each -> each.getKey() != Property.MAKE_UP)
                                .map(each -> new BlendSheet.Figure(
                                        wording.of(each.getKey()),
                                        wording.of(each.getKey().quantity(each.getValue()))))
                                .toList())
                        .orElse(List.of()),
                glance.map(found -> wording.of(found.headline())).orElse(""),
                assays.of(id).stream()
                        .flatMap(test -> test.findings(books).stream()
                                .map(each -> wording.of(PaperWords.MEASURED_WHERE_EXPECTED.with(
                                        String.valueOf(test.madeOn()),
                                        each.what(),
                                        each.what().quantity(each.measured()),
                                        each.what().quantity(each.predicted())))))
                        .toList(),
                Preparation.guarding(recipe).stream().map(wording::of).toList(),
                wording.of(Storage.of(recipe).advice().get(0)));
    }

    private List<String> lines(final Recipe recipe) {
        return new RecipeWriter(books.materials())
                .lines(
                        recipe,
                        recipe.measure() == Recipe.Measure.PERCENT
                                ? RecipeWriter.Style.PER_CENT
                                : RecipeWriter.Style.PARTS,
                        speech.system() == MeasureSystem.US);
    }

    private BlendSheet.OwnMix mix(final String name, final OwnMixBody mix) {
        final RecipeBody recipe = new RecipeBody(
                Recipe.Measure.PARTS,
                mix.parts().stream()
                        .map(part -> new RecipeBody.PartBody(part.materialId(), part.amount()))
                        .toList(),
                List.of(),
                null);
        return new BlendSheet.OwnMix(name, mix.certainty(), mix.fed(), lines(recipe.toCore(books)));
    }
}
