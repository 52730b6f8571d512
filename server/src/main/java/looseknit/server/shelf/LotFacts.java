package looseknit.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.shelf.Stock;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a lot, as it travels and is stored.
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
@Embeddable
public record LotFacts(
        @Column(name = "material_id") @NotNull @Size(min = 1, max = 60)
        String materialId,

        @Column(name = "sold") @Enumerated(EnumType.STRING) @NotNull
        Stock.Sold sold,

        @Column(name = "amount") double amount,
        @Column(name = "swell") double swell,
        @Column(name = "left_litres") double leftLitres,
        @Column(name = "low_litres") @Nullable Double lowLitres,
        @Column(name = "price") @Nullable Double price,
        @Column(name = "opened_on") @Nullable LocalDate openedOn,

        @Column(name = "supplier") @Size(max = 120) @Nullable
        String supplier,

        @Column(name = "fed") boolean fed,
        @Column(name = "rinsed") boolean rinsed,
        @Column(name = "quarantined") boolean quarantined,

        @Column(name = "measured") @Convert(converter = MeasuredColumn.class) @Valid @Nullable
        MeasuredBody measured) {

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
        measuredOrNothing().toCore(fed, rinsed, quarantined);
    }
}
