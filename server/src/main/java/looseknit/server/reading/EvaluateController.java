package looseknit.server.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.change.Contradictions;
import looseknit.core.change.PotAndMix;
import looseknit.core.change.StepEffect;
import looseknit.core.measure.Scoop;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Targets;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.server.frame.Books;
import looseknit.server.message.Speech;
import looseknit.server.need.BriefBody;
import looseknit.server.need.PotBody;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads a blend without storing anything. */
@RestController
@RequestMapping("/api")
class EvaluateController {

    private final Books books;
    private final KnownSource knownSource;
    private final Speech speech;

    EvaluateController(final Books books, final KnownSource knownSource, final Speech speech) {
        this.books = books;
        this.knownSource = knownSource;
        this.speech = speech;
    }

    /** A pot with what it holds. */
    record PotVolumeBody(PotBody pot, double litresToRim, double mixLitres) {}

    /** What a brief asks, and its contradictions. */
    record TargetsBody(
            List<EvaluationBody.TargetBody> targets, List<EvaluationBody.ContradictionBody> contradictions) {}

    /** All readings of a recipe under a brief. */
    @PostMapping("/evaluate")
    EvaluationBody evaluate(@RequestBody @Valid final AskedBody body) {
        final Recipe recipe = body.recipe().toCore(books);
        final Brief brief = body.briefToCore(books);
        return EvaluationBody.of(
                Evaluator.evaluate(recipe, brief, knownSource.known(body.blendId(), body.recipe())),
                new Bench(Optional.of(recipe), brief, body.recipe().scoop()),
                speech.system());
    }

    /** A blend and the row that gives a step. */
    record SwapsAskedBody(@NotNull @Valid AskedBody asked, int row) {}

    /** What it would do to give one step of a row to each other row. */
    @PostMapping("/swaps")
    List<EvaluationBody.StepBody> swaps(@RequestBody @Valid final SwapsAskedBody body) {
        final AskedBody asked = body.asked();
        final PottedMix mix = new PottedMix(
                asked.recipe().toCore(books),
                asked.briefToCore(books),
                knownSource.known(asked.blendId(), asked.recipe()));
        return StepEffect.swaps(mix, body.row()).stream()
                .map(each -> EvaluationBody.step(each, speech.system()))
                .toList();
    }

    /** A mix of the table of pots and mixes. */
    record MixColumnBody(Message words, RecipeBody recipe, boolean asIs) {}

    /** A wall of the table of pots and mixes. */
    record WallRowBody(PotWall wall, Message words, boolean asIs, List<PotAndMix.Cell> cells) {}

    /** Days to dry for every wall beside a few mixes. */
    record PotAndMixBody(List<MixColumnBody> columns, List<WallRowBody> rows) {}

    /** How the wall of the pot and the mix stand in for each other. */
    @PostMapping("/pot-and-mix")
    PotAndMixBody potAndMix(@RequestBody @Valid final AskedBody body) {
        final PotAndMix table = PotAndMix.of(
                body.recipe().toCore(books), body.briefToCore(books), knownSource.known(body.blendId(), body.recipe()));
        return new PotAndMixBody(
                table.columns().stream()
                        .map(each -> new MixColumnBody(
                                each.words(),
                                RecipeBody.of(each.recipe(), body.recipe().scoop()),
                                each.asIs()))
                        .toList(),
                table.rows().stream()
                        .map(each -> new WallRowBody(each.wall(), each.wall().words(), each.asIs(), each.cells()))
                        .toList());
    }

    /** What a brief asks of the mix, and what in it does not go together, before anything is composed. */
    @PostMapping("/targets")
    TargetsBody targets(@RequestBody @Valid final BriefBody body) {
        final Brief brief = body.toCore(books);
        return new TargetsBody(
                Targets.of(brief).stream()
                        .map(each -> EvaluationBody.target(each, speech.system()))
                        .toList(),
                Contradictions.of(Optional.empty(), brief, untested()).stream()
                        .map(each -> EvaluationBody.contradiction(each, new Bench(Optional.empty(), brief, null)))
                        .toList());
    }

    /** What is known where no blend is asked about: the materials, and no tests. */
    private Knowledge untested() {
        return new Knowledge(Beliefs.UNTESTED, Beliefs.NO_BLEND, Scoop.LEVEL, books.materials());
    }

    /** A pot of ordinary proportions that holds a volume to the rim. */
    @GetMapping("/pots/by-volume")
    PotVolumeBody potByVolume(
            @RequestParam final double litres,
            @RequestParam(defaultValue = "ROUND") final PotShape shape,
            @RequestParam(defaultValue = "PLASTIC") final PotWall wall,
            @RequestParam(defaultValue = "ON_FEET") final PotBase base) {
        return volume(Pot.byVolume(shape, litres, wall, base));
    }

    /** What a pot holds. */
    @PostMapping("/pots/volume")
    PotVolumeBody potVolume(@RequestBody @Valid final PotBody body) {
        return volume(body.toCore(books));
    }

    private static PotVolumeBody volume(final Pot pot) {
        return new PotVolumeBody(PotBody.of(pot), pot.litresToRim(), pot.mixLitres());
    }
}
