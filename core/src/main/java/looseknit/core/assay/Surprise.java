package looseknit.core.assay;

import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Message;

/**
 * How far a finding lies from what was believed before it, against how unsure both are.
 *
 * @param finding what was found
 * @param believed what was believed before the test, in the finding's unit
 * @param believedSd how unsure that was
 * @param after what is believed with it
 */
public record Surprise(Finding finding, double believed, double believedSd, Estimate after) {

    /** From so many standard deviations on something else than chance is at work. */
    private static final double TOO_MUCH = 3;

    /** What was believed of a finding before it was made, and after it. */
    public static Surprise of(
            final Finding finding, final Beliefs before, final Mix mix, final String blend, final String heap) {
        final Estimate off = before.correction(finding, mix, blend, heap);
        final Estimate then = before.after(finding, mix, blend, heap).correction(finding, mix, blend, heap);
        return new Surprise(
                finding,
                finding.predicted() + off.value(),
                off.sd(),
                new Estimate(finding.predicted() + then.value(), then.sd()));
    }

    /** Standard deviations between what was believed and what was found. */
    public double deviations() {
        return Math.abs(finding.measured() - believed) / Math.hypot(believedSd, finding.sd());
    }

    /** Whether to ask what went wrong. */
    public boolean asks() {
        return deviations() > TOO_MUCH;
    }

    /** What may have gone wrong, the likeliest first; nothing if nothing is odd. Common practice, no source. */
    public List<Message> mayBe() {
        if (!asks()) {
            return List.of();
        }
        return switch (finding.what()) {
            case PH ->
                List.of(
                        AssaySentence.MAYBE_NOT_CLEANED.with(),
                        AssaySentence.MAYBE_TOO_EARLY.with(),
                        AssaySentence.MAYBE_DRY_SAMPLE.with(),
                        AssaySentence.MAYBE_ANOTHER_LOT.with());
            case SALTS ->
                List.of(
                        AssaySentence.MAYBE_NOT_RINSED.with(),
                        AssaySentence.MAYBE_TAP_WATER.with(),
                        AssaySentence.MAYBE_ANOTHER_LOT.with());
            default ->
                List.of(
                        AssaySentence.MAYBE_DRY_SAMPLE.with(),
                        AssaySentence.MAYBE_NOT_SETTLED.with(),
                        AssaySentence.MAYBE_ANOTHER_LOT.with());
        };
    }
}
