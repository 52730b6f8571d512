package looseknit.core.find;

import looseknit.core.message.Named;
import looseknit.core.reading.Score;

/** Somebody who waits for a search: hears how far it is and may call it off. Called from the thread that searches. */
public interface SearchListener {

    /** Waits silently to the end. */
    SearchListener NOBODY = new SearchListener() {
        @Override
        public boolean cancelled() {
            return false;
        }

        @Override
        public void progress(final Progress progress) {
            // nobody listens
        }
    };

    /** Whether the search is to stop at once. */
    boolean cancelled();

    /** Told several times a second, and at every better blend. */
    void progress(Progress progress);

    /**
     * How far a search is.
     *
     * @param stage what is being done
     * @param covered recipes that are settled: read, or proved to be no better
     * @param total recipes there are
     * @param bestPenalty penalty of the best blend so far; infinite before the first
     * @param boundPenalty what no blend can beat
     */
    record Progress(Stage stage, long covered, long total, double bestPenalty, double boundPenalty) {

        /** Share that is settled, 0 to 1. */
        public double share() {
            return total == 0 ? 1 : (double) covered / total;
        }

        /** How much better the fit could still become, in points of a hundred. */
        public double gap() {
            return Double.isInfinite(bestPenalty) ? 100 : Math.max(0, Score.fit(boundPenalty) - Score.fit(bestPenalty));
        }
    }

    /** What a search does, one after another. */
    enum Stage implements Named {
        CLOSEST,
        TRADES,
        EXPLAINING
    }
}
