package looseknit.core.pot;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of pots. */
public enum PotSentence implements Code {
    LAYER_AT_MOST("most"),
    LAYERS("most"),
    DEEP_BELOW_THE_TOPMOST("depth"),
    TOPMOST_HAS_ROOM("most"),
    LOAD_MIX,
    LOAD_POT,
    LOAD_LAYER,
    LOAD_PLANT,
    LOAD_DRESSING;

    private final List<String> arguments;

    PotSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
