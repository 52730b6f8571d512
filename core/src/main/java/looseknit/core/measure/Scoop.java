package looseknit.core.measure;

import looseknit.core.message.Named;

/** How volumes are measured out by hand, and how far each may be off. Common practice put into figures by judgement, no source. */
public enum Scoop implements Named {
    LEVEL(0.04),
    HEAPED(0.12),
    HANDFUL(0.25);
    private final double relativeSd;

    Scoop(final double relativeSd) {
        this.relativeSd = relativeSd;
    }

    /** Spread of a measured volume as a share of it, one standard deviation. */
    public double relativeSd() {
        return relativeSd;
    }
}
