package looseknit.core.reading;

/**
 * A single change that brings a blend nearer to what is wanted.
 *
 * @param kind what is changed
 * @param subject material or amendment id for amounts and doses, wall name for walls, empty for the interval
 * @param row place in the recipe for amounts, −1 otherwise
 * @param value the new amount, dose [g/L] or interval [days]; 0 for walls
 * @param givingRow row that gives for a swap, −1 otherwise
 * @param givingValue its new amount
 * @param words the change and what it does
 */
public record Remedy(
        Kind kind, String subject, int row, double value, int givingRow, double givingValue, String words) {

    /** What a remedy changes. */
    public enum Kind {
        PART,
        SWAP,
        DOSE,
        WALL,
        INTERVAL
    }
}
