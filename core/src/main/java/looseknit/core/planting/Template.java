package looseknit.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.TopDressing;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;
import looseknit.core.planting.SetUp.Bed;
import looseknit.core.planting.SetUp.Holes;
import looseknit.core.planting.SetUp.Pole;
import looseknit.core.planting.SetUp.PoleKind;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/**
 * A set-up by kind of plant, fitted to the pot in hand, with a reason for each choice. It is a proposal: everything may be changed. What
 * is chosen is common practice without source, the measures of the bog tub, the glass and the dressing among it.
 *
 * @param kind which one
 * @param pot the pot as it would stand
 * @param setUp what goes into it
 * @param choices what was chosen and why, in the order of the work
 */
public record Template(SetUpKind kind, Pot pot, SetUp setUp, List<Choice> choices) {

    /** What a choice is about. */
    public enum Aspect implements Named {
        VESSEL,
        WALL,
        HOLES,
        OVERFLOW,
        UNDER_THE_MIX,
        CHANNEL,
        MIX,
        FEED,
        SUPPORT,
        DEPTH,
        FIRMNESS,
        FILLING,
        DRESSING,
        WATER,
        WEIGHT
    }

    /**
     * A choice with its reason.
     *
     * @param suits whether the pot in hand suits it
     */
    public record Choice(Aspect aspect, Message because, boolean suits) {}

    private static final double BOG_BASE_LOW_CM = 5;
    private static final double BOG_BASE_HIGH_CM = 8;
    private static final double OVERFLOW_LOW_CM = 2.5;
    private static final double OVERFLOW_HIGH_CM = 5;
    private static final double GLASS_STONES_CM = 5;
    private static final double BARK_CM = 2.5;
    private static final double LEAST_BALL_CM = 0.5;

    public Template {
        choices = List.copyOf(choices);
    }

    /** The set-up of this kind for a pot, and for the root ball that is known. */
    public static Template of(
            final SetUpKind kind, final Pot pot, final Optional<RootBall> ball, final MaterialBook book) {
        return new Fitting(kind, pot, ball, book).fitted();
    }

    /** One template being fitted. */
    private static final class Fitting {

        private final SetUpKind kind;
        private final MaterialBook book;
        private final List<Choice> choices = new ArrayList<>();
        private final Pot inHand;
        private Pot pot;
        private boolean saucer;
        private Holes holes;
        private HoleCover cover = HoleCover.NONE;
        private final List<Bed> beds = new ArrayList<>();
        private Optional<RootBall> ball;
        private Optional<Pole> pole = Optional.empty();
        private double channelCm;
        private TopDressing dressing = TopDressing.NONE;
        private double dressingCm;
        private FeedPlace feed = FeedPlace.NONE;

        Fitting(final SetUpKind kind, final Pot pot, final Optional<RootBall> ball, final MaterialBook book) {
            this.kind = kind;
            this.inHand = pot;
            this.pot = pot;
            this.ball = ball;
            this.book = book;
            this.holes = SetUp.usualHoles(pot);
        }

        Template fitted() {
            switch (kind) {
                case PLAIN -> plain();
                case BOG_TUB -> bogTub();
                case CLOSED_GLASS -> closedGlass();
                case BULB_PAN -> bulbPan();
                case CAUDEX -> caudex();
                case GIANT_TUB -> giantTub();
                case POLE_CLIMBER -> poleClimber();
                case BARK_ORCHID -> barkOrchid();
                case HANGING_BASKET -> hangingBasket();
                case SHALLOW_TRAY -> shallowTray();
                case CUTTINGS -> cuttings();
                case ROSETTE_BOWL -> rosetteBowl();
            }
            final SetUp setUp = new SetUp(
                    PotForm.of(pot),
                    saucer,
                    holes,
                    cover,
                    beds,
                    fitting(ball),
                    pole,
                    channelCm,
                    dressing,
                    dressing == TopDressing.NONE ? 0 : Math.min(dressingCm, pot.heightCm() - pot.fillCm()),
                    feed,
                    0);
            return new Template(kind, pot, setUp, choices);
        }

        /** The root ball, if it still goes in over what lies below. */
        private Optional<RootBall> fitting(final Optional<RootBall> told) {
            final double under =
                    pot.layerCm() + beds.stream().mapToDouble(Bed::depthCm).sum();
            return told.filter(each -> pot.fillCm() + each.aboveCm() - under >= LEAST_BALL_CM)
                    .map(each -> new RootBall(
                            Math.min(each.widthCm(), pot.widthAtCm(pot.fillCm() + Math.min(0, each.aboveCm()))),
                            Math.min(each.heightCm(), pot.fillCm() + each.aboveCm() - under),
                            each.aboveCm()));
        }

        private void plain() {
            drains(HoleCover.MESH);
            noLayer();
            because(Aspect.DEPTH, TemplateSentence.PLAIN_DEPTH.with());
            because(Aspect.FIRMNESS, TemplateSentence.PLAIN_FIRMNESS.with());
        }

        private void bogTub() {
            because(Aspect.VESSEL, TemplateSentence.BOG_VESSEL.with());
            noLime();
            final double base =
                    span(0.2 * pot.heightCm(), Math.min(BOG_BASE_LOW_CM, 0.3 * pot.heightCm()), BOG_BASE_HIGH_CM);
            final double below =
                    span(0.12 * pot.heightCm(), Math.min(OVERFLOW_LOW_CM, 0.25 * pot.heightCm()), OVERFLOW_HIGH_CM);
            pot = pot.over(layer("pumice_coarse", base)).filledTo(Pot.FILL);
            pot = pot.with(PotBase.NO_HOLES, Math.max(0, half(pot.fillCm() - below)));
            holes = new Holes(0, 10);
            because(Aspect.HOLES, TemplateSentence.BOG_HOLES.with());
            because(
                    Aspect.OVERFLOW,
                    TemplateSentence.BOG_OVERFLOW.with(cm(pot.baseCm()), cm(pot.fillCm() - pot.baseCm())));
            because(Aspect.UNDER_THE_MIX, TemplateSentence.BOG_BASE.with(cm(base)));
            channelCm = half(Math.min(6, 0.15 * pot.topCm()));
            because(Aspect.CHANNEL, TemplateSentence.BOG_CHANNEL.with(cm(channelCm)));
            because(Aspect.MIX, TemplateSentence.BOG_MIX.with());
            because(Aspect.FEED, TemplateSentence.BOG_FEED.with());
            because(Aspect.FIRMNESS, TemplateSentence.BOG_FIRMNESS.with());
            because(Aspect.WATER, TemplateSentence.BOG_WATER.with());
            because(Aspect.WEIGHT, TemplateSentence.BOG_WEIGHT.with());
        }

        private void closedGlass() {
            choices.add(
                    new Choice(Aspect.VESSEL, TemplateSentence.GLASS_VESSEL.with(), inHand.base() == PotBase.NO_HOLES));
            final double stones = half(Math.min(GLASS_STONES_CM, 0.3 * pot.heightCm()));
            pot = pot.over(layer("pebbles", stones)).with(PotBase.NO_HOLES, 0).filledTo(Math.min(pot.fill(), 0.75));
            holes = new Holes(0, 10);
            because(Aspect.UNDER_THE_MIX, TemplateSentence.GLASS_STONES.with(cm(stones)));
            cover = HoleCover.MESH;
            beds.add(bed("charcoal_coarse", Math.max(0.5, half(0.06 * pot.heightCm()))));
            because(Aspect.CHANNEL, TemplateSentence.GLASS_MESH.with());
            because(Aspect.MIX, TemplateSentence.GLASS_MIX.with());
            because(Aspect.WATER, TemplateSentence.GLASS_WATER.with());
            because(Aspect.FEED, TemplateSentence.GLASS_FEED.with());
        }

        private void bulbPan() {
            drains(HoleCover.SHERDS);
            holes = new Holes(Math.max(holes.count(), 5), Math.max(holes.mm(), 14));
            because(Aspect.HOLES, TemplateSentence.BULB_HOLES.with(Quantity.trimmed(Dimension.GRAIN, holes.mm(), 0)));
            final double base = half(span(0.15 * pot.heightCm(), 1, 3));
            pot = pot.over(layer("grit_3_6", base));
            because(Aspect.UNDER_THE_MIX, TemplateSentence.BULB_BASE.with(cm(base)));
            feed = FeedPlace.HALF_DEPTH;
            because(Aspect.FEED, TemplateSentence.BULB_FEED.with());
            because(Aspect.DEPTH, TemplateSentence.BULB_DEPTH.with());
            because(Aspect.FILLING, TemplateSentence.BULB_FILLING.with());
        }

        private void caudex() {
            drains(HoleCover.MESH);
            noLayer();
            final double rich = span(0.15 * pot.heightCm(), Math.min(1, 0.25 * pot.heightCm()), 3);
            beds.add(new Bed(TemplateSentence.RICH_MIX.with(), rich(), rich));
            feed = FeedPlace.AT_THE_BOTTOM;
            because(Aspect.UNDER_THE_MIX, TemplateSentence.CAUDEX_THIMBLE.with(cm(rich)));
            because(Aspect.FEED, TemplateSentence.CAUDEX_FEED.with());
            because(Aspect.MIX, TemplateSentence.CAUDEX_MIX.with());
            ball = Optional.of(ball.map(each -> new RootBall(each.widthCm(), each.heightCm(), proud(each)))
                    .orElseGet(() -> new RootBall(0.4 * pot.topCm(), 0.45 * pot.heightCm(), 0.12 * pot.heightCm())));
            because(Aspect.DEPTH, TemplateSentence.CAUDEX_NECK.with());
            pot = pot.filledTo(0.95);
            because(Aspect.FILLING, TemplateSentence.CAUDEX_FILLING.with());
            dress(TopDressing.STONE, 0.8);
            because(Aspect.DRESSING, TemplateSentence.CAUDEX_DRESSING.with());
            because(Aspect.WATER, TemplateSentence.CAUDEX_WATER.with());
        }

        private static double proud(final RootBall told) {
            return Math.max(told.aboveCm(), 0.15 * told.heightCm());
        }

        private void giantTub() {
            because(Aspect.VESSEL, TemplateSentence.GIANT_WHEELS.with());
            drains(HoleCover.PAPER);
            noLayer();
            because(Aspect.HOLES, TemplateSentence.GIANT_PAPER.with());
            pole = Optional.of(new Pole(PoleKind.TRELLIS, 0.7 * pot.topCm(), Math.min(300, 3.5 * pot.heightCm())));
            because(Aspect.SUPPORT, TemplateSentence.GIANT_TRELLIS.with());
            because(Aspect.MIX, TemplateSentence.GIANT_MIX.with());
            feed = FeedPlace.ON_TOP;
            because(Aspect.FEED, TemplateSentence.GIANT_FEED.with());
            dress(TopDressing.BARK, BARK_CM);
            because(Aspect.DRESSING, TemplateSentence.GIANT_BARK.with(cm(BARK_CM)));
            because(Aspect.WEIGHT, TemplateSentence.GIANT_WEIGHT.with());
        }

        private void poleClimber() {
            drains(HoleCover.MESH);
            noLayer();
            pole = Optional.of(new Pole(
                    PoleKind.FILLED,
                    half(span(0.22 * pot.topCm(), 2, 8)),
                    Math.round(span(4 * pot.heightCm(), 30, 120))));
            because(
                    Aspect.SUPPORT,
                    TemplateSentence.POLE_FILLED.with(
                            cm(pole.get().widthCm()), cm(pole.get().heightCm())));
            because(Aspect.DEPTH, TemplateSentence.POLE_DEPTH.with());
            because(Aspect.FIRMNESS, TemplateSentence.PLAIN_FIRMNESS.with());
            because(Aspect.WEIGHT, TemplateSentence.POLE_WEIGHT.with());
        }

        private void barkOrchid() {
            drains(HoleCover.NONE);
            holes = new Holes(Math.max(holes.count(), 8), Math.max(holes.mm(), 10));
            because(Aspect.HOLES, TemplateSentence.ORCHID_HOLES.with());
            pot = pot.over(Optional.empty());
            because(Aspect.UNDER_THE_MIX, TemplateSentence.ORCHID_BASE.with());
            because(Aspect.VESSEL, TemplateSentence.ORCHID_VESSEL.with());
            because(Aspect.DEPTH, TemplateSentence.ORCHID_DEPTH.with());
            because(Aspect.FIRMNESS, TemplateSentence.ORCHID_FIRMNESS.with());
            because(Aspect.WATER, TemplateSentence.ORCHID_WATER.with());
        }

        private void hangingBasket() {
            pot = pot.with(PotBase.HANGING).over(Optional.empty());
            drains(HoleCover.MESH);
            because(Aspect.VESSEL, TemplateSentence.BASKET_VESSEL.with());
            because(Aspect.UNDER_THE_MIX, TemplateSentence.BASKET_BASE.with());
            because(Aspect.MIX, TemplateSentence.BASKET_MIX.with());
            pot = pot.filledTo(0.88);
            dress(TopDressing.SPHAGNUM, 1.5);
            because(Aspect.DRESSING, TemplateSentence.BASKET_MOSS.with());
            because(Aspect.WEIGHT, TemplateSentence.BASKET_WEIGHT.with());
        }

        private void shallowTray() {
            drains(HoleCover.MESH);
            holes = new Holes(Math.max(holes.count(), 4), Math.max(holes.mm(), 12));
            because(Aspect.HOLES, TemplateSentence.TRAY_HOLES.with());
            pot = pot.over(Optional.empty());
            because(Aspect.UNDER_THE_MIX, TemplateSentence.TRAY_BASE.with());
            because(Aspect.MIX, TemplateSentence.TRAY_MIX.with());
            because(Aspect.SUPPORT, TemplateSentence.TRAY_WIRE.with());
            because(Aspect.FIRMNESS, TemplateSentence.TRAY_FIRMNESS.with());
        }

        private void cuttings() {
            drains(HoleCover.MESH);
            noLayer();
            ball = Optional.empty();
            because(Aspect.VESSEL, TemplateSentence.CUTTINGS_VESSEL.with());
            because(Aspect.MIX, TemplateSentence.CUTTINGS_MIX.with());
            because(Aspect.FEED, TemplateSentence.CUTTINGS_FEED.with());
            because(Aspect.DEPTH, TemplateSentence.CUTTINGS_DEPTH.with());
            because(Aspect.WATER, TemplateSentence.CUTTINGS_WATER.with());
        }

        private void rosetteBowl() {
            drains(HoleCover.MESH);
            noLayer();
            ball = Optional.empty();
            because(Aspect.VESSEL, TemplateSentence.BOWL_VESSEL.with());
            because(Aspect.MIX, TemplateSentence.BOWL_MIX.with());
            because(Aspect.DEPTH, TemplateSentence.BOWL_DEPTH.with());
            pot = pot.filledTo(0.9);
            dress(TopDressing.STONE, 0.8);
            because(Aspect.DRESSING, TemplateSentence.BOWL_DRESSING.with());
        }

        /** Opens the bottom where the pot in hand is closed. */
        private void drains(final HoleCover covered) {
            cover = covered;
            if (pot.base() == PotBase.NO_HOLES) {
                pot = pot.with(PotBase.ON_FEET);
                choices.add(new Choice(Aspect.HOLES, TemplateSentence.DRILL.with(), false));
            }
            if (holes.count() == 0) {
                holes = SetUp.usualHoles(pot);
            }
        }

        private void noLayer() {
            pot = pot.over(Optional.empty());
            because(Aspect.UNDER_THE_MIX, TemplateSentence.NO_LAYER.with());
        }

        private void noLime() {
            choices.add(
                    inHand.wall() == PotWall.CLAY
                            ? new Choice(Aspect.WALL, TemplateSentence.BOG_NO_CLAY.with(), false)
                            : new Choice(Aspect.WALL, TemplateSentence.BOG_WALL.with(inHand.wall()), true));
        }

        private void dress(final TopDressing with, final double deepCm) {
            dressing = with;
            pot = pot.filledTo(UsualParts.fillUnder(pot, deepCm));
            dressingCm = deepCm;
        }

        private void because(final Aspect aspect, final Message reason) {
            choices.add(new Choice(aspect, reason, true));
        }

        private Optional<DrainageLayer> layer(final String id, final double deepCm) {
            return Optional.of(new DrainageLayer(material(id), half(deepCm)));
        }

        private Bed bed(final String id, final double deepCm) {
            final Material material = material(id);
            return new Bed(
                    TemplateSentence.OF_MATERIAL.with(material),
                    new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(material, 1)), List.of()),
                    deepCm);
        }

        /** What feeds from below: castings and loam held open by grit. */
        private Recipe rich() {
            return new Recipe(
                    Recipe.Measure.PARTS,
                    List.of(
                            new Recipe.Part(material("castings"), 1),
                            new Recipe.Part(material("loam"), 1),
                            new Recipe.Part(material("grit_1_3"), 1)),
                    List.of());
        }

        private Material material(final String id) {
            return book.material(id).orElseThrow(() -> new IllegalStateException("no material " + id));
        }

        private static double span(final double value, final double low, final double high) {
            return half(Math.max(low, Math.min(high, value)));
        }

        /** To half a centimetre: nobody measures closer. */
        private static double half(final double value) {
            return Math.max(0.5, Math.rint(2 * value) / 2);
        }

        private static Quantity cm(final double value) {
            return Quantity.trimmed(Dimension.LENGTH, value, 1);
        }
    }
}
