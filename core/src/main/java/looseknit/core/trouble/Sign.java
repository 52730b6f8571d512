package looseknit.core.trouble;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import looseknit.core.message.Named;

/** An answer to a {@link Finding}. The ordinary one of each says that nothing of note is seen there. */
public enum Sign implements Named {
    YELLOW_OLD(Finding.OLD_LEAVES),
    YELLOW_DROPPING(Finding.OLD_LEAVES),
    OLD_FINE(Finding.OLD_LEAVES, true),
    GREEN_VEINS(Finding.YOUNG_LEAVES),
    TWISTED_YOUNG(Finding.YOUNG_LEAVES),
    YOUNG_FINE(Finding.YOUNG_LEAVES, true),
    PALE_ALL(Finding.COLOUR),
    DARK_SOFT(Finding.COLOUR),
    REDDISH(Finding.COLOUR),
    COLOUR_FINE(Finding.COLOUR, true),
    BROWN_TIPS(Finding.TIPS),
    BROWN_EDGES(Finding.TIPS),
    TIPS_FINE(Finding.TIPS, true),
    CRISP(Finding.TEXTURE),
    NOT_CRISP(Finding.TEXTURE, true),
    HANGS_WET(Finding.FIRMNESS),
    HANGS_DRY(Finding.FIRMNESS),
    WRINKLED(Finding.FIRMNESS),
    FIRM(Finding.FIRMNESS, true),
    SOFT_SPOTS(Finding.SPOTS),
    BLEACHED(Finding.SPOTS),
    SPECKLED(Finding.SPOTS),
    CORKY(Finding.SPOTS),
    NO_SPOTS(Finding.SPOTS, true),
    SOFT_BASE(Finding.BASE),
    BASE_FINE(Finding.BASE, true),
    BURIED_BASE(Finding.DEPTH),
    DEPTH_FINE(Finding.DEPTH, true),
    HEAVY(Finding.WEIGHT),
    LIGHT(Finding.WEIGHT),
    ABOUT_RIGHT(Finding.WEIGHT, true),
    STANDS_ON_TOP(Finding.WATER),
    RUNS_PAST(Finding.WATER),
    SOAKS_IN(Finding.WATER, true),
    WHITE_CRUST(Finding.SURFACE),
    GREEN_FILM(Finding.SURFACE),
    MOULD(Finding.SURFACE),
    SURFACE_FINE(Finding.SURFACE, true),
    SOUR(Finding.SMELL),
    EARTHY(Finding.SMELL, true),
    ROOTS_ROTTEN(Finding.ROOTS),
    ROOTS_PAPERY(Finding.ROOTS),
    ROOTS_CIRCLING(Finding.ROOTS),
    ROOTS_FINE(Finding.ROOTS, true),
    ROOTS_OUT(Finding.HOLES),
    HOLES_BLOCKED(Finding.HOLES),
    HOLES_OPEN(Finding.HOLES, true),
    NO_GROWTH(Finding.GROWTH),
    LONG_THIN(Finding.GROWTH),
    SMALL_LEAVES(Finding.GROWTH),
    GROWS(Finding.GROWTH, true),
    LEANS(Finding.STANDS),
    WOBBLES(Finding.STANDS),
    STANDS_FIRM(Finding.STANDS, true),
    GNATS(Finding.INSECTS),
    WEBS(Finding.INSECTS),
    STICKY(Finding.INSECTS),
    NO_INSECTS(Finding.INSECTS, true),
    TRAPS_SOME_BLACK(Finding.TRAPS),
    TRAPS_ALL_BLACK(Finding.TRAPS),
    TRAPS_FINE(Finding.TRAPS, true),
    BUDS_DROP(Finding.BUDS),
    BUDS_FINE(Finding.BUDS, true),
    DROPS_GREEN(Finding.DROP),
    KEEPS_LEAVES(Finding.DROP, true),
    OVERNIGHT(Finding.SPEED),
    SLOWLY(Finding.SPEED, true),
    ONE_SIDE(Finding.WHERE),
    LOWEST(Finding.WHERE),
    NEWEST(Finding.WHERE),
    ALL_OVER(Finding.WHERE, true),
    COLD_GLASS(Finding.BESIDE),
    HEATER(Finding.BESIDE),
    NEITHER(Finding.BESIDE, true),
    RECKONED_WET(Finding.KNOWN_WATER),
    RECKONED_OVERDUE(Finding.KNOWN_WATER),
    RECKONED_BETWEEN(Finding.KNOWN_WATER, true),
    WATERED_EARLY(Finding.KNOWN_HAND),
    WATERED_LATE(Finding.KNOWN_HAND),
    WATERED_WELL(Finding.KNOWN_HAND, true),
    LITTLE_AIR(Finding.KNOWN_AIR),
    AIR_ENOUGH(Finding.KNOWN_AIR, true),
    OLD_MIX(Finding.KNOWN_AGE),
    YOUNG_MIX(Finding.KNOWN_AGE),
    MIX_IN_ITS_YEARS(Finding.KNOWN_AGE, true),
    UNFED(Finding.KNOWN_FOOD),
    FED_MUCH(Finding.KNOWN_FOOD),
    FED(Finding.KNOWN_FOOD, true),
    SALTY(Finding.KNOWN_SALTS),
    SALTS_FINE(Finding.KNOWN_SALTS, true),
    PH_HIGH(Finding.KNOWN_ACIDITY),
    PH_LOW(Finding.KNOWN_ACIDITY),
    PH_FITS(Finding.KNOWN_ACIDITY, true),
    JUST_POTTED(Finding.KNOWN_CHANGE),
    JUST_MOVED(Finding.KNOWN_CHANGE),
    UNCHANGED(Finding.KNOWN_CHANGE, true),
    RESTING(Finding.KNOWN_SEASON),
    GROWING(Finding.KNOWN_SEASON, true),
    LIGHT_SCARCE(Finding.KNOWN_LIGHT),
    LIGHT_STRONG(Finding.KNOWN_LIGHT),
    LIGHT_FITS(Finding.KNOWN_LIGHT, true),
    COLD_THERE(Finding.KNOWN_WARMTH),
    HOT_THERE(Finding.KNOWN_WARMTH),
    WARMTH_FITS(Finding.KNOWN_WARMTH, true),
    DRY_AIR(Finding.KNOWN_HUMIDITY),
    AIR_MOIST(Finding.KNOWN_HUMIDITY, true);

    static final Map<Finding, List<Sign>> OF =
            Arrays.stream(values()).collect(Collectors.groupingBy(sign -> sign.finding));

    private final Finding finding;
    private final boolean ordinary;

    Sign(final Finding finding) {
        this(finding, false);
    }

    Sign(final Finding finding, final boolean ordinary) {
        this.finding = finding;
        this.ordinary = ordinary;
    }

    /** What it answers. */
    public Finding finding() {
        return finding;
    }

    /** Whether nothing of note is seen. */
    public boolean isOrdinary() {
        return ordinary;
    }
}
