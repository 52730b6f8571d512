package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Objects;
import java.util.OptionalDouble;
import looseknit.core.batch.Pack;
import org.jspecify.annotations.Nullable;

/** The pack in which the person buys a material. */
@Entity
@Table(name = "pack")
public final class StoredPack {

    @Id
    @Column(name = "material_id")
    private String materialId;

    @Version
    private long revision;

    private double litres;

    private @Nullable Double price;

    StoredPack() {}

    public StoredPack(final String materialId, final double litres, final @Nullable Double price) {
        this.materialId = materialId;
        this.litres = litres;
        this.price = price;
    }

    public String materialId() {
        return materialId;
    }

    void become(final double otherLitres, final @Nullable Double otherPrice) {
        this.litres = otherLitres;
        this.price = otherPrice;
    }

    boolean is(final double otherLitres, final @Nullable Double otherPrice) {
        return litres == otherLitres && Objects.equals(price, otherPrice);
    }

    long revision() {
        return revision;
    }

    public double litres() {
        return litres;
    }

    public @Nullable Double price() {
        return price;
    }

    Pack toCore() {
        return new Pack(litres, price == null ? OptionalDouble.empty() : OptionalDouble.of(price));
    }
}
