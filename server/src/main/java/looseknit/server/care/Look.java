package looseknit.server.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.core.care.NextLook;
import looseknit.server.pot.LooksTaken;
import looseknit.server.pot.Potting;
import looseknit.server.store.ToldOnce;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** A look at a pot, what was found, and what stood before, so that it can be taken back. */
@Entity
@Immutable
@Table(name = "look")
public final class Look extends ToldOnce {

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

    @Column(name = "before_lightly")
    private boolean beforeLightly;

    @Column(name = "predicted_days")
    private double predictedDays;

    @Column(name = "dry_days")
    private @Nullable Double dryDays;

    private @Nullable Double grams;

    @Column(name = "weighed_days")
    private @Nullable Double weighedDays;

    @Column(name = "weighed_gone")
    private @Nullable Double weighedGone;

    Look() {}

    /**
     * A look.
     *
     * @param predictedDays days from a watering until the plant wants water, as they are predicted for this season
     * @param dryDays usual days since the last watering, by the weather; empty where none is logged
     * @param grams what the pot weighed; null where nobody weighed it
     * @param scale what its weight said; null where it says nothing of its pace
     */
    Look(
            final UUID id,
            final Potting potting,
            final LocalDate lookedOn,
            final Answer answer,
            final double predictedDays,
            final OptionalDouble dryDays,
            final @Nullable Double grams,
            final LooksTaken.@Nullable Scaled scale) {
        super(id);
        this.pottingId = potting.id();
        this.lookedOn = lookedOn;
        this.answer = answer;
        this.beforeWateredOn = potting.lastWateredOn();
        this.beforeLookOn = potting.nextLookOn();
        this.beforeReason = potting.nextLookReason();
        this.beforeLightly = potting.wateredLightly();
        this.predictedDays = predictedDays;
        this.dryDays = dryDays.isPresent() ? dryDays.getAsDouble() : null;
        this.grams = grams;
        this.weighedDays = scale == null ? null : scale.days();
        this.weighedGone = scale == null ? null : scale.gone();
    }

    void takeBack(final Potting potting) {
        potting.watered(beforeWateredOn, beforeLightly);
        potting.restoreLook(beforeLookOn, beforeReason);
    }

    /** What it says of how fast the pot dries; nothing where nobody looked, or where the watering before was a light one. */
    Optional<LooksTaken.Taken> taken() {
        return beforeLightly
                ? Optional.empty()
                : answer.found()
                        .map(found -> new LooksTaken.Taken(
                                lookedOn,
                                dryDays == null ? daysDry() : dryDays,
                                predictedDays,
                                found,
                                weighedDays == null || weighedGone == null
                                        ? null
                                        : new LooksTaken.Scaled(weighedDays, weighedGone)));
    }

    /** Days since the watering before it. */
    long daysDry() {
        return new Watering(beforeWateredOn, lookedOn).days();
    }

    /** Whether a full watering before it and one at it tell how long people wait. */
    boolean tellsTheHand() {
        return answer.waters() && !beforeLightly;
    }

    public UUID id() {
        return getId();
    }

    public UUID pottingId() {
        return pottingId;
    }

    public LocalDate lookedOn() {
        return lookedOn;
    }

    /** What it weighed [g]; null where nobody weighed it. */
    @Nullable
    Double grams() {
        return grams;
    }

    public Answer answer() {
        return answer;
    }
}
