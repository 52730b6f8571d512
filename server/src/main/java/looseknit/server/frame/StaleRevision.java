package looseknit.server.frame;

/** A change was made to something that has changed since it was read. Carries what stands now. */
public final class StaleRevision extends RuntimeException {

    private final transient Object current;

    public StaleRevision(final String what, final Object current) {
        super("This %s was changed in another window since you opened it here. Nothing is lost: choose which to keep."
                .formatted(what));
        this.current = current;
    }

    Object current() {
        return current;
    }
}
