package looseknit.server.find;

import looseknit.core.reading.Score;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import looseknit.core.find.Candidate;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import org.jspecify.annotations.Nullable;

/** A search under way or done. Lives in memory only: a search that ends with the server leaves nothing behind. */
final class FindJob implements SearchListener {

    /** How far it is. */
    enum State {
        /** Others are before it. */
        WAITING,
        SEARCHING,
        DONE,
        /** The person called it off; what was found until then is told. */
        CANCELLED,
        FAILED
    }

    /** What may be searched among, and what is left out. */
    record Asked(List<Question> questions, List<FindBody.LeftOutBody> leftOut, List<Candidate> barred) {}

    private final UUID id;
    private final FindBody body;
    private final Asked asked;
    private final List<Runnable> listeners = new CopyOnWriteArrayList<>();
    private volatile State state = State.WAITING;
    private volatile @Nullable Progress progress;
    private volatile @Nullable AnswerBody answer;
    private volatile String says = "";
    private volatile boolean cancelled;

    FindJob(final UUID id, final FindBody body, final Asked asked) {
        this.id = id;
        this.body = body;
        this.asked = asked;
    }

    /** How far a search is, and what it found. */
    record FindStateBody(
            UUID id,
            FindBody.Form form,
            State state,
            String stage,
            double share,
            long covered,
            long total,
            @Nullable Double bestFit,
            @Nullable Double gap,
            String says,
            List<FindBody.LeftOutBody> leftOut,
            int candidates,
            @Nullable AnswerBody answer) {}

    UUID id() {
        return id;
    }

    FindBody body() {
        return body;
    }

    Asked asked() {
        return asked;
    }

    State state() {
        return state;
    }

    boolean over() {
        return state == State.DONE || state == State.CANCELLED || state == State.FAILED;
    }

    void begin() {
        state = State.SEARCHING;
        tell();
    }

    void end(final State last, final @Nullable AnswerBody found, final String words) {
        answer = found;
        says = words;
        state = last;
        tell();
    }

    void cancel() {
        cancelled = true;
        if (state == State.WAITING) {
            end(State.CANCELLED, null, "The search was called off.");
        }
    }

    @Override
    public boolean cancelled() {
        return cancelled;
    }

    @Override
    public void progress(final Progress further) {
        progress = further;
        tell();
    }

    /** Has somebody called at every change; returns what ends that. */
    Runnable onChange(final Runnable listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    private void tell() {
        listeners.forEach(Runnable::run);
    }

    FindStateBody toBody() {
        final @Nullable Progress now = progress;
        final boolean some = now != null && !Double.isInfinite(now.bestPenalty());
        return new FindStateBody(
                id,
                body.form(),
                state,
                now == null ? "" : now.stage().words(),
                now == null ? 0 : now.share(),
                now == null ? 0 : now.covered(),
                now == null ? 0 : now.total(),
                some ? Score.fit(now.bestPenalty()) : null,
                some ? now.gap() : null,
                says,
                asked.leftOut(),
                asked.questions().get(0).candidates().size(),
                answer);
    }
}
