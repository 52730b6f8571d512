package looseknit.server.publish;

import java.util.List;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MakeUp.Certainty;

/**
 * A blend as somebody would publish it, in words.
 *
 * @param note what was noted of it; empty for nothing
 * @param plant the plant that it is for; empty for none
 * @param lines the recipe, a line for each thing
 * @param mixes mixes of the person's own that it names
 * @param readings what it is expected to be like; none if it cannot be read
 * @param headline what harms most, or that all fits; empty if it cannot be read
 * @param measured what was measured of it, in lines
 * @param cautions what to mind when mixing it
 * @param keeping how it keeps
 */
record BlendSheet(
        String name,
        String note,
        String plant,
        Recipe recipe,
        List<String> lines,
        List<OwnMix> mixes,
        List<Figure> readings,
        String headline,
        List<String> measured,
        List<String> cautions,
        String keeping) {

    /** A mix of the person's own, with its lines. */
    record OwnMix(String name, Certainty certainty, boolean fed, List<String> lines) {}

    /** A reading: what it is called and its figure with the unit. */
    record Figure(String name, String value) {}
}
