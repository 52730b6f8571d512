package looseknit.core.need;

import java.util.List;
import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;

/**
 * What a mix in its pot can be asked for and measured by. A plant can ask for those that are read off a blend, in the order in which they are
 * shown; pores and density come last, since only tests tell them.
 */
public enum Property implements Named {
    /** Air-filled porosity after draining [vol/vol]. */
    AIR(Dimension.SHARE, 0),
    /** Container capacity: water held after draining [vol/vol]. */
    WATER(Dimension.SHARE, 0),
    /** Easily available water [vol/vol]. */
    EASY_WATER(Dimension.SHARE, 0),
    /** Days from a watering until the plant wants the next [d]. */
    DRY_DAYS(Dimension.DAYS, 0, 1),
    /** pH when most of a lime has worked. */
    PH(Dimension.PH, 1),
    /** Nitrogen in the first month [mg/L]. */
    FOOD(Dimension.NITROGEN, 0),
    /** Salts in the first month, as in a saturation extract [dS/m]. */
    SALTS(Dimension.CONDUCTIVITY, 1),
    /** Mass of the pot just watered, without the plant [kg]. */
    WEIGHT(Dimension.MASS, 1, 2),
    /** Years until the mix has gone over [yr]. */
    LIFE(Dimension.YEARS, 1),
    /** Share of the mix that lies outside what is usual for such a plant [vol/vol]. */
    MAKE_UP(Dimension.SHARE, 0),
    /** Median grain of the mix [mm]. */
    GRAIN(Dimension.GRAIN, 0, 1),
    /** Cation exchange capacity: food that the mix holds on to [meq/L]. */
    HOLDS_FOOD(Dimension.CHARGE, 0),
    /** Share of the mix that sheds water once bone dry [vol/vol]. */
    WETS_AGAIN(Dimension.SHARE, 0),
    /** Total porosity [vol/vol]. */
    POROSITY(Dimension.SHARE, 0),
    /** Dry bulk density [g/L]. */
    DENSITY(Dimension.DENSITY, 0);

    private static final String BRIEF = "brief";
    private static final String TOO_LOW = "tooLow";
    private static final String A_LITTLE_LOW = "aLittleLow";
    private static final String A_LITTLE_HIGH = "aLittleHigh";
    private static final String TOO_HIGH = "tooHigh";

    /** Below this a figure is shown with the decimals of small figures. */
    private static final double SMALL = 10;

    private final Dimension dimension;
    private final int decimals;
    private final int decimalsOfSmall;

    Property(final Dimension dimension, final int decimals) {
        this(dimension, decimals, decimals);
    }

    Property(final Dimension dimension, final int decimals, final int decimalsOfSmall) {
        this.dimension = dimension;
        this.decimals = decimals;
        this.decimalsOfSmall = decimalsOfSmall;
    }

    @Override
    public List<String> facets() {
        return this == POROSITY || this == DENSITY
                ? List.of(BRIEF)
                : List.of(BRIEF, TOO_LOW, A_LITTLE_LOW, A_LITTLE_HIGH, TOO_HIGH);
    }

    /** What it is called when it is too low: "too little air". */
    public Message tooLow() {
        return words(TOO_LOW);
    }

    /** What it is called between what is wanted and what is bearable, below: "a little short of air". */
    public Message aLittleLow() {
        return words(A_LITTLE_LOW);
    }

    /** What it is called between what is wanted and what is bearable, above: "a little airy". */
    public Message aLittleHigh() {
        return words(A_LITTLE_HIGH);
    }

    /** What it is called when it is too high. */
    public Message tooHigh() {
        return words(TOO_HIGH);
    }

    /** What it is called within a sentence: "air", "days until dry". */
    public Message brief() {
        return words(BRIEF);
    }

    /** What it measures. */
    public Dimension dimension() {
        return dimension;
    }

    /** Decimals worth showing of a value, in metric units. */
    public int decimals(final double value) {
        return Math.abs(value) < SMALL ? decimalsOfSmall : decimals;
    }

    /** Whether two values look the same when they are shown. */
    public boolean looksTheSame(final double one, final double other) {
        final double scale = Math.pow(10, decimals(one)) * dimension.shown(1, MeasureSystem.METRIC);
        return Math.rint(one * scale) == Math.rint(other * scale);
    }

    /** A value as it is said. */
    public Quantity quantity(final double value) {
        return Quantity.of(dimension, value, decimals(value));
    }
}
