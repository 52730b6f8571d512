package looseknit.core.planting;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotShape;

/**
 * Where plants or bulbs stand in a pot, seen from above.
 *
 * @param spots centres, from the middle of the mouth [cm]
 * @param apartCm smallest distance between two centres [cm]; 0 for one alone
 * @param fromWallCm smallest distance from a centre to the wall [cm]
 */
public record Placing(List<Spot> spots, double apartCm, double fromWallCm) {

    /** Most that can be placed. */
    public static final int MOST = 200;

    /** Up to so many the closest packing is looked for; more are laid in rows or rings. */
    static final int MOST_PACKED = 20;

    /** Up to so many each ring is turned until it fits best. */
    private static final int MOST_TURNED = 24;

    /** So many and more have one in the middle. */
    private static final int WITH_A_MIDDLE = 6;

    private static final double HALF = 0.5;

    /** Nobody sets a plant closer than to half a millimetre [cm]. */
    private static final double TOLERANCE_CM = 0.05;

    /**
     * A place.
     *
     * @param x to the right of the middle [cm]
     * @param y behind the middle [cm]
     * @param facingDeg where a growing tip or bud looks, from the right, against the clock [°]
     */
    public record Spot(double x, double y, double facingDeg) {}

    /** What stands there: the room that each has for itself against its own width, and how deep it is set. Common practice, no source. */
    public enum Spacing implements Named {
        BULBS_TOUCHING(1),
        BULBS_APART(2),
        ROSETTES(1.3),
        PLANTS(1.6),
        CUTTINGS(1.5);

        private static final String DEPTH = "depth";

        private final double timesItsWidth;

        Spacing(final double timesItsWidth) {
            this.timesItsWidth = timesItsWidth;
        }

        /** Width that each has for itself [cm]. */
        public double roomCm(final double ownCm) {
            return timesItsWidth * ownCm;
        }

        /** How deep it is set. */
        public Message depth() {
            return words(DEPTH);
        }

        @Override
        public List<String> facets() {
            return List.of(DEPTH);
        }
    }

    /**
     * The mouth of a pot at the surface of its mix, as it is seen from above.
     *
     * @param wideCm from left to right, the length of a box [cm]
     * @param deepCm from front to back [cm]
     */
    public record Seen(boolean round, double wideCm, double deepCm) {

        /** The mouth of a pot. */
        public static Seen of(final Pot pot) {
            final double width = pot.widthAtCm(pot.fillCm());
            return new Seen(pot.shape() == PotShape.ROUND, width * pot.lengthOverWidth(), width);
        }
    }

    /** Smallest room between one of so wide plants and the wall [cm]. */
    public double freeToWallCm(final double ownCm) {
        return fromWallCm - ownCm * HALF;
    }

    /** Whether some stand closer than the room that each is to have, or nearer to the wall. */
    public boolean crowds(final double roomCm, final double wallCm) {
        return (spots.size() > 1 && apartCm < roomCm - TOLERANCE_CM)
                || fromWallCm < wallCm + roomCm * HALF - TOLERANCE_CM;
    }

    /** How they are laid. */
    public enum Pattern {
        /** One in the middle and rings around it. */
        RINGS,
        /** In rows, every second one set over by half. */
        ROWS,
        /** With as much room for each as there is. */
        CLOSEST,
        /** At one side, with room ahead for what creeps. */
        ONE_SIDE
    }

    /** Where growing tips and buds look. */
    public enum Facing {
        /** Away from the wall: buds of pseudobulbs, tips that would press against it. */
        INWARD,
        OUTWARD,
        /** All one way, as a creeping rhizome runs. */
        AHEAD
    }

    public Placing {
        spots = List.copyOf(spots);
    }

    /**
     * Places some in the mouth of a pot.
     *
     * @param widthCm width that each has for itself [cm], 0.3 to 150
     * @param wallCm room that is kept to the wall [cm], 0 to 50
     * @throws OutOfRangeException if there is not room for all
     */
    public static Placing of(
            final Pot pot,
            final int count,
            final double widthCm,
            final double wallCm,
            final Pattern pattern,
            final Facing facing) {
        within("placing.count", count, 1, MOST, Limit.PLANTS);
        within("placing.widthCm", widthCm, 0.3, 150, Limit.CM);
        within("placing.wallCm", wallCm, 0, 50, Limit.CM);
        final Mouth mouth = Mouth.of(pot, wallCm + widthCm * HALF);
        if (!mouth.hasRoom()) {
            throw new OutOfRangeException(
                    "placing.widthCm",
                    Quantity.trimmed(Dimension.LENGTH, widthCm, 1).bare(),
                    PlantingSentence.NOT_ONE_FITS.with());
        }
        final List<Spot> spots = laid(mouth, count, widthCm, pattern);
        final Placing placed = in(pot, facing(spots, facing));
        if (count > 1 && placed.apartCm() < widthCm - 1e-6) {
            throw new OutOfRangeException(
                    "placing.count",
                    count,
                    PlantingSentence.AT_MOST_SO_MANY.with(mostIn(pot, widthCm, wallCm, pattern)));
        }
        return placed;
    }

    /** These places in a pot, as they are: with what is between them. */
    public static Placing in(final Pot pot, final List<Spot> spots) {
        final Mouth mouth = Mouth.of(pot, 0);
        return new Placing(
                spots,
                spots.size() < 2 ? 0 : apart(spots),
                spots.stream().mapToDouble(mouth::toWall).min().orElse(0));
    }

    /** How many fit in this pattern, up to {@link #MOST}. */
    public static int mostIn(final Pot pot, final double widthCm, final double wallCm, final Pattern pattern) {
        final Mouth mouth = Mouth.of(pot, wallCm + widthCm * HALF);
        if (!mouth.hasRoom()) {
            return 0;
        }
        int most = pattern == Pattern.CLOSEST
                ? Math.max(mostIn(pot, widthCm, wallCm, Pattern.RINGS), mostIn(pot, widthCm, wallCm, Pattern.ROWS))
                : 1;
        while (most < MOST && apart(laid(mouth, most + 1, widthCm, pattern)) >= widthCm - 1e-6) {
            most++;
        }
        return most;
    }

    private static List<Spot> laid(final Mouth mouth, final int count, final double widthCm, final Pattern pattern) {
        if (count == 1 && pattern != Pattern.ONE_SIDE) {
            return List.of(new Spot(0, 0, 0));
        }
        return switch (pattern) {
            case RINGS -> mouth.round() ? rings(mouth.halfWidth(), count) : rows(mouth, count);
            case ROWS -> rows(mouth, count);
            case ONE_SIDE -> oneSide(mouth, count, widthCm);
            case CLOSEST -> closest(mouth, count);
        };
    }

    private static List<Spot> closest(final Mouth mouth, final int count) {
        final Stream<List<Spot>> ways = mouth.round()
                ? Stream.of(
                        rings(mouth.halfWidth(), count),
                        rows(mouth, count),
                        count <= MOST_PACKED
                                ? scaled(CirclePacking.inDisc(count), mouth.halfWidth())
                                : rows(mouth, count))
                : Stream.of(rows(mouth, count));
        return ways.max(Comparator.comparingDouble(Placing::apart)).orElseThrow();
    }

    private static List<Spot> scaled(final double[][] points, final double by) {
        return Stream.of(points)
                .map(point -> new Spot(point[0] * by, point[1] * by, 0))
                .toList();
    }

    /** The arrangement in rings, with one in the middle where there are enough, that keeps the most room for each. */
    private static List<Spot> rings(final double radius, final int count) {
        if (count > MOST_TURNED) {
            return evenRings(radius, count);
        }
        final List<List<Spot>> ways = new ArrayList<>();
        if (count < WITH_A_MIDDLE) {
            ways.add(ring(radius, count, 0));
        } else {
            ways.add(joined(List.of(new Spot(0, 0, 0)), ring(radius, count - 1, 0)));
        }
        for (int second = 2; second <= count - 3; second++) {
            final double at = radius / (1 + 2 * Math.sin(Math.PI / second));
            ways.add(turned(ring(radius, count - second, 0), at, second));
        }
        for (int third = 3; third <= count - 5; third++) {
            final List<Spot> outer = turned(ring(radius, count - 1 - third, 0), radius * HALF, third);
            ways.add(joined(List.of(new Spot(0, 0, 0)), outer));
            for (int core = 2; core <= 5 && third + core < count - 5; core++) {
                final double step = radius / (2 + 1 / (2 * Math.sin(Math.PI / core)));
                final double inner = step / (2 * Math.sin(Math.PI / core));
                ways.add(turned(turned(ring(radius, count - third - core, 0), inner + step, third), inner, core));
            }
        }
        return ways.stream().max(Comparator.comparingDouble(Placing::apart)).orElseThrow();
    }

    /** One in the middle and rings at even steps, the innermost ones left thinner where there are fewer. */
    private static List<Spot> evenRings(final double radius, final int count) {
        int rings = 1;
        while (1 + IntStream.rangeClosed(1, rings).map(Placing::inRing).sum() < count) {
            rings++;
        }
        final List<Spot> spots = new ArrayList<>();
        for (int ring = rings; ring >= 1 && spots.size() < count; ring--) {
            final int here = Math.min(inRing(ring), count - spots.size());
            spots.addAll(ring(radius * ring / rings, here, ring % 2 * HALF));
        }
        if (spots.size() < count) {
            spots.add(new Spot(0, 0, 0));
        }
        return spots;
    }

    /** How many circles of one step's width stand in the ring so many steps from the middle. */
    private static int inRing(final int ring) {
        return (int) Math.floor(Math.PI / Math.asin(HALF / ring) + 1e-9);
    }

    /** A further ring inside, turned so that it fits best between what is there. */
    private static List<Spot> turned(final List<Spot> outer, final double radius, final int count) {
        return IntStream.range(0, 12)
                .mapToObj(turn -> joined(outer, ring(radius, count, turn / 12.0)))
                .max(Comparator.comparingDouble(Placing::apart))
                .orElseThrow();
    }

    private static List<Spot> ring(final double radius, final int count, final double turn) {
        return IntStream.range(0, count)
                .mapToObj(i -> {
                    final double angle = 2 * Math.PI * (i + turn) / count + Math.PI / 2;
                    return new Spot(radius * Math.cos(angle), radius * Math.sin(angle), 0);
                })
                .toList();
    }

    /** Rows, every second one set over by half, of which the number of rows is the best. */
    private static List<Spot> rows(final Mouth mouth, final int count) {
        return IntStream.rangeClosed(1, count)
                .boxed()
                .flatMap(rows -> Stream.of(inRows(mouth, count, rows, true), inRows(mouth, count, rows, false)))
                .max(Comparator.comparingDouble(Placing::apart))
                .orElseThrow();
    }

    private static List<Spot> inRows(final Mouth mouth, final int count, final int rows, final boolean staggered) {
        final List<Spot> spots = new ArrayList<>();
        final int longest = (count + rows - 1) / rows;
        int left = count;
        for (int row = 0; row < rows && left > 0; row++) {
            final double y = rows == 1 ? 0 : mouth.halfDepth() * (1 - 2.0 * row / (rows - 1));
            final int inRow = (int) Math.ceil((double) left / (rows - row));
            final double half = mouth.halfWidthAt(y);
            final double step = longest == 1 ? 0 : 2 * half / (longest - (staggered && rows > 1 ? HALF : 1));
            final double shift = staggered && rows > 1 ? (row % 2 == 0 ? -HALF : HALF) * step * HALF : 0;
            for (int i = 0; i < inRow; i++) {
                spots.add(new Spot((i - (inRow - 1) * HALF) * step + (inRow == longest ? shift : 0), y, 0));
            }
            left -= inRow;
        }
        return spots;
    }

    /** Along one side: at the foot of a ring, or a row at the edge of a box. */
    private static List<Spot> oneSide(final Mouth mouth, final int count, final double widthCm) {
        if (!mouth.round()) {
            final double step = count == 1 ? 0 : 2 * mouth.halfDepth() / (count - 1);
            return IntStream.range(0, count)
                    .mapToObj(i -> new Spot(-mouth.halfWidth(), (i - (count - 1) * HALF) * step, 0))
                    .toList();
        }
        final double radius = mouth.halfWidth();
        final double step =
                Math.max(2 * Math.asin(Math.min(1, widthCm * HALF / Math.max(radius, 1e-9))), 1e-3) * 1.0001;
        return IntStream.range(0, count)
                .mapToObj(i -> {
                    final double angle = Math.PI + (i - (count - 1) * HALF) * step;
                    return new Spot(radius * Math.cos(angle), radius * Math.sin(angle), 0);
                })
                .toList();
    }

    private static List<Spot> facing(final List<Spot> spots, final Facing facing) {
        return spots.stream()
                .map(spot -> new Spot(
                        spot.x(),
                        spot.y(),
                        switch (facing) {
                            case INWARD -> degrees(-spot.x(), -spot.y());
                            case OUTWARD -> degrees(spot.x(), spot.y());
                            case AHEAD -> 0;
                        }))
                .toList();
    }

    private static double degrees(final double x, final double y) {
        return Math.hypot(x, y) < 1e-9 ? 90 : Math.toDegrees(Math.atan2(y, x));
    }

    private static List<Spot> joined(final List<Spot> some, final List<Spot> others) {
        return Stream.concat(some.stream(), others.stream()).toList();
    }

    /** Smallest distance between two [cm]. */
    private static double apart(final List<Spot> spots) {
        double squared = Double.POSITIVE_INFINITY;
        for (int i = 0; i < spots.size(); i++) {
            final Spot one = spots.get(i);
            for (int j = i + 1; j < spots.size(); j++) {
                final double x = one.x() - spots.get(j).x();
                final double y = one.y() - spots.get(j).y();
                squared = Math.min(squared, x * x + y * y);
            }
        }
        return Math.sqrt(squared);
    }

    /** Where centres may lie: the mouth at the surface of the mix, less what is kept to the wall. */
    private record Mouth(boolean round, double halfWidth, double halfDepth) {

        static Mouth of(final Pot pot, final double keptCm) {
            final double half = pot.widthAtCm(pot.fillCm()) / 2;
            return pot.shape() == PotShape.ROUND
                    ? new Mouth(true, half - keptCm, half - keptCm)
                    : new Mouth(false, half * pot.lengthOverWidth() - keptCm, half - keptCm);
        }

        boolean hasRoom() {
            return halfWidth >= 0 && halfDepth >= 0;
        }

        double halfWidthAt(final double y) {
            return round ? Math.sqrt(Math.max(0, halfWidth * halfWidth - y * y)) : halfWidth;
        }

        double toWall(final Spot spot) {
            return round
                    ? halfWidth - Math.hypot(spot.x(), spot.y())
                    : Math.min(halfWidth - Math.abs(spot.x()), halfDepth - Math.abs(spot.y()));
        }
    }
}
