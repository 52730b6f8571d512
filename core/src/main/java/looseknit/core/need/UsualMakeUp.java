package looseknit.core.need;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import looseknit.core.material.Component;
import looseknit.core.material.Material;
import looseknit.core.message.TableText;
import looseknit.core.need.MostOfOne.Row;
import org.jspecify.annotations.Nullable;

/**
 * What usually is in a mix for some plants: one or several ways, each a range for every component and a most of every material. Common practice
 * put into figures by judgement, no source.
 *
 * @param of for which plants, as a name: "desert cacti and succulents"
 * @param ways the ways in which such mixes are made; none if nothing is usual
 */
public record UsualMakeUp(String of, List<Way> ways) {

    /** A mix has at least so much that holds water, and so much that opens it, unless the ways allow none [vol/vol]. */
    private static final double LEAST_WATERY = 0.10;

    private static final double LEAST_OPENER = 0.15;

    /** Shares that make a mix one of a school where the table names none [vol/vol]. */
    private static final double PEAT_SCHOOL = 0.20;

    private static final double BARK_SCHOOL = 0.25;
    private static final double COMPOST_SCHOOL = 0.10;
    private static final double MOSS_SCHOOL = 0.30;
    private static final double MINERAL_SCHOOL = 0.85;

    /** So little of what nobody knows does not count [vol/vol]. */
    private static final double NEGLIGIBLE = 1e-9;

    /** Most of what such mixes hardly ever have, and from when on a material is mainly of a component [vol/vol]. */
    private static final double SELDOM = 0.05;

    private static final double MAINLY = 0.5;

    /** How much a share of unknown make-up counts as unusual: never as usual, hardly as wrong. */
    private static final double UNKNOWN_COUNTS = 0.1;

    public UsualMakeUp {
        ways = List.copyOf(ways);
    }

    /**
     * The range of a component.
     *
     * @param low least usual share [vol/vol]
     * @param high greatest usual share [vol/vol]
     */
    public record Bound(Component component, double low, double high) {

        /** How far a share lies outside, 0 within. */
        double miss(final double share) {
            return Math.max(0, Math.max(low - share, share - high));
        }
    }

    /**
     * A way of making such a mix.
     *
     * @param school the school it belongs to; nothing for the general way
     * @param unasked whether it counts as usual where no school was asked for
     * @param bounds range of every component that is bounded
     * @param alone components of which a single material may make up the whole
     * @param seldom ids of materials that such mixes hardly ever have
     * @param weight how much it matters
     * @param because why
     */
    public record Way(
            Optional<School> school,
            boolean unasked,
            List<Bound> bounds,
            Set<Component> alone,
            Set<String> seldom,
            double weight,
            TableText because) {

        public Way {
            bounds = List.copyOf(bounds);
            alone = Set.copyOf(alone);
            seldom = Set.copyOf(seldom);
        }

        /** Most of a material by itself [vol/vol]. */
        public double most(final Material material) {
            if (seldom.contains(MostOfOne.plain(material))) {
                return SELDOM;
            }
            return alone.stream().anyMatch(each -> each.of(material) > MAINLY)
                    ? 1
                    : MostOfOne.of(material).most();
        }

        /** Which materials may only come up to a limit together; nothing if this one may by itself. */
        public Optional<MostOfOne.Row> together(final Material material) {
            return Optional.of(MostOfOne.of(material))
                    .filter(MostOfOne.Row::together)
                    .filter(row -> alone.stream().noneMatch(each -> each.of(material) > MAINLY));
        }

        /** The same way, narrowed to a school; nothing where the two cannot be had together. */
        Optional<Way> narrowed(final School to) {
            if (school.isPresent() && school.get() != to) {
                return Optional.empty();
            }
            final Map<Component, Bound> narrowed = new EnumMap<>(Component.class);
            bounds.forEach(bound -> narrowed.put(bound.component(), bound));
            final Bound extra = bound(to);
            final Bound own = narrowed.getOrDefault(extra.component(), new Bound(extra.component(), 0, 1));
            final double low = Math.max(own.low(), extra.low());
            final double high = Math.min(own.high(), extra.high());
            if (low > high) {
                return Optional.empty();
            }
            narrowed.put(extra.component(), new Bound(extra.component(), low, high));
            return Optional.of(
                    new Way(Optional.of(to), true, List.copyOf(narrowed.values()), alone, seldom, weight, because));
        }
    }

    /** What makes a mix one of a school where no table says more. */
    static Bound bound(final School school) {
        return switch (school) {
            case MINERAL -> new Bound(Component.MINERAL, MINERAL_SCHOOL, 1);
            case BARK -> new Bound(Component.BARK, BARK_SCHOOL, 1);
            case PEAT -> new Bound(Component.PEAT, PEAT_SCHOOL, 1);
            case PEAT_FREE -> new Bound(Component.PEAT, 0, 0);
            case COMPOST -> new Bound(Component.EARTHY, COMPOST_SCHOOL, 1);
            case MOSS -> new Bound(Component.MOSS, MOSS_SCHOOL, 1);
        };
    }

    /** The ranges of a row of the table, with what every mix has: something that holds water and something that opens it. */
    static List<Bound> completed(final List<Bound> bounds) {
        final List<Bound> all = new ArrayList<>(bounds);
        final boolean stony = low(bounds, Component.MINERAL) >= MAINLY && low(bounds, Component.CHUNK) < MAINLY;
        if (stony || low(bounds, Component.HOLDER) > 0 || low(bounds, Component.MOSS) > 0) {
            all.add(new Bound(Component.WATERY, LEAST_WATERY, 1));
        }
        if (low(bounds, Component.MINERAL) > 0 || low(bounds, Component.CHUNK) > 0) {
            all.add(new Bound(Component.OPENER, LEAST_OPENER, 1));
        }
        return all;
    }

    private static double low(final List<Bound> bounds, final Component component) {
        return bounds.stream()
                .filter(bound -> bound.component() == component)
                .mapToDouble(Bound::low)
                .sum();
    }

    /** Only the ways of a school; where none is asked for, or it has none for these plants, those that are usual unasked. */
    public UsualMakeUp in(final Optional<School> school) {
        final List<Way> narrowed = school.map(this::narrowed).orElse(List.of());
        return new UsualMakeUp(
                of, narrowed.isEmpty() ? ways.stream().filter(Way::unasked).toList() : narrowed);
    }

    /** The ways narrowed to a school; none where it is not one for these plants. */
    public List<Way> narrowed(final School school) {
        final List<Way> own = ways.stream()
                .filter(way -> way.school().filter(school::equals).isPresent())
                .toList();
        return (own.isEmpty() ? ways : own)
                .stream().flatMap(way -> way.narrowed(school).stream()).toList();
    }

    /** What a mix consists of. */
    public interface Contents {

        /** Share of a component [vol/vol]. */
        double share(Component component);

        /** Number of materials. */
        int count();

        Material material(int i);

        /** What limits a material in a way, worked out once. */
        Caps caps(Way way, int i);

        /** Share of a material [vol/vol]. */
        double shareOf(int i);
    }

    /**
     * What limits a material in a way.
     *
     * @param most most of it [vol/vol]
     * @param together what it shares a limit with; nothing if it has its own
     */
    public record Caps(double most, @Nullable Row together) {

        /** The limits of a material in a way. */
        public static Caps of(final Way way, final Material material) {
            return new Caps(way.most(material), way.together(material).orElse(null));
        }

        private boolean shared() {
            return together != null && most > SELDOM;
        }

        /** Whether two materials share a limit: the very same row of the table. */
        @SuppressWarnings("ReferenceEquality")
        private boolean with(final Caps other) {
            return shared() && other.shared() && other.together == together;
        }
    }

    /** Share of a mix that lies outside what is usual, by the way that it comes nearest to [vol/vol]; 0 if it is usual. Does not allocate. */
    public double outside(final Contents contents) {
        double least = ways.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
        for (int i = 0; i < ways.size(); i++) {
            least = Math.min(least, outside(ways.get(i), contents));
        }
        return least;
    }

    private static double outside(final Way way, final Contents contents) {
        double sum = UNKNOWN_COUNTS * contents.share(Component.UNKNOWN);
        final List<Bound> bounds = way.bounds();
        for (int i = 0; i < bounds.size(); i++) {
            sum += bounds.get(i).miss(contents.share(bounds.get(i).component()));
        }
        for (int i = 0; i < contents.count(); i++) {
            final Caps caps = contents.caps(way, i);
            sum += Math.max(0, shareOf(caps, way, i, contents) - caps.most());
        }
        return sum < NEGLIGIBLE ? 0 : sum;
    }

    /** Share of a material, with all that shares its limit; 0 if that was counted before. */
    private static double shareOf(final Caps caps, final Way way, final int i, final Contents contents) {
        if (!caps.shared()) {
            return contents.shareOf(i);
        }
        double sum = 0;
        for (int j = 0; j < contents.count(); j++) {
            if (caps.with(contents.caps(way, j))) {
                if (j < i) {
                    return 0;
                }
                sum += contents.shareOf(j);
            }
        }
        return sum;
    }

    /** The materials whose shares count together with that of one. */
    private static List<Material> counted(final Caps caps, final Way way, final int i, final Contents contents) {
        if (!caps.shared()) {
            return List.of(contents.material(i));
        }
        return IntStream.range(0, contents.count())
                .filter(j -> caps.with(contents.caps(way, j)))
                .mapToObj(contents::material)
                .toList();
    }

    /** The way that a mix comes nearest to. */
    public Optional<Way> nearest(final Contents contents) {
        return ways.stream().min((one, other) -> Double.compare(outside(one, contents), outside(other, contents)));
    }

    /**
     * What of a mix lies outside a way.
     *
     * @param component the component, or nothing if it is a material
     * @param materials the material, with those that share its limit; none if it is a component
     * @param share its share [vol/vol]
     * @param limit the end of what is usual that it misses [vol/vol]
     */
    public record Miss(Optional<Component> component, List<Material> materials, double share, double limit) {

        /** By how much [vol/vol]. */
        public double by() {
            return Math.abs(share - limit);
        }

        /** Whether there is too much of it. */
        public boolean over() {
            return share > limit;
        }
    }

    /** What lies outside the way that a mix comes nearest to, the worst first. */
    public List<Miss> misses(final Contents contents) {
        final List<Miss> misses = new ArrayList<>();
        nearest(contents).ifPresent(way -> {
            for (final Bound bound : way.bounds()) {
                final double share = contents.share(bound.component());
                if (bound.miss(share) > NEGLIGIBLE) {
                    misses.add(new Miss(
                            Optional.of(bound.component()),
                            List.of(),
                            share,
                            share < bound.low() ? bound.low() : bound.high()));
                }
            }
            for (int i = 0; i < contents.count(); i++) {
                final Caps caps = contents.caps(way, i);
                final double share = shareOf(caps, way, i, contents);
                if (share > caps.most() + NEGLIGIBLE) {
                    misses.add(new Miss(Optional.empty(), counted(caps, way, i, contents), share, caps.most()));
                }
            }
        });
        misses.sort((one, other) -> Double.compare(other.by(), one.by()));
        return misses;
    }
}
