package looseknit.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.change.Change;
import looseknit.core.material.Amendment;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.School;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.need.UsualMakeUp;
import looseknit.core.reading.Knowledge;

/**
 * What is searched for.
 *
 * @param brief what the blend is for
 * @param targets what is wanted of each reading; those of the brief unless the search is for something else
 * @param known what tests have shown, and how volumes are measured out
 * @param candidates materials that may go in; at most {@link Limits#MOST_CANDIDATES}
 * @param fixed parts that are in the blend already and stay as they are; may be none
 * @param doses what may be dosed to bring acidity and food to their targets
 * @param limits how far the search goes
 * @param usual what a mix must usually be made of; nothing if anything may be
 */
public record Question(
        Brief brief,
        List<Target> targets,
        Knowledge known,
        List<Candidate> candidates,
        List<Recipe.Part> fixed,
        Doses doses,
        Limits limits,
        List<UsualMakeUp> usual) {

    /**
     * Amendments that may be dosed.
     *
     * @param lime raises the pH
     * @param acidifier lowers it
     * @param feed brings nitrogen
     */
    public record Doses(Optional<Amendment> lime, Optional<Amendment> acidifier, Optional<Amendment> feed) {

        /** What a mix is limed with where nobody said otherwise. */
        public static final String USUAL_LIME = "dolomite";

        /** What a mix is fed with where nobody said otherwise. */
        public static final String USUAL_FEED = "granules";

        /** Nothing is dosed. */
        public static final Doses NONE = new Doses(Optional.empty(), Optional.empty(), Optional.empty());

        /** The same and an amendment more, each kind in its place. */
        Doses and(final Amendment amendment) {
            if (amendment.kind() == Amendment.Kind.FEED) {
                return new Doses(lime, acidifier, Optional.of(amendment));
            }
            return amendment.neutralising() < 0
                    ? new Doses(lime, Optional.of(amendment), feed)
                    : new Doses(Optional.of(amendment), acidifier, feed);
        }
    }

    /** A question to which mixes may be the answer that nobody would call usual. */
    public Question(
            final Brief brief,
            final List<Target> targets,
            final Knowledge known,
            final List<Candidate> candidates,
            final List<Recipe.Part> fixed,
            final Doses doses,
            final Limits limits) {
        this(brief, targets, known, candidates, fixed, doses, limits, List.of());
    }

    public Question {
        usual = List.copyOf(usual);
        targets = List.copyOf(targets);
        candidates = List.copyOf(candidates);
        fixed = List.copyOf(fixed);
        if (candidates.size() > Limits.MOST_CANDIDATES) {
            throw new OutOfRangeException(
                    "candidates",
                    FindSentence.MATERIALS.with(candidates.size()),
                    FindSentence.LEAVE_SOME_OUT.with(Limits.MOST_CANDIDATES));
        }
        if (targets.isEmpty()) {
            throw new OutOfRangeException(
                    "brief.plant", FindSentence.OPEN.with(), FindSentence.A_PLANT_TO_AIM_AT.with());
        }
    }

    /** A question for the targets of a brief, with nothing fixed and nothing dosed. */
    public static Question of(final Brief brief, final List<Candidate> candidates, final Limits limits) {
        return new Question(brief, Targets.of(brief), Knowledge.NOTHING, candidates, List.of(), Doses.NONE, limits);
    }

    /** The same with other candidates. */
    public Question among(final List<Candidate> others) {
        return new Question(brief, targets, known, others, fixed, doses, limits, usual);
    }

    /** The same with a further candidate. */
    public Question and(final Candidate further) {
        final List<Candidate> all = new ArrayList<>(candidates);
        all.add(further);
        return among(all);
    }

    /** The same with other targets. */
    public Question aimingAt(final List<Target> others) {
        return new Question(brief, others, known, candidates, fixed, doses, limits, usual);
    }

    /** The same for another brief and its targets. */
    public Question with(final Brief other) {
        return new Question(
                other,
                Targets.of(other),
                known,
                candidates,
                fixed,
                doses,
                limits,
                usual.isEmpty() ? usual : usual(other));
    }

    /** The same once a change has been made. */
    public Question after(final Change change) {
        if (change instanceof Change.AllowedDose allowed) {
            return dosing(doses.and(allowed.amendment()));
        }
        return with(change.briefAfter(brief));
    }

    /** The same on top of other fixed parts. */
    public Question upon(final List<Recipe.Part> others) {
        return new Question(brief, targets, known, candidates, others, doses, limits, usual);
    }

    /** The same with other doses allowed. */
    public Question dosing(final Doses others) {
        return new Question(brief, targets, known, candidates, fixed, others, limits, usual);
    }

    /** The same within other limits. */
    public Question within(final Limits others) {
        return new Question(brief, targets, known, candidates, fixed, doses, others, usual);
    }

    /** The same among mixes that are usual for the plants. */
    public Question usually() {
        return made(usual(brief));
    }

    /** The same among mixes of one school. */
    public Question usually(final School school) {
        return made(brief.with(brief.wishes().of(Optional.of(school))).usual());
    }

    /** Whether there is a usual way to make a mix for the plants in a school. */
    boolean has(final School school) {
        return brief.usual().stream().noneMatch(each -> each.narrowed(school).isEmpty());
    }

    private Question made(final List<UsualMakeUp> others) {
        return new Question(brief, targets, known, candidates, fixed, doses, limits, others);
    }

    private static List<UsualMakeUp> usual(final Brief brief) {
        return brief.usual().stream().filter(each -> !each.ways().isEmpty()).toList();
    }
}
