package looseknit.core.pot;

/** Shape of a pot's mouth. */
public enum PotShape {
    ROUND(Math.PI / 4),
    SQUARE(1);

    private final double areaPerWidthSquared;

    PotShape(final double areaPerWidthSquared) {
        this.areaPerWidthSquared = areaPerWidthSquared;
    }

    /** Area of a section of this width [cm² per cm²]. */
    double area(final double widthCm) {
        return areaPerWidthSquared * widthCm * widthCm;
    }

    /** Length of the rim of a section of this width [cm]. */
    double rim(final double widthCm) {
        return 4 * areaPerWidthSquared * widthCm;
    }
}
