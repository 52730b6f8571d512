package looseknit.core.device;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import looseknit.core.assay.AssaySentence;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Limit;
import looseknit.core.message.Message;
import looseknit.core.pot.Column;

/**
 * What a probe is pushed into.
 *
 * @param ph its acidity, 2 to 12
 * @param water water in a volume [vol/vol], 0 to 1
 * @param holds water that it holds after draining [vol/vol]; 0 for a liquid
 * @param stones share of it that is too coarse to touch the tip closely, 0 to 1
 */
public record Sample(double ph, double water, double holds, double stones) {

    /** A mix wetted for testing holds about so much of what it holds after draining. */
    public static final double DAMPED = 0.75;

    /** Grains of which half are larger do not close round a probe [mm]; by judgement. */
    private static final double STONE_MM = 4;

    /** Below this share of what it holds there is no film of water from grain to tip; by judgement. */
    private static final double DRY = 0.3;

    private static final double STONY = 0.6;

    public Sample {
        within("sample.ph", ph, 0, 14, Limit.PH);
        within("sample.water", water, 0, 1, Limit.VOL_PER_VOL);
        within("sample.holds", holds, 0, 1, Limit.VOL_PER_VOL);
        within("sample.stones", stones, 0, 1, Limit.SHARE);
    }

    /** A buffer. */
    public static Sample buffer(final double ph) {
        return new Sample(ph, 1, 0, 0);
    }

    /**
     * A handful of a heap.
     *
     * @param ph its real acidity
     * @param damped share of what it holds that is in it, 0 to 1
     */
    public static Sample of(final Mix mix, final double ph, final double damped) {
        final double holds = Column.free(10, 1).containerCapacity(mix);
        double stones = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            if (mix.materials().get(i).grainSize().d50Mm() > STONE_MM) {
                stones += mix.litresPerLitre(i);
            }
        }
        return new Sample(ph, damped * holds, holds, Math.min(1, stones));
    }

    /** Why a probe cannot read it; nothing if it can. */
    public Optional<Message> refused() {
        if (holds > 0 && water < DRY * holds) {
            return Optional.of(AssaySentence.SAMPLE_TOO_DRY.with());
        }
        return stones > STONY ? Optional.of(AssaySentence.SAMPLE_TOO_STONY.with()) : Optional.empty();
    }
}
