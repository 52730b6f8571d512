package looseknit.server.reading;

import jakarta.validation.Valid;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Evaluator;
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

    private final KnownSource knownSource;

    EvaluateController(final KnownSource knownSource) {
        this.knownSource = knownSource;
    }

    /** A pot with what it holds. */
    record PotVolumeBody(PotBody pot, double litresToRim, double mixLitres) {}

    /** All readings of a recipe under a brief. */
    @PostMapping("/evaluate")
    EvaluationBody evaluate(@RequestBody @Valid final AskedBody body) {
        return EvaluationBody.of(Evaluator.evaluate(
                body.recipe().toCore(), body.briefToCore(), knownSource.known(body.blendId(), body.recipe())));
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
