package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import looseknit.core.assay.PhSpread;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.Segregation;
import looseknit.core.material.Nutrients;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Brief;

/**
 * What becomes of a blend over the weeks, months and years.
 *
 * @param curve water held as suction grows
 * @param weeks acidity over the first year
 * @param months food set free, month by month of the first year
 * @param years air and height of the mix over the years
 * @param leastAir least air for the plant, or for roots in general [vol/vol]
 * @param partings materials that part company with the rest, in words
 */
public record Outlook(
        List<MaterialSheet.Held> curve,
        List<Week> weeks,
        List<Month> months,
        List<Year> years,
        double leastAir,
        List<String> partings) {

    private static final double[] WEEKS = {0, 1, 2, 3, 4, 6, 8, 12, 16, 20, 26, 32, 39, 52};
    private static final int MONTHS = 12;

    /** A week with its pH. */
    public record Week(double week, Estimate ph) {}

    /**
     * A month with what has been set free since mixing.
     *
     * @param month months since mixing
     * @param released set free so far
     */
    public record Month(int month, Nutrients released) {}

    /**
     * A year with the state of the mix.
     *
     * @param year years since mixing
     * @param air lowest air so far [vol/vol]
     * @param settledTo height relative to the start
     */
    public record Year(double year, double air, double settledTo) {}

    /**
     * Looks ahead.
     *
     * @param drift what watering and feeding do to the pH
     */
    public static Outlook of(final Recipe recipe, final Brief brief, final Knowledge known, final Acidity.Drift drift) {
        final Figures figures = new Figures(recipe, brief, known);
        return new Outlook(
                MaterialSheet.curve(figures.mix()),
                weeks(figures, drift),
                months(figures),
                years(figures),
                Figures.leastAir(brief),
                Segregation.of(figures.mix()).stream().map(Phrases::segregation).toList());
    }

    private static List<Week> weeks(final Figures figures, final Acidity.Drift drift) {
        final Acidity acidity = figures.acidity().with(drift);
        final double plain = figures.mix().plainPh();
        return DoubleStream.of(WEEKS)
                .mapToObj(week -> {
                    final double ph = acidity.ph(week);
                    final Estimate estimate = PhSpread.estimate(
                            figures.known().beliefs(),
                            figures.mix(),
                            figures.known().blend(),
                            ph,
                            ph - plain);
                    return new Week(week, estimate);
                })
                .toList();
    }

    private static List<Month> months(final Figures figures) {
        final List<Month> months = new ArrayList<>();
        for (int month = 0; month <= MONTHS; month++) {
            months.add(new Month(
                    month,
                    Food.released(
                            figures.mix(),
                            figures.recipe().doses(),
                            month * Food.MONTH_WEEKS,
                            figures.temperatureC())));
        }
        return months;
    }

    private static List<Year> years(final Figures figures) {
        final Ageing ageing = figures.ageing(1);
        final List<Double> ends = DoubleStream.iterate(0, year -> year <= Ageing.HORIZON_YEARS, year -> year + 0.5)
                .boxed()
                .toList();
        final List<Double> air = ageing.runningLeast(figures::airOf, ends);
        final List<Year> years = new ArrayList<>();
        for (int i = 0; i < ends.size(); i++) {
            years.add(new Year(ends.get(i), Math.max(0, air.get(i)), ageing.settledTo(ends.get(i))));
        }
        return years;
    }
}
