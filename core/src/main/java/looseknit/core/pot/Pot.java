package looseknit.core.pot;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A pot by its inside measures.
 *
 * @param shape shape of the mouth
 * @param topCm inside width at the rim [cm], 2 to 200
 * @param bottomCm inside width at the bottom [cm], 1 to 200
 * @param heightCm inside height [cm], 2 to 200
 * @param wall what the wall is made of
 * @param base how water leaves
 * @param baseCm height of the overflow hole above the bottom for {@link PotBase#NO_HOLES}, length of the wick for {@link
 *     PotBase#WICK} [cm]; without meaning otherwise
 * @param layer drainage layer under the mix
 * @param lengthOverWidth length of a long box over its width, 1 to 12; 1 for all others
 * @param fill share of the inside height to which it is filled, 0.4 to 1
 */
public record Pot(
        PotShape shape,
        double topCm,
        double bottomCm,
        double heightCm,
        PotWall wall,
        PotBase base,
        double baseCm,
        Optional<DrainageLayer> layer,
        double lengthOverWidth,
        double fill) {

    /** Share of the inside height to which a pot is usually filled, leaving room to water; common practice, no source. */
    public static final double FILL = 0.92;

    /** Least share of the inside height to which a pot may be filled. */
    public static final double LEAST_FILL = 0.4;

    /** Bottom over top width of an ordinary pot; common practice, no source. */
    public static final double USUAL_TAPER = 0.75;

    /** Height over top width of an ordinary pot; common practice, no source. */
    public static final double USUAL_HEIGHT = 0.92;

    /** Most of the height that a drainage layer may take; by judgement. */
    public static final double MOST_LAYER = 0.7;

    /** How much wider than its mouth a pot may be reckoned. */
    private static final double WIDEST_BELLY = 3;

    /** Longest wick that still draws [cm]. */
    private static final double LONGEST_WICK_CM = 15;

    public Pot {
        within("pot.topCm", topCm, 2, 200, Limit.CM);
        within("pot.bottomCm", bottomCm, 1, 200, Limit.CM);
        within("pot.heightCm", heightCm, 2, 200, Limit.CM);
        within("pot.lengthOverWidth", lengthOverWidth, 1, 12, Limit.TIMES);
        within("pot.fill", fill, LEAST_FILL, 1, Limit.SHARE);
        if (base == PotBase.NO_HOLES) {
            within("pot.baseCm", baseCm, 0, heightCm, Limit.CM_OF_OVERFLOW);
        }
        if (base == PotBase.WICK) {
            within("pot.baseCm", baseCm, 0, LONGEST_WICK_CM, Limit.CM_OF_WICK);
        }
        if (layer.isPresent() && layer.get().depthCm() > MOST_LAYER * heightCm) {
            throw new OutOfRangeException(
                    "pot.layerCm",
                    Quantity.trimmed(Dimension.LENGTH, layer.get().depthCm(), 2).bare(),
                    PotSentence.LAYER_AT_MOST.with(Quantity.of(Dimension.LENGTH, MOST_LAYER * heightCm, 1)));
        }
    }

    /** A pot as wide as long, filled as usual. */
    public Pot(
            final PotShape shape,
            final double topCm,
            final double bottomCm,
            final double heightCm,
            final PotWall wall,
            final PotBase base,
            final double baseCm,
            final Optional<DrainageLayer> layer) {
        this(shape, topCm, bottomCm, heightCm, wall, base, baseCm, layer, 1, FILL);
    }

    /** An ordinary tapered round pot of this width, on feet. */
    public static Pot ordinary(final double topCm, final PotWall wall) {
        return new Pot(
                PotShape.ROUND,
                topCm,
                topCm * USUAL_TAPER,
                topCm * USUAL_HEIGHT,
                wall,
                PotBase.ON_FEET,
                0,
                Optional.empty());
    }

    /**
     * A pot of ordinary proportions that holds this volume to the rim.
     *
     * @param litres volume to the rim [L], 0.01 to 1000
     */
    public static Pot byVolume(final PotShape shape, final double litres, final PotWall wall, final PotBase base) {
        within("pot.litres", litres, 0.01, 1000, Limit.L);
        final double top = new BrentSolver(1e-10)
                .solve(200, width -> toRim(shape, width, width * USUAL_TAPER, width * USUAL_HEIGHT) - litres, 2, 200);
        return new Pot(shape, top, top * USUAL_TAPER, top * USUAL_HEIGHT, wall, base, 0, Optional.empty());
    }

    /**
     * A pot of odd walls of which only mouth, height and what it takes are known: with the bottom that gives this volume.
     *
     * @param litres water that it takes to the rim [L]
     * @throws OutOfRangeException if no bottom between a centimetre and three times the mouth gives this volume
     */
    public Pot measuredByWater(final double litres) {
        final double least = withBottom(1).litresToRim();
        final double most = withBottom(Math.min(200, WIDEST_BELLY * topCm)).litresToRim();
        within("pot.litres", litres, least, most, Limit.L_TO_THE_RIM);
        return withBottom(new BrentSolver(1e-10)
                .solve(
                        200,
                        width -> withBottom(width).litresToRim() - litres,
                        1 - 1e-9,
                        Math.min(200, WIDEST_BELLY * topCm) + 1e-9));
    }

    private Pot withBottom(final double otherCm) {
        return new Pot(
                shape,
                topCm,
                Math.max(1, Math.min(200, otherCm)),
                heightCm,
                wall,
                base,
                baseCm,
                layer,
                lengthOverWidth,
                fill);
    }

    /** Volume to the rim [L]. */
    public double litresToRim() {
        return lengthOverWidth * toRim(shape, topCm, bottomCm, heightCm);
    }

    /** Height of the surface of the mix above the inside bottom [cm]. */
    public double fillCm() {
        return fill * heightCm;
    }

    /** Depth of the drainage layer [cm]; 0 without one. */
    public double layerCm() {
        return layer.map(DrainageLayer::depthCm).orElse(0.0);
    }

    /** Height of the mix [cm]: from the layer, or the bottom, to the fill line. */
    public double mixHeightCm() {
        return fillCm() - layerCm();
    }

    /** Inside width at a height above the bottom [cm]. */
    public double widthAtCm(final double aboveBottomCm) {
        return bottomCm + (topCm - bottomCm) * aboveBottomCm / heightCm;
    }

    /** Volume of the mix [L]. */
    public double mixLitres() {
        return litresBetween(layerCm(), fillCm());
    }

    /** Volume of the drainage layer [L]. */
    public double layerLitres() {
        return litresBetween(0, layerCm());
    }

    /** Volume between two heights above the inside bottom [L]. */
    public double litresBetween(final double fromCm, final double toCm) {
        return lengthOverWidth * toRim(shape, widthAtCm(toCm), widthAtCm(fromCm), toCm - fromCm);
    }

    /** Mass of the drainage layer [kg]; 0 without one. */
    public double layerKg() {
        return layer.map(each -> layerLitres() * each.material().physics().bulkDensityGPerL() / 1000)
                .orElse(0.0);
    }

    /** Surface of the mix [m²]. */
    public double surfaceM2() {
        return lengthOverWidth * shape.area(widthAtCm(fillCm())) / 1e4;
    }

    /** Inside area of the wall where it touches the mix [m²]. */
    public double wallM2() {
        final double top = widthAtCm(fillCm());
        final double bottom = widthAtCm(layerCm());
        final double slant = Math.hypot(mixHeightCm(), (top - bottom) / 2);
        return 0.5 * (rim(top) + rim(bottom)) * slant / 1e4;
    }

    /** Area of the base [m²]. */
    public double baseM2() {
        return lengthOverWidth * shape.area(bottomCm) / 1e4;
    }

    /** Mass of the empty pot [kg], from usual wall thickness. */
    public double emptyKg() {
        final double slant = Math.hypot(heightCm, (topCm - bottomCm) / 2);
        final double area = 0.5 * (rim(topCm) + rim(bottomCm)) * slant + lengthOverWidth * shape.area(bottomCm);
        return area * wall.massGPerCm2() / 1000;
    }

    /** Length of the rim of a section of this width [cm]: twice its width and twice its length in a box. */
    private double rim(final double widthCm) {
        return shape.rim(widthCm) * (1 + lengthOverWidth) / 2;
    }

    /** The same pot filled to another share of its height. */
    public Pot filledTo(final double share) {
        return new Pot(shape, topCm, bottomCm, heightCm, wall, base, baseCm, layer, lengthOverWidth, share);
    }

    /** The same pot with another drainage layer, or with none. */
    public Pot over(final Optional<DrainageLayer> other) {
        return new Pot(shape, topCm, bottomCm, heightCm, wall, base, baseCm, other, lengthOverWidth, fill);
    }

    /** The same pot on another base with its overflow or wick. */
    public Pot with(final PotBase other, final double otherCm) {
        return new Pot(shape, topCm, bottomCm, heightCm, wall, other, otherCm, layer, lengthOverWidth, fill);
    }

    /** The same pot with another wall. */
    public Pot with(final PotWall other) {
        return new Pot(shape, topCm, bottomCm, heightCm, other, base, baseCm, layer, lengthOverWidth, fill);
    }

    /**
     * A pot of the same proportions and another width; its drainage layer, overflow and wick in proportion.
     *
     * @param otherTopCm inside width at the rim [cm]
     * @throws OutOfRangeException if there is no such pot
     */
    public Pot scaledTo(final double otherTopCm) {
        final double ratio = otherTopCm / topCm;
        return new Pot(
                shape,
                otherTopCm,
                bottomCm * ratio,
                heightCm * ratio,
                wall,
                base,
                base == PotBase.WICK ? Math.min(LONGEST_WICK_CM, baseCm * ratio) : baseCm * ratio,
                layer.map(each -> new DrainageLayer(each.material(), each.depthCm() * ratio)),
                lengthOverWidth,
                fill);
    }

    /** The same pot on another base. */
    public Pot with(final PotBase other) {
        return with(other, 0);
    }

    /** Frustum of a cone or pyramid [L]: H/3 (A₁ + √(A₁A₂) + A₂). */
    private static double toRim(
            final PotShape shape, final double topCm, final double bottomCm, final double heightCm) {
        final double a = shape.area(topCm);
        final double b = shape.area(bottomCm);
        return heightCm / 3 * (a + Math.sqrt(a * b) + b) / 1000;
    }
}
