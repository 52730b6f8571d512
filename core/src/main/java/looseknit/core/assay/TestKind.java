package looseknit.core.assay;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/** Tests that can be made of a heap, with what each is for, how wet the sample must be, and how long it takes. Minutes: common practice, no source. */
public enum TestKind implements Named {
    SQUEEZE(2),
    PONDING(3),
    MOISTURE(2),
    PH_PROBE(12),
    PH_SLURRY(35, 30),
    SALTS(35, 30),
    DRAINAGE(45, 30),
    WEIGHING(60);

    private static final String WHY = "why";
    private static final String SAMPLE = "sample";

    private final int minutes;
    private final int wait;

    TestKind(final int minutes) {
        this(minutes, 0);
    }

    TestKind(final int minutes, final int wait) {
        this.minutes = minutes;
        this.wait = wait;
    }

    /** How long it stands and drains, or stands and settles, in that time [min]; 0 for what need not. Common practice, no source. */
    public int waitMinutes() {
        return wait;
    }

    /** How long it takes, drying in an oven or overnight not counted [min]. */
    public int minutes() {
        return minutes;
    }

    /** What it is for. */
    public Message why() {
        return words(WHY);
    }

    /** How the sample must be. */
    public Message sample() {
        return words(SAMPLE);
    }

    @Override
    public List<String> facets() {
        return List.of(WHY, SAMPLE);
    }

    /** An ordinary test of the kind; its figures only stand for how sure it is. */
    Assay ordinary() {
        return switch (this) {
            case SQUEEZE -> new Assay.Squeeze(Assay.Squeeze.Shows.HOLDS_SHAPE);
            case PONDING -> new Assay.Ponding(2, 2);
            case MOISTURE -> new Assay.Moisture(0.3);
            case PH_PROBE -> new Assay.Ph(6, Assay.Ph.Method.PROBE, 0);
            case PH_SLURRY -> new Assay.Ph(6, Assay.Ph.Method.SLURRY, 0);
            case SALTS -> new Assay.Salts(0.5, Assay.Salts.Extract.SLURRY);
            case DRAINAGE -> new Assay.Drainage(1, 12, 0.8, 0.25, 0);
            case WEIGHING -> new Assay.Weighing(1, 12, 700, 250);
        };
    }
}
