package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Book;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Quality;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;

/** The watering hand against how fast the pot dries, with what would bring the two together, each way out computed. */
final class DryingClash {

    /** So many times beyond the band counts as a contradiction and not as a little off; by judgement. */
    private static final double FAR = 1.4;

    /** A way out must take off at least this share of the gap to be worth a word. */
    private static final double WORTH = 0.15;

    private static final int MOST = 4;
    private static final double SMALLER = 0.75;
    private static final double LARGER = 1.3;

    /** Share of a mix that a way out adds. */
    private static final double ADDED = 1.0 / 3;

    private final Figures figures;
    private final boolean composed;
    private final Brief brief;
    private final Band band;
    private final double days;
    private final List<Scored> ways = new ArrayList<>();

    private record Scored(double gap, WayOut way) {}

    /**
     * @param composed whether the mix is the person's own, or a plain one that stands in
     */
    DryingClash(final Figures figures, final boolean composed) {
        this.figures = figures;
        this.composed = composed;
        this.brief = figures.brief();
        this.band = Targets.of(brief).stream()
                .filter(target -> target.quality() == Quality.DRY_DAYS)
                .map(Target::band)
                .findFirst()
                .orElseThrow();
        this.days = figures.dryDays().orElseThrow();
    }

    Optional<Contradiction> find() {
        final boolean slow = days > FAR * band.high();
        if (!slow && days * FAR >= band.low()) {
            return Optional.empty();
        }
        final Habit habit = brief.habit().orElseThrow();
        final Pot pot = brief.pot().orElseThrow();
        walls(pot);
        size(pot, slow ? SMALLER : LARGER);
        mix(slow ? opener() : holder(), slow ? "airier" : "more water-holding");
        interval(habit);
        final String says = String.format(
                Locale.ROOT,
                "You water every %s; this %s pot in the %s takes about %s to get %s%s.",
                whole(habit.everyDays()),
                pot.wall().words(),
                brief.place().orElseThrow().name(),
                whole(days),
                figures.trigger().words(),
                composed ? "" : ", even with a plain mix that suits the plant");
        return Optional.of(new Contradiction(
                slow ? "slow" : "fast",
                says,
                ways.stream()
                        .sorted(Comparator.comparingDouble(Scored::gap))
                        .limit(MOST)
                        .map(Scored::way)
                        .toList()));
    }

    private void walls(final Pot pot) {
        final boolean pure = brief.plant().orElseThrow().growing().minerals() == Growing.Minerals.PURE;
        for (final PotWall wall : List.of(PotWall.CLAY, PotWall.PLASTIC)) {
            if (wall.breathes() != pot.wall().breathes() && !(pure && wall == PotWall.CLAY)) {
                offer(
                        brief.with(pot.with(wall)),
                        figures.recipe(),
                        then -> new WayOut(
                                WayOut.Kind.WALL,
                                wall.name(),
                                0,
                                "A pot of %s: %s".formatted(wall.words(), whole(then))));
            }
        }
    }

    private void size(final Pot pot, final double times) {
        final double width = Math.rint(pot.topCm() * times);
        if (width < 4 || width > 60) {
            return;
        }
        final double ratio = width / pot.topCm();
        final Pot other = new Pot(
                pot.shape(),
                width,
                pot.bottomCm() * ratio,
                pot.heightCm() * ratio,
                pot.wall(),
                pot.base(),
                pot.baseCm() * ratio,
                pot.layer());
        offer(
                brief.with(other),
                figures.recipe(),
                then -> new WayOut(
                        WayOut.Kind.POT_WIDTH,
                        "",
                        width,
                        String.format(
                                Locale.ROOT,
                                "A %s pot, %.0f cm wide: %s",
                                times < 1 ? "smaller" : "larger",
                                width,
                                whole(then))));
    }

    private void mix(final String materialId, final String how) {
        final Recipe recipe = figures.recipe();
        if (recipe.parts().size() >= Recipe.MOST_PARTS) {
            return;
        }
        final List<Recipe.Part> parts = new ArrayList<>(recipe.parts());
        final double adds = Math.min(10_000, Math.max(1, Math.rint(recipe.sum() * ADDED / (1 - ADDED))));
        final var material = Book.shipped().material(materialId).orElseThrow();
        parts.add(new Recipe.Part(material, adds));
        offer(
                brief,
                new Recipe(Recipe.Measure.PARTS, parts, recipe.doses()),
                then -> new WayOut(
                        WayOut.Kind.MIX,
                        materialId,
                        adds,
                        "A mix that is %s, say a third %s: %s"
                                .formatted(how, material.name().toLowerCase(Locale.ROOT), whole(then))));
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
        final double every = Math.max(1, Math.min(120, Math.rint(days / middle)));
        if (every != Math.rint(habit.everyDays())) {
            ways.add(new Scored(
                    Double.MAX_VALUE,
                    new WayOut(
                            WayOut.Kind.INTERVAL,
                            "",
                            every,
                            "Water %s: every %s"
                                    .formatted(every > habit.everyDays() ? "less" : "more", whole(every)))));
        }
    }

    private interface Words {
        WayOut with(double days);
    }

    private void offer(final Brief other, final Recipe recipe, final Words words) {
        final OptionalDouble then = new Figures(recipe, other, figures.known()).dryDays();
        if (then.isEmpty()) {
            return;
        }
        final double gapNow = Math.abs(Math.log(days / edge(days)));
        final double gapThen = Math.abs(Math.log(then.getAsDouble() / edge(then.getAsDouble())));
        if (gapThen < (1 - WORTH) * gapNow) {
            ways.add(new Scored(gapThen, words.with(then.getAsDouble())));
        }
    }

    private double edge(final double of) {
        return Math.max(0.05, Math.max(band.low(), Math.min(band.high(), of)));
    }

    private static String whole(final double days) {
        final String number = days < 1.95 && Math.abs(days - Math.rint(days)) > 0.05
                ? String.format(Locale.ROOT, "%.1f", days)
                : Long.toString(Math.round(days));
        return number.equals("1") ? "1 day" : number + " days";
    }
}
