package looseknit.core.trouble;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/**
 * What may be behind what is seen. One of them is taken to be the main one. What to do against each is common practice, no source.
 */
public enum Cause implements Named {
    TOO_WET(14, Help.WAIT),
    ROOT_ROT(7, Help.RESCUE, Help.REPOT),
    TOO_DRY(3, Help.WATER),
    REPELS(3, Help.WATER),
    ROOT_BOUND(21, Help.REPOT),
    PACKED_MIX(21, Help.REPOT),
    HUNGRY(28, Help.FEED),
    TOO_RICH(28, Help.FLUSH),
    SALTS(28, Help.FLUSH),
    LOCKED_HIGH(28, Help.ACIDITY),
    LOCKED_LOW(28, Help.ACIDITY),
    COLD(14, Help.MOVE),
    HOT(7, Help.MOVE),
    DRAUGHT(14, Help.MOVE),
    TOO_DIM(28, Help.MOVE),
    SCORCH(14, Help.MOVE),
    TOO_DEEP(14, Help.REPOT),
    AGEING(28, Help.WAIT),
    REST(28, Help.WAIT),
    SHOCK(14, Help.WAIT),
    PESTS(5, Help.NAME_IT),
    DISEASE(5, Help.NAME_IT);

    /** Where the application can help. */
    public enum Help {
        /** A brief for a recovering plant in a smaller pot. */
        RESCUE,
        REPOT,
        WATER,
        FEED,
        FLUSH,
        ACIDITY,
        MOVE,
        /** Nothing but a date to look again. */
        WAIT,
        /** To be named and handed on to who knows. */
        NAME_IT
    }

    private static final String DOING = "doing";
    private static final String CAUTION = "caution";

    private final int lookDays;
    private final List<Help> help;

    Cause(final int lookDays, final Help... help) {
        this.lookDays = lookDays;
        this.help = List.of(help);
    }

    /** After how many days it shows whether what was done helps [d]. */
    public int lookDays() {
        return lookDays;
    }

    /** Where the application can help. */
    public List<Help> help() {
        return help;
    }

    /** What to do if it is that. */
    public Message doing() {
        return words(DOING);
    }

    /** What harm that can do, and what to mind. */
    public Message caution() {
        return words(CAUTION);
    }

    @Override
    public List<String> facets() {
        return List.of(DOING, CAUTION);
    }
}
