package looseknit.server.batch;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.Stretch;
import looseknit.core.material.Material;
import looseknit.server.frame.Books;
import looseknit.server.frame.Csv;
import looseknit.server.shelf.Offers;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A batch read backwards: what can be made of what there is, what is missing, and what to buy for it. */
@RestController
@RequestMapping("/api/batches/{id}")
class StretchController {

    private static final List<Double> TIMES = List.of(0.5, 1.0, 2.0, 3.0);

    /** Less than this missing is rounding [L]. */
    private static final double LEAST_LITRES = 0.02;

    private final Books books;
    private final Batches batches;
    private final Shelf shelf;
    private final Offers offers;

    StretchController(final Books books, final Batches batches, final Shelf shelf, final Offers offers) {
        this.books = books;
        this.batches = batches;
        this.shelf = shelf;
        this.offers = offers;
    }

    /** What one material would be enough for. */
    record SupplyBody(String materialId, String name, double haveLitres, double makesLitres) {}

    /** A material of a batch that is made larger or smaller. */
    record NeedOfBody(
            String materialId,
            String name,
            double needLitres,
            double haveLitres,
            double missingLitres,
            int packs,
            double leftOverLitres) {}

    /** The batch so many times over. */
    record TimesBody(double times, double litres, List<NeedOfBody> needs) {}

    /**
     * How far what is at hand stretches.
     *
     * @param mostLitres settled mix that can be made
     * @param pots whole pots of each kind of the batch that this fills, one kind alone
     * @param supplies materials, the one that runs out first before the others
     */
    record StretchBody(double mostLitres, List<Integer> pots, List<SupplyBody> supplies, List<TimesBody> times) {}

    /** A pack to buy. */
    record BuyLineBody(
            String materialId,
            String name,
            double missingLitres,
            List<BuyPackBody> packs,
            @Nullable Double cost) {}

    /** So many packs of a size. */
    record BuyPackBody(
            int count,
            double litres,
            @Nullable Double price,
            @Nullable String supplier) {}

    /** What to buy for a batch. Cost is null unless every price is known. */
    record ShoppingBody(List<BuyLineBody> lines, @Nullable Double cost) {}

    /** How far the shelf stretches; with a material and litres, how far it would if there were so much of that. */
    @GetMapping("/stretch")
    StretchBody stretch(
            @PathVariable final UUID id,
            @RequestParam(required = false) final @Nullable String materialId,
            @RequestParam(required = false) final @Nullable Double litres) {
        final Batch batch = batches.get(id);
        final BatchPlan plan = batches.plan(batch);
        final Map<String, Double> have = new LinkedHashMap<>(shelf.usableLitres());
        if (materialId != null && litres != null) {
            have.put(materialId, litres);
        }
        final Stretch stretch = Stretch.of(batches.recipe(batch).toCore(books), have);
        return new StretchBody(
                stretch.mostLitres(),
                plan.fills().stream()
                        .map(fill -> Stretch.pots(stretch.mostLitres(), fill))
                        .toList(),
                stretch.each().stream()
                        .map(each -> new SupplyBody(
                                each.material().id(), each.material().name(), each.haveLitres(), each.makesLitres()))
                        .toList(),
                TIMES.stream()
                        .map(times -> new TimesBody(
                                times,
                                times * plan.litresToMake(),
                                Stretch.needs(plan, times, have).stream()
                                        .map(StretchController::need)
                                        .toList()))
                        .toList());
    }

    private static NeedOfBody need(final Stretch.Need need) {
        return new NeedOfBody(
                need.material().id(),
                need.material().name(),
                need.needLitres(),
                need.haveLitres(),
                need.missingLitres(),
                need.packs(),
                need.leftOverLitres());
    }

    /** What to buy: the cheapest packs for what is not on the shelf. */
    @GetMapping("/shopping")
    ShoppingBody shopping(@PathVariable final UUID id) {
        final BatchPlan plan = batches.plan(batches.get(id));
        final List<BuyLineBody> lines = new ArrayList<>();
        for (final Stretch.Need need : Stretch.needs(plan, 1, shelf.usableLitres())) {
            if (need.missingLitres() > LEAST_LITRES) {
                lines.add(line(need));
            }
        }
        return new ShoppingBody(
                lines,
                lines.stream().allMatch(line -> line.cost() != null)
                        ? lines.stream()
                                .mapToDouble(line -> line.cost() == null ? 0 : line.cost())
                                .sum()
                        : null);
    }

    private BuyLineBody line(final Stretch.Need need) {
        final Material material = need.material();
        final List<Offers.Bought> bought = offers.cheapest(material.id(), need.missingLitres());
        if (bought.isEmpty()) {
            return new BuyLineBody(
                    material.id(),
                    material.name(),
                    need.missingLitres(),
                    List.of(new BuyPackBody(
                            need.packs(),
                            (need.leftOverLitres() + need.missingLitres()) / Math.max(1, need.packs()),
                            null,
                            null)),
                    null);
        }
        return new BuyLineBody(
                material.id(),
                material.name(),
                need.missingLitres(),
                bought.stream()
                        .map(each -> new BuyPackBody(each.count(), each.litres(), each.price(), each.supplier()))
                        .toList(),
                bought.stream().mapToDouble(each -> each.count() * each.price()).sum());
    }

    /** The shopping list as a table. */
    @GetMapping(value = "/shopping.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable final UUID id) {
        final List<List<String>> rows = new ArrayList<>();
        for (final BuyLineBody line : shopping(id).lines()) {
            for (final BuyPackBody pack : line.packs()) {
                rows.add(List.of(
                        line.name(),
                        Csv.number(line.missingLitres(), 2),
                        String.valueOf(pack.count()),
                        Csv.number(pack.litres(), 2),
                        pack.price() == null ? "" : Csv.number(pack.price(), 2),
                        pack.supplier() == null ? "" : pack.supplier()));
            }
        }
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"shopping.csv\"")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(Csv.of(List.of("material", "missing_l", "packs", "pack_l", "price", "supplier"), rows)
                        .getBytes(StandardCharsets.UTF_8));
    }
}
