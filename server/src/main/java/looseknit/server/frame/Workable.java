package looseknit.server.frame;

import java.util.Optional;
import java.util.function.Supplier;
import looseknit.core.measure.OutOfRangeException;

/** What can be worked out of a row that is stored; one that cannot keeps nobody from the rest of a list. */
public final class Workable {

    private Workable() {}

    /** What comes out; nothing while there is nothing in it, or if it names what is not there any more. */
    public static <T> Optional<T> found(final Supplier<T> work) {
        try {
            return Optional.of(work.get());
        } catch (final OutOfRangeException | UnknownName nothingInIt) {
            return Optional.empty();
        }
    }
}
