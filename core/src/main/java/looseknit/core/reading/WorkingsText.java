package looseknit.core.reading;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of how a reading was worked out. */
public enum WorkingsText implements Code {
    AIR,
    AIR_SOURCE,
    WATER,
    WATER_SOURCE,
    EASY_WATER("from", "to"),
    EASY_WATER_SOURCE,
    DRY_DAYS("dryness"),
    DRY_DAYS_SOURCE,
    PH,
    PH_SOURCE,
    FOOD,
    FOOD_SOURCE,
    SALTS,
    SALTS_SOURCE,
    WEIGHT,
    WEIGHT_SOURCE,
    LIFE,
    LIFE_SOURCE,
    SHRINKAGE,
    BY_SIZE_CLASSES,
    BY_WHOLE_MATERIALS,
    ALL_PORES,
    WATER_IN_POT,
    WET_ZONE,
    LOST_IN_GAPS,
    NO_ROOM_IN_GAPS,
    CAPPED_BY_PORES,
    CORRECTED_BY_TESTS,
    CORRECTED,
    FINDINGS("n"),
    WATER_AT("suction"),
    FROM_THE_TOP,
    IN_RESERVE("from", "to"),
    HEIGHT_OF_MIX,
    YOUR_POT,
    TEST_COLUMN,
    YOUR_PLACE,
    YOUR_PLANT,
    PLANT_OR_ROOTS("least"),
    BOOK,
    LIGHT,
    DRYNESS,
    GONE_BY_THEN,
    USABLE_WATER,
    LEAVES,
    SURFACE,
    CLAY_WALL,
    TEMPERATURE,
    PLAIN_PH,
    BUFFERING,
    BASE_SET_FREE("weeks"),
    OF_THE_SAY,
    MATERIAL("material"),
    AMENDMENT("amendment"),
    NITROGEN,
    PHOSPHORUS,
    POTASSIUM,
    CALCIUM,
    MAGNESIUM,
    CATION_EXCHANGE,
    FOOD_FROM_DOSES,
    WATER_MASS,
    EMPTY_POT,
    LAYER,
    MIX_IN_POT,
    DENSITY,
    POT_WHEN_DRY,
    LEAST_AIR,
    AIR_AFTER_A_YEAR,
    SETTLED_AFTER_A_YEAR,
    TO_LOSE_HALF;

    private final List<String> arguments;

    WorkingsText(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
