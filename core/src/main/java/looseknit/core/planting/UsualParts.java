package looseknit.core.planting;

import java.util.Arrays;
import java.util.List;
import looseknit.core.dry.TopDressing;
import looseknit.core.planting.SetUp.Pole;
import looseknit.core.planting.SetUp.PoleKind;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.Pot;

/**
 * What to begin with when something is added to a pot; sizes by judgement, to be corrected by whoever has the thing in hand.
 *
 * @param start the set-up to begin with: holes as sold, covered
 * @param ball a root ball for which this pot is about the right size
 * @param ballOutOfIt the ball of a plant that has filled this pot
 * @param poles one of each kind
 * @param dressings each kind at its usual depth, with how high the pot is filled then
 */
public record UsualParts(SetUp start, RootBall ball, RootBall ballOutOfIt, List<Pole> poles, List<Dressed> dressings) {

    private static final double BALL_OVER_TOP = 0.75;
    private static final double BALL_OVER_FILL = 0.7;
    private static final double POLE_OVER_TOP = 0.2;
    private static final double TRELLIS_OVER_TOP = 0.7;
    private static final double POLE_OVER_HEIGHT = 4;
    private static final double LEAST_FILL = 0.5;

    /**
     * A dressing on a pot.
     *
     * @param depthCm its usual depth [cm]
     * @param fill share of the height to which the pot is filled under it
     */
    public record Dressed(TopDressing dressing, double depthCm, double fill) {}

    public UsualParts {
        poles = List.copyOf(poles);
        dressings = List.copyOf(dressings);
    }

    /** What is usual for a pot. */
    public static UsualParts of(final Pot pot) {
        return new UsualParts(
                SetUp.plain(pot).covered(),
                new RootBall(whole(BALL_OVER_TOP * pot.topCm()), whole(BALL_OVER_FILL * pot.fillCm()), 0),
                RootBall.outOf(pot),
                Arrays.stream(PoleKind.values()).map(kind -> pole(kind, pot)).toList(),
                Arrays.stream(TopDressing.values())
                        .map(dressing -> dressed(dressing, pot))
                        .toList());
    }

    private static Pole pole(final PoleKind kind, final Pot pot) {
        return new Pole(
                kind,
                switch (kind) {
                    case FILLED -> whole(POLE_OVER_TOP * pot.topCm());
                    case STAKE -> 1;
                    case TRELLIS -> whole(TRELLIS_OVER_TOP * pot.topCm());
                },
                Math.max(3, Math.min(400, Math.rint(POLE_OVER_HEIGHT * pot.heightCm()))));
    }

    private static Dressed dressed(final TopDressing dressing, final Pot pot) {
        return new Dressed(dressing, dressing.depthCm(), fillUnder(pot, dressing.depthCm()));
    }

    /** Share of the height to which a pot is filled so that so much dressing has room under the rim. */
    static double fillUnder(final Pot pot, final double depthCm) {
        return Math.max(LEAST_FILL, Math.min(pot.fill(), (pot.heightCm() - depthCm) / pot.heightCm()));
    }

    private static double whole(final double cm) {
        return Math.max(1, Math.rint(cm));
    }
}
