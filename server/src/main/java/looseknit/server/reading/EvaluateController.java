package looseknit.server.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import looseknit.core.need.Brief;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Evaluator;
import looseknit.server.need.BriefBody;
import looseknit.server.need.PotBody;
import org.jspecify.annotations.Nullable;
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

    /** A recipe and what is known of plant, pot, place and hand. */
    record EvaluateBody(
            @NotNull @Valid RecipeBody recipe,
            @Valid @Nullable BriefBody brief) {}

    /** A pot with what it holds. */
    record PotVolumeBody(PotBody pot, double litresToRim, double mixLitres) {}

    /** All readings of a recipe under a brief. */
    @PostMapping("/evaluate")
    EvaluationBody evaluate(@RequestBody @Valid final EvaluateBody body) {
        final Brief brief = body.brief() == null ? Brief.OPEN : body.brief().toCore();
        return EvaluationBody.of(Evaluator.evaluate(body.recipe().toCore(), brief));
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
        return volume(body.toCore());
    }

    private static PotVolumeBody volume(final Pot pot) {
        return new PotVolumeBody(PotBody.of(pot), pot.litresToRim(), pot.mixLitres());
    }
}
