package looseknit.server.find;

import java.util.Optional;
import java.util.UUID;
import looseknit.core.find.Candidate;
import looseknit.core.find.FindMixes;
import looseknit.core.find.Limits;
import looseknit.core.find.OneForMany;
import looseknit.core.find.Question;
import looseknit.core.find.WhyNot;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.job.JobRunner;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Searches, as jobs. */
@Service
class Finds {

    private static final Logger LOG = LoggerFactory.getLogger(Finds.class);

    private static final long WHY_NOT_MILLIS = 6_000;

    private final Questions questions;
    private final JobRunner runner;

    Finds(final Questions questions, final JobRunner runner) {
        this.questions = questions;
        this.runner = runner;
    }

    /** Begins a search; a second call with the same id changes nothing. */
    FindJob start(final UUID id, final FindBody body) {
        return runner.once(
                id.toString(),
                FindJob.class,
                () -> {
                    if (body.form() == FindBody.Form.IMPROVE || body.form() == FindBody.Form.REPLACE) {
                        Require.within("parts", questions.given(body).parts().size(), 1, 40, Limit.MATERIALS);
                    }
                    return new FindJob(id, body, questions.of(body));
                },
                this::run);
    }

    FindJob get(final UUID id) {
        return runner.find(id.toString(), FindJob.class).orElseThrow(() -> new NotThere("search"));
    }

    void cancel(final UUID id) {
        get(id).cancel();
    }

    /** Why a material is not in what a search found: begun at the first call, and asked after at each further one. */
    WhyNotJob whyNot(final UUID id, final String materialId) {
        final FindJob job = get(id);
        if (!job.over()) {
            throw new Refused(
                    "Still searching", "The search is still going on: ask again when it has ended, or stop it.");
        }
        final Question question = job.asked().questions().get(0);
        final Candidate candidate = candidate(job, question, materialId);
        final String key = id + "/" + materialId;
        return runner.once(key, WhyNotJob.class, () -> new WhyNotJob(key), why -> {
            try {
                final Limits limits = question.limits();
                why.end(WhyNot.of(
                        question.within(new Limits(
                                limits.mostMaterials(), limits.mostParts(), limits.batchLitres(), WHY_NOT_MILLIS)),
                        candidate,
                        job.bestFit(),
                        why));
            } catch (final RuntimeException e) {
                LOG.error("Finding out why not broke off", e);
                why.fail();
            }
        });
    }

    private Candidate candidate(final FindJob job, final Question question, final String materialId) {
        return question.candidates().stream()
                .filter(each -> each.material().id().equals(materialId))
                .findFirst()
                .or(() -> job.asked().barred().stream()
                        .filter(each -> each.material().id().equals(materialId))
                        .findFirst())
                .orElseGet(() -> questions.candidate(materialId));
    }

    private void run(final FindJob job) {
        job.begin();
        try {
            final FindJob.Found found = found(job);
            job.end(
                    job.cancelled() ? FindJob.State.CANCELLED : FindJob.State.DONE,
                    found,
                    job.cancelled() ? "You stopped the search; this is what it had found." : "");
        } catch (final IllegalArgumentException e) {
            job.end(
                    job.cancelled() ? FindJob.State.CANCELLED : FindJob.State.FAILED,
                    null,
                    String.valueOf(e.getMessage()));
        } catch (final RuntimeException e) {
            LOG.error("A search broke off", e);
            job.end(FindJob.State.FAILED, null, "Something went wrong on the way. Nothing was changed; search again.");
        }
    }

    private FindJob.Found found(final FindJob job) {
        final Question question = job.asked().questions().get(0);
        return switch (job.body().form()) {
            case FIND -> new FindJob.Found(FindMixes.find(question, job), null);
            case USE_UP -> new FindJob.Found(FindMixes.useUp(question, job), null);
            case IMPROVE -> new FindJob.Found(FindMixes.improve(question, job), null);
            case REPLACE ->
                new FindJob.Found(
                        FindMixes.replace(
                                question,
                                questions.given(job.body()),
                                Optional.ofNullable(job.body().row()).orElse(0),
                                job),
                        null);
            case SHARED ->
                OneForMany.of(job.asked().questions(), job)
                        .map(shared -> new FindJob.Found(null, shared))
                        .orElseThrow(() -> new IllegalArgumentException("You stopped the search before it was done."));
        };
    }
}
