package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
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

    /**
     * A change of the brief or the mix.
     *
     * @param words what it is, without what it brings
     */
    private record Change(WayOut.Kind kind, String subject, double value, String words, Brief brief, Recipe recipe) {

        WayOut way(final String says, final List<WayOut> then) {
            return new WayOut(kind, subject, value, says, then);
        }
    }

    private record Scored(double gap, WayOut way) {}

    /**
     * @param composed whether the mix is the person's own, or a plain one that stands in
     */
    DryingClash(final Figures figures, final boolean composed) {
        this.figures = figures;
        this.composed = composed;
        this.brief = figures.brief();
        this.band = Targets.of(brief).stream()
                .filter(target -> target.quality() == Property.DRY_DAYS)
                .map(Target::band)
                .findFirst()
                .orElseThrow();
        this.days = figures.dryDays().orElseThrow();
    }

    Optional<Contradiction> find() {
        if (!tooSlow(days) && !tooFast(days)) {
            return Optional.empty();
        }
        final Start start = new Start(brief, figures.recipe());
        final List<Change> changes = changes(start, tooSlow(days));
        changes.forEach(change -> offer(change.brief(), change.recipe(), change, List.of(), change.words()));
        if (ways.stream().noneMatch(each -> each.gap() == 0)) {
            pairs(changes);
        }
        interval(brief.habit().orElseThrow());
        final Habit habit = brief.habit().orElseThrow();
        final Pot pot = brief.pot().orElseThrow();
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
                tooSlow(days) ? "slow" : "fast",
                says,
                ways.stream()
                        .sorted(Comparator.comparingDouble(Scored::gap))
                        .limit(MOST)
                        .map(Scored::way)
                        .toList()));
    }

    private boolean tooSlow(final double of) {
        return of > FAR * band.high();
    }

    private boolean tooFast(final double of) {
        return of * FAR < band.low();
    }

    /** Brief and mix that a change begins from. */
    private record Start(Brief brief, Recipe recipe) {}

    /** Changes that quicken or slow the drying, each alone. */
    private List<Change> changes(final Start start, final boolean quicken) {
        final List<Change> changes = new ArrayList<>();
        wall(start, quicken ? PotWall.CLAY : PotWall.PLASTIC).ifPresent(changes::add);
        size(start, quicken ? SMALLER : LARGER).ifPresent(changes::add);
        mix(start, quicken ? opener() : holder(), quicken ? "airier" : "more water-holding")
                .ifPresent(changes::add);
        return changes;
    }

    /**
     * Two changes together: the second goes on the same way where the first falls short, and the other way where it overshoots, as clay
     * asks for a mix that holds more.
     */
    private void pairs(final List<Change> changes) {
        for (final Change first : changes) {
            final double after = daysOf(first.brief(), first.recipe());
            for (final Change second : changes(new Start(first.brief(), first.recipe()), after > band.high())) {
                if (second.kind() != first.kind()) {
                    final String both = first.words() + ", and " + lower(second.words());
                    if (gap(daysOf(second.brief(), second.recipe())) == 0) {
                        offer(
                                second.brief(),
                                second.recipe(),
                                first,
                                List.of(second.way(second.words(), List.of())),
                                both);
                    }
                }
            }
        }
    }

    private Optional<Change> wall(final Start start, final PotWall wall) {
        final Pot pot = start.brief().pot().orElseThrow();
        final boolean pure = brief.plant().orElseThrow().growing().minerals() == Growing.Minerals.PURE;
        if (wall.breathes() == pot.wall().breathes() || pure && wall == PotWall.CLAY) {
            return Optional.empty();
        }
        return Optional.of(new Change(
                WayOut.Kind.WALL,
                wall.name(),
                0,
                "A pot of " + wall.words(),
                start.brief().with(pot.with(wall)),
                start.recipe()));
    }

    private static Optional<Change> size(final Start start, final double times) {
        final Pot pot = start.brief().pot().orElseThrow();
        final double width = Math.rint(pot.topCm() * times);
        if (width < 4 || width > 60) {
            return Optional.empty();
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
        return Optional.of(new Change(
                WayOut.Kind.POT_WIDTH,
                "",
                width,
                String.format(Locale.ROOT, "A %s pot, %.0f cm wide", times < 1 ? "smaller" : "larger", width),
                start.brief().with(other),
                start.recipe()));
    }

    private Optional<Change> mix(final Start start, final String materialId, final String how) {
        final Recipe recipe = start.recipe();
        if (recipe.parts().size() >= Recipe.MOST_PARTS) {
            return Optional.empty();
        }
        final List<Recipe.Part> parts = new ArrayList<>(recipe.parts());
        final double adds = Math.min(10_000, Math.max(1, Math.rint(recipe.sum() * ADDED / (1 - ADDED))));
        final Material material = MaterialBook.shipped().material(materialId).orElseThrow();
        parts.add(new Recipe.Part(material, adds));
        return Optional.of(new Change(
                WayOut.Kind.MIX,
                materialId,
                adds,
                "A mix that is %s, say a third %s".formatted(how, lower(material.name())),
                start.brief(),
                new Recipe(Recipe.Measure.PARTS, parts, recipe.doses())));
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

    private void offer(
            final Brief other, final Recipe recipe, final Change first, final List<WayOut> then, final String words) {
        final double after = daysOf(other, recipe);
        if (gap(after) < (1 - WORTH) * gap(days)) {
            final String side = tooSlow(after) ? ", still slow" : tooFast(after) ? ", then too quick" : "";
            ways.add(new Scored(gap(after), first.way(words + ": " + whole(after) + side, then)));
        }
    }

    private double daysOf(final Brief other, final Recipe recipe) {
        return new Figures(recipe, other, figures.known()).dryDays().orElse(days);
    }

    /** How far a number of days lies outside the band, as a logarithm; 0 within, and as near as is no contradiction. */
    private double gap(final double of) {
        if (!tooSlow(of) && !tooFast(of)) {
            return 0;
        }
        final double edge = Math.max(0.05, Math.max(band.low(), Math.min(band.high(), of)));
        return Math.abs(Math.log(of / edge));
    }

    private static String lower(final String words) {
        return Character.toLowerCase(words.charAt(0)) + words.substring(1);
    }

    private static String whole(final double days) {
        final String number = days < 1.95 && Math.abs(days - Math.rint(days)) > 0.05
                ? String.format(Locale.ROOT, "%.1f", days)
                : Long.toString(Math.round(days));
        return number.equals("1") ? "1 day" : number + " days";
    }
}
