package looseknit.server.shelf;

import java.util.OptionalDouble;
import java.util.UUID;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.core.shelf.ShelfSentence;
import looseknit.core.shelf.Stock;
import org.jspecify.annotations.Nullable;

/**
 * A lot as it travels.
 *
 * @param materialName name of what it is
 * @param fullLitres litres to scoop when it was full
 * @param pricePerLitre price of a litre to scoop; null without a price
 * @param low whether it is nearly used up
 * @param inUse whether its figures stand for its material
 * @param problem what keeps it from being reckoned with; null where nothing does
 */
record ShelfLotBody(
        UUID id,
        long revision,
        LotFacts facts,
        String materialName,
        double fullLitres,
        @Nullable Double pricePerLitre,
        boolean low,
        boolean inUse,
        @Nullable Message problem) {

    /** What was measured of a lot beside what the Book says: value and spread, before and after. */
    record FoundBody(Message name, String unit, double book, double bookSd, double lot, double lotSd, int decimals) {}

    /** With how much left it is time to buy [L]. */
    double markLitres() {
        return mark(facts, fullLitres);
    }

    private static double mark(final LotFacts facts, final double fullLitres) {
        return facts.lowLitres() == null ? Stock.usualLowMark(fullLitres) : facts.lowLitres();
    }

    static ShelfLotBody of(final Lot lot, final Material material, final boolean inUse) {
        final LotFacts facts = lot.facts();
        final Stock stock = new Stock(facts.sold(), facts.amount(), facts.swell());
        final double fullLitres = stock.usableLitres(material);
        final OptionalDouble perLitre = stock.pricePerLitre(material, MeasuredBody.maybe(facts.price()));
        return new ShelfLotBody(
                lot.id(),
                lot.revision(),
                facts,
                material.name(),
                fullLitres,
                perLitre.isPresent() ? perLitre.getAsDouble() : null,
                facts.leftLitres() <= mark(facts, fullLitres),
                inUse,
                null);
    }

    /** A lot of something that is no material any more: shown, so that it can be mended. */
    static ShelfLotBody ofNothingKnown(final Lot lot) {
        final LotFacts facts = lot.facts();
        return new ShelfLotBody(
                lot.id(),
                lot.revision(),
                facts,
                facts.materialId(),
                facts.leftLitres(),
                null,
                false,
                false,
                ShelfSentence.NO_MATERIAL_ANY_MORE.with(facts.materialId()));
    }
}
