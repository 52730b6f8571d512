package looseknit.core.material;

/** How a material is sold. */
public enum Form {
    LOOSE,
    /** Pressed; volume on the label is the loosened volume. */
    BALE,
    /** Pressed dry; must be swollen in water before use. */
    BRICK
}
