package looseknit.server.care;

import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.core.message.Message;
import looseknit.core.outlook.PotOnScale;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.Potting;
import looseknit.server.pot.Pottings;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A pot on a scale over HTTP; nothing is stored before it is told with a look. */
@RestController
@Transactional(readOnly = true)
@RequestMapping("/api/pottings/{id}")
class PotScaleController {

    private final Pottings pottings;
    private final PotDrying drying;

    PotScaleController(final Pottings pottings, final PotDrying drying) {
        this.pottings = pottings;
        this.drying = drying;
    }

    /** What a pot weighs [g]. */
    record PotWeightBody(double grams) {}

    /**
     * What the weight of a pot says.
     *
     * @param left share of its water that is left, 0 to 1
     * @param suggests what is to be answered by it; null where it is not what this pot can weigh
     */
    record OnScaleBody(double grams, double left, @Nullable Answer suggests, Message says) {
        static OnScaleBody of(final double grams, final PotOnScale scale) {
            return new OnScaleBody(grams, scale.left(), scale.suggests().orElse(null), scale.says());
        }
    }

    /** What a weight that was read off a scale says. */
    @PostMapping("/weight")
    OnScaleBody weight(@PathVariable final UUID id, @RequestBody final PotWeightBody body) {
        return OnScaleBody.of(body.grams(), drying.onScale(pottings.get(id), body.grams()));
    }

    /** Puts the pot on the scale that ships. */
    @PostMapping("/scale")
    OnScaleBody scale(@PathVariable final UUID id) {
        final Potting potting = pottings.get(id);
        final double grams = drying.simulatedGrams(potting);
        return OnScaleBody.of(grams, drying.onScale(potting, grams));
    }
}
