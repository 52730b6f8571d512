package looseknit.core.bench;

import java.util.List;
import looseknit.core.message.Code;

/** What is odd about a recipe as it is written. */
public enum BenchSentence implements Code {
    PER_CENT_SHORT("sum", "missing"),
    PER_CENT_OVER("sum", "over"),
    NAMED_TWICE("material");

    private final List<String> arguments;

    BenchSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
