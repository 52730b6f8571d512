package looseknit.core.outlook;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of a blend in its pot. */
public enum OutlookSentence implements Code {
    NOT_NAMED,
    A_PLANT,
    A_POT,
    A_PLACE,
    GONE_OVER("years", "range"),
    NEVER_OVER,
    TOP_UP("litres"),
    THE_MIX,
    LOAD_CHANNEL,
    LOAD_POLE,
    STANDS_IN_WATER("height"),
    NO_WAY_OUT,
    SAUCER,
    SLATS,
    STONES_TAKE_SURPLUS("material", "water"),
    STONES_HOLD_WATER("material", "water"),
    LAYER_LIFTS("material", "height"),
    LAYER_DRAINS_AS_ONE("material"),
    LESS_AIR("air", "volume"),
    MORE_AIR("air", "volume"),
    SEAM_STOPS("upper", "lower", "height"),
    SEAM_LETS_THROUGH("upper", "lower"),
    STAKE_TAKES("volume"),
    POLE_TAKES("volume"),
    CHANNEL("volume"),
    ROOM_TO_WATER("volume"),
    NO_ROOM_TO_WATER,
    BALL_TAKES("volume", "times"),
    BALL_LOST("times"),
    BALL_BURIED("depth"),
    DRESSING_KEEPS("what", "days"),
    WEIGHS_MOIST("left", "wants"),
    WEIGHS_DRY("left", "wants"),
    IN_THE_MIX("what"),
    FEED,
    LEFT("share"),
    NOTHING_LEFT,
    OFF_THE_SCALE("dry", "watered");

    private final List<String> arguments;

    OutlookSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
