package looseknit.server.frame;

/** Something asked for by its id does not exist. */
public final class NotThere extends RuntimeException {

    public NotThere(final String what) {
        super("This %s does not exist, or no longer does.".formatted(what));
    }
}
