package looseknit.server.trouble;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.trouble.Cause;
import looseknit.core.trouble.Diagnosis;
import looseknit.core.trouble.Finding;
import looseknit.core.trouble.Known;
import looseknit.core.trouble.Rescue;
import looseknit.core.trouble.Sign;
import looseknit.server.need.BriefBody;
import looseknit.server.pot.Pottings;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is wrong, over HTTP. */
@RestController
@RequestMapping("/api")
class TroubleController {

    private static final int MOST_SIGNS = 60;

    private final Troubles troubles;
    private final Pottings pottings;

    TroubleController(final Troubles troubles, final Pottings pottings) {
        this.troubles = troubles;
        this.pottings = pottings;
    }

    /** An answer to a question. */
    record TroubleSignBody(Sign sign, Message words, boolean ordinary) {
        static TroubleSignBody of(final Sign sign) {
            return new TroubleSignBody(sign, sign.words(), sign.isOrdinary());
        }
    }

    /** A question with its answers, the ordinary one last. */
    record TroubleQuestionBody(Finding finding, Message words, List<TroubleSignBody> signs) {
        static TroubleQuestionBody of(final Finding finding) {
            return new TroubleQuestionBody(
                    finding,
                    finding.words(),
                    finding.signs().stream().map(TroubleSignBody::of).toList());
        }
    }

    /** What a person sees, and what they cannot tell. */
    record TroubleSeenBody(
            @NotNull @Size(max = MOST_SIGNS) List<@NotNull Sign> seen,
            @NotNull @Size(max = MOST_SIGNS) List<@NotNull Finding> passed) {}

    /** What is known of a pot without a look. */
    record TroubleKnownBody(Sign sign, Message words, Message because) {}

    /**
     * A cause.
     *
     * @param before its share by what is known alone, 0 to 1
     * @param now its share by all that is seen, 0 to 1
     * @param lookDays after how many days to look again [d]
     */
    record SuspectBody(
            Cause cause,
            Message words,
            double before,
            double now,
            List<Message> speaksFor,
            List<Message> speaksAgainst,
            Message doing,
            Message caution,
            List<Cause.Help> help,
            int lookDays) {
        static SuspectBody of(final Diagnosis.Suspect suspect) {
            return new SuspectBody(
                    suspect.cause(),
                    suspect.cause().words(),
                    suspect.before(),
                    suspect.now(),
                    suspect.speaksFor().stream().map(Sign::words).toList(),
                    suspect.speaksAgainst().stream().map(Sign::words).toList(),
                    suspect.cause().doing(),
                    suspect.cause().caution(),
                    suspect.cause().help(),
                    suspect.cause().lookDays());
        }
    }

    /**
     * What may be wrong with a plant.
     *
     * @param kgNow what the pot weighs today as reckoned, without the plant [kg]
     * @param kgDry what it weighs when nothing can be drawn from it [kg]
     * @param poison caution about the plant; null if none is known
     * @param rescue a brief for a plant whose roots rot
     */
    record DiagnosisBody(
            UUID pottingId,
            String label,
            UUID batchId,
            LocalDate today,
            long wateredDaysAgo,
            double kgNow,
            double kgDry,
            List<TroubleKnownBody> known,
            List<SuspectBody> suspects,
            @Nullable TroubleQuestionBody next,
            List<TroubleQuestionBody> then,
            List<TroubleQuestionBody> findings,
            List<TroubleSignBody> seen,
            @Nullable Message poison,
            BriefBody rescue) {}

    /** A trouble to keep; the id is made by the caller. */
    record NewTroubleBody(
            @NotNull UUID id,
            @NotNull @Size(max = MOST_SIGNS) List<@NotNull Sign> seen,
            @NotNull Cause cause,
            @NotNull LocalDate lookOn) {}

    /** What came of a trouble; null takes it back. */
    record TroubleOutcomeBody(@NotNull Long revision, Trouble.@Nullable Outcome outcome) {}

    /** What may be wrong by what is seen; nothing is stored. */
    @PostMapping("/pottings/{id}/diagnosis")
    DiagnosisBody diagnose(@PathVariable final UUID id, @RequestBody @Valid final TroubleSeenBody body) {
        final Troubles.Found found = troubles.look(id, body.seen(), Set.copyOf(body.passed()));
        final Diagnosis diagnosis = found.diagnosis();
        return new DiagnosisBody(
                id,
                found.potting().label(),
                found.potting().batchId(),
                found.today(),
                ChronoUnit.DAYS.between(found.potting().lastWateredOn(), found.today()),
                found.kgNow(),
                found.portrait().kg().dry(),
                found.known().stream().map(TroubleController::known).toList(),
                diagnosis.suspects().stream().map(SuspectBody::of).toList(),
                diagnosis.next().map(TroubleQuestionBody::of).orElse(null),
                diagnosis.then().stream().map(TroubleQuestionBody::of).toList(),
                Arrays.stream(Finding.values())
                        .filter(finding -> finding.isAskedAt(found.brief().plant()))
                        .map(TroubleQuestionBody::of)
                        .toList(),
                body.seen().stream().map(TroubleSignBody::of).toList(),
                found.brief()
                        .plant()
                        .map(Plant::poison)
                        .filter(poison -> !poison.isEmpty())
                        .map(TableText::message)
                        .orElse(null),
                BriefBody.of(Rescue.of(found.brief())));
    }

    private static TroubleKnownBody known(final Known known) {
        return new TroubleKnownBody(known.sign(), known.sign().words(), known.words());
    }

    /** What was wrong with a plant, the last first. */
    @GetMapping("/pottings/{id}/troubles")
    List<TroubleBody> of(@PathVariable final UUID id) {
        return bodies(troubles.of(id));
    }

    @PostMapping("/pottings/{id}/troubles")
    TroubleBody keep(@PathVariable final UUID id, @RequestBody @Valid final NewTroubleBody body) {
        return body(troubles.keep(body.id(), id, body.seen(), body.cause(), body.lookOn()));
    }

    /** Troubles that are to be looked at again today. */
    @GetMapping("/troubles/to-see")
    List<TroubleBody> toSee() {
        return bodies(troubles.toSee());
    }

    @PutMapping("/troubles/{id}/outcome")
    TroubleBody cameTo(@PathVariable final UUID id, @RequestBody @Valid final TroubleOutcomeBody body) {
        return body(troubles.cameTo(id, body.revision(), body.outcome()));
    }

    @DeleteMapping("/troubles/{id}")
    void forget(@PathVariable final UUID id) {
        troubles.forget(id);
    }

    private TroubleBody body(final Trouble trouble) {
        return TroubleBody.of(trouble, pottings);
    }

    private List<TroubleBody> bodies(final List<Trouble> all) {
        return all.stream().map(this::body).toList();
    }
}
