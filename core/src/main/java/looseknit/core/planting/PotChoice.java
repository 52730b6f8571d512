package looseknit.core.planting;

import static looseknit.core.measure.Require.within;

import java.util.Comparator;
import java.util.List;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.message.Named;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.Pot;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;

/**
 * A pot that somebody has, for a root ball: how much bigger, how deep, how long it stays moist, how firmly it stands.
 *
 * @param timesTheBall litres that it is filled with over the litres of the ball
 * @param depthToGrowCm depth under the ball [cm]; negative where the ball does not go in
 * @param fit how it suits
 * @param days days from a watering until the plant wants water, with this mix at its place
 * @param tipsAtDeg tilt at which it falls when dry [°]; not a number where it hangs
 */
public record PotChoice(Pot pot, double timesTheBall, double depthToGrowCm, Fit fit, Estimate days, double tipsAtDeg) {

    /** How a pot suits a ball; two to three times its volume at the most is common practice, no source. */
    public enum Fit implements Named {
        RIGHT,
        SNUG,
        ROOMY,
        TOO_SHALLOW,
        TOO_SMALL,
        TOO_BIG
    }

    private static final double LEAST_TIMES = 1.2;
    private static final double SNUG_TIMES = 1.7;
    private static final double RIGHT_TIMES = 3;
    private static final double ROOMY_TIMES = 4;

    /** In the middle of twice and thrice the ball. */
    private static final double BEST_TIMES = 2.5;

    /** Depth to grow below a ball [cm]; by judgement. */
    private static final double LEAST_DEPTH_CM = 1;

    /**
     * The pots, best first: by how they suit, then by which is nearest to twice and a half the ball.
     *
     * @param left share of the ball that is left once its roots are cut, above 0 to 1
     */
    public static List<PotChoice> among(
            final List<Pot> pots,
            final RootBall told,
            final double left,
            final Recipe recipe,
            final Brief brief,
            final Knowledge known) {
        final RootBall ball = told.left(within("left", left, 0.01, 1, Limit.SHARE));
        return pots.stream()
                .map(pot -> of(pot, ball, new PottedMix(recipe, brief.with(pot), known)))
                .sorted(Comparator.comparing((PotChoice each) -> each.fit())
                        .thenComparingDouble(each -> Math.abs(Math.log(each.timesTheBall() / BEST_TIMES))))
                .toList();
    }

    private static PotChoice of(final Pot pot, final RootBall ball, final PottedMix potted) {
        final double times = pot.mixLitres() / ball.litres();
        final double depth = pot.mixHeightCm() - ball.heightCm();
        return new PotChoice(
                pot,
                times,
                depth,
                fit(pot, ball, times, depth),
                Reading.estimate(potted, Property.DRY_DAYS),
                potted.tipDeg().orElse(Double.NaN));
    }

    private static Fit fit(final Pot pot, final RootBall ball, final double times, final double depth) {
        if (times < LEAST_TIMES || ball.widthCm() > pot.widthAtCm(pot.fillCm())) {
            return Fit.TOO_SMALL;
        }
        if (depth < LEAST_DEPTH_CM) {
            return Fit.TOO_SHALLOW;
        }
        if (times < SNUG_TIMES) {
            return Fit.SNUG;
        }
        if (times <= RIGHT_TIMES) {
            return Fit.RIGHT;
        }
        return times <= ROOMY_TIMES ? Fit.ROOMY : Fit.TOO_BIG;
    }
}
