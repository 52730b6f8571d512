package looseknit.core.reading;

import looseknit.core.measure.Band;
import looseknit.core.message.Message;
import looseknit.core.need.Property;

/** How a predicted value lies to what is wanted. */
public enum Verdict {
    NO_TARGET,
    FITS,
    LOW_EDGE,
    HIGH_EDGE,
    TOO_LOW,
    TOO_HIGH;

    /** Share of a band's width that counts as its edge. */
    private static final double EDGE = 0.12;

    /** The verdict on a value against a band. */
    public static Verdict of(final double value, final Band band) {
        if (value < band.low()) {
            return TOO_LOW;
        }
        if (value > band.high()) {
            return TOO_HIGH;
        }
        if (Double.isFinite(band.width())) {
            final double edge = EDGE * band.width();
            if (value < band.low() + edge) {
                return LOW_EDGE;
            }
            if (value > band.high() - edge) {
                return HIGH_EDGE;
            }
        }
        return FITS;
    }

    /** Whether the value lies within the band, or there is none. */
    public boolean good() {
        return this != TOO_LOW && this != TOO_HIGH;
    }

    /** The verdict on a property in words: "too little air". */
    public Message words(final Property property) {
        return switch (this) {
            case NO_TARGET -> ReadingSentence.NOTHING_WANTED.with();
            case FITS -> ReadingSentence.FITS.with();
            case LOW_EDGE -> ReadingSentence.FITS_AT_THE_EDGE.with(property.lowEdge());
            case HIGH_EDGE -> ReadingSentence.FITS_AT_THE_EDGE.with(property.highEdge());
            case TOO_LOW -> property.tooLow();
            case TOO_HIGH -> property.tooHigh();
        };
    }
}
