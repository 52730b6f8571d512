package looseknit.core.material;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of materials. */
public enum MaterialSentence implements Code {
    GRADE_UP_TO("most"),
    GRADE("range"),
    SIZES_RISE,
    SIZES("d10", "d50", "d90"),
    TEXTURE_ADDS_UP,
    SOIL_PREPARE,
    SOIL_NOT_FOR;

    private final List<String> arguments;

    MaterialSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
