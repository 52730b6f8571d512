package looseknit.core.material;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;

/**
 * What to know about a material before using it; common practice unless its source says otherwise.
 *
 * @param does what it does in a mix, in two sentences
 * @param grade which grade to take
 * @param prepare what to do with it before mixing
 * @param notFor what it must not be used for
 * @param standIns ids of materials that may take its place, likeliest first; none is one to one
 */
public record Advice(Message does, Message grade, Message prepare, Message notFor, List<String> standIns) {

    public Advice {
        standIns = List.copyOf(standIns);
    }

    /** Advice of which only what it does is known. */
    public static Advice does(final Message does) {
        return new Advice(does, TableText.said(""), TableText.said(""), TableText.said(""), List.of());
    }
}
