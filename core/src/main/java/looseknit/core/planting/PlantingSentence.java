package looseknit.core.planting;

import java.util.List;
import looseknit.core.message.Code;

/** What is refused when a pot is set up, and what would do. */
public enum PlantingSentence implements Code {
    HOLES_OR_NONE,
    HOLE_WITHIN("most"),
    TOGETHER("depth"),
    LAYERS_AT_MOST("most"),
    DRESSING_AT_MOST("most"),
    AT_MOST("most"),
    POLE_AT_MOST("most"),
    BALL_DEEP("most"),
    BALL_WIDE("most"),
    NOT_ONE_FITS,
    AT_MOST_SO_MANY("most");

    private final List<String> arguments;

    PlantingSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
