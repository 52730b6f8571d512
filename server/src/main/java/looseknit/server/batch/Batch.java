package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An amount that is to be mixed, or was. */
@Entity
@Table(name = "batch")
public final class Batch {

    @Id
    private UUID id;

    @Version
    private long revision;

    private String lot;

    @Column(name = "blend_id")
    private UUID blendId;

    @Column(name = "version_number")
    private int versionNumber;

    private double reserve;

    @Column(name = "scoop_litres")
    private double scoopLitres;

    @Column(name = "tub_litres")
    private double tubLitres;

    @Convert(converter = FillsColumn.class)
    private List<FillBody> fills = List.of();

    /** What it came to when it was last changed; null for one that has not been planned anew since lists show it. */
    @Column(name = "litres_to_make")
    private @Nullable Double litresToMake;

    @Column(name = "pots")
    private @Nullable Integer pots;

    @Column(name = "store_litres")
    private double storeLitres;

    @Column(name = "tubs_full")
    private int tubsFull;

    /** The batch that it was split off from; null for one that was mixed itself. */
    @Column(name = "split_from")
    private @Nullable UUID splitFrom;

    /** What it began with when it was split off. */
    @Column(name = "begun_with")
    @Convert(converter = ContentColumn.class)
    private @Nullable BinContent begunWith;

    /** When to test it next. */
    @Column(name = "test_on")
    private @Nullable LocalDate testOn;

    /** Settled litres that are left, for lists; null while it is not mixed. */
    @Column(name = "left_litres")
    private @Nullable Double leftLitres;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "mixed_on")
    private @Nullable LocalDate mixedOn;

    Batch() {}

    Batch(final UUID id, final String lot, final UUID blendId, final int versionNumber, final Instant now) {
        this.id = id;
        this.lot = lot;
        this.blendId = blendId;
        this.versionNumber = versionNumber;
        this.createdAt = now;
    }

    void become(final BatchAmounts amounts) {
        this.fills = List.copyOf(amounts.fills());
        this.storeLitres = amounts.storeLitres();
        this.tubsFull = amounts.tubsFull();
        this.reserve = amounts.reserve();
        this.scoopLitres = amounts.scoopLitres();
        this.tubLitres = amounts.tubLitres();
    }

    void splitOff(final UUID from, final BinContent content) {
        this.splitFrom = from;
        this.begunWith = content;
    }

    void testNext(final @Nullable LocalDate day) {
        this.testOn = day;
    }

    void left(final @Nullable Double litres) {
        this.leftLitres = litres;
    }

    public BatchAmounts amounts() {
        return new BatchAmounts(fills, storeLitres, tubsFull, reserve, scoopLitres, tubLitres);
    }

    public Optional<UUID> splitFrom() {
        return Optional.ofNullable(splitFrom);
    }

    Optional<BinContent> begunWith() {
        return Optional.ofNullable(begunWith);
    }

    public @Nullable LocalDate testOn() {
        return testOn;
    }

    public @Nullable Double leftLitres() {
        return leftLitres;
    }

    void planned(final double litres) {
        this.litresToMake = litres;
        this.pots = fills.stream().mapToInt(FillBody::count).sum();
    }

    public @Nullable Double litresToMake() {
        return litresToMake;
    }

    public int pots() {
        return pots == null ? fills.stream().mapToInt(FillBody::count).sum() : pots;
    }

    void mixed(final @Nullable LocalDate day) {
        this.mixedOn = day;
    }

    public UUID id() {
        return id;
    }

    public long revision() {
        return revision;
    }

    public String lot() {
        return lot;
    }

    public UUID blendId() {
        return blendId;
    }

    public int versionNumber() {
        return versionNumber;
    }

    public double reserve() {
        return reserve;
    }

    public double scoopLitres() {
        return scoopLitres;
    }

    public double tubLitres() {
        return tubLitres;
    }

    public List<FillBody> fills() {
        return fills;
    }

    public Instant createdAt() {
        return createdAt;
    }

    public @Nullable LocalDate mixedOn() {
        return mixedOn;
    }
}
