package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.OptionalDouble;
import looseknit.core.batch.Pack;
import org.jspecify.annotations.Nullable;

/** The pack in which the person buys a material. */
@Entity
@Table(name = "pack")
public class StoredPack {

    @Id
    @Column(name = "material_id")
    private String materialId;

    private double litres;

    private @Nullable Double price;

    protected StoredPack() {}

    public StoredPack(final String materialId, final double litres, final @Nullable Double price) {
        this.materialId = materialId;
        this.litres = litres;
        this.price = price;
    }

    public String materialId() {
        return materialId;
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
