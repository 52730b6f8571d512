package looseknit.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.message.Wording;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.EventStream;
import looseknit.server.message.Speech;
import org.springframework.http.MediaType;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

/** A batch at the tub. */
@RestController
@RequestMapping("/api/batches/{id}/mixing")
class MixingController {

    private static final Duration BETWEEN = Duration.ofMillis(300);

    private final Mixing mixing;
    private final Blends blends;
    private final Books books;
    private final Speech speech;
    private final TaskScheduler clockwork;
    private final JsonMapper json;

    MixingController(
            final Mixing mixing,
            final Blends blends,
            final Books books,
            final Speech speech,
            final TaskScheduler clockwork,
            final JsonMapper json) {
        this.mixing = mixing;
        this.blends = blends;
        this.books = books;
        this.speech = speech;
        this.clockwork = clockwork;
        this.json = json;
    }

    /** What is to be done for a batch, and what is done. */
    @GetMapping
    MixingBody get(@PathVariable final UUID id) {
        return body(mixing.state(id));
    }

    /** Tells what was done; the same tap sent again changes nothing. */
    @PostMapping("/taps")
    MixingBody tap(@PathVariable final UUID id, @RequestBody @Valid @NotNull final TapBody body) {
        return body(mixing.tap(id, body));
    }

    /** The same, told each time that anybody has done something. */
    @GetMapping(value = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable final UUID id) {
        mixing.state(id);
        final Wording wording = speech.wording();
        return EventStream.of(
                clockwork,
                BETWEEN,
                () -> mixing.count(id),
                () -> false,
                () -> json.writer().withAttribute(Wording.class, wording).writeValueAsString(body(mixing.state(id))));
    }

    private MixingBody body(final Mixing.State state) {
        final Batch batch = state.batch();
        final BlendVersion version = blends.version(batch.blendId(), batch.versionNumber());
        return MixingBody.of(
                state,
                version.name(),
                books.materials(),
                Optional.ofNullable(version.brief().plantId())
                        .flatMap(id -> books.plants().plant(id)));
    }
}
