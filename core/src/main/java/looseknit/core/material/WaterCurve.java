package looseknit.core.material;

import org.jspecify.annotations.Nullable;

/** The water retention of a material, and the same as a table, which is made when it is wanted first. Two of the same curve are the same. */
public final class WaterCurve {

    private final Retention retention;
    private volatile @Nullable RetentionTable table;

    private WaterCurve(final Retention retention) {
        this.retention = retention;
    }

    /** What holds water like this. */
    public static WaterCurve of(final Retention retention) {
        return new WaterCurve(retention);
    }

    public Retention retention() {
        return retention;
    }

    /** The curve as a table: quicker by far, and as good for all that happens in a pot. */
    public RetentionTable table() {
        final RetentionTable made = table;
        if (made != null) {
            return made;
        }
        final RetentionTable anew = new RetentionTable(retention);
        table = anew;
        return anew;
    }

    @Override
    public boolean equals(final @Nullable Object other) {
        return other instanceof WaterCurve curve && curve.retention.equals(retention);
    }

    @Override
    public int hashCode() {
        return retention.hashCode();
    }

    @Override
    public String toString() {
        return retention.toString();
    }
}
