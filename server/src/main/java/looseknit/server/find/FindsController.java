package looseknit.server.find;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import looseknit.core.find.WhyNot;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

/** Searches for blends. */
@RestController
@RequestMapping("/api/finds")
class FindsController {

    private static final long LONGEST_STREAM_MILLIS = 120_000;
    private static final long BETWEEN_MILLIS = 100;

    private final Finds finds;

    FindsController(final Finds finds) {
        this.finds = finds;
    }

    /** Why a material is not in what was found. */
    record WhyNotBody(String materialId, String name, String words, AnswerBody.@Nullable ProposalBody best) {}

    /** Begins a search. */
    @PostMapping("/{id}")
    FindJob.FindStateBody start(@PathVariable final UUID id, @RequestBody @Valid final FindBody body) {
        return finds.start(id, body).toBody();
    }

    @GetMapping("/{id}")
    FindJob.FindStateBody get(@PathVariable final UUID id) {
        return finds.get(id).toBody();
    }

    /** How far it is, told as it goes, to its end. */
    @GetMapping(value = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable final UUID id) {
        final FindJob job = finds.get(id);
        final SseEmitter emitter = new SseEmitter(LONGEST_STREAM_MILLIS);
        final AtomicLong last = new AtomicLong();
        final Runnable listener = () -> {
            final long now = System.currentTimeMillis();
            if (job.over() || now - last.get() >= BETWEEN_MILLIS) {
                last.set(now);
                send(emitter, job);
            }
        };
        final Runnable stop = job.onChange(listener);
        emitter.onCompletion(stop);
        emitter.onTimeout(emitter::complete);
        emitter.onError(error -> stop.run());
        send(emitter, job);
        return emitter;
    }

    private static void send(final SseEmitter emitter, final FindJob job) {
        try {
            final FindJob.FindStateBody body = job.toBody();
            emitter.send(SseEmitter.event().data(body, MediaType.APPLICATION_JSON));
            if (job.over()) {
                emitter.complete();
            }
        } catch (final IOException | IllegalStateException gone) {
            emitter.complete();
        }
    }

    /** Calls a search off at once. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable final UUID id) {
        finds.cancel(id);
    }

    /** Why a material is not in what was found. */
    @GetMapping("/{id}/why-not")
    WhyNotBody whyNot(@PathVariable final UUID id, @RequestParam final String materialId) {
        final WhyNot why = finds.whyNot(id, materialId);
        return new WhyNotBody(
                why.material().id(),
                why.material().name(),
                why.words(),
                why.best().map(AnswerBody::proposal).orElse(null));
    }
}
