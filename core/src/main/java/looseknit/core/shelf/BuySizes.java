package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import looseknit.core.measure.Limit;

/** Which packs to buy for a need: the big bag is cheapest by the litre, but not always for what is needed. */
public final class BuySizes {

    /** Packs are combined to the hundredth of a litre, and more coarsely for needs beyond two cubic metres. */
    private static final double GRID_L = 0.01;

    private static final int MOST_STEPS = 200_000;

    private BuySizes() {}

    /**
     * A pack on offer.
     *
     * @param name what it is called
     * @param litres litres to scoop, above 0
     * @param price price of one pack, 0 or more
     */
    public record Offer(String name, double litres, double price) {

        public Offer {
            within("offer.litres", litres, 0.01, 10_000, Limit.L);
            within("offer.price", price, 0, 1e6, Limit.NUMBER);
        }
    }

    /**
     * A way to cover the need.
     *
     * @param counts packs of each offer, in the order of the offers
     * @param litres litres bought
     * @param cost price of all
     * @param perLitreNeeded price over the litres that are needed
     * @param leftOver litres more than needed
     */
    public record Way(List<Integer> counts, double litres, double cost, double perLitreNeeded, double leftOver) {}

    /** Each offer on its own, in their order: as many packs as cover the need. */
    public static List<Way> single(final List<Offer> offers, final double needLitres) {
        within("need", needLitres, 0.01, 100_000, Limit.L);
        final List<Way> ways = new ArrayList<>();
        for (int i = 0; i < offers.size(); i++) {
            final Integer[] counts = new Integer[offers.size()];
            Arrays.fill(counts, 0);
            counts[i] = (int) Math.ceil(needLitres / offers.get(i).litres() - 1e-9);
            ways.add(way(offers, List.of(counts), needLitres));
        }
        return List.copyOf(ways);
    }

    /**
     * The cheapest combination of packs that covers the need; of equally cheap ones the one with the fewest packs.
     *
     * @throws looseknit.core.measure.OutOfRangeException if there is no offer
     */
    public static Way cheapest(final List<Offer> offers, final double needLitres) {
        within("offers", offers.size(), 1, 30, Limit.PACKS);
        within("need", needLitres, 0.01, 100_000, Limit.L);
        final double step = Math.max(GRID_L, needLitres / MOST_STEPS);
        final int steps = (int) Math.ceil(needLitres / step - 1e-6);
        final int[] reach = offers.stream()
                .mapToInt(offer -> (int) Math.floor(offer.litres() / step + 1e-6))
                .toArray();
        final double[] cost = new double[steps + 1];
        final int[] packs = new int[steps + 1];
        final int[] last = new int[steps + 1];
        for (int filled = 1; filled <= steps; filled++) {
            cost[filled] = Double.POSITIVE_INFINITY;
            for (int i = 0; i < offers.size(); i++) {
                if (reach[i] == 0) {
                    continue;
                }
                final int before = Math.max(0, filled - reach[i]);
                final double then = cost[before] + offers.get(i).price();
                if (then < cost[filled] - 1e-9
                        || (Math.abs(then - cost[filled]) <= 1e-9 && packs[before] + 1 < packs[filled])) {
                    cost[filled] = then;
                    packs[filled] = packs[before] + 1;
                    last[filled] = i;
                }
            }
        }
        if (Double.isInfinite(cost[steps])) {
            return single(offers, needLitres).stream()
                    .min(Comparator.comparingDouble(Way::cost))
                    .orElseThrow();
        }
        final Integer[] counts = new Integer[offers.size()];
        Arrays.fill(counts, 0);
        int left = steps;
        while (left > 0) {
            counts[last[left]]++;
            left -= reach[last[left]];
        }
        return way(offers, List.of(counts), needLitres);
    }

    private static Way way(final List<Offer> offers, final List<Integer> counts, final double need) {
        double litres = 0;
        double cost = 0;
        for (int i = 0; i < offers.size(); i++) {
            litres += counts.get(i) * offers.get(i).litres();
            cost += counts.get(i) * offers.get(i).price();
        }
        return new Way(counts, litres, cost, cost / need, litres - need);
    }
}
