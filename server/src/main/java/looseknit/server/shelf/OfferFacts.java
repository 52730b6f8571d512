package looseknit.server.shelf;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import looseknit.core.shelf.Stock;
import org.jspecify.annotations.Nullable;

/** A pack that can be bought, as it travels. */
public record OfferFacts(
        @NotNull @Size(min = 1, max = 60) String materialId,

        @NotNull Stock.Sold sold,

        double amount,
        double swell,
        double price,

        @Size(max = 120) @Nullable String supplier) {}
