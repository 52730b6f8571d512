package looseknit.server.frame;

/** Something that is understood but not done, with the reason and the way out in plain sentences. */
public final class Refused extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final String title;

    public Refused(final String title, final String detail) {
        super(detail);
        this.title = title;
    }

    public String title() {
        return title;
    }
}
