package looseknit.server.trouble;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.trouble.Cause;
import looseknit.core.trouble.Sign;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** Something that was wrong with a plant: what was seen, what it was taken for, when to look again, and what came of it. */
@Entity
@Table(name = "trouble")
final class Trouble extends ToldOnce {

    /** How the plant does when it is looked at again. */
    enum Outcome {
        BETTER,
        SAME,
        WORSE
    }

    @Version
    private long revision;

    @Column(name = "potting_id")
    private UUID pottingId;

    @Column(name = "told_on")
    private LocalDate toldOn;

    @Column(name = "told_at")
    private Instant toldAt;

    private String signs;

    @Enumerated(EnumType.STRING)
    private Cause cause;

    private double share;

    @Column(name = "look_on")
    private LocalDate lookOn;

    @Enumerated(EnumType.STRING)
    private @Nullable Outcome outcome;

    @Column(name = "outcome_on")
    private @Nullable LocalDate outcomeOn;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    Trouble() {}

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    Trouble(
            final UUID id,
            final UUID pottingId,
            final Instant toldAt,
            final LocalDate toldOn,
            final List<Sign> signs,
            final Cause cause,
            final double share,
            final LocalDate lookOn) {
        super(id);
        this.pottingId = pottingId;
        this.toldAt = toldAt;
        this.toldOn = toldOn;
        this.signs = signs.stream().map(Sign::name).collect(Collectors.joining(" "));
        this.cause = cause;
        this.share = share;
        this.lookOn = lookOn;
    }

    /** Notes what came of it; null takes that back. */
    void cameTo(final @Nullable Outcome what, final LocalDate on) {
        this.outcome = what;
        this.outcomeOn = what == null ? null : on;
    }

    long revision() {
        return revision;
    }

    UUID pottingId() {
        return pottingId;
    }

    LocalDate toldOn() {
        return toldOn;
    }

    Instant toldAt() {
        return toldAt;
    }

    List<Sign> signs() {
        return signs.isEmpty()
                ? List.of()
                : Arrays.stream(signs.split(" ")).map(Sign::valueOf).toList();
    }

    Cause cause() {
        return cause;
    }

    double share() {
        return share;
    }

    LocalDate lookOn() {
        return lookOn;
    }

    @Nullable
    Outcome outcome() {
        return outcome;
    }

    @Nullable
    LocalDate outcomeOn() {
        return outcomeOn;
    }
}
