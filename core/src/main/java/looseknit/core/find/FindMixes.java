package looseknit.core.find;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.message.Message;
import looseknit.core.need.School;
import looseknit.core.reading.Score;

/**
 * Finds blends. Every recipe of the candidates in whole parts, up to the numbers of materials and parts that are asked for, is either read
 * or shown by a bound to be no better; the same question always has the same answer. Of equally good blends the one with fewer materials
 * is taken, then with fewer parts, then the cheaper.
 */
public final class FindMixes {

    private static final int MOST_PROPOSALS = 6;

    /** Fewer ideas than these are filled up with the closest of other numbers of materials. */
    private static final int FEW_PROPOSALS = 3;

    /** Penalty by which a blend may miss more than the closest and still count as about as good: 2 points of fit. */
    private static final double ABOUT_AS_GOOD = 0.06;

    /** What the best in other respects is sought among: blends that people mix. */
    private static final int TRADED_MATERIALS = 4;

    private static final int TRADED_PARTS = 8;

    /** Share of the time that may go to the closest; the rest is for what else there is. */
    private static final double SHARE_FOR_CLOSEST = 0.85;

    /** Penalty by which the mix of a school may miss more than the closest: 14 points of fit. */
    private static final double SCHOOL_MAY_MISS = 0.45;

    private final Question question;
    private final SearchListener watch;
    private final long began = System.nanoTime();

    private FindMixes(final Question question, final SearchListener watch) {
        this.question = question;
        this.watch = watch;
    }

    /**
     * Looks for the blends that answer a question.
     *
     * @param watch hears how far it is; if it calls the search off, the answer is what was found so far
     */
    public static Answer find(final Question question, final SearchListener watch) {
        return usualFirst(
                question, watch, EnumSet.of(Respect.CHEAPEST, Respect.LONGEST, Respect.LIGHTEST, Respect.SAFEST));
    }

    /** Looks among mixes that are usual for the plants, and among all only where none of these can be made. */
    private static Answer usualFirst(final Question question, final SearchListener watch, final Set<Respect> respects) {
        final Question usual = question.usually();
        if (usual.usual().isEmpty()) {
            return new FindMixes(question, watch).answer(respects);
        }
        final Answer answer = new FindMixes(usual, watch).answer(respects);
        if (!answer.proposals().isEmpty() || watch.cancelled()) {
            return answer;
        }
        final Answer unusual = new FindMixes(question, watch).answer(respects);
        return unusual.proposals().isEmpty() ? unusual : unusual.saying(new Obstacles(usual, watch).missingForUsual());
    }

    /** The same, with the blend that makes the most of what is left among the first. */
    public static Answer useUp(final Question question, final SearchListener watch) {
        return usualFirst(question, watch, EnumSet.of(Respect.MOST, Respect.CHEAPEST, Respect.SAFEST));
    }

    /**
     * Looks for the fewest extra parts that bring what is fixed to its targets, and for what each further part could bring.
     */
    public static Answer improve(final Question question, final SearchListener watch) {
        return new FindMixes(question, watch).improved();
    }

    /** Looks for what to take in place of a row of a blend that is missing. */
    public static Answer replace(
            final Question question, final Recipe given, final int row, final SearchListener watch) {
        final FindMixes find = new FindMixes(question, watch);
        final List<StandInMix> standIns = StandInMix.of(question, given, row, watch);
        if (standIns.isEmpty()) {
            return find.nothing(FindSentence.NOTHING_ELSE);
        }
        return new Answer(
                standIns.stream().map(FindMixes::standing).toList(),
                List.of(),
                new Answer.Proof(
                        true,
                        0,
                        0,
                        0,
                        TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - find.began),
                        FindSentence.NEAREST_TO_IT.with()),
                Optional.empty(),
                List.of(),
                OptionalDouble.empty(),
                List.of());
    }

    private static Proposal standing(final StandInMix standIn) {
        return standIn.proposal()
                .saying(
                        FindSentence.SENTENCE.with(standIn.words()),
                        standIn.changes().isEmpty() ? List.of(FindSentence.READS_AS_BEFORE.with()) : standIn.changes());
    }

    /**
     * The closest blend alone, for measuring.
     *
     * @param bounding whether bounds may leave recipes out; without them every recipe is read
     */
    public static Measured measure(final Question question, final boolean bounding, final SearchListener watch) {
        final FindMixes find = new FindMixes(question, watch);
        final int most = Math.min(
                question.limits().mostMaterials(), question.candidates().size());
        final CandidateTables meter = new CandidateTables(question);
        final ClosestBlends closest = new ClosestBlends(meter, most);
        final ExhaustiveSearch.Done done = new ExhaustiveSearch(meter, watch, find.deadline(1), bounding)
                .run(closest, SearchListener.Stage.CLOSEST, find.least(), most);
        final FoundRecipe best = closest.overall().orElseThrow();
        return new Measured(new Proposals(meter).recipe(best), Score.fit(best.penalty()), find.proof(done, best));
    }

    /**
     * The closest blend with what it took to find it.
     *
     * @param recipe the blend
     * @param fit its fit, 0 to 100
     * @param proof how the search came to its end
     */
    public record Measured(Recipe recipe, double fit, Answer.Proof proof) {}

    /** Fit of a recipe of the candidates, doses chosen by the search, 0 to 100. */
    public static double fit(final Question question, final Map<Integer, Integer> parts) {
        final CandidateTables meter = new CandidateTables(question);
        final CandidateReader reader = meter.reader();
        final int[] support =
                parts.keySet().stream().mapToInt(Integer::intValue).sorted().toArray();
        final int[] amounts = IntStream.of(support).map(parts::get).toArray();
        reader.load(support, support.length);
        reader.press(support, amounts, support.length);
        reader.read();
        return Score.fit(reader.penalty(Double.POSITIVE_INFINITY));
    }

    private long deadline(final double share) {
        return began
                + (long)
                        (share * TimeUnit.MILLISECONDS.toNanos(question.limits().mostMillis()));
    }

    private int least() {
        return question.fixed().isEmpty() ? 1 : 0;
    }

    private Answer answer(final Set<Respect> respects) {
        final int most = Math.min(
                question.limits().mostMaterials(), question.candidates().size());
        if (most < least()) {
            return nothing(FindSentence.NOTHING_TO_MIX);
        }
        final CandidateTables meter = new CandidateTables(question);
        final ClosestBlends closest = new ClosestBlends(meter, Math.max(1, most));
        final ExhaustiveSearch.Done done = new ExhaustiveSearch(meter, watch, deadline(SHARE_FOR_CLOSEST), true)
                .run(closest, SearchListener.Stage.CLOSEST, least(), most);
        final Optional<FoundRecipe> best = closest.overall();
        if (best.isEmpty()) {
            return nothing(watch.cancelled() ? FindSentence.CALLED_OFF : FindSentence.NOTHING_WITHIN_LIMITS);
        }
        final Answer.Proof proof = proof(done, best.get());
        final Proposals proposals = new Proposals(meter);
        final Map<Respect, FoundRecipe> found = titled(meter, proposals, closest, best.get(), respects, most);
        final List<FoundRecipe> others = IntStream.rangeClosed(1, most)
                .map(i -> most - i + 1)
                .mapToObj(closest::of)
                .flatMap(Optional::stream)
                .filter(find -> find.penalty() <= best.get().penalty() + 5 * ABOUT_AS_GOOD)
                .toList();
        tell(best.get());
        final List<Proposal> distinct = proposals.distinct(found, others, MOST_PROPOSALS, FEW_PROPOSALS);
        return explained(meter, proposals, best.get(), distinct, counts(closest, proposals, most), proof);
    }

    /** The best in each respect, in the order in which they are shown: the closest first, and what was wished for next. */
    private Map<Respect, FoundRecipe> titled(
            final CandidateTables meter,
            final Proposals proposals,
            final ClosestBlends closest,
            final FoundRecipe best,
            final Set<Respect> respects,
            final int most) {
        final Map<Respect, FoundRecipe> found = new LinkedHashMap<>();
        found.put(Respect.CLOSEST, best);
        final Map<Respect, FoundRecipe> others = new LinkedHashMap<>();
        IntStream.range(least(), most)
                .mapToObj(closest::of)
                .flatMap(Optional::stream)
                .filter(find -> find.penalty() <= best.penalty() + ABOUT_AS_GOOD)
                .findFirst()
                .ifPresent(find -> others.put(Respect.FEWEST, find));
        if (!watch.cancelled()) {
            trades(meter, proposals, best, respects, most, others);
            schools(meter, best, others);
        }
        if (FindPhrases.peaty(proposals.recipe(best))) {
            closest.withoutPeat().ifPresent(find -> others.put(Respect.NO_PEAT, find));
        }
        if (question.brief().wishes().cheap() && others.containsKey(Respect.CHEAPEST)) {
            found.put(Respect.CHEAPEST, others.get(Respect.CHEAPEST));
        }
        found.putAll(others);
        return found;
    }

    /** The simple mix of each school that has one for these plants, where it does not miss much more than the closest. */
    private void schools(final CandidateTables meter, final FoundRecipe best, final Map<Respect, FoundRecipe> found) {
        if (question.usual().isEmpty()
                || question.brief().wishes().schoolMeant().isPresent()
                || !question.fixed().isEmpty()) {
            return;
        }
        for (final School school : School.values()) {
            if (question.has(school)) {
                new Obstacles(question.usually(school), watch)
                        .small(meter.dry)
                        .filter(find -> find.penalty() <= best.penalty() + SCHOOL_MAY_MISS)
                        .ifPresent(find -> found.putIfAbsent(Respect.of(school), find));
            }
        }
    }

    private void trades(
            final CandidateTables meter,
            final Proposals proposals,
            final FoundRecipe best,
            final Set<Respect> respects,
            final int most,
            final Map<Respect, FoundRecipe> found) {
        final Set<Respect> sought = EnumSet.copyOf(respects);
        if (question.candidates().stream().anyMatch(each -> each.pricePerLitre().isEmpty())) {
            sought.remove(Respect.CHEAPEST);
        }
        final int few = Math.min(most, TRADED_MATERIALS);
        final CandidateTables simpler = new CandidateTables(
                question.within(question.limits()
                        .with(few, Math.min(TRADED_PARTS, question.limits().mostParts()))),
                meter.dry);
        final TradeOffs trades = new TradeOffs(simpler, best.penalty() + ABOUT_AS_GOOD, sought, proposals.spread(best));
        new ExhaustiveSearch(simpler, watch, deadline(1), true).run(trades, SearchListener.Stage.TRADES, least(), few);
        for (final Respect title : respects) {
            trades.of(title).ifPresent(find -> found.put(title, find));
        }
    }

    private void tell(final FoundRecipe best) {
        watch.progress(
                new SearchListener.Progress(SearchListener.Stage.EXPLAINING, 0, 1, best.penalty(), best.penalty()));
    }

    private Answer explained(
            final CandidateTables meter,
            final Proposals proposals,
            final FoundRecipe best,
            final List<Proposal> distinct,
            final List<Answer.OfCount> counts,
            final Answer.Proof proof) {
        if (watch.cancelled()) {
            return new Answer(
                    distinct,
                    counts,
                    proof,
                    Optional.empty(),
                    List.of(),
                    OptionalDouble.empty(),
                    List.of(FindSentence.CALLED_OFF_SO_FAR.with()));
        }
        final Obstacles aside = new Obstacles(question, watch);
        final boolean fits = proposals.bearable(best);
        return new Answer(
                distinct,
                counts,
                proof,
                fits ? Optional.empty() : aside.clash(meter, best),
                fits || unusual(proposals, best) ? List.of() : aside.wouldHelp(meter, best),
                aside.exactPartsGain(distinct.get(0)),
                List.of());
    }

    /** Whether the closest is nothing that is usual: what the shelf lacks for that is said instead. */
    private boolean unusual(final Proposals proposals, final FoundRecipe best) {
        return question.usual().isEmpty() && proposals.unusual(best);
    }

    private static List<Answer.OfCount> counts(final ClosestBlends closest, final Proposals proposals, final int most) {
        final List<Answer.OfCount> counts = new ArrayList<>();
        for (int size = 1; size <= most; size++) {
            final int count = size;
            closest.of(size)
                    .ifPresent(find -> counts.add(new Answer.OfCount(
                            count, Score.fit(find.penalty()), FindPhrases.parts(proposals.recipe(find)))));
        }
        return List.copyOf(counts);
    }

    private Answer.Proof proof(final ExhaustiveSearch.Done done, final FoundRecipe best) {
        final double gap = done.complete() ? 0 : Math.max(0, Score.fit(done.bound()) - Score.fit(best.penalty()));
        final boolean proved = done.complete() || gap == 0;
        final long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        final int materials = question.candidates().size();
        final Message space = (question.fixed().isEmpty() ? FindSentence.RECIPES_OF : FindSentence.ADDITIONS_OF)
                .with(
                        Math.min(question.limits().mostMaterials(), materials),
                        materials,
                        question.limits().mostParts());
        final Message words = proved
                ? FindSentence.PROVED.with(space, FindPhrases.count(done.total()), FindPhrases.count(done.read()))
                : FindSentence.NOT_PROVED.with(
                        FindPhrases.count(done.covered()), FindPhrases.count(done.total()), space, (int)
                                Math.max(1, Math.round(gap)));
        return new Answer.Proof(proved, done.total(), done.read(), gap, millis, words);
    }

    private Answer nothing(final FindSentence words) {
        return new Answer(
                List.of(),
                List.of(),
                new Answer.Proof(true, 0, 0, 0, 0, words.with()),
                Optional.empty(),
                List.of(),
                OptionalDouble.empty(),
                List.of(words.with()));
    }

    private Answer improved() {
        final int most = Math.min(
                question.limits().mostMaterials(), question.candidates().size());
        final CandidateTables meter = new CandidateTables(question);
        final FewestAdditions extra = new FewestAdditions(question.limits().mostParts());
        final ExhaustiveSearch.Done done = new ExhaustiveSearch(meter, watch, deadline(SHARE_FOR_CLOSEST), true)
                .run(extra, SearchListener.Stage.CLOSEST, 0, most);
        final List<FoundRecipe> stairs = extra.stairs();
        if (stairs.isEmpty()) {
            return nothing(FindSentence.CALLED_OFF);
        }
        final FoundRecipe best = stairs.get(stairs.size() - 1);
        final Map<Respect, FoundRecipe> found = new EnumMap<>(Respect.class);
        found.put(Respect.FEWEST_EXTRA, best);
        final List<FoundRecipe> fewer = new ArrayList<>(stairs.subList(0, stairs.size() - 1));
        Collections.reverse(fewer);
        tell(best);
        final Proposals proposals = new Proposals(meter);
        final List<Proposal> distinct = proposals.distinct(found, fewer, MOST_PROPOSALS, MOST_PROPOSALS);
        return explained(meter, proposals, best, distinct, List.of(), proof(done, best));
    }
}
