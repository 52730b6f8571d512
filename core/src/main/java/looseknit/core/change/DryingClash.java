package looseknit.core.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Band;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.PottedMix;

/** The watering hand against how fast the pot dries, with what would bring the two together, each way out computed. */
final class DryingClash {

    /** A way out must take off at least this share of the gap to be worth a word. */
    private static final double WORTH = 0.15;

    private static final int MOST = 4;
    private static final double SMALLER = 0.75;
    private static final double LARGER = 1.3;

    /** Widths of pots that are proposed [cm]. */
    private static final double NARROWEST_CM = 4;

    private static final double WIDEST_CM = 60;

    /** Share of a mix that a way out adds. */
    private static final double ADDED = 1.0 / 3;

    private static final double MOST_AMOUNT = 10_000;
    private static final double MOST_DAYS = 120;

    /** Nothing dries so quickly that a band's edge counts as less [d]. */
    private static final double LEAST_DAYS = 0.05;

    private final PottedMix mix;
    private final boolean composed;
    private final Brief brief;
    private final Band band;
    private final Band bearable;
    private final double days;
    private final List<Scored> ways = new ArrayList<>();

    /**
     * A change that might help.
     *
     * @param words what it is, without what it brings
     */
    private record Option(Change change, Message words) {}

    private record Scored(double gap, WayOut way) {}

    /**
     * @param composed whether the mix is the person's own, or a plain one that stands in
     */
    DryingClash(final PottedMix mix, final boolean composed) {
        this.mix = mix;
        this.composed = composed;
        this.brief = mix.brief();
        final Target target = Targets.of(brief).stream()
                .filter(each -> each.property() == Property.DRY_DAYS)
                .findFirst()
                .orElseThrow();
        this.band = target.band();
        this.bearable = target.bearable();
        this.days = mix.value(Property.DRY_DAYS).orElseThrow();
    }

    Optional<Contradiction> find() {
        if (!tooSlow(days) && !tooFast(days)) {
            return Optional.empty();
        }
        final Setup start = new Setup(mix.recipe(), brief);
        final List<Option> options = options(start, tooSlow(days));
        options.forEach(option -> offer(start, option));
        if (ways.stream().noneMatch(each -> each.gap() == 0)) {
            pairs(start, options);
        }
        interval(brief.habit().orElseThrow());
        final Message says = (composed ? ChangeSentence.SLOW_OR_FAST : ChangeSentence.SLOW_OR_FAST_PLAIN)
                .with(
                        Quantity.days(brief.habit().orElseThrow().everyDays()),
                        brief.pot().orElseThrow().wall(),
                        brief.place().orElseThrow().name(),
                        Quantity.days(days),
                        mix.trigger());
        return Optional.of(new Contradiction(
                tooSlow(days) ? "slow" : "fast",
                says,
                ways.stream()
                        .sorted(Comparator.comparingDouble(Scored::gap))
                        .limit(MOST)
                        .map(Scored::way)
                        .toList()));
    }

    private boolean tooSlow(final double of) {
        return of > bearable.high();
    }

    private boolean tooFast(final double of) {
        return of < bearable.low();
    }

    /** Changes that quicken or slow the drying, each alone. */
    private List<Option> options(final Setup start, final boolean quicken) {
        final List<Option> options = new ArrayList<>();
        wall(start, quicken ? PotWall.CLAY : PotWall.PLASTIC).ifPresent(options::add);
        size(start, quicken ? SMALLER : LARGER).ifPresent(options::add);
        addition(start, quicken ? opener() : holder(), quicken ? ChangeSentence.AIRIER_MIX : ChangeSentence.WETTER_MIX)
                .ifPresent(options::add);
        return options;
    }

    /**
     * Two changes together: the second goes on the same way where the first falls short, and the other way where it overshoots, as clay
     * asks for a mix that holds more.
     */
    private void pairs(final Setup start, final List<Option> options) {
        for (final Option first : options) {
            final Setup halfway = first.change().apply(start);
            final double after = daysOf(halfway);
            for (final Option second : options(halfway, after > band.high())) {
                final Change both = new Change.Together(List.of(first.change(), second.change()));
                if (second.change().getClass() != first.change().getClass() && gap(daysOf(both.apply(start))) == 0) {
                    offer(start, new Option(both, ChangeSentence.BOTH.with(first.words(), second.words())));
                }
            }
        }
    }

    private Optional<Option> wall(final Setup start, final PotWall wall) {
        final Pot pot = start.brief().pot().orElseThrow();
        final boolean pure = brief.plant().orElseThrow().growing().minerals() == Growing.Minerals.PURE;
        return wall.breathes() == pot.wall().breathes() || (pure && wall == PotWall.CLAY)
                ? Optional.empty()
                : Optional.of(new Option(new Change.Wall(wall), ChangeSentence.POT_OF.with(wall)));
    }

    private static Optional<Option> size(final Setup start, final double times) {
        final double width = Math.rint(start.brief().pot().orElseThrow().topCm() * times);
        if (width < NARROWEST_CM || width > WIDEST_CM) {
            return Optional.empty();
        }
        return Optional.of(new Option(
                new Change.Width(width),
                (times < 1 ? ChangeSentence.SMALLER_POT : ChangeSentence.LARGER_POT)
                        .with(Quantity.of(Dimension.LENGTH, width, 0))));
    }

    private Optional<Option> addition(final Setup start, final String materialId, final ChangeSentence how) {
        final Recipe recipe = start.recipe();
        if (recipe.parts().size() >= Recipe.MOST_PARTS) {
            return Optional.empty();
        }
        final double adds = Math.min(MOST_AMOUNT, Math.max(1, Math.rint(recipe.sum() * ADDED / (1 - ADDED))));
        return mix.known()
                .book()
                .material(materialId)
                .map(material -> new Option(new Change.Addition(material, adds), how.with(material)));
    }

    private String opener() {
        return brief.wishes().mineralOnly() ? "pumice_coarse" : "perlite_coarse";
    }

    private String holder() {
        return brief.wishes().mineralOnly() ? "calc_clay" : "coir_pith";
    }

    /** Another interval always closes the gap; it comes last because it asks most of the person. */
    private void interval(final Habit habit) {
        final double middle = 0.5 * (band.low() + band.high()) / habit.everyDays();
        final double every = Math.max(1, Math.min(MOST_DAYS, Math.rint(days / middle)));
        if (every != Math.rint(habit.everyDays())) {
            ways.add(new Scored(
                    Double.MAX_VALUE,
                    WayOut.of(
                            new Change.Interval(every),
                            (every > habit.everyDays() ? ChangeSentence.WATER_LESS : ChangeSentence.WATER_MORE)
                                    .with(Quantity.days(every)))));
        }
    }

    private void offer(final Setup start, final Option option) {
        final double after = daysOf(option.change().apply(start));
        if (gap(after) < (1 - WORTH) * gap(days)) {
            final ChangeSentence brings = tooSlow(after)
                    ? ChangeSentence.BRINGS_STILL_SLOW
                    : tooFast(after) ? ChangeSentence.BRINGS_TOO_QUICK : ChangeSentence.BRINGS;
            ways.add(new Scored(
                    gap(after), WayOut.of(option.change(), brings.with(option.words(), Quantity.days(after)))));
        }
    }

    private double daysOf(final Setup setup) {
        return new PottedMix(setup.recipe(), setup.brief(), mix.known())
                .value(Property.DRY_DAYS)
                .orElse(days);
    }

    /** How far a number of days lies outside the band, as a logarithm; 0 within, and as near as is no contradiction. */
    private double gap(final double of) {
        if (!tooSlow(of) && !tooFast(of)) {
            return 0;
        }
        final double edge = Math.max(LEAST_DAYS, Math.max(band.low(), Math.min(band.high(), of)));
        return Math.abs(Math.log(of / edge));
    }
}
