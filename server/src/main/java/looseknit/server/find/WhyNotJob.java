package looseknit.server.find;

import looseknit.core.find.SearchListener;
import looseknit.core.find.WhyNot;
import looseknit.server.job.Job;
import org.jspecify.annotations.Nullable;

/** Finding out why a material is not in what a search found. */
final class WhyNotJob extends Job implements SearchListener {

    private volatile @Nullable WhyNot why;
    private volatile boolean failed;

    WhyNotJob(final String id) {
        super(id);
    }

    @Override
    public boolean over() {
        return why != null || failed;
    }

    void end(final WhyNot found) {
        why = found;
        changed();
    }

    void fail() {
        failed = true;
        changed();
    }

    @Nullable
    WhyNot why() {
        return why;
    }

    boolean failed() {
        return failed;
    }

    @Override
    public void progress(final Progress further) {
        changed();
    }
}
