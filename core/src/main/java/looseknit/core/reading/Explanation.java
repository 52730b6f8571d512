package looseknit.core.reading;

import java.util.List;
import java.util.OptionalDouble;

/**
 * How a figure was worked out, as data to be shown.
 *
 * @param formula the formula in words
 * @param reference who it is from
 * @param inputs what went in
 * @param steps what came out on the way
 * @param contributions what each material or process brought
 * @param contributionUnit unit of the contributions; empty for mere shares
 * @param causes where the uncertainty comes from, greatest first
 */
public record Explanation(
        String formula,
        String reference,
        List<Figure> inputs,
        List<Figure> steps,
        List<Contribution> contributions,
        String contributionUnit,
        List<Cause> causes) {

    /**
     * A figure that went in or came out on the way.
     *
     * @param name what it is
     * @param value the value, in {@code unit}
     * @param unit unit, empty for mere numbers
     * @param decimals decimals that mean something
     * @param source where it comes from
     */
    public record Figure(String name, double value, String unit, int decimals, String source) {}

    /**
     * A part of the result.
     *
     * @param name material or process
     * @param value its part
     * @param pull how far it moves the reading against a mix without its peculiarity; above 0 it makes, below 0 it takes
     */
    public record Contribution(String name, double value, OptionalDouble pull) {

        static Contribution of(final String name, final double value) {
            return new Contribution(name, value, OptionalDouble.empty());
        }
    }

    /**
     * A cause of uncertainty.
     *
     * @param name material or other cause
     * @param sd spread that it alone would bring, in the unit of the reading as shown
     * @param share its share of the whole variance, 0 to 1
     */
    public record Cause(String name, double sd, double share) {}

    public Explanation {
        inputs = List.copyOf(inputs);
        steps = List.copyOf(steps);
        contributions = List.copyOf(contributions);
        causes = List.copyOf(causes);
    }
}
