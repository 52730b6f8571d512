package looseknit.server.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import looseknit.core.care.NextLook;
import looseknit.core.care.Pace;
import looseknit.server.pot.Potting;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** A look at a pot, what was found, and what stood before, so that it can be taken back. */
@Entity
@Immutable
@Table(name = "look")
public class Look {

    /** Longer ago nothing is learnt of [d]. */
    private static final long MOST_DAYS = 400;

    /** What was found. */
    public enum Answer {
        WATERED,
        STILL_MOIST,
        BONE_DRY
    }

    @Id
    private UUID id;

    @Column(name = "potting_id")
    private UUID pottingId;

    @Column(name = "seq", insertable = false, updatable = false)
    private @Nullable Long sequence;

    @Column(name = "looked_on")
    private LocalDate lookedOn;

    @Enumerated(EnumType.STRING)
    private Answer answer;

    @Column(name = "before_watered_on")
    private LocalDate beforeWateredOn;

    @Column(name = "before_look_on")
    private LocalDate beforeLookOn;

    @Column(name = "before_reason")
    @Enumerated(EnumType.STRING)
    private NextLook.Reason beforeReason;

    protected Look() {}

    Look(final UUID id, final Potting potting, final LocalDate lookedOn, final Answer answer) {
        this.id = id;
        this.pottingId = potting.id();
        this.lookedOn = lookedOn;
        this.answer = answer;
        this.beforeWateredOn = potting.lastWateredOn();
        this.beforeLookOn = potting.nextLookOn();
        this.beforeReason = potting.nextLookReason();
    }

    void takeBack(final Potting potting) {
        potting.watered(beforeWateredOn);
        potting.restoreLook(beforeLookOn, beforeReason);
    }

    /** What it says of how fast the pot dries. */
    Pace.Seen seen() {
        return new Pace.Seen(
                Math.max(0, Math.min(MOST_DAYS, ChronoUnit.DAYS.between(beforeWateredOn, lookedOn))),
                switch (answer) {
                    case STILL_MOIST -> Pace.Found.STILL_MOIST;
                    case WATERED -> Pace.Found.WANTED_WATER;
                    case BONE_DRY -> Pace.Found.BONE_DRY;
                });
    }

    public UUID id() {
        return id;
    }

    public UUID pottingId() {
        return pottingId;
    }

    public LocalDate lookedOn() {
        return lookedOn;
    }

    public Answer answer() {
        return answer;
    }
}
