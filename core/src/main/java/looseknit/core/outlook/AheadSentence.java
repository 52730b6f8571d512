package looseknit.core.outlook;

import java.util.List;
import looseknit.core.message.Code;

/** Why something is due at a pot. */
public enum AheadSentence implements Code {
    FOOD_OF_THE_MIX("months"),
    FOOD_OF_MIX_AND_FEED("months", "feed"),
    FED_BEFORE("months"),
    REST_BEGINS("rest"),
    REST_ENDS("rest"),
    FEED_IS_RELEASED("feed", "months"),
    FEED_OF_SPRING,
    FEED_WAITS_FOR_LIGHT,
    HARD_WATER("months"),
    NOTHING_RUNS_OUT("months"),
    SETTLED,
    TEST,
    SUNK("depth"),
    MIX_IS_OVER("years"),
    ROOTS_FILL("years");

    private final List<String> arguments;

    AheadSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
