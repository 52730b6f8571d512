package looseknit.core.planting;

import java.util.List;
import looseknit.core.message.Code;

/** What is done when a plant is potted up. */
public enum StepSentence implements Code {
    WATER_BEFORE,
    DRY_BEFORE,
    WHEELS("mass"),
    STAND_WHERE_IT_STAYS("mass"),
    WASH_GLASS,
    WASH_POTS,
    ENLARGE_HOLES("count", "width"),
    DRILL_OVERFLOW("height"),
    COVER_HOLES("cover"),
    LAY_DRAINAGE("depth", "material"),
    STAND_CHANNEL("width"),
    LAY_MESH("cover"),
    LAY_BED("depth", "name"),
    FEED_BELOW("feed"),
    CLEAN_GRIT,
    STAND_TRELLIS,
    STAND_STAKE,
    STAND_POLE,
    FILL_POLE,
    TIE_IN,
    FILL_TO("height"),
    FEED_HALFWAY("feed"),
    CUT_FLOWERS,
    TAKE_OUT,
    SET_OLD_DEPTH,
    SET_AS("planting"),
    SET_NECK,
    SET_BULBS,
    SET_ORCHID,
    SET_CUTTINGS,
    SET_ROSETTES,
    SET_BOG,
    SET_TRAY,
    SMALL_LAST,
    FILL_ROUND,
    PRESS,
    CHOPSTICK,
    SETTLE_CHIPS,
    NOT_PRESSED,
    TAP,
    HEADSPACE("depth"),
    FEED_ON_TOP("feed"),
    DRESS("depth", "what"),
    LABEL,
    WATER_RUNS,
    WATER_CHANNEL,
    WATER_SYRINGE,
    WATER_MIST,
    WATER_SOAK,
    WAIT_WITH_WATER("days"),
    COVER_CUTTINGS,
    WEIGH,
    SHADE_FIRST,
    PLACE_FIRST,
    WATCH,
    WATCH_FED,
    SO_MUCH_FEED("mass"),
    FEED_BY_LABEL;

    private final List<String> arguments;

    StepSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
