package looseknit.core.find;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import looseknit.core.bench.Evaluation;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.core.need.Property;

/**
 * A blend that answers a question.
 *
 * @param titles what it is the best of; may be none
 * @param recipe parts and doses
 * @param penalty how badly it misses its targets, 0 if it does not
 * @param fit the same as 0 to 100
 * @param summary the fit in words
 * @param givesUp what it has less of than the closest, in words; empty for the closest
 * @param costPerLitre price of a litre of finished mix; nothing if the price of a material is not known
 * @param wetKgPerL mass of a litre just watered [kg]
 * @param lifeYears years that it keeps its air
 * @param chance chance that all fits as it is really scooped and with lots as they vary, 0 to 1
 * @param toBuy materials in it that are not at hand
 * @param mostLitres litres that can be made of what is left; nothing if that is not known
 * @param reasons what each part is there for
 * @param evaluation everything that is read off it
 */
public record Proposal(
        Set<Respect> titles,
        Recipe recipe,
        double penalty,
        double fit,
        Message summary,
        List<Message> givesUp,
        OptionalDouble costPerLitre,
        double wetKgPerL,
        double lifeYears,
        double chance,
        List<Material> toBuy,
        OptionalDouble mostLitres,
        List<Reason> reasons,
        Evaluation evaluation) {

    /**
     * What a part is there for.
     *
     * @param material the material
     * @param property the reading for which it counts most
     * @param words the same in words
     */
    public record Reason(Material material, Property property, Message words) {}

    /** The same in other words. */
    Proposal saying(final Message otherSummary, final List<Message> others) {
        return new Proposal(
                titles,
                recipe,
                penalty,
                fit,
                otherSummary,
                others,
                costPerLitre,
                wetKgPerL,
                lifeYears,
                chance,
                toBuy,
                mostLitres,
                reasons,
                evaluation);
    }

    /** The same, the best of these. */
    Proposal with(final Set<Respect> others, final List<Message> otherGivesUp) {
        return new Proposal(
                others,
                recipe,
                penalty,
                fit,
                summary,
                otherGivesUp,
                costPerLitre,
                wetKgPerL,
                lifeYears,
                chance,
                toBuy,
                mostLitres,
                reasons,
                evaluation);
    }
}
