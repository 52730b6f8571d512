package looseknit.core.find;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import looseknit.core.blend.RecipeSentence;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import org.jspecify.annotations.Nullable;

/**
 * One blend for many plants, and the split into two or three where one is not enough. Every recipe of up to three of the candidates in up
 * to six parts is read under every brief; of these the split with the least penalty in all is found by going through all splits.
 *
 * @param splits the best with one blend, with two and with three, as far as there are so many plants
 * @param advised place of the split with the fewest blends with which everything fits about as well as with more
 * @param recipes number of recipes that were read for each plant
 * @param line along which line the plants part: what one blend would be for the one that it suits least; nothing if they should share
 */
public record OneForMany(List<Split> splits, int advised, int recipes, Optional<Message> line) {

    /** Most plants at once. */
    public static final int MOST_PLANTS = 8;

    private static final int MOST_MATERIALS = 3;
    private static final int MOST_PARTS = 6;
    private static final int MOST_BLENDS = 3;

    /** Beyond this penalty, at which 63 points of fit are gone, only a part of it is counted. */
    private static final double BAD = 3;

    /** A blend more is worth it if the worst fit rises by so many points. */
    private static final double WORTH_POINTS = 5;

    private static final long TELL_EVERY = 2_000;

    /** How sure it is that no other split fits better. */
    public Message words() {
        return FindSentence.NO_OTHER_SPLIT.with(FindPhrases.count(recipes), MOST_MATERIALS, MOST_PARTS);
    }

    /**
     * Plants shared out among blends.
     *
     * @param groups a blend for each group of plants
     * @param worstFit the worst fit of any plant, 0 to 100
     */
    public record Split(List<Group> groups, double worstFit) {}

    /**
     * Plants that share a blend.
     *
     * @param plants places of the plants among the briefs
     * @param fits fit of each, 0 to 100
     * @param proposals the blend as each of them gets it, doses included
     */
    public record Group(List<Integer> plants, List<Double> fits, List<Proposal> proposals) {}

    /**
     * Looks for blends.
     *
     * @param questions a question for each plant, with the same candidates; 2 to {@link #MOST_PLANTS}
     * @return nothing if it was called off
     */
    public static Optional<OneForMany> of(final List<Question> questions, final SearchListener watch) {
        within("plants", questions.size(), 2, MOST_PLANTS, Limit.PLANTS);
        final List<Candidate> candidates = questions.get(0).candidates();
        if (candidates.isEmpty()) {
            throw new OutOfRangeException("candidates", RecipeSentence.EMPTY.with(), FindSentence.ONE_FOR_ALL.with());
        }
        final List<CandidateTables> meters = questions.stream()
                .map(each -> new CandidateTables(
                        each.among(candidates).within(each.limits().with(MOST_MATERIALS, MOST_PARTS))))
                .toList();
        return new Pool(meters, watch).best();
    }

    /** The recipes with their penalties, and the best of them for every set of plants. */
    private static final class Pool {

        private final List<CandidateTables> meters;
        private final SearchListener watch;
        private final int plants;
        /** Least sum of penalties of one blend for a set of plants, by the set's bits. */
        private final double[] least;

        private final FoundRecipe[] finds;
        private final CandidateReader[] readers;
        private int read;

        private Pool(final List<CandidateTables> meters, final SearchListener watch) {
            this.meters = meters;
            this.watch = watch;
            this.plants = meters.size();
            this.least = new double[1 << plants];
            this.finds = new FoundRecipe[1 << plants];
            this.readers = meters.stream().map(CandidateTables::reader).toArray(CandidateReader[]::new);
            Arrays.fill(least, Double.POSITIVE_INFINITY);
        }

        private Optional<OneForMany> best() {
            final int n = meters.get(0).candidates();
            final long total = total(n);
            for (int size = 1; size <= Math.min(MOST_MATERIALS, n); size++) {
                final int[] support = new int[size];
                for (int i = 0; i < size; i++) {
                    support[i] = i;
                }
                do {
                    for (final CandidateReader reader : readers) {
                        reader.load(support, size);
                    }
                    for (int all = size; all <= MOST_PARTS; all++) {
                        share(support, new int[size], 0, all, 0);
                    }
                    if (watch.cancelled()) {
                        return Optional.empty();
                    }
                    if (read % TELL_EVERY < 60) {
                        watch.progress(new SearchListener.Progress(
                                SearchListener.Stage.CLOSEST, read, total, least[least.length - 1], 0));
                    }
                } while (ExhaustiveSearch.advance(support, n));
            }
            return Optional.of(splits());
        }

        private static long total(final int n) {
            final Compositions compositions = new Compositions(MOST_PARTS, true);
            long total = 0;
            for (int size = 1; size <= Math.min(MOST_MATERIALS, n); size++) {
                total += Compositions.choose(n, size) * compositions.count(size);
            }
            return total;
        }

        private void share(final int[] support, final int[] parts, final int depth, final int left, final int divisor) {
            final int open = support.length - depth;
            if (open == 1) {
                parts[depth] = left;
                if (Compositions.divisor(divisor, left) == 1) {
                    take(support, parts);
                }
                return;
            }
            for (int p = 1; p <= left - open + 1; p++) {
                parts[depth] = p;
                share(support, parts, depth + 1, left - p, Compositions.divisor(divisor, p));
            }
        }

        private void take(final int[] support, final int[] parts) {
            read++;
            final double[] penalties = new double[plants];
            for (int plant = 0; plant < plants; plant++) {
                readers[plant].press(support, parts, support.length);
                readers[plant].read();
                penalties[plant] = readers[plant].penalty(BAD);
                if (readers[plant].unusual()) {
                    penalties[plant] += BAD;
                }
            }
            @Nullable FoundRecipe find = null;
            final double[] sums = new double[1 << plants];
            for (int set = 1; set < sums.length; set++) {
                final int lowest = Integer.numberOfTrailingZeros(set);
                sums[set] = sums[set & (set - 1)] + penalties[lowest];
                if (sums[set] < least[set]) {
                    if (find == null) {
                        find = new FoundRecipe(
                                support.clone(),
                                parts.clone(),
                                sums[set],
                                0,
                                readers[0].costPerLitre(),
                                Dosing.Steps.NONE);
                    }
                    least[set] = sums[set];
                    finds[set] = find;
                }
            }
        }

        private OneForMany splits() {
            final int everyone = least.length - 1;
            final List<Split> splits = new ArrayList<>();
            splits.add(split(List.of(everyone)));
            if (plants >= 2) {
                splits.add(split(twoOf(everyone)));
            }
            if (plants >= 3) {
                splits.add(split(three(everyone)));
            }
            int advised = 0;
            for (int i = 1; i < Math.min(MOST_BLENDS, splits.size()); i++) {
                if (splits.get(i).worstFit() >= splits.get(advised).worstFit() + WORTH_POINTS) {
                    advised = i;
                }
            }
            return new OneForMany(
                    List.copyOf(splits), advised, read, advised == 0 ? Optional.empty() : line(splits.get(0)));
        }

        /** What one blend would be for the plant that it suits least. */
        private Optional<Message> line(final Split together) {
            final Group all = together.groups().get(0);
            int worst = 0;
            for (int i = 1; i < all.fits().size(); i++) {
                worst = all.fits().get(i) < all.fits().get(worst) ? i : worst;
            }
            final int place = worst;
            return meters.get(all.plants().get(place))
                    .question
                    .brief()
                    .plant()
                    .map(plant -> FindSentence.ONE_WOULD_BE.with(
                            plant, all.proposals().get(place).evaluation().headline()));
        }

        /** The best two sets into which a set falls. */
        private List<Integer> twoOf(final int whole) {
            int best = whole & -whole;
            for (int set = (whole - 1) & whole; set > 0; set = (set - 1) & whole) {
                if (least[set] + least[whole ^ set] < least[best] + least[whole ^ best]) {
                    best = set;
                }
            }
            return List.of(best, whole ^ best);
        }

        private List<Integer> three(final int everyone) {
            List<Integer> best = List.of();
            double sum = Double.POSITIVE_INFINITY;
            for (int set = (everyone - 1) & everyone; set > 0; set = (set - 1) & everyone) {
                final int rest = everyone ^ set;
                if (Integer.bitCount(rest) < 2) {
                    continue;
                }
                final List<Integer> two = twoOf(rest);
                final double all = least[set] + least[two.get(0)] + least[two.get(1)];
                if (all < sum) {
                    sum = all;
                    best = List.of(set, two.get(0), two.get(1));
                }
            }
            return best;
        }

        private Split split(final List<Integer> sets) {
            final List<Group> groups = new ArrayList<>();
            double worst = 100;
            for (final int set : sets) {
                final List<Integer> members = new ArrayList<>();
                final List<Double> fits = new ArrayList<>();
                final List<Proposal> proposals = new ArrayList<>();
                for (int plant = 0; plant < plants; plant++) {
                    if ((set >> plant & 1) == 1) {
                        final Proposal proposal = proposal(plant, finds[set]);
                        members.add(plant);
                        fits.add(proposal.fit());
                        proposals.add(proposal);
                        worst = Math.min(worst, proposal.fit());
                    }
                }
                groups.add(new Group(List.copyOf(members), List.copyOf(fits), List.copyOf(proposals)));
            }
            groups.sort((a, b) -> Integer.compare(a.plants().get(0), b.plants().get(0)));
            return new Split(List.copyOf(groups), worst);
        }

        private Proposal proposal(final int plant, final FoundRecipe find) {
            final CandidateReader reader = readers[plant];
            final int size = find.support().length;
            reader.load(find.support(), size);
            reader.press(find.support(), find.parts(), size);
            reader.read();
            final double penalty = reader.penalty(Double.POSITIVE_INFINITY);
            return new Proposals(meters.get(plant))
                    .of(
                            new FoundRecipe(
                                    find.support(),
                                    find.parts(),
                                    penalty,
                                    0,
                                    reader.costPerLitre(),
                                    reader.doseSteps()),
                            Set.of());
        }
    }
}
