package looseknit.core.planting;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.dry.TopDressing;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;

/**
 * A line in a pot that can be moved up and down, and how far.
 *
 * @param part what it is
 * @param bed which layer it closes, from below; 0 for others
 * @param atCm where it lies above the inside bottom [cm]
 * @param lowCm how far down it may go [cm]
 * @param highCm how far up [cm]
 * @param valueCm the depth or height that people know it by [cm]
 */
public record Seam(Part part, int bed, double atCm, double lowCm, double highCm, double valueCm) {

    /** What can be moved. */
    public enum Part {
        LAYER,
        BED,
        SURFACE,
        DRESSING,
        OVERFLOW,
        BALL
    }

    private static final double LEAST_LAYER_CM = 0.5;
    private static final double LEAST_MIX_CM = 1;
    private static final double LEAST_DRESSING_CM = 0.3;

    /** All that can be moved in a pot that is set up so. */
    public static List<Seam> of(final Pot pot, final SetUp setUp) {
        final List<Seam> seams = new ArrayList<>();
        final double under = setUp.underMixCm(pot);
        final double surface = pot.fillCm();
        final double room = surface - LEAST_MIX_CM - (under - pot.layerCm());
        if (pot.layer().isPresent()) {
            seams.add(seam(
                    Part.LAYER,
                    0,
                    pot.layerCm(),
                    LEAST_LAYER_CM,
                    Math.min(Pot.MOST_LAYER * pot.heightCm(), room),
                    pot.layerCm()));
        }
        double from = pot.layerCm();
        for (int i = 0; i < setUp.beds().size(); i++) {
            final double deep = setUp.beds().get(i).depthCm();
            final double above = under - from - deep;
            seams.add(seam(Part.BED, i, from + deep, from + LEAST_LAYER_CM, surface - LEAST_MIX_CM - above, deep));
            from += deep;
        }
        final double dressing = setUp.onTop() == TopDressing.NONE ? 0 : setUp.dressingCm();
        seams.add(seam(
                Part.SURFACE,
                0,
                surface,
                Math.max(Pot.LEAST_FILL * pot.heightCm(), under + LEAST_MIX_CM),
                pot.heightCm() - dressing,
                surface));
        if (dressing > 0) {
            seams.add(
                    seam(Part.DRESSING, 0, surface + dressing, surface + LEAST_DRESSING_CM, pot.heightCm(), dressing));
        }
        if (pot.base() == PotBase.NO_HOLES && pot.baseCm() > 0) {
            seams.add(seam(Part.OVERFLOW, 0, pot.baseCm(), LEAST_LAYER_CM, surface, pot.baseCm()));
        }
        setUp.ball()
                .ifPresent(ball -> seams.add(seam(
                        Part.BALL, 0, surface + ball.aboveCm() - ball.heightCm(), under, surface, ball.aboveCm())));
        return List.copyOf(seams);
    }

    private static Seam seam(
            final Part part, final int bed, final double at, final double low, final double high, final double value) {
        return new Seam(part, bed, at, Math.min(at, low), Math.max(at, high), value);
    }
}
