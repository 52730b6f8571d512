package looseknit.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.material.Material;
import looseknit.core.material.Section;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.shelf.BuySizes;
import looseknit.core.shelf.Commonest;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.shelf.Offers.OfferBody;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf over HTTP. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController implements OpenedSoon {

    private static final int FURTHER = 200;

    private final Shelf shelf;
    private final Offers offers;
    private final Books books;

    ShelfController(final Shelf shelf, final Offers offers, final Books books) {
        this.shelf = shelf;
        this.offers = offers;
        this.books = books;
    }

    /** A lot to store; the id is made by the caller, so that a repeated call stores nothing twice. */
    record NewLotBody(@NotNull UUID id, @NotNull @Valid LotFacts facts) {}

    /** A changed lot. */
    record ChangedLotBody(long revision, @NotNull @Valid LotFacts facts) {}

    /** What is left of a lot. */
    record LeftBody(@NotNull UUID id, long revision, double leftLitres) {}

    /** What is left of several lots. */
    record CountBody(@NotNull @Size(max = 500) List<@Valid LeftBody> lots) {}

    /** A pack to be worked out. */
    record StockBody(
            @NotNull String materialId,
            @NotNull Stock.Sold sold,
            double amount,
            double swell,
            @Nullable Double price) {}

    /** A way in which packs are sold; the usual swell is 0 where nothing swells. */
    record SoldBody(Stock.Sold sold, Message words, Dimension measure, double usualSwell) {}

    /** What a pack comes to. */
    record WorthBody(double litres, @Nullable Double pricePerLitre) {}

    /** A pack on offer to store. */
    record NewOfferBody(@NotNull UUID id, @NotNull @Valid OfferFacts facts) {}

    /** A need to buy for. */
    record NeedBody(@NotNull String materialId, double litres) {}

    /** A way to cover a need: packs of each offer. */
    record WayBody(List<CountedBody> packs, double litres, double cost, double perLitreNeeded, double leftOver) {}

    /** So many packs of an offer. */
    record CountedBody(UUID offerId, int count) {}

    /** Each offer on its own and the cheapest combination; null without offers. */
    record BuyBody(
            double needLitres,
            List<WayBody> single,
            @Nullable WayBody cheapest) {}

    /** A material with its usual pack. */
    record CommonBody(String materialId, String name, double packLitres) {}

    /** What most growers keep, to be ticked off by somebody who begins. */
    @GetMapping("/commonest")
    List<CommonBody> commonest() {
        return Commonest.of(books.materials()).stream()
                .map(each -> new CommonBody(each.id(), each.name(), each.packL()))
                .toList();
    }

    /** Ways in which packs are sold. */
    @GetMapping("/ways-sold")
    List<SoldBody> waysSold() {
        return Arrays.stream(Stock.Sold.values())
                .map(each -> new SoldBody(each, each.words(), each.measure(), each.usualSwell()))
                .toList();
    }

    @Override
    public Object opened() {
        return glance();
    }

    /** What a page shows of the shelf before somebody asks for more. */
    @GetMapping
    ShelfGlanceBody glance() {
        return shelf.glance();
    }

    /**
     * Further lots of a section.
     *
     * @param from how many of its first ones to leave out
     * @param most how many are wanted
     */
    @GetMapping("/sections/{section}")
    List<ShelfLotBody> section(
            @PathVariable final Section section,
            @RequestParam(defaultValue = "" + ShelfGlanceBody.FIRST) @Min(0) final int from,
            @RequestParam(defaultValue = "" + FURTHER) @Min(1) @Max(FURTHER) final int most) {
        return shelf.section(section, from, most);
    }

    @GetMapping("/lots/{id}")
    ShelfLotBody one(@PathVariable final UUID id) {
        return shelf.those(Set.of(id)).stream().findFirst().orElseThrow(() -> new NotThere("lot"));
    }

    /** All lots in one answer; of a large shelf it is long. */
    @GetMapping("/lots")
    List<ShelfLotBody> all() {
        return shelf.all();
    }

    @PostMapping("/lots")
    ShelfLotBody add(@RequestBody @Valid final NewLotBody body) {
        shelf.add(body.id(), body.facts());
        return shelf.get(body.id());
    }

    /** What was measured of a lot beside what the Book says. */
    @GetMapping("/lots/{id}/findings")
    List<ShelfLotBody.FoundBody> findings(@PathVariable final UUID id) {
        return shelf.findings(id);
    }

    @PutMapping("/lots/{id}")
    ShelfLotBody change(@PathVariable final UUID id, @RequestBody @Valid final ChangedLotBody body) {
        shelf.change(id, body.revision(), body.facts());
        return shelf.get(id);
    }

    /** Stores a count, all or none; the answer is the lots that were counted. */
    @PutMapping("/count")
    List<ShelfLotBody> count(@RequestBody @Valid final CountBody body) {
        shelf.count(body.lots().stream()
                .map(each -> new Shelf.Counted(each.id(), each.revision(), each.leftLitres()))
                .toList());
        return shelf.those(body.lots().stream().map(LeftBody::id).collect(Collectors.toSet()));
    }

    @DeleteMapping("/lots/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable final UUID id) {
        shelf.remove(id);
    }

    @PostMapping("/lots/{id}/restore")
    ShelfLotBody restore(@PathVariable final UUID id) {
        shelf.restore(id);
        return shelf.get(id);
    }

    /** What a pack comes to, without storing anything. */
    @PostMapping("/worth")
    WorthBody worth(@RequestBody @Valid final StockBody body) {
        final Material material = shelf.material(body.materialId());
        final Stock stock = new Stock(body.sold(), body.amount(), body.swell());
        final OptionalDouble price = stock.pricePerLitre(material, MeasuredBody.maybe(body.price()));
        return new WorthBody(stock.usableLitres(material), price.isPresent() ? price.getAsDouble() : null);
    }

    @GetMapping("/offers")
    List<OfferBody> offers() {
        return offers.all();
    }

    @PostMapping("/offers")
    OfferBody offer(@RequestBody @Valid final NewOfferBody body) {
        offers.add(body.id(), body.facts());
        return offers.get(body.id());
    }

    @DeleteMapping("/offers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@PathVariable final UUID id) {
        offers.withdraw(id);
    }

    /** Which packs to buy for a need. */
    @PostMapping("/buy")
    BuyBody buy(@RequestBody @Valid final NeedBody body) {
        final List<OfferBody> found = offers().stream()
                .filter(each -> each.facts().materialId().equals(body.materialId()))
                .toList();
        final List<BuySizes.Offer> packs = found.stream()
                .map(each -> new BuySizes.Offer(
                        each.materialName(), each.litres(), each.facts().price()))
                .toList();
        if (packs.isEmpty()) {
            return new BuyBody(body.litres(), List.of(), null);
        }
        return new BuyBody(
                body.litres(),
                BuySizes.single(packs, body.litres()).stream()
                        .map(way -> body(way, found))
                        .toList(),
                body(BuySizes.cheapest(packs, body.litres()), found));
    }

    private static WayBody body(final BuySizes.Way way, final List<OfferBody> found) {
        return new WayBody(
                IntStream.range(0, found.size())
                        .filter(i -> way.counts().get(i) > 0)
                        .mapToObj(i ->
                                new CountedBody(found.get(i).id(), way.counts().get(i)))
                        .toList(),
                way.litres(),
                way.cost(),
                way.perLitreNeeded(),
                way.leftOver());
    }
}
