package looseknit.core.change;

import java.util.List;
import looseknit.core.message.Message;

/**
 * Two things of a brief that do not go together, whatever the mix or with this one.
 *
 * @param id name of the kind of contradiction
 * @param says what does not go together, in a sentence
 * @param waysOut what could be changed, likeliest first
 */
public record Contradiction(String id, Message says, List<WayOut> waysOut) {

    public Contradiction {
        waysOut = List.copyOf(waysOut);
    }
}
