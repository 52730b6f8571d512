package looseknit.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import looseknit.server.shelf.PriceChecks.Becomes;
import looseknit.server.shelf.PriceChecks.PriceChangeBody;
import looseknit.server.shelf.PriceChecks.PriceListBody;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The price list of a supplier over HTTP. */
@RestController
@RequestMapping("/api/shelf/price-list")
class PricesController {

    private static final int MOST = 2000;

    private final PriceChecks checks;

    PricesController(final PriceChecks checks) {
        this.checks = checks;
    }

    /** The list beside the shelf; nothing is changed by asking. */
    @GetMapping
    PriceListBody ask() {
        return checks.ask();
    }

    /** Changes that were shown and are taken over, all or none; the same twice changes nothing more. */
    record TakePricesBody(@NotNull @Size(max = MOST) List<@Valid TakenPriceBody> changes) {}

    /** One of them, as it was shown. */
    record TakenPriceBody(
            @NotNull UUID id,
            @NotNull Becomes becomes,
            @NotNull @Valid OfferFacts facts,
            @NotNull @Size(max = 120) String materialName,
            @Positive @DecimalMax("1000000") @Nullable Double now) {}

    @PostMapping("/take")
    PriceListBody take(@RequestBody @Valid final TakePricesBody body) {
        checks.take(body.changes().stream()
                .map(each ->
                        new PriceChangeBody(each.id(), each.becomes(), each.facts(), each.materialName(), each.now()))
                .toList());
        return checks.ask();
    }
}
