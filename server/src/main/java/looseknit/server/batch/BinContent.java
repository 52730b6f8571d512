package looseknit.server.batch;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.batch.Bin;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;

/**
 * What lay in a bin at a moment.
 *
 * @param litres loose litres by material id
 * @param doses amendments with the day on which each went in
 */
record BinContent(Map<String, Double> litres, List<Dosed> doses) {

    /** An amendment that went in. */
    record Dosed(String amendmentId, double grams, LocalDate on) {}

    BinContent {
        litres = new LinkedHashMap<>(litres);
        doses = List.copyOf(doses);
    }

    static BinContent of(final Bin bin) {
        final Map<String, Double> litres = new LinkedHashMap<>();
        bin.looseLitres().forEach((material, each) -> litres.put(material.id(), each));
        return new BinContent(
                litres,
                bin.given().stream()
                        .map(each -> new Dosed(each.amendment().id(), each.grams(), each.on()))
                        .toList());
    }

    Bin toCore(final MaterialBook book) {
        final Map<Material, Double> known = new LinkedHashMap<>();
        litres.forEach((id, each) -> book.material(id).ifPresent(material -> known.put(material, each)));
        return new Bin(
                known,
                doses.stream()
                        .flatMap(each -> book
                                .amendment(each.amendmentId())
                                .map(amendment -> new Bin.Given(amendment, each.grams(), each.on()))
                                .stream())
                        .toList());
    }
}
