package looseknit.core.bench;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.caution.Caution;
import looseknit.core.change.Contradiction;
import looseknit.core.change.Remedy;
import looseknit.core.change.StepEffect;
import looseknit.core.message.Message;
import looseknit.core.need.Target;
import looseknit.core.reading.Reading;

/**
 * Everything that can be read off a blend under a brief.
 *
 * @param shares share of each row in the whole as written, 0 to 1, in the order of the recipe; what is missing to 1 is unnamed
 * @param unnamedShare share that no material fills; negative if a recipe in per cent is over 100
 * @param yield litres of settled mix per litre of loose parts
 * @param shrinkage share of volume lost by mixing
 * @param wetZoneCm height of the perched wet zone [cm]
 * @param mixHeightCm height of the mix [cm]
 * @param mixLitres litres of settled mix in the pot, if a pot is named
 * @param rowLitres loose litres of each row to fill that pot once, in the order of the recipe; empty without a pot
 * @param headline what harms most in a sentence, or that all fits
 * @param fits whether every reading is bearable and nothing must be stopped
 * @param contradictions what in the brief does not go together, whatever the mix or with this one
 * @param notices what is odd about the recipe as written
 */
public record Evaluation(
        Recipe recipe,
        List<Double> shares,
        double unnamedShare,
        double yield,
        double shrinkage,
        double wetZoneCm,
        double mixHeightCm,
        Optional<Double> mixLitres,
        List<Double> rowLitres,
        Message headline,
        boolean fits,
        List<Target> targets,
        List<Reading> readings,
        List<StepEffect> oneMore,
        List<StepEffect> oneLess,
        List<Remedy> remedies,
        List<Caution> cautions,
        List<Contradiction> contradictions,
        List<Message> notices) {}
