package looseknit.core.reading;

import java.util.List;
import looseknit.core.assay.Beliefs;
import looseknit.core.message.Message;
import looseknit.core.need.Property;

/**
 * Reads one property off a mix in its pot: its value, how far that may be off, how it was worked out, and what is said of it. Stateless and
 * thread-safe; {@link #value} does not allocate.
 */
public abstract class Gauge {

    /** When a property is known, from the quickest to work out. */
    public enum Stage {
        /** By the materials and the pot alone. */
        PLAIN,
        /** Once a feed is dosed. */
        FED,
        /** Once acidity is dosed. */
        LIMED,
        /** After looking years ahead, which takes longest. */
        AGED
    }

    private final Property property;
    private final Stage stage;

    Gauge(final Property property, final Stage stage) {
        this.property = property;
        this.stage = stage;
    }

    /** What is read. */
    public final Property property() {
        return property;
    }

    /** When it is known. */
    public final Stage stage() {
        return stage;
    }

    /** Whether it can be read where so much is known. */
    public boolean canRead(final Situation situation) {
        return true;
    }

    /** The value, in the unit of computation of the property. */
    public abstract double value(MixState mix);

    /** Where its spread comes from. */
    abstract List<Beliefs.Share> spread(Uncertainty uncertainty);

    /** How it was worked out. */
    abstract Explanation explain(Workings workings);

    /** What is said of a value. */
    Message words(final PottedMix mix, final Verdict verdict, final double value) {
        return verdict.words(property);
    }
}
