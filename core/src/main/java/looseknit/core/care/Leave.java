package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.message.Message;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * What becomes of a pot that is watered through on the day of leaving and then left alone. What helps is common practice, no source.
 *
 * @param wants how likely it is that the plant wants water before somebody is back, 0 to 1
 * @param dry how likely it is that the pot is bone dry by then, 0 to 1
 * @param end how it ends
 * @param visitEveryDays how often a neighbour had to come [d]; 0 where nobody has to
 * @param helps what helps, the least work first
 */
public record Leave(double wants, double dry, End end, int visitEveryDays, List<Message> helps) {

    /** How it ends. */
    public enum End {
        /** It does not want water before. */
        WAITS,
        /** It wants water, and bears it. */
        THIRSTY,
        /** It is bone dry before. */
        DRY
    }

    /** A pot is bone dry after so many times the days that the plant can wait; by judgement, as for what looks teach. */
    private static final double BONE_DRY = 1.35;

    private static final double UNLIKELY = 0.2;
    private static final double LIKELY = 0.5;

    /** Shade and moss together stretch a watering by about so much; by judgement. */
    private static final double STRETCHED = 1.6;

    private static final double LEAST_SD = 0.1;
    private static final int MOST_DAYS = 120;

    public Leave {
        helps = List.copyOf(helps);
    }

    /**
     * A pot that is left alone.
     *
     * @param days days from a watering until the plant wants water
     * @param away days until somebody is back, 1 to 120
     */
    public static Leave of(final Estimate days, final int away) {
        within("days", away, 1, MOST_DAYS, Limit.DAYS);
        final double wants = before(away, days, 1);
        final double dry = before(away, days, BONE_DRY);
        final End end = dry >= LIKELY ? End.DRY : wants > UNLIKELY ? End.THIRSTY : End.WAITS;
        final List<Message> helps = new ArrayList<>();
        helps.add(LeaveSentence.WATER.with());
        if (end != End.WAITS) {
            helps.add(LeaveSentence.SHADE.with());
            helps.add(LeaveSentence.MOSS.with());
        }
        final boolean visited = before(away, days, STRETCHED) > UNLIKELY;
        final int every = visited ? (int) Math.max(1, Math.floor(days.value())) : 0;
        if (visited) {
            helps.add(LeaveSentence.WICK.with());
            helps.add(LeaveSentence.NEIGHBOUR.with());
        }
        return new Leave(wants, dry, end, every, helps);
    }

    /** How likely it is that so many times the days that it can wait are over before some day. */
    private static double before(final int away, final Estimate days, final double times) {
        return new NormalDistribution(times * days.value(), Math.max(LEAST_SD, times * days.sd()))
                .cumulativeProbability(away);
    }
}
