package looseknit.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import looseknit.core.shelf.Stock;
import org.jspecify.annotations.Nullable;

/** A pack that can be bought, as it travels and is stored. */
@Embeddable
public record OfferFacts(
        @Column(name = "material_id") @NotNull @Size(min = 1, max = 60)
        String materialId,

        @Column(name = "sold") @Enumerated(EnumType.STRING) @NotNull
        Stock.Sold sold,

        @Column(name = "amount") double amount,
        @Column(name = "swell") double swell,
        @Column(name = "price") double price,

        @Column(name = "supplier") @Size(max = 120) @Nullable
        String supplier) {}
