package looseknit.core.change;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of changes, contradictions and ways out. */
public enum ChangeSentence implements Code {
    NOTHING_IN_IT,
    SOMETHING_TO_GIVE,
    REMEDY("what", "effect"),
    PARTS_MORE("n", "material"),
    PARTS_LESS("n", "material"),
    PER_CENT_MORE("figure", "material"),
    PER_CENT_LESS("figure", "material"),
    PART_INSTEAD("gaining", "giving"),
    PER_CENT_INSTEAD("figure", "gaining", "giving"),
    WALL_POT("wall"),
    WATER_DAILY_INSTEAD,
    WATER_EVERY_INSTEAD("days"),
    DOSE_AND_WAIT("amendment", "dose", "effect", "weeks"),
    FROM_TO("before", "after"),
    MOVES("what", "before", "after"),
    AND_DRIES("moved", "dries"),
    DRIES_SOONER("by"),
    DRIES_LATER("by"),
    OWN_POTS,
    COLD("place", "temperature", "plant", "least"),
    WARMER,
    HOT("place", "temperature", "plant", "most"),
    COOLER,
    DARK("place", "light", "plant", "least"),
    BRIGHTER,
    BRIGHT("place", "light", "plant", "most"),
    SHADE,
    SALTY_WATER("salts", "plant", "most", "bears"),
    RAIN_WATER,
    DISTILLED_WATER,
    SHALLOW("depth", "holds"),
    WIDER_POT("width"),
    DROWNED("plant", "trigger"),
    DRILL_HOLES,
    STANDS_OR_LIFTS("plant", "mass"),
    WHERE_IT_STAYS,
    TIED_UP,
    LEACHING("plant"),
    PLASTIC_POT,
    GLAZED_POT,
    STONE_DRY("plant", "water"),
    ALLOW_MOSS,
    ON_A_WICK,
    STONE_HUNGRY("plant"),
    FEED_IN_THE_WATER,
    NO_ACID_BASE("ph", "plant"),
    ACID_TOO,
    ALLOW_PEAT,
    LIGHT_TIPS("plant"),
    LET_IT_BE_HEAVY,
    TIE_IT,
    LAYER_MISSING,
    ADD_A_LAYER,
    LAYER_UNWANTED,
    TAKE_THE_LAYER_OUT,
    SLOW_OR_FAST("every", "wall", "place", "days", "dryness"),
    SLOW_OR_FAST_PLAIN("every", "wall", "place", "days", "dryness"),
    POT_OF("wall"),
    SMALLER_POT("width"),
    LARGER_POT("width"),
    AIRIER_MIX("material"),
    WETTER_MIX("material"),
    BOTH("first", "second"),
    BRINGS("what", "days"),
    BRINGS_STILL_SLOW("what", "days"),
    BRINGS_TOO_QUICK("what", "days"),
    WATER_LESS("days"),
    WATER_MORE("days"),
    WANTS_NO_PEAT("materials"),
    WANTS_NO_COIR("materials"),
    WANTS_NO_COMPOST("materials"),
    WANTS_MINERALS("materials"),
    WANTS_AT_MOST("most", "n"),
    BARRED_NO_PEAT,
    BARRED_NO_COIR,
    BARRED_NO_COMPOST,
    BARRED_MINERALS,
    AS_IT_IS,
    COLUMN("what"),
    TOO_WET,
    TOO_DRY,
    RIGHT,
    NOTHING,
    WITHOUT_POT,
    PLANT_POT_PLACE;

    private final List<String> arguments;

    ChangeSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
