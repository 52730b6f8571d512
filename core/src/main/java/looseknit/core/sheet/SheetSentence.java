package looseknit.core.sheet;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of a material on its own, and of what stands in for it. */
public enum SheetSentence implements Code {
    DRY_WEIGHT,
    ALL_PORES,
    AIR("column"),
    WATER("column"),
    EASY_WATER,
    PH,
    BUFFERING,
    CATIONS,
    SALTS,
    NITROGEN,
    PHOSPHORUS,
    POTASSIUM,
    HALF_ROTS_IN,
    SETTLES,
    PH_INSTEAD("after", "before"),
    MORE_FOOD("n"),
    LESS_FOOD("n"),
    MORE_SALTS("ec"),
    LESS_SALTS("ec"),
    POINTS_MORE("points", "what"),
    POINTS_LESS("points", "what"),
    TIMES_AS_HEAVY("ratio"),
    LIGHTER("share"),
    DOES_NOT_ROT,
    HALF_ROTS("years"),
    HALF_ROTS_INSTEAD("after", "before"),
    N,
    P2O5,
    K2O,
    CALCIUM,
    MAGNESIUM,
    RAISES_PH,
    LOWERS_PH,
    LEAVES_PH,
    RAISES_PH_INSTEAD,
    LOWERS_PH_INSTEAD,
    MOVES_PH("ratio"),
    HALF_WORKED_IN,
    FEEDS_FOR,
    CONTENT_INSTEAD("what", "after", "before"),
    FEEDS_OVER("weeks"),
    FEEDS_AT_ONCE("weeks"),
    INSTEAD("what", "after", "before");

    private final List<String> arguments;

    SheetSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
