package looseknit.core.planting;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.TopDressing;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;

/**
 * What is in and around a pot besides its mix.
 *
 * @param form what kind of vessel it is
 * @param saucer whether it stands in a saucer
 * @param holes its drainage holes
 * @param cover what lies over the holes
 * @param beds layers of other mixes or materials under the mix, from below, above the drainage layer; at most 4
 * @param ball the root ball that goes in
 * @param pole what the plant climbs on or leans against
 * @param channelCm width of an upright channel of stones for watering [cm]; 0 for none
 * @param dressing what lies on top
 * @param dressingCm depth of the dressing [cm]; 0 for none
 * @param feed where granules are laid
 * @param feedGrams how much of them [g]
 */
public record SetUp(
        PotForm form,
        boolean saucer,
        Holes holes,
        HoleCover cover,
        List<Bed> beds,
        Optional<RootBall> ball,
        Optional<Pole> pole,
        double channelCm,
        TopDressing dressing,
        double dressingCm,
        FeedPlace feed,
        double feedGrams) {

    private static final int MOST_BEDS = 4;
    private static final double FINGER_CM = 1;
    private static final double LEAST_MIX_CM = 0.5;

    /** A pole may take so much of the width of the mouth; by judgement. */
    private static final double WIDEST_POLE = 0.5;

    /**
     * Drainage holes.
     *
     * @param count how many, 0 to 200
     * @param mm diameter of each [mm], 1 to 80
     */
    public record Holes(int count, double mm) {
        public Holes {
            within("holes.count", count, 0, 200, Limit.NUMBER);
            within("holes.mm", mm, 1, 80, Limit.MM);
        }
    }

    /**
     * A layer under the mix.
     *
     * @param name what people call it
     * @param recipe what it is of
     * @param depthCm how deep it is [cm], 0.5 to 100
     */
    public record Bed(Message name, Recipe recipe, double depthCm) {
        public Bed {
            within("beds.depthCm", depthCm, 0.5, 100, Limit.CM);
        }
    }

    /**
     * The roots with what clings to them, shaped like the pot that they come from.
     *
     * @param widthCm width at the top [cm], 0.5 to 190
     * @param heightCm height [cm], 0.5 to 190
     * @param aboveCm how far its top stands above the surface of the mix [cm]; negative where it is buried; −50 to 30
     */
    public record RootBall(double widthCm, double heightCm, double aboveCm) {
        public RootBall {
            within("ball.widthCm", widthCm, 0.5, 190, Limit.CM);
            within("ball.heightCm", heightCm, 0.5, 190, Limit.CM);
            within("ball.aboveCm", aboveCm, -50, 30, Limit.CM);
        }

        /** The ball of a plant that has filled this pot; a finger narrower than its mouth. By judgement. */
        public static RootBall outOf(final Pot pot) {
            return new RootBall(Math.max(0.5, pot.topCm() - FINGER_CM), 0.9 * pot.fillCm(), 0);
        }

        /** The same shape with a share of the volume: what is left once roots are cut. */
        public RootBall left(final double share) {
            final double shrunk = Math.cbrt(share);
            return new RootBall(widthCm * shrunk, heightCm * shrunk, aboveCm);
        }

        /** Volume [L]: a frustum of the usual taper. */
        public double litres() {
            return litresOf(widthCm, heightCm);
        }

        /** Volume that lies under the surface of the mix [L]. */
        public double buriedLitres() {
            final double above = Math.max(0, aboveCm);
            if (above >= heightCm) {
                return 0;
            }
            final double taper = 1 - (1 - Pot.USUAL_TAPER) * above / heightCm;
            return frustum(widthCm * taper, widthCm * Pot.USUAL_TAPER, heightCm - above);
        }
    }

    /** What a plant climbs on. */
    public enum PoleKind {
        /** A tube of mesh, filled with the mix or with moss: roots grow into it. */
        FILLED,
        /** Solid: takes up room and holds nothing. */
        STAKE,
        /** Thin rods: takes up no room worth counting. */
        TRELLIS
    }

    /**
     * Something to climb on.
     *
     * @param widthCm thickness, of a trellis its width [cm], 0.3 to 100
     * @param heightCm from its foot to its top [cm], 3 to 400
     */
    public record Pole(PoleKind kind, double widthCm, double heightCm) {
        public Pole {
            within("pole.widthCm", widthCm, 0.3, 100, Limit.CM);
            within("pole.heightCm", heightCm, 3, 400, Limit.CM);
        }
    }

    public SetUp {
        beds = List.copyOf(beds);
        within("beds", beds.size(), 0, MOST_BEDS, Limit.LAYERS);
        within("channelCm", channelCm, 0, 40, Limit.CM);
        within("dressingCm", dressingCm, 0, 15, Limit.CM);
        within("feedGrams", feedGrams, 0, 5000, Limit.G_IN_THIS_CONTAINER);
    }

    /** Nothing but mix in a pot as it is sold. */
    public static SetUp plain(final Pot pot) {
        return new SetUp(
                PotForm.of(pot),
                false,
                usualHoles(pot),
                HoleCover.NONE,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                0,
                TopDressing.NONE,
                0,
                FeedPlace.NONE,
                0);
    }

    /** Holes as pots of this size are sold: common practice, no source. */
    static Holes usualHoles(final Pot pot) {
        if (pot.base() == PotBase.NO_HOLES) {
            return new Holes(0, 10);
        }
        return pot.topCm() < 18 ? new Holes(4, 8) : new Holes(6, 12);
    }

    /** What lies under the mix above the inside bottom [cm]: drainage layer and beds. */
    public double underMixCm(final Pot pot) {
        return pot.layerCm() + beds.stream().mapToDouble(Bed::depthCm).sum();
    }

    /** Volume that pole and channel take from the room between two heights [L]. */
    public double takenLitres(final double fromCm, final double toCm) {
        final double solid = pole.filter(each -> each.kind() == PoleKind.STAKE)
                .map(Pole::widthCm)
                .orElse(0.0);
        return (disc(solid) + disc(channelCm)) * (toCm - fromCm) / 1000;
    }

    /** Volume of the channel of stones [L]. */
    public double channelLitres(final Pot pot) {
        return disc(channelCm) * Math.max(0, pot.fillCm() - pot.layerCm()) / 1000;
    }

    /** What lies on top; nothing where it has no depth. */
    public TopDressing onTop() {
        return dressingCm > 0 ? dressing : TopDressing.NONE;
    }

    /** Volume of dressing [L]. */
    public double dressingLitres(final Pot pot) {
        return onTop() == TopDressing.NONE ? 0 : pot.surfaceM2() * dressingCm * 10;
    }

    /** Fresh mix that the pot takes [L]: without ball, pole and channel, with what fills a pole above the surface. */
    public double mixLitres(final Pot pot) {
        final double room = pot.litresBetween(underMixCm(pot), pot.fillCm());
        final double ballLitres = ball.map(RootBall::buriedLitres).orElse(0.0);
        final double inPole = pole.filter(each -> each.kind() == PoleKind.FILLED)
                .map(each -> disc(each.widthCm()) * Math.max(0, each.heightCm() - (pot.fillCm() - underMixCm(pot))))
                .orElse(0.0);
        return Math.max(0, room - takenLitres(underMixCm(pot), pot.fillCm()) - ballLitres) + inPole / 1000;
    }

    /**
     * This set-up, if it goes into the pot.
     *
     * @throws OutOfRangeException if something is wider, deeper or higher than there is room for, or if a pot that is said to drain has no hole
     */
    public SetUp checkedIn(final Pot pot) {
        if (holes.count() == 0 && pot.base() != PotBase.NO_HOLES) {
            throw new OutOfRangeException("holes.count", 0, PlantingSentence.HOLES_OR_NONE.with());
        }
        if (holes.mm() * holes.count() > 0 && holes.mm() > 10 * pot.bottomCm()) {
            throw new OutOfRangeException(
                    "holes.mm",
                    length(holes.mm() / 10).bare(),
                    PlantingSentence.HOLE_WITHIN.with(length(pot.bottomCm())));
        }
        final double under = underMixCm(pot);
        final double room = pot.fillCm();
        if (under > room - LEAST_MIX_CM) {
            throw new OutOfRangeException(
                    "beds",
                    PlantingSentence.TOGETHER.with(length(under)),
                    PlantingSentence.LAYERS_AT_MOST.with(length(room - LEAST_MIX_CM)));
        }
        if (dressing != TopDressing.NONE && room + dressingCm > pot.heightCm() + 1e-9) {
            throw new OutOfRangeException(
                    "dressingCm",
                    length(dressingCm).bare(),
                    PlantingSentence.DRESSING_AT_MOST.with(length(pot.heightCm() - room)));
        }
        pole.ifPresent(each -> checkPole(pot, each));
        ball.ifPresent(each -> checkBall(pot, each));
        if (channelCm > WIDEST_POLE * pot.topCm()) {
            throw new OutOfRangeException(
                    "channelCm",
                    length(channelCm).bare(),
                    PlantingSentence.AT_MOST.with(length(WIDEST_POLE * pot.topCm())));
        }
        return this;
    }

    private void checkPole(final Pot pot, final Pole each) {
        final double most = each.kind() == PoleKind.TRELLIS ? pot.topCm() : WIDEST_POLE * pot.topCm();
        if (each.widthCm() > most) {
            throw new OutOfRangeException(
                    "pole.widthCm", length(each.widthCm()).bare(), PlantingSentence.POLE_AT_MOST.with(length(most)));
        }
    }

    private void checkBall(final Pot pot, final RootBall each) {
        final double most = pot.fillCm() + each.aboveCm() - underMixCm(pot);
        if (each.heightCm() > most + 1e-9) {
            throw new OutOfRangeException(
                    "ball.heightCm",
                    length(each.heightCm()).bare(),
                    PlantingSentence.BALL_DEEP.with(length(Math.max(0, most))));
        }
        final double at = Math.min(pot.heightCm(), pot.fillCm() + Math.min(0, each.aboveCm()));
        if (each.widthCm() > pot.widthAtCm(at)) {
            throw new OutOfRangeException(
                    "ball.widthCm",
                    length(each.widthCm()).bare(),
                    PlantingSentence.BALL_WIDE.with(length(pot.widthAtCm(at))));
        }
    }

    /** The same with mesh over its holes, if it has any. */
    SetUp covered() {
        final HoleCover covered = holes.count() > 0 ? HoleCover.MESH : cover;
        return new SetUp(
                form, saucer, holes, covered, beds, ball, pole, channelCm, dressing, dressingCm, feed, feedGrams);
    }

    /** The same without a dressing. */
    public SetUp bare() {
        return new SetUp(form, saucer, holes, cover, beds, ball, pole, channelCm, TopDressing.NONE, 0, feed, feedGrams);
    }

    private static Quantity length(final double cm) {
        return Quantity.trimmed(Dimension.LENGTH, cm, 1);
    }

    private static double litresOf(final double widthCm, final double heightCm) {
        return frustum(widthCm, widthCm * Pot.USUAL_TAPER, heightCm);
    }

    private static double frustum(final double top, final double bottom, final double height) {
        return Math.PI / 12 * height * (top * top + top * bottom + bottom * bottom) / 1000;
    }

    private static double disc(final double widthCm) {
        return Math.PI / 4 * widthCm * widthCm;
    }
}
