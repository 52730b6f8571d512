package looseknit.core.trouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.PlantBook;
import looseknit.core.need.PlantGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class DiagnosisTest {

    private static final SignTable TABLE = SignTable.shipped();
    private static final int MOST_QUESTIONS = 5;
    private static final long SEED = 20_261_127L;

    /** What brings somebody here with each cause, and another cause that looks like it. */
    private static final Map<Cause, List<Object>> NEAR = Map.ofEntries(
            Map.entry(Cause.TOO_WET, List.of(Sign.YELLOW_OLD, Cause.HUNGRY)),
            Map.entry(Cause.ROOT_ROT, List.of(Sign.HANGS_WET, Cause.SHOCK)),
            Map.entry(Cause.TOO_DRY, List.of(Sign.CRISP, Cause.DRAUGHT)),
            Map.entry(Cause.REPELS, List.of(Sign.RUNS_PAST, Cause.ROOT_BOUND)),
            Map.entry(Cause.ROOT_BOUND, List.of(Sign.ROOTS_OUT, Cause.HUNGRY)),
            Map.entry(Cause.PACKED_MIX, List.of(Sign.STANDS_ON_TOP, Cause.ROOT_ROT)),
            Map.entry(Cause.HUNGRY, List.of(Sign.PALE_ALL, Cause.LOCKED_HIGH)),
            Map.entry(Cause.TOO_RICH, List.of(Sign.LONG_THIN, Cause.TOO_DIM)),
            Map.entry(Cause.SALTS, List.of(Sign.WHITE_CRUST, Cause.LOCKED_HIGH)),
            Map.entry(Cause.LOCKED_HIGH, List.of(Sign.GREEN_VEINS, Cause.PACKED_MIX)),
            Map.entry(Cause.LOCKED_LOW, List.of(Sign.TWISTED_YOUNG, Cause.PESTS)),
            Map.entry(Cause.COLD, List.of(Sign.DROPS_GREEN, Cause.SHOCK)),
            Map.entry(Cause.HOT, List.of(Sign.CRISP, Cause.TOO_DRY)),
            Map.entry(Cause.DRAUGHT, List.of(Sign.BROWN_TIPS, Cause.SALTS)),
            Map.entry(Cause.TOO_DIM, List.of(Sign.LONG_THIN, Cause.TOO_RICH)),
            Map.entry(Cause.SCORCH, List.of(Sign.CRISP, Cause.HOT)),
            Map.entry(Cause.TOO_DEEP, List.of(Sign.SOFT_BASE, Cause.ROOT_ROT)),
            Map.entry(Cause.AGEING, List.of(Sign.LOWEST, Cause.HUNGRY)),
            Map.entry(Cause.REST, List.of(Sign.NO_GROWTH, Cause.ROOT_BOUND)),
            Map.entry(Cause.SHOCK, List.of(Sign.HANGS_WET, Cause.ROOT_ROT)),
            Map.entry(Cause.PESTS, List.of(Sign.YELLOW_DROPPING, Cause.DISEASE)),
            Map.entry(Cause.DISEASE, List.of(Sign.SOFT_SPOTS, Cause.COLD)));

    private record Case(String group, List<Sign> known, List<Sign> seen, Cause cause) {}

    private static Diagnosis of(final String group, final List<Sign> known, final List<Sign> seen) {
        return Diagnosis.of(TABLE, group, known, seen, Set.of());
    }

    private static double share(final Diagnosis diagnosis, final Cause cause) {
        return diagnosis.suspects().stream()
                .filter(suspect -> suspect.cause() == cause)
                .mapToDouble(Diagnosis.Suspect::now)
                .findFirst()
                .orElseThrow();
    }

    /** What is mostly seen of a finding with a cause. */
    private static Sign typical(final Finding finding, final Cause cause) {
        return finding.signs().stream()
                .max(Comparator.comparingDouble(sign -> TABLE.chance(sign, cause, "")))
                .orElseThrow();
    }

    /** Answers the questions that are asked as a cause would have it, and says what comes out. */
    private static Cause askedWith(final Sign first, final Cause truth) {
        final List<Sign> seen = new ArrayList<>(List.of(first));
        Diagnosis diagnosis = of("", List.of(), seen);
        for (int i = 0; i < MOST_QUESTIONS && diagnosis.next().isPresent(); i++) {
            seen.add(typical(diagnosis.next().get(), truth));
            diagnosis = of("", List.of(), seen);
        }
        return diagnosis.suspects().get(0).cause();
    }

    @ParameterizedTest
    @EnumSource(Cause.class)
    void isFoundInFiveQuestions(final Cause cause) {
        assertThat(askedWith((Sign) NEAR.get(cause).get(0), cause)).isEqualTo(cause);
    }

    @ParameterizedTest
    @EnumSource(Cause.class)
    void isNotFoundWhereAnotherIsNear(final Cause cause) {
        final Cause other = (Cause) NEAR.get(cause).get(1);

        assertThat(askedWith((Sign) NEAR.get(cause).get(0), other)).isEqualTo(other);
    }

    static Stream<Arguments> cases() {
        return CsvTable.resource(
                        DiagnosisTest.class,
                        "cases.csv",
                        row -> new Case(
                                row.filled("group"),
                                row.someOf("known", Sign.class),
                                row.someOf("seen", Sign.class),
                                row.oneOf("cause", Cause.class)))
                .stream()
                .map(Arguments::of);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void aGrowerWouldSayTheSame(final Object told) {
        final Case it = (Case) told;
        final Diagnosis diagnosis = of(it.group(), it.known(), it.seen());

        assertThat(diagnosis.suspects().get(0).cause())
                .as("%s", diagnosis.suspects().subList(0, 3))
                .isEqualTo(it.cause());
    }

    @Test
    void casesNameGroupsOfTheBook() {
        final List<String> groups =
                PlantBook.shipped().groups().stream().map(PlantGroup::id).toList();

        assertThat(cases().map(each -> ((Case) each.get()[0]).group())).allMatch(groups::contains);
    }

    @Test
    void sharesSumToOneInWhateverOrderIsAnswered() {
        final Random random = new Random(SEED);
        for (int round = 0; round < 200; round++) {
            final List<Sign> seen = new ArrayList<>(some(random, 2 + random.nextInt(8)));
            final Diagnosis one = of("aroid", List.of(Sign.RECKONED_WET), seen);
            Collections.shuffle(seen, random);
            final Diagnosis other = of("aroid", List.of(Sign.RECKONED_WET), seen);

            assertThat(one).isEqualTo(other);
            assertThat(one.suspects().stream()
                            .mapToDouble(Diagnosis.Suspect::now)
                            .sum())
                    .isCloseTo(1, within(1e-12));
            assertThat(one.suspects().stream()
                            .mapToDouble(Diagnosis.Suspect::before)
                            .sum())
                    .isCloseTo(1, within(1e-12));
        }
    }

    private static List<Sign> some(final Random random, final int many) {
        final List<Finding> findings = new ArrayList<>(Arrays.stream(Finding.values())
                .filter(finding -> finding.isAsked() && finding.concerns("aroid"))
                .toList());
        Collections.shuffle(findings, random);
        return findings.stream()
                .limit(many)
                .map(finding ->
                        finding.signs().get(random.nextInt(finding.signs().size())))
                .toList();
    }

    @Test
    void whatNobodyCanTellChangesNoShareAndIsNotAskedAgain() {
        final List<Sign> seen = List.of(Sign.YELLOW_OLD);
        final Diagnosis before = of("aroid", List.of(), seen);
        final Finding asked = before.next().orElseThrow();
        final Diagnosis after = Diagnosis.of(TABLE, "aroid", List.of(), seen, EnumSet.of(asked));

        assertThat(after.suspects()).isEqualTo(before.suspects());
        assertThat(after.next()).isPresent().get().isNotEqualTo(asked);
        assertThat(after.then()).doesNotContain(asked);
    }

    @Test
    void whatIsSaidIsRightAsOftenAsItSays() {
        final Random random = new Random(SEED);
        final double[] said = new double[10];
        final int[] right = new int[10];
        final int[] many = new int[10];
        for (int i = 0; i < 12_000; i++) {
            final Cause truth = drawn(random);
            final List<Sign> seen = some(random, 3 + random.nextInt(4)).stream()
                    .map(sign -> drawn(random, sign.finding(), truth))
                    .toList();
            final Belief belief = Belief.of(TABLE, "aroid").after(seen);
            final Cause first = Arrays.stream(Cause.values())
                    .max(Comparator.comparingDouble(belief::share))
                    .orElseThrow();
            final int bin = Math.min(9, (int) (10 * belief.share(first)));
            said[bin] += belief.share(first);
            many[bin]++;
            right[bin] += first == truth ? 1 : 0;
        }
        for (int bin = 0; bin < 10; bin++) {
            if (many[bin] > 400) {
                assertThat((double) right[bin] / many[bin])
                        .as("said %s of %s", said[bin] / many[bin], many[bin])
                        .isCloseTo(said[bin] / many[bin], within(0.05));
            }
        }
        assertThat(Arrays.stream(many).filter(each -> each > 400).count()).isGreaterThanOrEqualTo(5);
    }

    private static Cause drawn(final Random random) {
        double left = random.nextDouble();
        for (final Cause cause : Cause.values()) {
            left -= TABLE.before(cause, "aroid");
            if (left < 0) {
                return cause;
            }
        }
        return Cause.DISEASE;
    }

    private static Sign drawn(final Random random, final Finding finding, final Cause cause) {
        double left = random.nextDouble();
        for (final Sign sign : finding.signs()) {
            left -= TABLE.chance(sign, cause, "aroid");
            if (left < 0) {
                return sign;
            }
        }
        return finding.signs().get(finding.signs().size() - 1);
    }

    @Test
    void yellowLeavesOnAPalmMeanThirstMoreOftenThanOnAnAroid() {
        final List<Sign> seen = List.of(Sign.YELLOW_OLD);

        assertThat(share(of("palm", List.of(), seen), Cause.TOO_DRY))
                .isGreaterThan(1.5 * share(of("aroid", List.of(), seen), Cause.TOO_DRY));
    }

    @Test
    void saysWhatSpeaksForAndAgainst() {
        final Diagnosis.Suspect wet =
                of("aroid", List.of(Sign.RECKONED_WET), List.of(Sign.HEAVY, Sign.HANGS_DRY)).suspects().stream()
                        .filter(suspect -> suspect.cause() == Cause.TOO_WET)
                        .findFirst()
                        .orElseThrow();

        assertThat(wet.speaksFor()).contains(Sign.HEAVY, Sign.RECKONED_WET);
        assertThat(wet.speaksAgainst()).contains(Sign.HANGS_DRY);
        assertThat(wet.now()).isNotEqualTo(wet.before());
    }

    @Test
    void refusesTwoAnswersToOneQuestion() {
        assertThatThrownBy(() -> of("aroid", List.of(), List.of(Sign.HEAVY, Sign.LIGHT)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("one answer to each question");
    }

    @Test
    void asksForTrapsOnlyWhereThereAreTraps() {
        final Diagnosis fern = of("fern", List.of(), List.of());
        final List<Finding> asked = new ArrayList<>(fern.then());
        fern.next().ifPresent(asked::add);

        assertThat(asked).isNotEmpty().doesNotContain(Finding.TRAPS).allMatch(Finding::isAsked);
        assertThat(Finding.TRAPS.concerns("carnivorous")).isTrue();
    }

    @Test
    void hasSignsAndCausesEnough() {
        assertThat(Arrays.stream(Sign.values())
                        .filter(sign -> sign.finding().isAsked() && !sign.isOrdinary())
                        .count())
                .isGreaterThanOrEqualTo(35);
        assertThat(Cause.values()).hasSizeGreaterThanOrEqualTo(20);
        assertThat(Arrays.stream(Finding.values()))
                .allSatisfy(finding -> assertThat(finding.signs().stream().filter(Sign::isOrdinary))
                        .hasSize(1));
    }
}
