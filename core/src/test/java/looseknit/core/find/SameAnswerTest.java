package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.need.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is found depends neither on which thread comes first nor on how quick the machine is. */
class SameAnswerTest {

    private static final Set<Respect> RESPECTS =
            EnumSet.of(Respect.CHEAPEST, Respect.LONGEST, Respect.LIGHTEST, Respect.SAFEST);

    private record Scoops(int[] support, int[] parts) {}

    static List<Long> seeds() {
        return new Random(54).longs(40).boxed().toList();
    }

    /** All recipes of two and of three of five materials in up to eight parts, those of two first. */
    private static List<List<Scoops>> recipes() {
        final List<Scoops> pairs = new ArrayList<>();
        final List<Scoops> triples = new ArrayList<>();
        for (int a = 0; a < 5; a++) {
            for (int b = a + 1; b < 5; b++) {
                for (int m = 1; m < 8; m++) {
                    for (int n = 1; m + n <= 8; n++) {
                        pairs.add(new Scoops(new int[] {a, b}, new int[] {m, n}));
                        for (int c = b + 1; c < 5; c++) {
                            for (int k = 1; m + n + k <= 8; k++) {
                                triples.add(new Scoops(new int[] {a, b, c}, new int[] {m, n, k}));
                            }
                        }
                    }
                }
            }
        }
        return List.of(pairs, triples);
    }

    private static void offer(final SearchGoal goal, final CandidateTables meter, final Random shuffle) {
        final CandidateReader reader = meter.reader();
        for (final List<Scoops> ofSize : recipes()) {
            final List<Scoops> inTurn = new ArrayList<>(ofSize);
            Collections.shuffle(inTurn, shuffle);
            for (final Scoops each : inTurn) {
                final int size = each.support().length;
                reader.load(each.support(), size);
                reader.press(each.support(), each.parts(), size);
                reader.read();
                goal.take(
                        reader,
                        each.support(),
                        each.parts(),
                        size,
                        goal.limit(
                                each.support(),
                                size,
                                Arrays.stream(each.parts()).sum()));
            }
        }
    }

    private static String said(final Optional<FoundRecipe> find) {
        return find.map(each -> Arrays.toString(each.support()) + Arrays.toString(each.parts()))
                .orElse("none");
    }

    private static List<String> closest(final CandidateTables meter, final Random shuffle) {
        final ClosestBlends goal = new ClosestBlends(meter, 3);
        offer(goal, meter, shuffle);
        return Stream.of(goal.overall(), goal.of(2), goal.of(3), goal.withoutPeat())
                .map(SameAnswerTest::said)
                .toList();
    }

    private static List<String> trades(final CandidateTables meter, final Random shuffle) {
        final TradeOffs goal =
                new TradeOffs(meter, 1.5, RESPECTS, Map.of(Property.AIR, 0.03, Property.PH, 0.3, Property.WATER, 0.04));
        offer(goal, meter, shuffle);
        return RESPECTS.stream().map(each -> each + said(goal.of(each))).toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderOfReadingDoesNotMatter(final long seed) {
        final CandidateTables meter = new CandidateTables(new Shelves(seed).question(5, 3, 8));
        final List<String> closest = closest(meter, new Random(1));
        final List<String> trades = trades(meter, new Random(1));
        for (int order = 2; order < 8; order++) {
            assertThat(closest(meter, new Random(order))).isEqualTo(closest);
            assertThat(trades(meter, new Random(order))).isEqualTo(trades);
        }
    }

    /** Small searches beside the large one are gone through to their end, however long they have to wait for a processor. */
    @Test
    void aSlowMachineFindsTheSame() {
        final Question question = Question.of(
                        Shelves.brief("patio_rose", 4),
                        Shelves.of(
                                "peat",
                                "perlite_med",
                                "pumice_med",
                                "grit_3_6",
                                "leaf_mould",
                                "coir_pith",
                                "bark_fine",
                                "castings",
                                "compost",
                                "loam"),
                        new Limits(3, 6, OptionalDouble.empty(), 50))
                .usually();
        final SearchListener slow = new SearchListener() {
            @Override
            public boolean cancelled() {
                try {
                    Thread.sleep(12);
                } catch (final InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
                return false;
            }

            @Override
            public void progress(final Progress progress) {
                // nobody looks
            }
        };

        final Optional<FoundRecipe> found = new Obstacles(question, slow).small(Optional.empty());

        assertThat(found.orElseThrow().support()).hasSize(3);
        assertThat(said(found)).isEqualTo(said(new Obstacles(question, SearchListener.NOBODY).small(Optional.empty())));
    }
}
