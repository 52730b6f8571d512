package looseknit.server.frame;

/** A page that people open soon after a start. It is worked out beside the start, so that whoever opens it first does not wait for more than others. */
public interface OpenedSoon {

    /** What the page shows at first. */
    Object opened();

    /** Whether it may take long in a large house: others do not wait for it. */
    default boolean takesLong() {
        return false;
    }
}
