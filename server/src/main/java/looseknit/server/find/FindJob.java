package looseknit.server.find;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import looseknit.core.find.Answer;
import looseknit.core.find.Candidate;
import looseknit.core.find.OneForMany;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.reading.Score;
import looseknit.server.job.Job;
import org.jspecify.annotations.Nullable;

/** A search under way or done. */
final class FindJob extends Job implements SearchListener {

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

    /** What was found: an answer, or blends for several plants. */
    record Found(@Nullable Answer answer, @Nullable OneForMany shared) {

        AnswerBody toBody(final MeasureSystem system) {
            if (answer != null) {
                return AnswerBody.of(answer, system);
            }
            return AnswerBody.of(Objects.requireNonNull(shared), system);
        }
    }

    private final UUID id;
    private final FindBody body;
    private final Asked asked;
    private volatile State state = State.WAITING;
    private volatile @Nullable Progress progress;
    private volatile @Nullable Found found;
    private volatile String says = "";

    FindJob(final UUID id, final FindBody body, final Asked asked) {
        super(id.toString());
        this.id = id;
        this.body = body;
        this.asked = asked;
    }

    /** How far a search is, and what it found. */
    record FindStateBody(
            UUID id,
            FindBody.Form form,
            State state,
            Message stage,
            double share,
            long covered,
            long total,
            @Nullable Double bestFit,
            @Nullable Double gap,
            String says,
            List<FindBody.LeftOutBody> leftOut,
            int candidates,
            @Nullable AnswerBody answer) {}

    FindBody body() {
        return body;
    }

    Asked asked() {
        return asked;
    }

    @Override
    public boolean waiting() {
        return state == State.WAITING;
    }

    @Override
    public boolean over() {
        return state == State.DONE || state == State.CANCELLED || state == State.FAILED;
    }

    void begin() {
        state = State.SEARCHING;
        changed();
    }

    void end(final State last, final @Nullable Found what, final String words) {
        found = what;
        says = words;
        state = last;
        changed();
    }

    @Override
    public void cancel() {
        super.cancel();
        if (waiting()) {
            end(State.CANCELLED, null, "The search was called off.");
        }
    }

    @Override
    public void progress(final Progress further) {
        progress = further;
        changed();
    }

    /** The best fit that was found, 0 if nothing was. */
    double bestFit() {
        final Found now = found;
        return now == null || now.answer() == null
                ? 0
                : now.answer().proposals().stream()
                        .mapToDouble(each -> each.fit())
                        .max()
                        .orElse(0);
    }

    FindStateBody toBody(final MeasureSystem system) {
        final Progress now = progress;
        final boolean some = now != null && !Double.isInfinite(now.bestPenalty());
        final Found what = found;
        return new FindStateBody(
                id,
                body.form(),
                state,
                now == null ? TableText.said("") : now.stage().words(),
                now == null ? 0 : now.share(),
                now == null ? 0 : now.covered(),
                now == null ? 0 : now.total(),
                now != null && some ? Score.fit(now.bestPenalty()) : null,
                now != null && some ? now.gap() : null,
                says,
                asked.leftOut(),
                asked.questions().get(0).candidates().size(),
                what == null ? null : what.toBody(system));
    }
}
