package looseknit.server.find;

import jakarta.validation.Valid;
import java.time.Duration;
import java.util.UUID;
import looseknit.core.find.WhyNot;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.message.Wording;
import looseknit.server.frame.EventStream;
import looseknit.server.message.Speech;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

/** Searches for blends. */
@RestController
@RequestMapping("/api/finds")
class FindsController {

    private static final Duration BETWEEN = Duration.ofMillis(100);

    private final Finds finds;
    private final Speech speech;
    private final TaskScheduler clockwork;
    private final JsonMapper json;

    FindsController(final Finds finds, final Speech speech, final TaskScheduler clockwork, final JsonMapper json) {
        this.finds = finds;
        this.speech = speech;
        this.clockwork = clockwork;
        this.json = json;
    }

    /** Why a material is not in what was found; while that is being found out, nothing is said yet. */
    record WhyNotBody(String materialId, boolean done, Message words, AnswerBody.@Nullable ProposalBody best) {}

    /** Begins a search. */
    @PostMapping("/{id}")
    FindJob.FindStateBody start(@PathVariable final UUID id, @RequestBody @Valid final FindBody body) {
        return finds.start(id, body).toBody(speech.system());
    }

    @GetMapping("/{id}")
    FindJob.FindStateBody get(@PathVariable final UUID id) {
        return finds.get(id).toBody(speech.system());
    }

    /** How far it is, told as it goes, to its end; by a thread that does not search. */
    @GetMapping(value = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable final UUID id) {
        final FindJob job = finds.get(id);
        final Wording wording = speech.wording();
        return EventStream.of(
                clockwork,
                BETWEEN,
                job::changes,
                job::over,
                () -> json.writer()
                        .withAttribute(Wording.class, wording)
                        .writeValueAsString(job.toBody(wording.system())));
    }

    /** Calls a search off at once. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable final UUID id) {
        finds.cancel(id);
    }

    /** Why a material is not in what was found: a job that the first call begins and further ones ask after. */
    @GetMapping("/{id}/why-not")
    WhyNotBody whyNot(@PathVariable final UUID id, @RequestParam final String materialId) {
        final WhyNotJob job = finds.whyNot(id, materialId);
        final WhyNot why = job.why();
        if (why == null) {
            return new WhyNotBody(
                    materialId,
                    job.failed(),
                    TableText.said(job.failed() ? "Something went wrong on the way: ask again." : ""),
                    null);
        }
        return new WhyNotBody(
                why.material().id(),
                true,
                why.words(),
                why.best()
                        .map(each -> AnswerBody.proposal(each, speech.system()))
                        .orElse(null));
    }
}
