package looseknit.core.measure;

import looseknit.core.message.Dimension;
import looseknit.core.message.Named;

/** What a number that is checked measures; its text is what follows the figures of the allowed range. */
public enum Limit implements Named {
    L(Dimension.VOLUME),
    CM(Dimension.LENGTH),
    SHARE(Dimension.NUMBER),
    VOL_PER_VOL(Dimension.NUMBER),
    NUMBER(Dimension.NUMBER),
    PER_CENT(Dimension.NUMBER),
    PH(Dimension.NUMBER),
    CELSIUS(Dimension.TEMPERATURE),
    YEARS(Dimension.NUMBER),
    DAYS(Dimension.NUMBER),
    MG_PER_L(Dimension.CONCENTRATION),
    WEEKS(Dimension.NUMBER),
    MM(Dimension.GRAIN),
    G_PER_L(Dimension.DOSE),
    MATERIALS(Dimension.NUMBER),
    PLANTS(Dimension.NUMBER),
    PER_CM(Dimension.NUMBER),
    SHAPE(Dimension.NUMBER),
    KG(Dimension.MASS),
    GRAMS(Dimension.GRAMS),
    MEQ_PER_L(Dimension.CHARGE),
    MEQ_PER_L_PER_PH(Dimension.BUFFER),
    PARTS_OR_PER_CENT(Dimension.NUMBER),
    AGAINST_A_LEAFY_PLANT(Dimension.NUMBER),
    DS_PER_M(Dimension.CONDUCTIVITY),
    SHARE_ESTIMATED(Dimension.NUMBER),
    DRAWS(Dimension.NUMBER),
    SAME_UNIT(Dimension.NUMBER),
    LAYERS(Dimension.NUMBER),
    L_TO_THE_RIM(Dimension.VOLUME),
    L_THE_CONTAINER_HOLDS(Dimension.VOLUME),
    L_THAT_WENT_IN(Dimension.VOLUME),
    G_IN_THIS_CONTAINER(Dimension.GRAMS),
    G_FOR_THIS_DRY_MASS(Dimension.GRAMS),
    SECONDS(Dimension.NUMBER),
    POTS(Dimension.NUMBER),
    PH_NOT_UNDER_THE_TARGET(Dimension.NUMBER),
    CURRENCY(Dimension.NUMBER),
    WATER_PER_MIX_AND_WEEK(Dimension.NUMBER),
    MEQ_PER_L_AND_WEEK(Dimension.CHARGE),
    TIMES(Dimension.NUMBER),
    MG_N_PER_L(Dimension.NITROGEN),
    PER_CENT_N(Dimension.NUMBER),
    M2(Dimension.NUMBER),
    DEGREES_OF_LATITUDE(Dimension.NUMBER),
    DAY_OF_THE_YEAR(Dimension.NUMBER),
    MOL_PER_M2_A_DAY(Dimension.NUMBER),
    M_PER_S(Dimension.NUMBER),
    SHARE_NOT_UNDER_THE_LEAST(Dimension.NUMBER),
    PARTS(Dimension.NUMBER),
    MS(Dimension.NUMBER),
    ROW(Dimension.NUMBER),
    AGAINST_CALCIUM_CARBONATE(Dimension.NUMBER),
    G_PER_ML(Dimension.NUMBER),
    SHARES_TOGETHER(Dimension.NUMBER),
    L_PER_L(Dimension.NUMBER),
    TIMES_THE_TABLE(Dimension.NUMBER),
    KG_PER_POT_LITRE(Dimension.NUMBER),
    HEIGHT_OVER_WIDTH(Dimension.NUMBER),
    MG_PER_L_CARBONATE(Dimension.CONCENTRATION),
    PLANT_OVER_POT(Dimension.NUMBER),
    RATIO(Dimension.NUMBER),
    CM_OF_OVERFLOW(Dimension.LENGTH),
    CM_OF_WICK(Dimension.LENGTH),
    CM_ABOVE_THE_RIM(Dimension.LENGTH),
    PACKS(Dimension.NUMBER),
    SIEVES(Dimension.NUMBER),
    TIMES_PRESSED(Dimension.NUMBER),
    L_PER_KG(Dimension.SWELL),
    PER_CENT_NOT_UNDER_THE_LEAST(Dimension.NUMBER),
    L_OR_KG(Dimension.NUMBER);

    private final Dimension dimension;

    Limit(final Dimension dimension) {
        this.dimension = dimension;
    }

    /** What it measures. */
    public Dimension dimension() {
        return dimension;
    }
}
