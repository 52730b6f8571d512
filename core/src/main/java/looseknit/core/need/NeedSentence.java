package looseknit.core.need;

import java.util.List;
import looseknit.core.message.Code;

/** What plants ask for, and why. */
public enum NeedSentence implements Code {
    COUNTS_MOST,
    COUNTS,
    COUNTS_LESS,
    AT_LEAST("what"),
    EASY_WATER,
    SALTS,
    LIMY_WATER,
    NO_COMPOST,
    COMES_LATE,
    GRAIN("texture"),
    LASTS_TO_REPOTTING("plant", "how", "years"),
    LASTS_AS_WISHED("years"),
    WOULD_TIP("plant"),
    HANGS,
    LIGHT,
    LIFTED("mass"),
    HAS_TO_OVERLAP("plant", "others"),
    COUNTERPART,
    CLAY,
    TIGHT_WALL("wall"),
    FLAT,
    SLOW_PLACE("place"),
    QUICK_PLACE("place"),
    RAIN,
    TOO_SOON,
    TOO_LATE,
    WATERED_EVERY("days", "trigger"),
    WATERED_DAILY("trigger"),
    CLASH("driest", "what", "low", "other", "high"),
    CLASH_DRYING("thirsty", "wet", "patient", "dry"),
    CHANGED("what", "before", "after"),
    CHANGED_FOR,
    CHANGED_STAGE,
    CHANGED_POT,
    CHANGED_PLACE,
    CHANGED_WATERING,
    OTHER_WISHES,
    NO_PLANT,
    PLANTS("plants"),
    NONE,
    A_POT("width", "wall", "base"),
    A_PLACE("name", "temperature", "humidity"),
    LIGHT_FROM_TO("low", "high"),
    A_HABIT("amount", "days", "water");

    private final List<String> arguments;

    NeedSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
