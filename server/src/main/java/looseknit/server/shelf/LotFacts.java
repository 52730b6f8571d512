package looseknit.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.shelf.Measured;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.Given;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a lot, as it travels.
 *
 * @param materialId what it is
 * @param sold what the label states
 * @param amount litres or kilograms on the label
 * @param swell loosened litres per pressed litre or per kilogram; 0 where it has no meaning
 * @param leftLitres litres to scoop that are left
 * @param lowLitres litres under which it counts as low; null for none
 * @param price price of the whole; null if not told
 * @param openedOn day it was opened; null while closed
 * @param supplier where it came from, in the person's words
 * @param fed fertiliser is in it
 * @param rinsed salts have been rinsed out
 * @param quarantined it has unwanted guests
 * @param measured what was measured of it
 */
public record LotFacts(
        @NotNull @Size(min = 1, max = 60) String materialId,

        @NotNull Stock.Sold sold,

        double amount,
        double swell,
        double leftLitres,
        @Nullable Double lowLitres,
        @Nullable Double price,
        @Nullable LocalDate openedOn,

        @Size(max = 120) @Nullable String supplier,

        boolean fed,
        boolean rinsed,
        boolean quarantined,

        @Valid @Nullable MeasuredBody measured) {

    public LotFacts {
        supplier = Given.words(supplier);
        measured = MeasuredBody.NOTHING.equals(measured) ? null : measured;
    }

    /** The same lot with so much left. */
    LotFacts left(final double litres) {
        return new LotFacts(
                materialId,
                sold,
                amount,
                swell,
                litres,
                lowLitres,
                price,
                openedOn,
                supplier,
                fed,
                rinsed,
                quarantined,
                measured);
    }

    /** The same lot, opened on a day. */
    public LotFacts openedOn(final LocalDate day) {
        return new LotFacts(
                materialId,
                sold,
                amount,
                swell,
                leftLitres,
                lowLitres,
                price,
                day,
                supplier,
                fed,
                rinsed,
                quarantined,
                measured);
    }

    MeasuredBody measuredOrNothing() {
        return measured == null ? MeasuredBody.NOTHING : measured;
    }

    /** What was measured of it, and done with it, in place of what the Book says of its material. */
    Measured measurements() {
        return measuredOrNothing().toCore(fed, rinsed, quarantined);
    }

    /** Whether the Book says something else of its material while it is in use. */
    boolean isMeasured() {
        return !measurements().equals(Measured.NOTHING);
    }

    /**
     * Checks every figure.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    void check() {
        new Stock(sold, amount, swell);
        Require.within("lot.leftLitres", leftLitres, 0, 100_000, Limit.L);
        if (lowLitres != null) {
            Require.within("lot.lowLitres", lowLitres, 0, 100_000, Limit.L);
        }
        if (price != null) {
            Require.within("lot.price", price, 0, 1_000_000, Limit.NUMBER);
        }
        measurements();
    }
}
