package looseknit.core.planting;

import static looseknit.core.planting.Step.CLEAN_GRIT;
import static looseknit.core.planting.Step.COVER_CUTTINGS;
import static looseknit.core.planting.Step.COVER_HOLES;
import static looseknit.core.planting.Step.CUT_FLOWERS;
import static looseknit.core.planting.Step.DRESS;
import static looseknit.core.planting.Step.DRILL_OVERFLOW;
import static looseknit.core.planting.Step.ENLARGE_HOLES;
import static looseknit.core.planting.Step.FEED_BELOW;
import static looseknit.core.planting.Step.FEED_HALFWAY;
import static looseknit.core.planting.Step.FEED_ON_TOP;
import static looseknit.core.planting.Step.FILL_HALF;
import static looseknit.core.planting.Step.FILL_POLE;
import static looseknit.core.planting.Step.FILL_ROUND;
import static looseknit.core.planting.Step.FIRST_PLACE;
import static looseknit.core.planting.Step.HEADSPACE;
import static looseknit.core.planting.Step.LABEL;
import static looseknit.core.planting.Step.LAY_BED;
import static looseknit.core.planting.Step.LAY_DRAINAGE;
import static looseknit.core.planting.Step.LAY_MESH;
import static looseknit.core.planting.Step.SET;
import static looseknit.core.planting.Step.SMALL_LAST;
import static looseknit.core.planting.Step.STAND_CHANNEL;
import static looseknit.core.planting.Step.STAND_SUPPORT;
import static looseknit.core.planting.Step.STAND_WHERE_IT_STAYS;
import static looseknit.core.planting.Step.TAKE_OUT;
import static looseknit.core.planting.Step.TIE_IN;
import static looseknit.core.planting.Step.WAIT_WITH_WATER;
import static looseknit.core.planting.Step.WASH_VESSEL;
import static looseknit.core.planting.Step.WATCH;
import static looseknit.core.planting.Step.WATER_BEFORE;
import static looseknit.core.planting.Step.WATER_IN;
import static looseknit.core.planting.Step.WEIGH;
import static looseknit.core.planting.Step.WHEELS;
import static looseknit.core.planting.Step.WORK_IN;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.dry.TopDressing;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Plant;
import looseknit.core.planting.SetUp.Pole;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;

/**
 * The work of potting up, in order, with what is easily forgotten marked. Common practice, no source.
 *
 * @param tasks what to do, in order
 */
public record PottingPlan(List<Task> tasks) {

    /** Days that roots which were cut dry before they are watered, for plants that store water; common practice, no source. */
    private static final int HEAL_DAYS = 7;

    /** Minutes that a pot drains before it is weighed; common practice, no source. */
    private static final int DRAIN_MINUTES = 30;

    /** Heavier than this a full pot wants two people or wheels [kg]; usual guidance for lifting alone, from memory. */
    static final double HEAVY_KG = 20;

    private static final Set<Step> FORGOTTEN = EnumSet.of(
            WHEELS,
            STAND_WHERE_IT_STAYS,
            DRILL_OVERFLOW,
            COVER_HOLES,
            LAY_MESH,
            STAND_CHANNEL,
            STAND_SUPPORT,
            FILL_POLE,
            FEED_HALFWAY,
            FEED_BELOW,
            CUT_FLOWERS,
            HEADSPACE,
            LABEL,
            WAIT_WITH_WATER,
            WEIGH);

    /**
     * Something to do.
     *
     * @param words what and how
     * @param easilyForgotten whether it is often left out and missed later
     * @param waitMinutes how long to wait then [min]; 0 where there is nothing to wait for
     */
    public record Task(Step step, Message words, boolean easilyForgotten, int waitMinutes) {}

    /**
     * What is potted up.
     *
     * @param plant the plant, if it is known
     * @param several whether several stand in one pot
     * @param roots what was seen at the roots, if they were looked at
     * @param wetKg what the pot will weigh just watered [kg]
     */
    public record Subject(Optional<Plant> plant, boolean several, Optional<RootCheck> roots, double wetKg) {

        boolean storesWater() {
            return plant.map(each -> each.needs().trigger())
                    .filter(each -> each.compareTo(AllowableDepletion.NEARLY_ALL) >= 0)
                    .isPresent();
        }

        boolean of(final String... groups) {
            return plant.map(each -> each.group().id())
                    .filter(id -> Set.of(groups).contains(id))
                    .isPresent();
        }

        boolean rootsBroke() {
            return roots.filter(RootCheck::broke).isPresent();
        }
    }

    public PottingPlan {
        tasks = List.copyOf(tasks);
    }

    /** The plan for a set-up of a kind in a pot. */
    public static PottingPlan of(final SetUpKind kind, final Pot pot, final SetUp setUp, final Subject subject) {
        final Map<Step, Message> steps = new EnumMap<>(Step.class);
        before(kind, pot, setUp, subject, steps);
        below(kind, pot, setUp, steps);
        planting(kind, pot, setUp, subject, steps);
        after(kind, setUp, subject, steps);
        final List<Task> tasks = new ArrayList<>();
        for (final Map.Entry<Step, Message> each : steps.entrySet()) {
            final Step step = each.getKey();
            final List<Message> words = step == LAY_BED
                    ? setUp.beds().stream()
                            .map(bed -> StepSentence.LAY_BED.with(cm(bed.depthCm()), bed.name()))
                            .toList()
                    : List.of(each.getValue());
            words.forEach(said ->
                    tasks.add(new Task(step, said, FORGOTTEN.contains(step), step == WEIGH ? DRAIN_MINUTES : 0)));
        }
        return new PottingPlan(tasks);
    }

    private static void before(
            final SetUpKind kind,
            final Pot pot,
            final SetUp setUp,
            final Subject subject,
            final Map<Step, Message> steps) {
        if (kind != SetUpKind.CUTTINGS) {
            steps.put(
                    WATER_BEFORE,
                    subject.storesWater() ? StepSentence.DRY_BEFORE.with() : StepSentence.WATER_BEFORE.with());
            steps.put(TAKE_OUT, StepSentence.TAKE_OUT.with());
            steps.put(CUT_FLOWERS, StepSentence.CUT_FLOWERS.with());
        }
        if (kind == SetUpKind.GIANT_TUB
                || (subject.wetKg() > HEAVY_KG && pot.base() != PotBase.HANGING && kind != SetUpKind.BOG_TUB)) {
            steps.put(WHEELS, StepSentence.WHEELS.with(Quantity.of(Dimension.MASS, subject.wetKg(), 0)));
        }
        if (kind == SetUpKind.BOG_TUB) {
            steps.put(
                    STAND_WHERE_IT_STAYS,
                    StepSentence.STAND_WHERE_IT_STAYS.with(Quantity.of(Dimension.MASS, subject.wetKg(), 0)));
            steps.put(DRILL_OVERFLOW, StepSentence.DRILL_OVERFLOW.with(cm(pot.baseCm())));
        }
        if (kind == SetUpKind.CLOSED_GLASS) {
            steps.put(WASH_VESSEL, StepSentence.WASH_GLASS.with());
        }
        if (kind == SetUpKind.CUTTINGS) {
            steps.put(WASH_VESSEL, StepSentence.WASH_POTS.with());
        }
        if (kind == SetUpKind.BULB_PAN || kind == SetUpKind.SHALLOW_TRAY || kind == SetUpKind.BARK_ORCHID) {
            steps.put(
                    ENLARGE_HOLES,
                    StepSentence.ENLARGE_HOLES.with(
                            setUp.holes().count(),
                            Quantity.trimmed(Dimension.GRAIN, setUp.holes().mm(), 0)));
        }
    }

    private static void below(final SetUpKind kind, final Pot pot, final SetUp setUp, final Map<Step, Message> steps) {
        if (setUp.cover() != HoleCover.NONE && setUp.holes().count() > 0) {
            steps.put(COVER_HOLES, StepSentence.COVER_HOLES.with(setUp.cover()));
        }
        pot.layer()
                .ifPresent(layer ->
                        steps.put(LAY_DRAINAGE, StepSentence.LAY_DRAINAGE.with(cm(layer.depthCm()), layer.material())));
        if (setUp.channelCm() > 0) {
            steps.put(STAND_CHANNEL, StepSentence.STAND_CHANNEL.with(cm(setUp.channelCm())));
        }
        if (setUp.cover() != HoleCover.NONE
                && setUp.holes().count() == 0
                && pot.layer().isPresent()) {
            steps.put(LAY_MESH, StepSentence.LAY_MESH.with(setUp.cover()));
        }
        if (!setUp.beds().isEmpty()) {
            steps.put(LAY_BED, StepSentence.LAY_BED.with(cm(0), ""));
        }
        if (setUp.feed() == FeedPlace.AT_THE_BOTTOM) {
            steps.put(FEED_BELOW, StepSentence.FEED_BELOW.with(feed(setUp)));
        }
        if (kind == SetUpKind.CAUDEX) {
            steps.put(CLEAN_GRIT, StepSentence.CLEAN_GRIT.with());
        }
        setUp.pole().ifPresent(pole -> support(pole, steps));
    }

    private static void support(final Pole pole, final Map<Step, Message> steps) {
        switch (pole.kind()) {
            case TRELLIS -> steps.put(STAND_SUPPORT, StepSentence.STAND_TRELLIS.with());
            case STAKE -> steps.put(STAND_SUPPORT, StepSentence.STAND_STAKE.with());
            case FILLED -> {
                steps.put(STAND_SUPPORT, StepSentence.STAND_POLE.with());
                steps.put(FILL_POLE, StepSentence.FILL_POLE.with());
            }
        }
        steps.put(TIE_IN, StepSentence.TIE_IN.with());
    }

    private static void planting(
            final SetUpKind kind,
            final Pot pot,
            final SetUp setUp,
            final Subject subject,
            final Map<Step, Message> steps) {
        final double under = setUp.underMixCm(pot);
        final double up = setUp.ball()
                .map(ball -> pot.fillCm() + ball.aboveCm() - ball.heightCm())
                .orElse(under + 0.5 * (pot.fillCm() - under));
        steps.put(FILL_HALF, StepSentence.FILL_TO.with(cm(Math.max(under, up))));
        if (setUp.feed() == FeedPlace.HALF_DEPTH) {
            steps.put(FEED_HALFWAY, StepSentence.FEED_HALFWAY.with(feed(setUp)));
        }
        steps.put(SET, set(kind, subject));
        if (kind == SetUpKind.ROSETTE_BOWL || (subject.several() && kind != SetUpKind.CUTTINGS)) {
            steps.put(SMALL_LAST, StepSentence.SMALL_LAST.with());
        }
        if (kind != SetUpKind.CUTTINGS) {
            steps.put(FILL_ROUND, StepSentence.FILL_ROUND.with());
        }
        steps.put(WORK_IN, workIn(kind, subject));
        steps.put(HEADSPACE, StepSentence.HEADSPACE.with(cm(pot.heightCm() - pot.fillCm())));
        if (setUp.feed() == FeedPlace.ON_TOP) {
            steps.put(FEED_ON_TOP, StepSentence.FEED_ON_TOP.with(feed(setUp)));
        }
        if (setUp.onTop() != TopDressing.NONE) {
            steps.put(DRESS, StepSentence.DRESS.with(cm(setUp.dressingCm()), setUp.dressing()));
        }
        steps.put(LABEL, StepSentence.LABEL.with());
    }

    private static Message set(final SetUpKind kind, final Subject subject) {
        return switch (kind) {
            case CAUDEX -> StepSentence.SET_NECK.with();
            case BULB_PAN -> StepSentence.SET_BULBS.with();
            case BARK_ORCHID -> StepSentence.SET_ORCHID.with();
            case CUTTINGS -> StepSentence.SET_CUTTINGS.with();
            case ROSETTE_BOWL -> StepSentence.SET_ROSETTES.with();
            case BOG_TUB -> StepSentence.SET_BOG.with();
            case SHALLOW_TRAY -> StepSentence.SET_TRAY.with();
            case PLAIN, CLOSED_GLASS, GIANT_TUB, POLE_CLIMBER, HANGING_BASKET ->
                subject.plant()
                        .map(plant -> plant.growing().planting())
                        .filter(text -> !text.isEmpty())
                        .map(StepSentence.SET_AS::with)
                        .orElseGet(StepSentence.SET_OLD_DEPTH::with);
        };
    }

    private static Message workIn(final SetUpKind kind, final Subject subject) {
        if (kind == SetUpKind.BOG_TUB || subject.of("carnivorous", "pitcher_tropical")) {
            return StepSentence.PRESS.with();
        }
        return switch (kind) {
            case SHALLOW_TRAY -> StepSentence.CHOPSTICK.with();
            case BARK_ORCHID -> StepSentence.SETTLE_CHIPS.with();
            case CAUDEX -> StepSentence.NOT_PRESSED.with();
            default -> StepSentence.TAP.with();
        };
    }

    private static void after(
            final SetUpKind kind, final SetUp setUp, final Subject subject, final Map<Step, Message> steps) {
        final boolean heals = subject.storesWater() && kind != SetUpKind.CLOSED_GLASS;
        if (kind == SetUpKind.CUTTINGS && !subject.storesWater()) {
            steps.put(COVER_CUTTINGS, StepSentence.COVER_CUTTINGS.with());
        }
        if (heals) {
            steps.put(WAIT_WITH_WATER, StepSentence.WAIT_WITH_WATER.with(HEAL_DAYS));
        } else {
            steps.put(WATER_IN, waterIn(kind));
            if (kind != SetUpKind.BOG_TUB && kind != SetUpKind.CLOSED_GLASS) {
                steps.put(WEIGH, StepSentence.WEIGH.with());
            }
        }
        steps.put(
                FIRST_PLACE, subject.rootsBroke() ? StepSentence.SHADE_FIRST.with() : StepSentence.PLACE_FIRST.with());
        steps.put(WATCH, setUp.feed() == FeedPlace.NONE ? StepSentence.WATCH.with() : StepSentence.WATCH_FED.with());
    }

    private static Message waterIn(final SetUpKind kind) {
        return switch (kind) {
            case BOG_TUB -> StepSentence.WATER_CHANNEL.with();
            case CLOSED_GLASS -> StepSentence.WATER_SYRINGE.with();
            case CUTTINGS -> StepSentence.WATER_MIST.with();
            case BARK_ORCHID -> StepSentence.WATER_SOAK.with();
            default -> StepSentence.WATER_RUNS.with();
        };
    }

    /** The steps, in order. */
    public List<Step> steps() {
        return tasks.stream().map(Task::step).toList();
    }

    /** What is easily forgotten. */
    public Stream<Task> forgotten() {
        return tasks.stream().filter(Task::easilyForgotten);
    }

    private static Message feed(final SetUp setUp) {
        return setUp.feedGrams() > 0
                ? StepSentence.SO_MUCH_FEED.with(Quantity.trimmed(Dimension.GRAMS, setUp.feedGrams(), 1))
                : StepSentence.FEED_BY_LABEL.with();
    }

    private static Quantity cm(final double value) {
        return Quantity.trimmed(Dimension.LENGTH, value, 1);
    }
}
