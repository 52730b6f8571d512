package looseknit.core.shelf;

import static looseknit.core.Materials.material;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import looseknit.core.shelf.BuySizes.Offer;
import looseknit.core.shelf.BuySizes.Way;
import looseknit.core.shelf.Stock.Sold;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StockTest {

    /** By hand: 0.65 kg of coir at 14 L/kg; 100 L of bale at 1.6; 25 kg of sand at 1540 g/L less 2 % that it settles. */
    @Test
    void litresThatAPackMakes() {
        assertThat(new Stock(Sold.BRICK_KG, 0.65, 14).usableLitres(material("coir_pith")))
                .isCloseTo(9.1, within(1e-9));
        assertThat(new Stock(Sold.PRESSED_LITRES, 100, 1.6).usableLitres(material("peat")))
                .isCloseTo(160, within(1e-9));
        assertThat(new Stock(Sold.LOOSE_KG, 25, 0).usableLitres(material("sand_coarse")))
                .isCloseTo(25_000 / (1540 * 0.98), within(1e-9));
        assertThat(new Stock(Sold.LOOSE_LITRES, 20, 0).usableLitres(material("perlite_med")))
                .isEqualTo(20);
    }

    @Test
    void priceIsByTheUsableLitre() {
        final Stock brick = new Stock(Sold.BRICK_KG, 5, 14);

        assertThat(brick.pricePerLitre(material("coir_pith"), OptionalDouble.of(14))
                        .orElseThrow())
                .isCloseTo(0.2, within(1e-12));
        assertThat(brick.pricePerLitre(material("coir_pith"), OptionalDouble.empty()))
                .isEmpty();
    }

    @Test
    void refusesABrickThatDoesNotSwell() {
        assertThatThrownBy(() -> new Stock(Sold.BRICK_KG, 5, 0.5)).hasMessageContaining("1 to 30 L/kg");
        assertThatThrownBy(() -> new Stock(Sold.LOOSE_LITRES, 0, 0)).hasMessageContaining("lot.amount");
    }

    /** By hand: for 12 L, two small bags (8.00) are dearer than one big one (7.50), but for 5 L a small one does. */
    @Test
    void theBigBagIsNotAlwaysCheapestForTheNeed() {
        final List<Offer> offers = List.of(new Offer("6 L", 6, 4), new Offer("20 L", 20, 7.5));

        assertThat(BuySizes.cheapest(offers, 12).counts()).containsExactly(0, 1);
        assertThat(BuySizes.cheapest(offers, 5).counts()).containsExactly(1, 0);
        assertThat(BuySizes.cheapest(offers, 26).counts()).containsExactly(1, 1);
        assertThat(BuySizes.single(offers, 12).get(0).cost()).isEqualTo(8);
        assertThat(BuySizes.cheapest(offers, 5).perLitreNeeded()).isCloseTo(0.8, within(1e-12));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void coversTheNeedAndIsNeverDearerThanOneSize(final long seed) {
        final Random random = new Random(seed);
        final List<Offer> offers = List.of(
                new Offer("a", 1 + random.nextInt(10), 1 + random.nextInt(10)),
                new Offer("b", 10 + random.nextInt(40), 5 + random.nextInt(20)),
                new Offer("c", 50 + random.nextInt(80), 15 + random.nextInt(40)));
        final double need = 1 + 300 * random.nextDouble();
        final Way best = BuySizes.cheapest(offers, need);

        assertThat(best.leftOver()).as("seed %d", seed).isGreaterThanOrEqualTo(-0.0051);
        assertThat(BuySizes.single(offers, need))
                .as("seed %d", seed)
                .isNotEmpty()
                .allMatch(way -> way.cost() >= best.cost() - 1e-9);
    }

    static List<Long> seeds() {
        return new Random(11).longs(30).boxed().toList();
    }
}
