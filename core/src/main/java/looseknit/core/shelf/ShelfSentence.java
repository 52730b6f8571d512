package looseknit.core.shelf;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of what somebody owns. */
public enum ShelfSentence implements Code {
    SETTLED_AFTER_A_MINUTE("height"),
    SETTLED_AFTER_TWO_HOURS("height"),
    SIEVES_RISE,
    SOMETHING_SIEVED,
    MORE_THAN_SMALLEST("size"),
    ROOM_FOR_GRAINS("most"),
    LIKENED_TO("material"),
    OWN_FACTS("material"),
    A_KNOWN_MATERIAL,
    NOT_ITSELF,
    MOST_PLAIN("most"),
    ONE_TO_TWENTY,
    A_MIX_OF("parts", "certainty"),
    PART_OF_MIX("amount", "material"),
    BREAK_IT_UP,
    OWN_SOIL("texture"),
    JAR_SOURCE,
    FROM_ITS_MAKE_UP("certainty"),
    LOW("left"),
    NONE_LEFT,
    OLD_BAG("months"),
    NO_MATERIAL_ANY_MORE("material");

    private final List<String> arguments;

    ShelfSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
