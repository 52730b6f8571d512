package looseknit.core.outlook;

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
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;
import looseknit.core.reading.ReadingSentence;
import looseknit.core.sheet.MaterialSheet;

/**
 * What becomes of a blend over the weeks, months and years.
 *
 * @param curve water held as suction grows
 * @param weeks acidity over the first year
 * @param months food set free, month by month of the first year
 * @param years air and height of the mix over the years
 * @param leastAir least air that the plant, or roots in general, bear [vol/vol]
 * @param over when the mix has gone over, and how much it takes to top the pot up, in words
 * @param partings materials that part company with the rest, in words
 */
public record Outlook(
        List<MaterialSheet.Held> curve,
        List<Week> weeks,
        List<Month> months,
        List<Year> years,
        double leastAir,
        List<Message> over,
        List<Message> partings) {

    private static final double[] WEEKS = {0, 1, 2, 3, 4, 6, 8, 12, 16, 20, 26, 32, 39, 52};
    private static final int MONTHS = 12;

    /** Years, or share of a pot, that are not worth a word. */
    private static final double HARDLY = 0.05;

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
        final PottedMix potted = new PottedMix(recipe, brief, known);
        return new Outlook(
                MaterialSheet.curve(potted.mix()),
                weeks(potted, drift),
                months(potted),
                years(potted),
                potted.situation().leastAir(),
                over(potted),
                Segregation.of(potted.mix()).stream()
                        .map(each -> ReadingSentence.PARTS_COMPANY.with(each.material(), each.kind()))
                        .toList());
    }

    private static List<Message> over(final PottedMix potted) {
        final List<Message> over = new ArrayList<>();
        final Estimate life = Reading.estimate(potted, Property.LIFE);
        over.add(
                life.value() >= Ageing.HORIZON_YEARS - HARDLY
                        ? OutlookSentence.NEVER_OVER.with()
                        : OutlookSentence.GONE_OVER.with(
                                Quantity.of(Dimension.YEARS, life.value(), 1),
                                new Range(
                                        Math.max(HARDLY, life.low80()),
                                        Math.min(Ageing.HORIZON_YEARS, life.high80()),
                                        Dimension.YEARS,
                                        1,
                                        Range.Form.DASH)));
        potted.brief().pot().ifPresent(pot -> {
            final double litres = pot.mixLitres() * (1 - potted.ageing().settledTo(1));
            if (litres >= HARDLY * pot.mixLitres()) {
                over.add(OutlookSentence.TOP_UP.with(Quantity.of(Dimension.VOLUME, litres, litres < 1 ? 2 : 1)));
            }
        });
        return over;
    }

    private static List<Week> weeks(final PottedMix potted, final Acidity.Drift drift) {
        final Acidity acidity = potted.acidity().with(drift);
        final double plain = potted.mix().plainPh();
        return DoubleStream.of(WEEKS)
                .mapToObj(week -> {
                    final double ph = acidity.ph(week);
                    final Estimate estimate = PhSpread.estimate(
                            potted.known().beliefs(),
                            potted.mix(),
                            potted.known().blend(),
                            ph,
                            ph - plain);
                    return new Week(week, estimate);
                })
                .toList();
    }

    private static List<Month> months(final PottedMix potted) {
        final List<Month> months = new ArrayList<>();
        for (int month = 0; month <= MONTHS; month++) {
            months.add(new Month(
                    month,
                    Food.released(
                            potted.mix(),
                            potted.recipe().doses(),
                            month * Food.MONTH_WEEKS,
                            potted.situation().temperatureC())));
        }
        return months;
    }

    private static List<Year> years(final PottedMix potted) {
        final Ageing ageing = potted.ageing();
        final List<Double> ends = DoubleStream.iterate(0, year -> year <= Ageing.HORIZON_YEARS, year -> year + 0.5)
                .boxed()
                .toList();
        final List<Double> air = Ageing.runningLeast(potted::airAfter, ends);
        final List<Year> years = new ArrayList<>();
        for (int i = 0; i < ends.size(); i++) {
            years.add(new Year(ends.get(i), Math.max(0, air.get(i)), ageing.settledTo(ends.get(i))));
        }
        return years;
    }
}
