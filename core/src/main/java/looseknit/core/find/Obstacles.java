package looseknit.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.change.Change;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.material.Material;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Drying;
import looseknit.core.reading.Score;

/** Small searches beside a large one: what stands in the way, and what would help. */
final class Obstacles {

    /** Small searches look at so few materials and parts. */
    private static final int MATERIALS = 3;

    private static final int PARTS = 8;

    /** A target that is missed by less than this penalty does not stand in the way. */
    private static final double IN_THE_WAY = 0.02;

    /** Points of fit that make a change worth a word. */
    private static final double WORTH_POINTS = 3;

    private static final int MOST_SAID = 3;

    /** The least share of what must be in a blend. */
    private static final double A_TRACE = 1e-3;

    /** What is bought beyond what fills the pot: mixing shrinks it. */
    private static final double SPARE = 1.2;

    private static final double NARROWER = 0.8;
    private static final double ALL_FITS = 99.5;

    private static final double LONGEST_INTERVAL = 60;

    private final Question question;
    private final SearchListener watch;

    Obstacles(final Question question, final SearchListener watch) {
        this.question = question;
        this.watch = watch;
    }

    private Optional<FoundRecipe> closest(final Question asked, final Optional<DryTable> drying) {
        final CandidateTables meter = new CandidateTables(asked, drying);
        final ClosestBlends goal = new ClosestBlends(meter, asked.limits().mostMaterials());
        final SearchListener quiet = new SearchListener() {
            @Override
            public boolean cancelled() {
                return watch.cancelled();
            }

            @Override
            public void progress(final Progress progress) {
                // the large search tells
            }
        };
        new ExhaustiveSearch(meter, quiet, ExhaustiveSearch.NO_DEADLINE, true)
                .run(
                        goal,
                        SearchListener.Stage.EXPLAINING,
                        asked.fixed().isEmpty() ? 1 : 0,
                        asked.limits().mostMaterials());
        return goal.overall();
    }

    private Optional<FoundRecipe> small(final Question asked, final Optional<DryTable> drying) {
        return closest(
                asked.within(asked.limits()
                        .with(
                                Math.min(MATERIALS, asked.limits().mostMaterials()),
                                Math.min(PARTS, asked.limits().mostParts()))),
                drying);
    }

    /** The closest simple blend of the question. */
    Optional<FoundRecipe> small(final Optional<DryTable> drying) {
        return small(question, drying);
    }

    /** What a shelf lacks for a usual mix, in sentences: the materials with one of which there would be one, the closest first. */
    List<Message> missingForUsual() {
        final Optional<DryTable> drying = Drying.of(question.brief()).map(DryTable::new);
        final List<Answer.WouldHelp> helpers = new ArrayList<>();
        for (final Material material : question.known().book().materials()) {
            if (watch.cancelled()) {
                return List.of();
            }
            if (mayHelp(material)) {
                final Question more = question.and(Candidate.of(material).limited(A_TRACE, 1));
                small(more, drying)
                        .ifPresent(find -> helpers.add(new Answer.WouldHelp(
                                material.id(),
                                material.name(),
                                Score.fit(find.penalty()),
                                FindSentence.LITRES_WOULD_DO.with(material, litres(more, find)))));
            }
        }
        final String plants = question.usual().get(0).of();
        if (helpers.isEmpty()) {
            return List.of(FindSentence.NOT_USUAL.with(plants));
        }
        return List.of(FindSentence.LACKS.with(
                plants,
                Listing.or(helpers.stream()
                        .sorted(Comparator.comparingDouble(Answer.WouldHelp::fit)
                                .reversed())
                        .limit(MOST_SAID)
                        .map(Answer.WouldHelp::words)
                        .toList())));
    }

    private boolean mayHelp(final Material material) {
        return question.candidates().size() < Limits.MOST_CANDIDATES
                && material.forRecipes()
                && !known(material)
                && Exclusions.reason(
                                material, question.brief(), question.known().book())
                        .isEmpty();
    }

    /** Litres of the last candidate that fill the pot by a recipe, rounded up to half litres; a share where no pot is named. */
    private static Quantity litres(final Question asked, final FoundRecipe find) {
        final int last = asked.candidates().size() - 1;
        double share = 0;
        for (int s = 0; s < find.support().length; s++) {
            share += find.support()[s] == last ? find.parts()[s] : 0;
        }
        share /= find.sum();
        return asked.brief().pot().isPresent()
                ? Quantity.trimmed(
                        Dimension.VOLUME,
                        Math.ceil(2 * SPARE * share * asked.brief().pot().get().mixLitres()) / 2,
                        1)
                : Quantity.of(Dimension.SHARE, share, 0);
    }

    /** What stands in the way of a fit, if the best blend misses something. */
    Optional<Answer.Clash> clash(final CandidateTables meter, final FoundRecipe best) {
        final CandidateReader reader = meter.reader();
        reader.load(best.support(), best.support().length);
        reader.press(best.support(), best.parts(), best.support().length);
        reader.read();
        reader.penalty(Double.POSITIVE_INFINITY);
        final List<Target> missed = question.targets().stream()
                .filter(target -> target.penalty(reader.value(target.property())) > IN_THE_WAY)
                .filter(target -> target.property() != Property.DRY_DAYS || meter.dry.isPresent())
                .sorted(Comparator.comparingDouble((Target target) -> -target.penalty(reader.value(target.property()))))
                .toList();
        if (missed.isEmpty()) {
            return Optional.empty();
        }
        final List<Answer.Way> waysOut = waysOut(best, reader, missed);
        return Optional.of(new Answer.Clash(says(missed.get(0), meter), waysOut));
    }

    private Message says(final Target worst, final CandidateTables meter) {
        final Message wanted = wanted(worst);
        if (penalty(List.of(worst), meter) > IN_THE_WAY) {
            return FindSentence.NONE_BRINGS.with(wanted);
        }
        final List<Message> against = new ArrayList<>();
        for (final Target other : question.targets()) {
            if (other.property() != worst.property() && penalty(List.of(worst, other), meter) > IN_THE_WAY) {
                against.add(wanted(other));
            }
        }
        return against.isEmpty()
                ? FindSentence.NOT_WITH_THE_REST.with(wanted)
                : FindSentence.NOT_TOGETHER.with(wanted, Listing.and(against));
    }

    private static Message wanted(final Target target) {
        return FindSentence.WANTED.with(target.property().brief(), Score.wanted(target));
    }

    private double penalty(final List<Target> targets, final CandidateTables meter) {
        return small(question.aimingAt(targets), meter.dry)
                .map(FoundRecipe::penalty)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** A change with the fit that it brings. */
    private record Option(Change change, Message words, double fit) {}

    private List<Answer.Way> waysOut(final FoundRecipe best, final CandidateReader reader, final List<Target> missed) {
        final double now = Score.fit(best.penalty());
        final List<Option> options = new ArrayList<>();
        question.brief().pot().ifPresent(pot -> {
            final PotWall other = pot.wall() == PotWall.CLAY ? PotWall.PLASTIC : PotWall.CLAY;
            offer(new Change.Wall(other), FindSentence.WALL_POT.with(other), options);
            narrower(pot)
                    .ifPresent(change -> offer(
                            change,
                            FindSentence.POT_WIDE.with(Quantity.of(Dimension.LENGTH, change.topCm(), 0)),
                            options));
        });
        question.brief().habit().ifPresent(habit -> interval(habit, reader, options));
        doses(missed, options);
        return options.stream()
                .filter(option -> option.fit() >= now + WORTH_POINTS)
                .sorted(Comparator.comparingDouble(Option::fit).reversed())
                .limit(MOST_SAID)
                .map(option -> new Answer.Way(
                        option.change(),
                        option.fit(),
                        option.fit() > ALL_FITS
                                ? FindSentence.THEN_ALL_FITS.with(option.words())
                                : FindSentence.THEN_FITS.with(
                                        option.words(), FindPhrases.fit(option.fit()), FindPhrases.fit(now))))
                .toList();
    }

    private void interval(final Habit habit, final CandidateReader reader, final List<Option> options) {
        final double days = Math.max(1, Math.rint(reader.value(Property.DRY_DAYS)));
        final boolean dries = question.brief()
                .needs()
                .filter(needs -> needs.trigger() != AllowableDepletion.NEVER_DRY)
                .isPresent();
        if (days != habit.everyDays() && days <= LONGEST_INTERVAL && dries) {
            offer(
                    new Change.Interval(days),
                    days == 1
                            ? FindSentence.WATER_DAILY.with()
                            : FindSentence.WATER_EVERY.with(Quantity.trimmed(Dimension.DAYS, days, 0)),
                    options);
        }
    }

    private void doses(final List<Target> missed, final List<Option> options) {
        final Question.Doses doses = question.doses();
        if (missed.stream().anyMatch(target -> target.property() == Property.PH)
                && doses.lime().isEmpty()) {
            allow(Question.Doses.USUAL_LIME, FindSentence.LIME_IT, options);
        }
        if (missed.stream().anyMatch(target -> target.property() == Property.FOOD)
                && doses.feed().isEmpty()) {
            allow(Question.Doses.USUAL_FEED, FindSentence.GIVE_GRANULES, options);
        }
    }

    private void allow(final String id, final FindSentence words, final List<Option> options) {
        question.known()
                .book()
                .amendment(id)
                .filter(each -> Exclusions.reason(
                                each, question.brief(), question.known().book())
                        .isEmpty())
                .ifPresent(each -> offer(new Change.AllowedDose(each), words.with(), options));
    }

    private void offer(final Change change, final Message words, final List<Option> options) {
        if (!watch.cancelled()) {
            fitAfter(change).ifPresent(fit -> options.add(new Option(change, words, fit)));
        }
    }

    /** Fit of the best small blend once a change has been made, 0 to 100; nothing if nothing can be mixed. */
    OptionalDouble fitAfter(final Change change) {
        final Question changed = question.after(change);
        return small(changed, Drying.of(changed.brief()).map(DryTable::new))
                .map(find -> OptionalDouble.of(Score.fit(find.penalty())))
                .orElseGet(OptionalDouble::empty);
    }

    private static Optional<Change.Width> narrower(final Pot pot) {
        final double width = Math.rint(pot.topCm() * NARROWER);
        try {
            pot.scaledTo(width);
            return Optional.of(new Change.Width(width));
        } catch (final OutOfRangeException tooSmall) {
            return Optional.empty();
        }
    }

    /** Materials of the Book that are not among the candidates and would raise the fit most, beside those of the best blend. */
    List<Answer.WouldHelp> wouldHelp(final CandidateTables meter, final FoundRecipe best) {
        final double now = Score.fit(best.penalty());
        final List<Candidate> beside = new ArrayList<>();
        for (final int place : best.support()) {
            beside.add(question.candidates().get(place));
        }
        final List<Answer.WouldHelp> helpers = new ArrayList<>();
        for (final Material material : question.known().book().materials()) {
            if (watch.cancelled()) {
                return List.of();
            }
            if (!mayHelp(material)) {
                continue;
            }
            final List<Candidate> few = new ArrayList<>(beside);
            few.add(Candidate.of(material));
            closest(question.among(few).within(question.limits().with(Math.min(few.size(), 5), 10)), meter.dry)
                    .map(find -> Score.fit(find.penalty()))
                    .filter(fit -> fit >= now + WORTH_POINTS - 1)
                    .ifPresent(fit -> helpers.add(new Answer.WouldHelp(
                            material.id(),
                            material.name(),
                            fit,
                            FindSentence.WOULD_RAISE.with(material, FindPhrases.fit(now), FindPhrases.fit(fit)))));
        }
        return helpers.stream()
                .sorted(Comparator.comparingDouble(Answer.WouldHelp::fit).reversed())
                .limit(MOST_SAID)
                .toList();
    }

    private boolean known(final Material material) {
        return question.candidates().stream()
                        .anyMatch(each -> each.material().id().equals(material.id()))
                || question.fixed().stream()
                        .anyMatch(part -> part.material().id().equals(material.id()));
    }

    /** Points of fit that exact proportions would gain. */
    OptionalDouble exactPartsGain(final Proposal closest) {
        final OptionalDouble ideal = IdealParts.penalty(question, closest.recipe(), closest.penalty());
        return ideal.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(0, Score.fit(ideal.getAsDouble()) - closest.fit()));
    }
}
