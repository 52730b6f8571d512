package looseknit.server.find;

import looseknit.core.measure.Limit;

import jakarta.annotation.PreDestroy;
import java.util.Comparator;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import looseknit.core.find.Candidate;
import looseknit.core.find.FindMixes;
import looseknit.core.find.Limits;
import looseknit.core.find.OneForMany;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import looseknit.core.find.WhyNot;
import looseknit.core.measure.Require;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Runs searches, a couple at a time, in the order in which they were asked for. */
@Service
class Finds {

    private static final Logger LOG = LoggerFactory.getLogger(Finds.class);

    /** Searches at a time; each takes all cores, so that more would only make each slower. */
    private static final int AT_A_TIME = 2;

    private static final int MOST_WAITING = 8;
    private static final int MOST_KEPT = 40;
    private static final long WHY_NOT_MILLIS = 6_000;

    private final Questions questions;
    private final Map<UUID, FindJob> jobs = new LinkedHashMap<>();
    private final ExecutorService workers = Executors.newFixedThreadPool(AT_A_TIME, task -> {
        final Thread thread = new Thread(task, "finds");
        thread.setDaemon(true);
        return thread;
    });

    Finds(final Questions questions) {
        this.questions = questions;
    }

    /** Begins a search; a second call with the same id changes nothing. */
    FindJob start(final UUID id, final FindBody body) {
        synchronized (jobs) {
            if (jobs.containsKey(id)) {
                return jobs.get(id);
            }
            if (jobs.values().stream()
                            .filter(job -> job.state() == FindJob.State.WAITING)
                            .count()
                    >= MOST_WAITING) {
                throw new Refused(
                        "Too many searches",
                        "%d searches are waiting already: stop one, or wait a little.".formatted(MOST_WAITING));
            }
        }
        final FindJob job = new FindJob(id, body, questions.of(body));
        if (body.form() == FindBody.Form.IMPROVE || body.form() == FindBody.Form.REPLACE) {
            Require.within("parts", questions.given(body).parts().size(), 1, 40, Limit.MATERIALS);
        }
        synchronized (jobs) {
            final Iterator<FindJob> oldest = jobs.values().iterator();
            while (jobs.size() >= MOST_KEPT && oldest.hasNext()) {
                if (oldest.next().over()) {
                    oldest.remove();
                }
            }
            jobs.put(id, job);
        }
        workers.execute(() -> run(job));
        return job;
    }

    FindJob get(final UUID id) {
        synchronized (jobs) {
            return Optional.ofNullable(jobs.get(id)).orElseThrow(() -> new NotThere("search"));
        }
    }

    void cancel(final UUID id) {
        get(id).cancel();
    }

    /** Why a material is not in what a search found. */
    WhyNot whyNot(final UUID id, final String materialId) {
        final FindJob job = get(id);
        if (!job.over()) {
            throw new Refused(
                    "Still searching", "The search is still going on: ask again when it has ended, or stop it.");
        }
        final Question question = job.asked().questions().get(0);
        final Candidate candidate = question.candidates().stream()
                .filter(each -> each.material().id().equals(materialId))
                .findFirst()
                .or(() -> job.asked().barred().stream()
                        .filter(each -> each.material().id().equals(materialId))
                        .findFirst())
                .orElseGet(() -> questions.candidate(materialId));
        final double best = Optional.ofNullable(job.toBody().answer()).stream()
                .flatMap(answer -> answer.proposals().stream())
                .map(AnswerBody.ProposalBody::fit)
                .max(Comparator.naturalOrder())
                .orElse(0.0);
        final Limits limits = question.limits();
        return WhyNot.of(
                question.within(
                        new Limits(limits.mostMaterials(), limits.mostParts(), limits.batchLitres(), WHY_NOT_MILLIS)),
                candidate,
                best,
                SearchListener.NOBODY);
    }

    private void run(final FindJob job) {
        if (job.over()) {
            return;
        }
        job.begin();
        try {
            final AnswerBody answer = answer(job);
            job.end(
                    job.cancelled() ? FindJob.State.CANCELLED : FindJob.State.DONE,
                    answer,
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

    private AnswerBody answer(final FindJob job) {
        final Question question = job.asked().questions().get(0);
        return switch (job.body().form()) {
            case FIND -> AnswerBody.of(FindMixes.find(question, job));
            case USE_UP -> AnswerBody.of(FindMixes.useUp(question, job));
            case IMPROVE -> AnswerBody.of(FindMixes.improve(question, job));
            case REPLACE ->
                AnswerBody.of(FindMixes.replace(
                        question,
                        questions.given(job.body()),
                        Optional.ofNullable(job.body().row()).orElse(0),
                        job));
            case SHARED ->
                OneForMany.of(job.asked().questions(), job)
                        .map(AnswerBody::of)
                        .orElseThrow(() -> new IllegalArgumentException("You stopped the search before it was done."));
        };
    }

    @PreDestroy
    void stop() {
        synchronized (jobs) {
            jobs.values().forEach(FindJob::cancel);
        }
        workers.shutdownNow();
    }
}
