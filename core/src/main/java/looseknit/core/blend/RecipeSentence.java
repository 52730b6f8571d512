package looseknit.core.blend;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of recipes as they are written. */
public enum RecipeSentence implements Code {
    NOT_FOR_RECIPES,
    EMPTY,
    AT_LEAST_ONE,
    NOTHING_ABOVE_0,
    ONE_ABOVE_0,
    NUMBERS_FOR_NAMES("numbers", "names"),
    AS_MANY_NAMES,
    EQUAL_PARTS,
    SHARED_EVENLY("n"),
    HOW_MUCH("parts"),
    NO_SUCH_MATERIAL,
    NOT_CALLED("name"),
    AMONG_PER_CENTS("unit"),
    DUSTING_AS_PART,
    TAKEN_AS("name"),
    WHICH_ONE("name"),
    ASKED("question", "name"),
    MIDDLE_OF_RANGE,
    DUSTING_AS_DOSE("dose"),
    WEIGHED_NOT_SCOOPED("amendment"),
    FOR_HOW_MUCH,
    FOR_ONE_POT("volume"),
    FOR_WHAT_THE_REST_MAKES("volume"),
    NOTHING_LEFT,
    REST_OF_WHAT,
    BARE_AS_PER_CENT,
    PART_STANDS_FOR("unit"),
    BARE_AS_SCOOP("volume"),
    ADDED("name", "amount"),
    CHANGED("name", "before", "after"),
    LEFT_OUT("name"),
    PARTS("figure", "n"),
    PER_CENT("figure"),
    SPOONS_FOR_POT("spoons"),
    SPOONS_TO_A_LITRE("spoons"),
    SPOONS_TO_A_QUART("spoons"),
    A_DUSTING("spoons"),
    LESS_THAN_AN_EIGHTH,
    TABLESPOONS("figure"),
    TEASPOONS("figure");

    private final List<String> arguments;

    RecipeSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
