package looseknit.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Drying;
import looseknit.core.reading.Phrases;

/** Small searches beside a large one: what stands in the way, and what would help. */
final class Obstacles {

    /** Small searches look at so few materials and parts. */
    private static final int MATERIALS = 3;

    private static final int PARTS = 8;
    private static final long MOST_MILLIS = 800;

    /** A target that is missed by less than this penalty does not stand in the way. */
    private static final double IN_THE_WAY = 0.02;

    /** Points of fit that make a change worth a word. */
    private static final double WORTH_POINTS = 3;

    private static final int MOST_SAID = 3;
    private static final double NARROWER = 0.8;
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
        new ExhaustiveSearch(meter, quiet, System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(MOST_MILLIS), true)
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

    /** What stands in the way of a fit, if the best blend misses something. */
    Optional<Answer.Clash> clash(final CandidateTables meter, final FoundRecipe best) {
        final CandidateReader reader = meter.reader();
        reader.load(best.support(), best.support().length);
        reader.press(best.support(), best.parts(), best.support().length);
        reader.read();
        reader.penalty(Double.POSITIVE_INFINITY);
        final List<Target> missed = question.targets().stream()
                .filter(target -> target.penalty(reader.value(target.quality())) > IN_THE_WAY)
                .filter(target -> target.quality() != Property.DRY_DAYS || meter.dry.isPresent())
                .sorted(Comparator.comparingDouble((Target target) -> -target.penalty(reader.value(target.quality()))))
                .toList();
        if (missed.isEmpty()) {
            return Optional.empty();
        }
        final List<String> waysOut = waysOut(best, reader, missed);
        return Optional.of(new Answer.Clash(says(missed.get(0), meter), waysOut));
    }

    private String says(final Target worst, final CandidateTables meter) {
        final String wanted =
                "%s (%s)".formatted(Words.of(worst.quality()), Phrases.band(worst.quality(), worst.band()));
        if (penalty(List.of(worst), meter) > IN_THE_WAY) {
            return "None of these materials, alone or up to three together, brings %s.".formatted(wanted);
        }
        final List<String> against = new ArrayList<>();
        for (final Target other : question.targets()) {
            if (other.quality() != worst.quality() && penalty(List.of(worst, other), meter) > IN_THE_WAY) {
                against.add(
                        "%s (%s)".formatted(Words.of(other.quality()), Phrases.band(other.quality(), other.band())));
            }
        }
        return against.isEmpty()
                ? "%s cannot be had together with all the rest from these materials.".formatted(Words.capital(wanted))
                : "%s cannot be had together with %s from these materials."
                        .formatted(Words.capital(wanted), Words.and(against));
    }

    private double penalty(final List<Target> targets, final CandidateTables meter) {
        return small(question.aimingAt(targets), meter.dry)
                .map(FoundRecipe::penalty)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** A change with the fit that it brings. */
    private record Change(String words, double fit) {}

    private List<String> waysOut(final FoundRecipe best, final CandidateReader reader, final List<Target> missed) {
        final double now = Score.fit(best.penalty());
        final List<Change> changes = new ArrayList<>();
        final Brief brief = question.brief();
        brief.pot().ifPresent(pot -> {
            final PotWall other = pot.wall() == PotWall.CLAY ? PotWall.PLASTIC : PotWall.CLAY;
            change("%s pot".formatted(Words.capital(other.words())), brief.with(pot.with(other)), changes);
            narrower(pot)
                    .ifPresent(smaller -> change(
                            String.format(Locale.ROOT, "A pot %.0f cm wide", smaller.topCm()),
                            brief.with(smaller),
                            changes));
        });
        brief.habit().ifPresent(habit -> interval(habit, reader, changes));
        doses(missed, changes);
        return changes.stream()
                .filter(change -> change.fit() >= now + WORTH_POINTS)
                .sorted(Comparator.comparingDouble(Change::fit).reversed())
                .limit(MOST_SAID)
                .map(change -> change.fit() > 99.5
                        ? "%s: then something fits all.".formatted(change.words())
                        : String.format(
                                Locale.ROOT, "%s: fit %.0f instead of %.0f.", change.words(), change.fit(), now))
                .toList();
    }

    private void interval(final Habit habit, final CandidateReader reader, final List<Change> changes) {
        final double days = Math.max(1, Math.rint(reader.value(Property.DRY_DAYS)));
        final boolean clash = question.brief()
                .needs()
                .filter(needs -> needs.trigger() != AllowableDepletion.NEVER_DRY)
                .isPresent();
        if (days != habit.everyDays() && days <= LONGEST_INTERVAL && clash) {
            change(
                    days == 1 ? "Water every day" : String.format(Locale.ROOT, "Water every %.0f days", days),
                    question.brief().with(habit.every(days)),
                    changes);
        }
    }

    private void doses(final List<Target> missed, final List<Change> changes) {
        final Question.Doses doses = question.doses();
        if (missed.stream().anyMatch(target -> target.quality() == Property.PH)
                && doses.lime().isEmpty()) {
            allow("Lime it", new Question.Doses(amendment("dolomite"), doses.acidifier(), doses.feed()), changes);
        }
        if (missed.stream().anyMatch(target -> target.quality() == Property.FOOD)
                && doses.feed().isEmpty()) {
            allow(
                    "Give it slow-release granules",
                    new Question.Doses(doses.lime(), doses.acidifier(), amendment("granules")),
                    changes);
        }
    }

    private Optional<Amendment> amendment(final String id) {
        return MaterialBook.shipped()
                .amendment(id)
                .filter(each -> Exclusions.reason(each, question.brief()).isEmpty());
    }

    private void allow(final String words, final Question.Doses doses, final List<Change> changes) {
        if (!doses.equals(question.doses())) {
            small(question.dosing(doses), Drying.of(question.brief()).map(DryTable::new))
                    .ifPresent(find -> changes.add(new Change(words, Score.fit(find.penalty()))));
        }
    }

    private void change(final String words, final Brief other, final List<Change> changes) {
        if (watch.cancelled()) {
            return;
        }
        small(question.with(other), Drying.of(other).map(DryTable::new))
                .ifPresent(find -> changes.add(new Change(words, Score.fit(find.penalty()))));
    }

    private static Optional<Pot> narrower(final Pot pot) {
        try {
            return Optional.of(new Pot(
                    pot.shape(),
                    Math.rint(pot.topCm() * NARROWER),
                    pot.bottomCm() * NARROWER,
                    pot.heightCm() * NARROWER,
                    pot.wall(),
                    pot.base(),
                    pot.baseCm(),
                    pot.layer()));
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
        for (final Material material : MaterialBook.shipped().materials()) {
            if (watch.cancelled()) {
                return List.of();
            }
            if (!material.forRecipes()
                    || known(material)
                    || Exclusions.reason(material, question.brief()).isPresent()) {
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
                            String.format(
                                    Locale.ROOT,
                                    "%s would raise the fit from %.0f to %.0f.",
                                    material.name(),
                                    now,
                                    fit))));
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
