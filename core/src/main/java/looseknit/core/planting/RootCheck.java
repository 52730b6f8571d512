package looseknit.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.need.Plant;
import looseknit.core.need.Stage;

/**
 * Roots looked at when a plant comes out of its pot. Common practice, no source: pale firm roots with an earthy smell are sound; dark ones are
 * rotten only where they are soft or smell sour as well, for many sound roots are dark.
 */
public record RootCheck(Colour colour, Smell smell, Firmness firmness, Growth growth, Ball ball, OldMix oldMix) {

    /** Colour of most roots. */
    public enum Colour {
        PALE,
        TAN,
        BROWN,
        BLACK
    }

    /** Smell of the ball. */
    public enum Smell {
        EARTHY,
        NONE,
        SOUR
    }

    /** How roots feel between two fingers. */
    public enum Firmness {
        FIRM,
        PAPERY,
        SOFT
    }

    /** How they run. */
    public enum Growth {
        SPARSE,
        WELL_SPREAD,
        CIRCLING,
        MATTED
    }

    /** What the ball does when it is let go. */
    public enum Ball {
        HOLDS,
        FALLS_APART
    }

    /** What the old mix is like. */
    public enum OldMix {
        LOOSE,
        PACKED,
        SLUDGE
    }

    /** What it comes to. */
    public enum State implements Named {
        SOUND,
        DRIED_OUT,
        BOUND,
        SOME_ROT,
        MUCH_ROT
    }

    /** Plants whose sound roots are dark. */
    private static final Set<String> DARK_ROOTED = Set.of("fern", "palm", "cycad", "carnivorous", "moist_foliage");

    /** Share of the ball that is left once rotten roots are cut away; by judgement. */
    private static final double LEFT_SOME = 0.75;

    private static final double LEFT_MUCH = 0.4;

    /** What it comes to: rot is told by at least two of its signs. */
    public State state(final Plant plant) {
        final boolean usuallyDark = DARK_ROOTED.contains(plant.group().id());
        final int signs = (firmness == Firmness.SOFT ? 1 : 0)
                + (smell == Smell.SOUR ? 1 : 0)
                + (colour == Colour.BLACK && !usuallyDark ? 1 : 0)
                + (oldMix == OldMix.SLUDGE ? 1 : 0);
        if (signs >= 3) {
            return State.MUCH_ROT;
        }
        if (signs == 2 || firmness == Firmness.SOFT) {
            return State.SOME_ROT;
        }
        if (firmness == Firmness.PAPERY) {
            return State.DRIED_OUT;
        }
        return growth == Growth.CIRCLING || growth == Growth.MATTED ? State.BOUND : State.SOUND;
    }

    /** Whether roots broke or are to be cut: shade at first, and no strong feed. */
    public boolean broke() {
        return ball == Ball.FALLS_APART || firmness == Firmness.SOFT || smell == Smell.SOUR;
    }

    /** The stage in which the plant goes into its pot, against the one that was told. */
    public Stage stage(final Plant plant, final Stage told) {
        return switch (state(plant)) {
            case SOME_ROT, MUCH_ROT -> Stage.RECOVERING;
            case BOUND -> told == Stage.ESTABLISHED ? Stage.ROOT_FILLED : told;
            case SOUND, DRIED_OUT -> told;
        };
    }

    /** Share of the ball that is left after what has to be done, 0 to 1. */
    public double left(final Plant plant) {
        return switch (state(plant)) {
            case MUCH_ROT -> LEFT_MUCH;
            case SOME_ROT -> LEFT_SOME;
            case SOUND, BOUND, DRIED_OUT -> 1;
        };
    }

    /** What is kept of it: what it came to, and that the ball fell apart, a sign worth remembering. */
    public Message noted(final Plant plant) {
        return (ball == Ball.FALLS_APART ? RootSentence.NOTED_APART : RootSentence.NOTED)
                .with(state(plant).words());
    }

    /** What to do, in order. */
    public List<Message> actions(final Plant plant) {
        final List<Message> actions = new ArrayList<>();
        final State state = state(plant);
        if (oldMix != OldMix.LOOSE || state == State.SOME_ROT || state == State.MUCH_ROT) {
            actions.add(oldMix == OldMix.LOOSE ? RootSentence.SHAKE.with() : RootSentence.WASH.with());
        }
        switch (state) {
            case SOME_ROT -> {
                actions.add(RootSentence.CUT.with());
                actions.add(RootSentence.AIRIER.with());
                actions.add(RootSentence.SMALLER.with());
            }
            case MUCH_ROT -> {
                actions.add(RootSentence.CUT_HARD.with());
                actions.add(RootSentence.AIRIER.with());
                actions.add(RootSentence.SMALLEST.with());
                actions.add(RootSentence.CUTTINGS_TOO.with());
            }
            case BOUND -> actions.add(growth == Growth.MATTED ? RootSentence.SCORE.with() : RootSentence.LOOSEN.with());
            case DRIED_OUT -> actions.add(RootSentence.SOAK.with());
            case SOUND -> actions.add(RootSentence.LEAVE.with());
        }
        if (colour == Colour.BLACK && state == State.SOUND) {
            actions.add(RootSentence.DARK_IS_USUAL.with(plant));
        }
        if (ball == Ball.FALLS_APART) {
            actions.add(RootSentence.FELL_APART.with());
        }
        if (growth == Growth.SPARSE && state == State.SOUND) {
            actions.add(RootSentence.SNUG.with());
        }
        return actions;
    }
}
