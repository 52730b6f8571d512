package looseknit.core.need;

import java.util.List;
import looseknit.core.measure.Band;

/**
 * What is wanted of one reading, and why.
 *
 * @param quality the reading
 * @param band wanted range, in the unit of computation
 * @param weight how much it matters, 1 for the ordinary
 * @param because why the band is where it is: the plant first, then each shift
 */
public record Target(Quality quality, Band band, double weight, List<String> because) {

    /** How much it matters beside the others, in words. */
    public String weightWords() {
        return weight > 1 ? "counts most" : weight < 1 ? "counts less" : "counts";
    }

    public Target {
        because = List.copyOf(because);
    }
}
