package looseknit.server.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.core.care.NextLook;
import looseknit.server.pot.Potting;
import org.jspecify.annotations.Nullable;

/** A look at a pot, what was found, and what stood before, so that it can be taken back. */
@Entity
@Table(name = "look")
public class Look {

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
