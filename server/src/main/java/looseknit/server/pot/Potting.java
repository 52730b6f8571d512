package looseknit.server.pot;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.core.care.NextLook;
import looseknit.core.care.Pace;
import looseknit.core.measure.Estimate;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.planting.SetUpKind;
import looseknit.server.need.BriefBody;
import looseknit.server.need.BriefColumn;
import looseknit.server.planting.SetUpBody;
import looseknit.server.planting.SetUpColumn;
import org.jspecify.annotations.Nullable;

/** A plant in a pot with a batch, since a day, and when to look at it next. */
@Entity
@Table(name = "potting")
public final class Potting {

    private static final double LEAST_LITRES = 0.001;

    @Id
    private UUID id;

    @Version
    private long revision;

    private String label;

    @Convert(converter = BriefColumn.class)
    private BriefBody brief;

    @Column(name = "place_name")
    private @Nullable String placeName;

    @Column(name = "batch_id")
    private UUID batchId;

    @Column(name = "potted_on")
    private LocalDate pottedOn;

    @Column(name = "predicted_days")
    private double predictedDays;

    @Column(name = "predicted_sd_days")
    private double predictedSdDays;

    @Column(name = "last_watered_on")
    private LocalDate lastWateredOn;

    @Column(name = "next_look_on")
    private LocalDate nextLookOn;

    @Column(name = "next_look_reason")
    @Enumerated(EnumType.STRING)
    private NextLook.Reason nextLookReason;

    @Column(name = "deleted_at")
    private @Nullable Instant deletedAt;

    @Column(name = "set_up")
    @Convert(converter = SetUpColumn.class)
    private @Nullable SetUpBody setUp;

    @Column(name = "set_up_kind")
    @Enumerated(EnumType.STRING)
    private SetUpKind setUpKind = SetUpKind.PLAIN;

    @Enumerated(EnumType.STRING)
    private State state = State.HERE;

    @Column(name = "mother_id")
    private @Nullable UUID motherId;

    @Enumerated(EnumType.STRING)
    private @Nullable Origin origin;

    /** For whoever searches the table: the brief names it. */
    @Column(name = "plant_id")
    @SuppressWarnings("UnusedVariable")
    private @Nullable String plantId;

    private @Nullable String wall;

    @Column(name = "watered_lightly")
    private boolean wateredLightly;

    @Column(name = "wants_kg")
    private @Nullable Double wantsKg;

    @Column(name = "waits_days")
    private int waitsDays;

    @Column(name = "draws_litres")
    private @Nullable Double drawsLitres;

    private double pace = 1;

    @Column(name = "pace_log_sd")
    private double paceLogSd;

    @Column(name = "pace_looks")
    private int paceLooks;

    @Column(name = "pace_like_pots")
    private int paceLikePots;

    @Column(name = "own_pace")
    private double ownPace = 1;

    @Column(name = "own_pace_log_sd")
    private double ownPaceLogSd;

    /** Where a plant is. */
    public enum State {
        HERE,
        LENT,
        GIVEN_AWAY,
        LOST,
        /** It stands in another pot now. */
        REPOTTED
    }

    /** How a plant came from its mother. */
    public enum Origin {
        DIVISION,
        CUTTING,
        REPOTTED
    }

    Potting() {}

    /** When to look next is set as soon as its drying is known: {@link #lookNext}. */
    @SuppressWarnings("NullAway.Init")
    Potting(
            final UUID id,
            final String label,
            final BriefBody brief,
            final UUID batchId,
            final LocalDate pottedOn,
            final PotPortrait portrait) {
        this.id = id;
        this.label = label;
        this.batchId = batchId;
        this.pottedOn = pottedOn;
        this.lastWateredOn = pottedOn;
        stands(brief, portrait);
    }

    /** Notes what it is of, in what pot and where, and how it dries there. */
    void stands(final BriefBody other, final PotPortrait portrait) {
        this.brief = other;
        this.placeName = other.place() == null ? null : other.place().name();
        this.plantId = other.plantId();
        this.wall = other.pot() == null ? null : other.pot().wall().name();
        this.predictedDays = portrait.wantsWater().value();
        this.predictedSdDays = portrait.wantsWater().sd();
        this.waitsDays = portrait.waits();
        this.wantsKg = portrait.kg().wants();
        this.drawsLitres =
                Math.max(LEAST_LITRES, portrait.kg().watered() - portrait.kg().wants());
    }

    /**
     * Notes what looks have taught.
     *
     * @param own by its own looks alone
     * @param learnt with what pots like it have shown
     */
    void dries(final Pace own, final Pace learnt) {
        this.ownPace = own.factor();
        this.ownPaceLogSd = own.logSd();
        this.pace = learnt.factor();
        this.paceLogSd = learnt.logSd();
        this.paceLooks = learnt.looks();
        this.paceLikePots = learnt.likePots();
    }

    /** What its looks, and those at pots like it, have taught. */
    public Pace pace() {
        return paceLooks == 0 && paceLikePots == 0
                ? Pace.of(predictedDays())
                : new Pace(pace, paceLogSd, paceLooks, paceLikePots);
    }

    @Nullable
    String placeName() {
        return placeName;
    }

    @Nullable
    String wall() {
        return wall;
    }

    /** Days from watering until the plant wants water, as they are to be expected after what was seen. */
    public Estimate expectedDays() {
        return pace().expected(predictedDays());
    }

    /** Days from a watering until its mix is as dry as it should be, as they are to be expected; the plant may wait for longer. */
    public double expectedDryDays() {
        final double whole = predictedDays().value();
        return expectedDays().value() * (whole - waitsDays) / whole;
    }

    /** Notes what is in the pot besides its mix. */
    void isSetUp(final SetUpKind kind, final @Nullable SetUpBody body) {
        this.setUpKind = kind;
        this.setUp = body;
    }

    /** Notes from which plant it came, and how. */
    void cameFrom(final UUID mother, final Origin how) {
        this.motherId = mother;
        this.origin = how;
    }

    void becomes(final State other) {
        this.state = other;
    }

    void isCalled(final String other) {
        this.label = other;
    }

    public long revision() {
        return revision;
    }

    public @Nullable SetUpBody setUp() {
        return setUp;
    }

    public SetUpKind setUpKind() {
        return setUpKind;
    }

    public State state() {
        return state;
    }

    public @Nullable UUID motherId() {
        return motherId;
    }

    public @Nullable Origin origin() {
        return origin;
    }

    /** Notes when to look next, counted from a day. */
    public void lookNext(final LocalDate from, final NextLook look) {
        restoreLook(from.plusDays(look.inDays()), look.reason());
    }

    /** Sets the next look to what it was. */
    public void restoreLook(final LocalDate on, final NextLook.Reason reason) {
        this.nextLookOn = on;
        this.nextLookReason = reason;
    }

    /** Notes the day of the last watering. */
    public void watered(final LocalDate on, final boolean lightly) {
        this.lastWateredOn = on;
        this.wateredLightly = lightly;
    }

    /** Whether the last watering was a light one. */
    public boolean wateredLightly() {
        return wateredLightly;
    }

    /** Weight at which the plant wants water, without the plant [kg]; null for pots of which it was never reckoned. */
    public @Nullable Double wantsKg() {
        return wantsKg;
    }

    /** Water between just watered and wanting water [L]; null for pots of which it was never reckoned. */
    public @Nullable Double drawsLitres() {
        return drawsLitres;
    }

    void delete(final @Nullable Instant at) {
        this.deletedAt = at;
    }

    public UUID id() {
        return id;
    }

    public String label() {
        return label;
    }

    public BriefBody brief() {
        return brief;
    }

    public UUID batchId() {
        return batchId;
    }

    public LocalDate pottedOn() {
        return pottedOn;
    }

    /** Predicted days from watering until the plant wants water. */
    public Estimate predictedDays() {
        return new Estimate(predictedDays, predictedSdDays);
    }

    public LocalDate lastWateredOn() {
        return lastWateredOn;
    }

    public LocalDate nextLookOn() {
        return nextLookOn;
    }

    public NextLook.Reason nextLookReason() {
        return nextLookReason;
    }

    @Nullable
    Instant deletedAt() {
        return deletedAt;
    }

    public boolean deleted() {
        return deletedAt != null;
    }
}
