package looseknit.core.reading;

import java.util.List;

/**
 * How a figure was worked out.
 *
 * @param formula the formula in words
 * @param source who it is from
 * @param inputs what went in
 * @param contributions what each material or process brought, in the unit of the reading as shown
 * @param uncertainty where the spread comes from
 */
public record Explanation(
        String formula, String source, List<Input> inputs, List<Contribution> contributions, String uncertainty) {

    /** A figure that went in, ready to read. */
    public record Input(String name, String value) {}

    /**
     * A share of the result.
     *
     * @param name material or process
     * @param value in the unit of the reading as shown
     */
    public record Contribution(String name, double value) {}

    public Explanation {
        inputs = List.copyOf(inputs);
        contributions = List.copyOf(contributions);
    }
}
