package looseknit.core.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * How a figure was worked out, as data to be shown.
 *
 * @param formula the formula in words
 * @param reference who it is from
 * @param inputs what went in
 * @param steps what came out on the way
 * @param contributions what each material or process brought
 * @param contributionsMeasure what the contributions measure
 * @param contributionsNote what is said in place of their unit, if anything
 * @param causes where the uncertainty comes from, greatest first
 * @param grading sizes with the share that is finer; none but for the grain
 */
public record Explanation(
        Message formula,
        Message reference,
        List<Figure> inputs,
        List<Figure> steps,
        List<Contribution> contributions,
        Dimension contributionsMeasure,
        Optional<Message> contributionsNote,
        List<Cause> causes,
        List<Grade> grading) {

    /**
     * A point of a grading curve.
     *
     * @param mm size [mm]
     * @param finer share of the volume that is finer, 0 to 1
     */
    public record Grade(double mm, double finer) {}

    /** The same with a grading curve. */
    Explanation graded(final List<Grade> curve) {
        return new Explanation(
                formula,
                reference,
                inputs,
                steps,
                contributions,
                contributionsMeasure,
                contributionsNote,
                causes,
                curve);
    }

    /**
     * A figure that went in or came out on the way.
     *
     * @param name what it is
     * @param quantity the figure
     * @param source where it comes from
     */
    public record Figure(Message name, Quantity quantity, Message source) {}

    /**
     * A part of the result.
     *
     * @param name material or process
     * @param value its part, in the unit of computation
     * @param pull how far it moves the reading against a mix without its peculiarity, in the unit of computation of the reading; above 0 it
     *     makes, below 0 it takes
     */
    public record Contribution(Message name, double value, OptionalDouble pull) {

        static Contribution of(final Message name, final double value) {
            return new Contribution(name, value, OptionalDouble.empty());
        }
    }

    /**
     * A cause of uncertainty.
     *
     * @param name material or other cause
     * @param sd spread that it alone would bring, in the unit of computation of the reading
     * @param share its share of the whole variance, 0 to 1
     */
    public record Cause(Message name, double sd, double share) {}

    public Explanation {
        inputs = List.copyOf(inputs);
        steps = List.copyOf(steps);
        contributions = List.copyOf(contributions);
        causes = List.copyOf(causes);
        grading = List.copyOf(grading);
    }
}
