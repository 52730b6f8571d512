package looseknit.server.pot;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import looseknit.server.need.BriefBody;
import looseknit.server.need.BriefColumn;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** Something that happened to a pot, with what stood before, so that it can be taken back. */
@Entity
@Table(name = "pot_event")
public final class PotEvent extends ToldOnce {

    /** What happened. */
    public enum Kind {
        MOVED,
        LENT,
        CAME_BACK,
        GIVEN_AWAY,
        LOST,
        REPOTTED,
        DIVIDED,
        CUTTINGS,
        SET_UP,
        FED,
        TOPPED_UP,
        /** Salts were rinsed out. */
        FLUSHED,
        NOTED,
        PICTURED,
        /** How it does. */
        THRIVING,
        FAIR,
        POOR,
        FLOWERED,
        /** Its leaves were counted. */
        LEAVES;

        private static final Set<Kind> CHANGES = EnumSet.of(MOVED, LENT, CAME_BACK, GIVEN_AWAY, LOST, REPOTTED, SET_UP);
        private static final Set<Kind> STAYS = EnumSet.of(REPOTTED, DIVIDED, CUTTINGS, SET_UP);

        /** Whether it changes where a plant is or how it stands: only the last of these can be taken back. */
        boolean changes() {
            return CHANGES.contains(this);
        }

        /** Whether it goes only with what came of it: another pot, or another set-up. */
        boolean stays() {
            return STAYS.contains(this);
        }
    }

    @Column(name = "potting_id")
    private UUID pottingId;

    private long number;

    @Column(name = "told_at")
    private Instant toldAt;

    @Column(name = "happened_on")
    private LocalDate happenedOn;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private String words;

    private @Nullable Double amount;

    @Column(name = "other_id")
    private @Nullable UUID otherId;

    @Column(name = "state_before")
    @Enumerated(EnumType.STRING)
    private Potting.@Nullable State stateBefore;

    @Column(name = "brief_before")
    @Convert(converter = BriefColumn.class)
    private @Nullable BriefBody briefBefore;

    PotEvent() {}

    /** Something that happened to a pot as it stands before it. */
    PotEvent(
            final UUID id,
            final Potting before,
            final long number,
            final Instant toldAt,
            final LocalDate happenedOn,
            final Kind kind,
            final String words,
            final @Nullable Double amount,
            final @Nullable UUID otherId) {
        super(id);
        this.pottingId = before.id();
        this.number = number;
        this.toldAt = toldAt;
        this.happenedOn = happenedOn;
        this.kind = kind;
        this.words = words;
        this.amount = amount;
        this.otherId = otherId;
        this.stateBefore = before.state();
        this.briefBefore = kind == Kind.MOVED ? before.brief() : null;
    }

    UUID pottingId() {
        return pottingId;
    }

    long number() {
        return number;
    }

    LocalDate happenedOn() {
        return happenedOn;
    }

    Kind kind() {
        return kind;
    }

    String words() {
        return words;
    }

    @Nullable
    Double amount() {
        return amount;
    }

    @Nullable
    UUID otherId() {
        return otherId;
    }

    Potting.@Nullable State stateBefore() {
        return stateBefore;
    }

    @Nullable
    BriefBody briefBefore() {
        return briefBefore;
    }
}
