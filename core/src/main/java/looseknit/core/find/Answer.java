package looseknit.core.find;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import looseknit.core.change.Change;
import looseknit.core.message.Message;

/**
 * What a search found.
 *
 * @param proposals up to six blends that differ, the closest first; empty if nothing can be mixed
 * @param byCount the closest of every number of materials
 * @param proof how sure it is that nothing better exists
 * @param clash what stands in the way, if nothing fits
 * @param wouldHelp materials that are not at hand and would better the fit most
 * @param exactPartsGain points of fit that exact proportions would gain over whole parts; nothing if it was not worked out
 * @param said what else there is to say, in sentences
 */
public record Answer(
        List<Proposal> proposals,
        List<OfCount> byCount,
        Proof proof,
        Optional<Clash> clash,
        List<WouldHelp> wouldHelp,
        OptionalDouble exactPartsGain,
        List<Message> said) {

    /**
     * The closest of a number of materials.
     *
     * @param count number of materials
     * @param fit its fit, 0 to 100
     * @param words what is in it
     */
    public record OfCount(int count, double fit, Message words) {}

    /**
     * How a search came to its end.
     *
     * @param proved whether nothing better exists among what was asked about
     * @param total recipes there are
     * @param read recipes that were mixed in the model
     * @param gap points of fit by which a better one might exist; 0 if it was proved
     * @param millis time it took [ms]
     * @param words the same in a sentence
     */
    public record Proof(boolean proved, long total, long read, double gap, long millis, Message words) {}

    /**
     * What stands in the way of a blend that fits.
     *
     * @param says targets that clash, in a sentence
     * @param waysOut what could be changed, the most useful first
     */
    public record Clash(Message says, List<Way> waysOut) {}

    /**
     * A change with what it promises.
     *
     * @param change what is changed
     * @param fit fit of the best small blend then, 0 to 100
     * @param words the same in a sentence
     */
    public record Way(Change change, double fit, Message words) {}

    /**
     * A material that would help.
     *
     * @param id its id
     * @param name its name
     * @param fit fit of the best blend with it, 0 to 100
     * @param words what it would do
     */
    public record WouldHelp(String id, String name, double fit, Message words) {}

    /** The same, and this first. */
    Answer saying(final List<Message> first) {
        return new Answer(
                proposals,
                byCount,
                proof,
                clash,
                wouldHelp,
                exactPartsGain,
                Stream.concat(first.stream(), said.stream()).toList());
    }
}
