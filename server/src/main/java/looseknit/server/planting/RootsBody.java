package looseknit.server.planting;

import jakarta.validation.constraints.NotNull;
import looseknit.core.planting.RootCheck;

/** What was seen at the roots. */
public record RootsBody(
        RootCheck.@NotNull Colour colour,
        RootCheck.@NotNull Smell smell,
        RootCheck.@NotNull Firmness firmness,
        RootCheck.@NotNull Growth growth,
        RootCheck.@NotNull Ball ball,
        RootCheck.@NotNull OldMix oldMix) {

    /** What was seen, as the core understands it. */
    public RootCheck toCore() {
        return new RootCheck(colour, smell, firmness, growth, ball, oldMix);
    }
}
