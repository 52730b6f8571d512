package looseknit.server.shelf;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.material.Material;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.supplier.PriceList;
import looseknit.server.supplier.PriceList.Article;
import looseknit.server.supplier.PriceList.Prices;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a price list would change on the shelf, and the changes that are taken over. */
@Service
class PriceChecks {

    private final PriceList priceList;
    private final Offers offers;
    private final Books books;

    PriceChecks(final PriceList priceList, final Offers offers, final Books books) {
        this.priceList = priceList;
        this.offers = offers;
        this.books = books;
    }

    /** What becomes of a pack. */
    enum Becomes {
        NEW,
        DEARER,
        CHEAPER,
        OUT_OF_STOCK,
        NO_LONGER_SOLD
    }

    /**
     * A pack of which the list says something else than the shelf.
     *
     * @param id of the pack, also of one that is new
     * @param facts of the pack, with the price as it is now noted; for a new one that of the list
     * @param now its price by the list; null where it cannot be had
     */
    record PriceChangeBody(
            UUID id,
            Becomes becomes,
            OfferFacts facts,
            String materialName,
            @Nullable Double now) {}

    /**
     * A price list beside the shelf.
     *
     * @param same how many packs are noted as the list has them
     * @param unknown articles whose material is not in the Book
     */
    record PriceListBody(
            String supplier, LocalDate asOf, List<PriceChangeBody> changes, int same, List<String> unknown) {}

    /** A pack by what it is, without its price. */
    private record Pack(String materialId, looseknit.core.shelf.Stock.Sold sold, double amount, double swell) {

        static Pack of(final OfferFacts facts) {
            return new Pack(facts.materialId(), facts.sold(), facts.amount(), facts.swell());
        }
    }

    /**
     * Asks the supplier and lays the list beside the shelf; nothing is stored.
     *
     * @throws Refused if there is no list to be had
     */
    PriceListBody ask() {
        return beside(priceList.ask());
    }

    private PriceListBody beside(final Prices prices) {
        final Map<String, String> ids = books.materials().materials().stream()
                .filter(Material::forRecipes)
                .collect(Collectors.toMap(
                        each -> each.name().toLowerCase(Locale.ROOT), Material::id, (one, other) -> one));
        final Map<Pack, Offers.OfferBody> noted = new LinkedHashMap<>();
        offers.all().stream()
                .filter(each -> prices.supplier().equalsIgnoreCase(each.facts().supplier()))
                .forEach(each -> noted.putIfAbsent(Pack.of(each.facts()), each));
        final List<PriceChangeBody> changes = new ArrayList<>();
        final List<String> unknown = new ArrayList<>();
        int same = 0;
        for (final Article article : prices.articles()) {
            final String materialId = ids.get(article.name().toLowerCase(Locale.ROOT));
            if (materialId == null) {
                unknown.add(article.name());
                continue;
            }
            final OfferFacts facts = new OfferFacts(
                    materialId, article.sold(), article.amount(), article.swell(), article.price(), prices.supplier());
            final Offers.OfferBody there = noted.remove(Pack.of(facts));
            final Optional<PriceChangeBody> change = there == null ? fresh(facts, article) : change(there, article);
            change.ifPresent(changes::add);
            same += there != null && change.isEmpty() ? 1 : 0;
        }
        noted.values()
                .forEach(each -> changes.add(new PriceChangeBody(
                        each.id(), Becomes.NO_LONGER_SOLD, each.facts(), each.materialName(), null)));
        return new PriceListBody(prices.supplier(), prices.asOf(), changes, same, unknown);
    }

    private Optional<PriceChangeBody> fresh(final OfferFacts facts, final Article article) {
        return article.inStock()
                ? Optional.of(new PriceChangeBody(id(facts), Becomes.NEW, facts, article.name(), article.price()))
                : Optional.empty();
    }

    private static Optional<PriceChangeBody> change(final Offers.OfferBody there, final Article article) {
        final double before = there.facts().price();
        if (!article.inStock()) {
            return Optional.of(
                    new PriceChangeBody(there.id(), Becomes.OUT_OF_STOCK, there.facts(), there.materialName(), null));
        }
        if (before == article.price()) {
            return Optional.empty();
        }
        return Optional.of(new PriceChangeBody(
                there.id(),
                before < article.price() ? Becomes.DEARER : Becomes.CHEAPER,
                there.facts(),
                there.materialName(),
                article.price()));
    }

    /** One id for one pack of one supplier, so that the same taken twice is there once. */
    private static UUID id(final OfferFacts facts) {
        return UUID.nameUUIDFromBytes(
                "%s|%s".formatted(facts.supplier(), Pack.of(facts)).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Takes changes over that were shown: all of them or none.
     *
     * @throws Refused if a pack was changed since
     */
    @Transactional
    void take(final List<PriceChangeBody> shown) {
        final Map<UUID, Offers.OfferBody> noted =
                offers.all().stream().collect(Collectors.toMap(Offers.OfferBody::id, each -> each));
        for (final PriceChangeBody change : shown) {
            final Offers.OfferBody there = noted.get(change.id());
            switch (change.becomes()) {
                case NEW -> {
                    if (there == null) {
                        offers.addAgain(change.id(), change.facts());
                    } else {
                        asShown(there, change);
                    }
                }
                case OUT_OF_STOCK, NO_LONGER_SOLD -> {
                    if (there != null) {
                        asShown(there, change);
                        offers.withdraw(change.id());
                    }
                }
                case DEARER, CHEAPER -> {
                    final Double now = change.now();
                    if (now == null) {
                        throw new Refused(
                                "No price",
                                "%s has no new price. Nothing was taken over.".formatted(change.materialName()));
                    }
                    if (there == null || there.facts().price() != now) {
                        asShown(there, change);
                        offers.price(change.id(), now);
                    }
                }
            }
        }
    }

    private static void asShown(final Offers.@Nullable OfferBody there, final PriceChangeBody change) {
        if (there == null || !Objects.equals(there.facts(), change.facts())) {
            throw new Refused(
                    "Changed elsewhere",
                    "%s was changed since the prices were asked for. Nothing was taken over: ask again."
                            .formatted(change.materialName()));
        }
    }
}
