package looseknit.server.planting;

import jakarta.validation.constraints.NotNull;
import looseknit.core.planting.RootCheck;
import looseknit.core.planting.RootCheck.Ball;
import looseknit.core.planting.RootCheck.Colour;
import looseknit.core.planting.RootCheck.Firmness;
import looseknit.core.planting.RootCheck.Growth;
import looseknit.core.planting.RootCheck.OldMix;
import looseknit.core.planting.RootCheck.Smell;

/** What was seen at the roots. */
public record RootsBody(
        @NotNull Colour colour,
        @NotNull Smell smell,
        @NotNull Firmness firmness,
        @NotNull Growth growth,
        @NotNull Ball ball,
        @NotNull OldMix oldMix) {

    /** What was seen, as the core understands it. */
    public RootCheck toCore() {
        return new RootCheck(colour, smell, firmness, growth, ball, oldMix);
    }
}
