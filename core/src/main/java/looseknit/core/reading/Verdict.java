package looseknit.core.reading;

import looseknit.core.message.Message;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/** How a predicted value lies to what is wanted and what is bearable. */
public enum Verdict {
    NO_TARGET,
    FITS,
    A_LITTLE_LOW,
    A_LITTLE_HIGH,
    TOO_LOW,
    TOO_HIGH;

    /** The verdict on a value against what is wanted and what is bearable. */
    public static Verdict of(final double value, final Target target) {
        if (value < target.band().low()) {
            return value < target.bearable().low()
                    ? TOO_LOW
                    : seen(A_LITTLE_LOW, value, target.band().low(), target);
        }
        if (value > target.band().high()) {
            return value > target.bearable().high()
                    ? TOO_HIGH
                    : seen(A_LITTLE_HIGH, value, target.band().high(), target);
        }
        return FITS;
    }

    /** A little off, unless the figure looks like the end of what is wanted. */
    private static Verdict seen(final Verdict verdict, final double value, final double end, final Target target) {
        return target.property().looksTheSame(value, end) ? FITS : verdict;
    }

    /** Whether the value is bearable, or nothing is wanted. */
    public boolean good() {
        return this != TOO_LOW && this != TOO_HIGH;
    }

    /** The verdict on a property in words: "too little air". */
    public Message words(final Property property) {
        return switch (this) {
            case NO_TARGET -> ReadingSentence.NOTHING_WANTED.with();
            case FITS -> ReadingSentence.FITS.with();
            case A_LITTLE_LOW -> property.aLittleLow();
            case A_LITTLE_HIGH -> property.aLittleHigh();
            case TOO_LOW -> property.tooLow();
            case TOO_HIGH -> property.tooHigh();
        };
    }
}
