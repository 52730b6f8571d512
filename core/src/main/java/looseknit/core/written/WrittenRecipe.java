package looseknit.core.written;

import java.util.List;
import looseknit.core.blend.Recipe;
import looseknit.core.message.Message;

/**
 * What was understood of a recipe written as text, before anybody takes it over.
 *
 * @param measure whether the amounts of materials are parts or per cent
 * @param lines one for each material or dose, in the order as written
 * @param notes what was taken for granted, in sentences
 */
public record WrittenRecipe(Recipe.Measure measure, List<Line> lines, List<Message> notes) {

    public WrittenRecipe {
        lines = List.copyOf(lines);
        notes = List.copyOf(notes);
    }

    /**
     * One material or dose.
     *
     * @param typed the words as they were written
     * @param amount parts or per cent; grams per litre of mix for a dose
     * @param dose whether it is given by weight beside the parts
     * @param choices what may be meant, best first; empty if nothing comes near
     * @param known whether any of the choices was meant; else they only come nearest
     * @param certain whether the first choice is what was written; else somebody should look
     * @param says how it was understood, or what is not clear
     */
    public record Line(
            String typed,
            double amount,
            boolean dose,
            List<Choice> choices,
            boolean known,
            boolean certain,
            Message says) {

        public Line {
            choices = List.copyOf(choices);
        }
    }

    /** A material or an amendment that may be meant. */
    public record Choice(String id, String name) {}

    /** Sum of the amounts of the materials. */
    public double sum() {
        return lines.stream()
                .filter(line -> !line.dose())
                .mapToDouble(Line::amount)
                .sum();
    }
}
