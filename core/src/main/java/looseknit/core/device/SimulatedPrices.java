package looseknit.core.device;

import java.time.LocalDate;

/** What an invented supplier charges on a day, in place of a real one: prices drift slowly about those it once had, each article in its own time, and now and then one is out of stock for a week. Invented. */
public final class SimulatedPrices {

    private static final double DRIFT = 0.08;
    private static final double DAYS_A_RADIAN = 45;
    private static final int DAYS_A_WEEK = 7;
    private static final int OUT_OF_STOCK_EVERY = 11;
    private static final int SEEDS = 997;
    private static final double TENTHS = 10;

    private SimulatedPrices() {}

    /**
     * The price of an article on a day, in tenths; within 8 % of the base.
     *
     * @param base price about which it drifts, in any currency
     */
    public static double price(final String article, final double base, final LocalDate day) {
        final double turned = Math.sin(day.toEpochDay() / DAYS_A_RADIAN + seed(article));
        return Math.round(base * (1 + DRIFT * turned) * TENTHS) / TENTHS;
    }

    /** Whether an article can be had on a day: not for one week in eleven. */
    public static boolean inStock(final String article, final LocalDate day) {
        return Math.floorMod(Math.floorDiv(day.toEpochDay(), DAYS_A_WEEK) + seed(article), OUT_OF_STOCK_EVERY) != 0;
    }

    private static int seed(final String article) {
        return Math.floorMod(article.hashCode(), SEEDS);
    }
}
