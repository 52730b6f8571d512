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
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An amount that is to be mixed, or was. */
@Entity
@Table(name = "batch")
public class Batch {

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

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "mixed_on")
    private @Nullable LocalDate mixedOn;

    protected Batch() {}

    Batch(final UUID id, final String lot, final UUID blendId, final int versionNumber, final Instant now) {
        this.id = id;
        this.lot = lot;
        this.blendId = blendId;
        this.versionNumber = versionNumber;
        this.createdAt = now;
    }

    void become(final List<FillBody> newFills, final double newReserve, final double newScoop, final double newTub) {
        this.fills = List.copyOf(newFills);
        this.reserve = newReserve;
        this.scoopLitres = newScoop;
        this.tubLitres = newTub;
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
