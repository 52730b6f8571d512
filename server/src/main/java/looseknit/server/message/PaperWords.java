package looseknit.server.message;

import java.util.List;
import looseknit.core.message.Code;
import looseknit.core.message.Message;

/** What stands on paper and in the calendar file; the texts are those of {@code paper-words_en.properties}. */
public enum PaperWords implements Code {
    LOT("lot"),
    LOT_AND_VERSION("lot", "version"),
    BLEND_AND_LOT("blend", "lot"),
    POT_AND_LOT("pot", "plant", "blend", "lot"),
    LABEL_OF_LOT("lot"),
    LABELS_OF_LOT("lot"),
    LABELS_OF_POTS,
    MIXED_USE_UNTIL("mixed", "until"),
    NOT_MIXED_YET,
    POTTED_ON("day"),
    ORDER_FOR_LOT("lot"),
    MADE_IN_LOADS("volume", "loads", "scoop"),
    FIRST,
    LOAD("load"),
    ONE_SCOOP("figure"),
    SCOOPS("figure"),
    TO_BUY,
    TO_BUY_FOR_LOT("lot"),
    FOR_BLEND_AND_LOT("blend", "lot"),
    NOTHING_TO_BUY,
    IN_ALL("money"),
    FOR("what"),
    EXPECTED,
    MEASURED,
    MIND,
    TAKEN_IN_FROM_CODE,
    PARTS,
    PER_CENT,
    MEASURED_WHERE_EXPECTED("day", "what", "measured", "expected"),
    MEDIUM_FOR("plant"),
    PARTS_BY_VOLUME,
    PER_CENT_BY_VOLUME,
    GRAMS_PER_LITRE,
    ADD("line"),
    TURN_OVER,
    YEAR("year"),
    YEAR_MIXED,
    YEAR_POTTED,
    YEAR_REPOTTED,
    YEAR_INCREASED,
    YEAR_LOST,
    YEAR_LOOKS,
    YEAR_WATERINGS,
    YEAR_SPENT,
    BLENDS,
    MATERIALS,
    LEARNT,
    LOST,
    BATCHES("batches"),
    NO_PRICE,
    NOTHING,
    WEEK("from", "to"),
    WEEK_FROM("from"),
    NO_LOOKS,
    MORE_LOOKS("more"),
    NO_PLACE,
    ALSO_DUE,
    RUNNING_LOW,
    OPEN_FOR_LONG,
    TEST,
    WHAT_IS_DUE("label", "what");

    private final List<String> arguments;

    PaperWords(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }

    /** The message of one that takes no arguments. */
    public Message words() {
        return with();
    }
}
