package looseknit.core.planting;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import looseknit.core.measure.Limit;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.hipparchus.analysis.solvers.BrentSolver;

/** Kinds of vessel to choose from, with the proportions that are usual; common practice, no source. A bowl is reckoned with straight walls. */
public enum PotForm {
    POT(PotShape.ROUND, 0.75, 0.92, 1, PotWall.PLASTIC, PotBase.ON_FEET),
    SQUARE_POT(PotShape.SQUARE, 0.72, 0.95, 1, PotWall.PLASTIC, PotBase.ON_FEET),
    TALL_POT(PotShape.ROUND, 0.7, 1.6, 1, PotWall.CLAY, PotBase.ON_FEET),
    BOWL(PotShape.ROUND, 0.6, 0.4, 1, PotWall.CLAY, PotBase.ON_FEET),
    TRAY(PotShape.SQUARE, 0.92, 0.25, 1.5, PotWall.GLAZED, PotBase.ON_FEET),
    LONG_BOX(PotShape.SQUARE, 0.8, 0.95, 4, PotWall.PLASTIC, PotBase.ON_FEET),
    HANGING_BASKET(PotShape.ROUND, 0.6, 0.6, 1, PotWall.PLASTIC, PotBase.HANGING),
    SLATTED_BASKET(PotShape.SQUARE, 0.95, 0.55, 1, PotWall.SLATS, PotBase.HANGING),
    TUB(PotShape.ROUND, 0.85, 0.8, 1, PotWall.GLAZED, PotBase.ON_FEET),
    GLASS(PotShape.ROUND, 1, 1.2, 1, PotWall.GLASS, PotBase.NO_HOLES);

    private static final double NARROWEST_CM = 2;
    private static final double WIDEST_CM = 200;

    private final PotShape shape;
    private final double bottomOverTop;
    private final double heightOverTop;
    private final double lengthOverWidth;
    private final PotWall wall;
    private final PotBase base;

    PotForm(
            final PotShape shape,
            final double bottomOverTop,
            final double heightOverTop,
            final double lengthOverWidth,
            final PotWall wall,
            final PotBase base) {
        this.shape = shape;
        this.bottomOverTop = bottomOverTop;
        this.heightOverTop = heightOverTop;
        this.lengthOverWidth = lengthOverWidth;
        this.wall = wall;
        this.base = base;
    }

    /**
     * A vessel of usual proportions.
     *
     * @param topCm inside width at the rim [cm], 2 to 200
     * @throws looseknit.core.measure.OutOfRangeException if there is none so wide
     */
    public Pot byWidth(final double topCm) {
        within("pot.topCm", topCm, NARROWEST_CM, WIDEST_CM, Limit.CM);
        return new Pot(
                shape,
                topCm,
                Math.max(1, topCm * bottomOverTop),
                Math.max(2, topCm * heightOverTop),
                wall,
                base,
                0,
                Optional.empty(),
                lengthOverWidth,
                Pot.FILL);
    }

    /**
     * A vessel of usual proportions that takes this much to the rim.
     *
     * @param litres to the rim [L], 0.01 to 1000
     */
    public Pot byVolume(final double litres) {
        within("pot.litres", litres, byWidth(NARROWEST_CM).litresToRim(), 1000, Limit.L_TO_THE_RIM);
        return byWidth(new BrentSolver(1e-10)
                .solve(200, width -> byWidth(width).litresToRim() - litres, NARROWEST_CM, WIDEST_CM * 0.62));
    }

    /** Form of a pot whose form was never told. */
    public static PotForm of(final Pot pot) {
        if (pot.wall() == PotWall.GLASS) {
            return GLASS;
        }
        if (pot.wall() == PotWall.SLATS) {
            return SLATTED_BASKET;
        }
        if (pot.base() == PotBase.HANGING) {
            return HANGING_BASKET;
        }
        if (pot.lengthOverWidth() > 2) {
            return LONG_BOX;
        }
        return pot.shape() == PotShape.SQUARE ? SQUARE_POT : POT;
    }
}
