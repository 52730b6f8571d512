package looseknit.core.find;

import java.util.List;
import looseknit.core.message.Code;

/** What a search has to say. */
public enum FindSentence implements Code {
    NO_OTHER_SPLIT("recipes", "materials", "parts"),
    ONE_FOR_ALL,
    MATERIALS("n"),
    LEAVE_SOME_OUT("most"),
    OPEN,
    A_PLANT_TO_AIM_AT,
    PARTS_OF("n", "material"),
    NOTHING_IN_ITS_PLACE,
    IN_ITS_PLACE("materials"),
    SENTENCE("words"),
    READS_AS_BEFORE,
    AS_IT_WAS("value"),
    LEFT_OUT,
    NONE_LEFT,
    NO_BLEND_WITH_IT,
    FITS_AS_WELL("parts"),
    FITS_INSTEAD("fit", "best", "parts", "summary"),
    IN_QUARANTINE,
    TOO_COARSE,
    WITHOUT_IT("what", "now", "without"),
    NOTHING_ELSE,
    NEAREST_TO_IT,
    NOTHING_TO_MIX,
    CALLED_OFF,
    CALLED_OFF_SO_FAR,
    NOTHING_WITHIN_LIMITS,
    RECIPES_OF("most", "materials", "parts"),
    ADDITIONS_OF("most", "materials", "parts"),
    PROVED("space", "total", "read"),
    NOT_PROVED("covered", "total", "space", "points"),
    FITS_ALL,
    A_LITTLE_OFF("verdicts"),
    FITS_ALL_BUT("names"),
    MISSES("names"),
    LIST("parts"),
    LABEL("what"),
    FIGURE("value"),
    AMOUNT_OF("amount", "material"),
    FITS_LESS_WELL("points"),
    MATERIALS_MORE("n"),
    HEAVIER("share"),
    LASTS_LESS("years"),
    LESS_SURE,
    HAS_PEAT,
    DEARER("share"),
    COUNT("n"),
    THOUSAND("n"),
    MILLION("n"),
    WANTED("what", "band"),
    NONE_BRINGS("wanted"),
    NOT_WITH_THE_REST("wanted"),
    NOT_TOGETHER("wanted", "against"),
    WALL_POT("wall"),
    POT_WIDE("width"),
    WATER_DAILY,
    WATER_EVERY("days"),
    LIME_IT,
    GIVE_GRANULES,
    THEN_ALL_FITS("change"),
    THEN_FITS("change", "fit", "now"),
    LITRES_WOULD_DO("material", "litres"),
    LACKS("plants", "materials"),
    NOT_USUAL("plants"),
    ONE_WOULD_BE("plant", "headline"),
    WOULD_RAISE("material", "now", "fit");

    private final List<String> arguments;

    FindSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
