package looseknit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import looseknit.core.care.LikePots.Kind;
import looseknit.core.care.LikePots.Taught;
import looseknit.core.care.Pace.Prior;
import looseknit.core.measure.Estimate;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.junit.jupiter.api.Test;

class LikePotsTest {

    private static final Prior RECKONED = Prior.of(new Estimate(8, 2.4));

    private static Kind kind(final String place, final String blend, final String wall) {
        return new Kind(Optional.of(place), Optional.of(blend), Optional.of(wall));
    }

    private static Taught taught(final Kind kind, final double log, final double sd) {
        return new Taught(kind, RECKONED, new Pace(Math.exp(log), sd, 12, 0));
    }

    @Test
    void withoutOthersItIsAsReckoned() {
        final Kind kind = kind("shelf", "bark", "clay");
        final Taught own = taught(kind, -0.4, 0.1);

        assertThat(new LikePots(List.of()).of(kind, RECKONED, Optional.empty())).isEqualTo(RECKONED);
        assertThat(new LikePots(List.of(own)).of(kind, RECKONED, Optional.of(own)))
                .isEqualTo(RECKONED);
        assertThat(new LikePots(List.of(own)).of(kind("cellar", "peat", "plastic"), RECKONED, Optional.empty()))
                .isEqualTo(RECKONED);
    }

    @Test
    void theMoreInCommonTheMoreItIsDrawn() {
        final LikePots others = new LikePots(List.of(
                taught(kind("shelf", "bark", "clay"), -0.4, 0.1), taught(kind("shelf", "bark", "clay"), -0.5, 0.1)));

        final Prior all = others.of(kind("shelf", "bark", "clay"), RECKONED, Optional.empty());
        final Prior place = others.of(kind("shelf", "peat", "plastic"), RECKONED, Optional.empty());
        final Prior blend = others.of(kind("cellar", "bark", "plastic"), RECKONED, Optional.empty());
        assertThat(all.log()).isLessThan(place.log());
        assertThat(place.log()).isLessThan(blend.log());
        assertThat(others.of(kind("cellar", "peat", "clay"), RECKONED, Optional.empty()))
                .isEqualTo(RECKONED);
        assertThat(all.logSd()).isLessThan(place.logSd());
        assertThat(place.logSd()).isLessThan(RECKONED.logSd());
        assertThat(all.pots()).isEqualTo(2);
    }

    /** The same by the covariance of all pots, one large system, as kriging does it. */
    @Test
    void agreesWithTheCovarianceOfAllPots() {
        final Random random = new Random(3);
        final List<Taught> all = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            all.add(taught(
                    kind("p" + random.nextInt(3), "b" + random.nextInt(4), "w" + random.nextInt(2)),
                    0.3 * random.nextGaussian(),
                    0.08 + 0.1 * random.nextDouble()));
        }
        final Taught own = all.get(7);
        final List<Taught> others = all.stream().filter(each -> each != own).toList();
        final double[][] covariance = new double[24][24];
        final double[] with = new double[24];
        final double[] value = new double[24];
        for (int i = 0; i < 24; i++) {
            final double left = Math.pow(others.get(i).after().logSd() / RECKONED.logSd(), 2);
            value[i] = Math.log(others.get(i).after().factor()) / RECKONED.logSd() / (1 - left);
            with[i] = common(own.kind(), others.get(i).kind());
            for (int j = 0; j < 24; j++) {
                covariance[i][j] = common(others.get(i).kind(), others.get(j).kind());
            }
            covariance[i][i] += 0.4 + left / (1 - left);
        }
        final DecompositionSolver solver = new LUDecomposition(new Array2DRowRealMatrix(covariance)).getSolver();
        final double mean = solver.solve(new ArrayRealVector(value)).dotProduct(new ArrayRealVector(with));
        final double variance = 1 - solver.solve(new ArrayRealVector(with)).dotProduct(new ArrayRealVector(with));

        final Prior prior = new LikePots(all).of(own.kind(), RECKONED, Optional.of(own));
        assertThat(prior.log()).isCloseTo(RECKONED.logSd() * mean, within(1e-9));
        assertThat(prior.logSd()).isCloseTo(RECKONED.logSd() * Math.sqrt(variance), within(1e-9));
    }

    private static double common(final Kind one, final Kind other) {
        return (one.place().equals(other.place()) ? 0.3 : 0)
                + (one.blend().equals(other.blend()) ? 0.2 : 0)
                + (one.wall().equals(other.wall()) ? 0.1 : 0);
    }

    /** Simulated houses: what others teach comes nearer to the truth of a new pot than the reckoning, and its ranges hold what they say. */
    @Test
    void newPotsAreForetoldBetterByTheOthers() {
        final Random random = new Random(20261128);
        double reckoned = 0;
        double drawn = 0;
        int held = 0;
        int pots = 0;
        for (int house = 0; house < 200; house++) {
            final double[] places = effects(random, 4, 0.3);
            final double[] blends = effects(random, 5, 0.2);
            final double[] walls = effects(random, 2, 0.1);
            final List<Taught> known = new ArrayList<>();
            for (int pot = 0; pot < 35; pot++) {
                final int place = random.nextInt(4);
                final int blend = random.nextInt(5);
                final int wall = random.nextInt(2);
                final double truth = RECKONED.logSd()
                        * (places[place] + blends[blend] + walls[wall] + Math.sqrt(0.4) * random.nextGaussian());
                final Kind kind = kind("p" + place, "b" + blend, "w" + wall);
                if (pot < 30) {
                    final double blur = 0.1;
                    final double left = blur * blur / (blur * blur + RECKONED.logSd() * RECKONED.logSd());
                    known.add(taught(
                            kind,
                            (1 - left) * (truth + blur * random.nextGaussian()),
                            RECKONED.logSd() * Math.sqrt(left)));
                    continue;
                }
                final Prior prior = new LikePots(known).of(kind, RECKONED, Optional.empty());
                reckoned += truth * truth;
                drawn += Math.pow(truth - prior.log(), 2);
                held += Math.abs(truth - prior.log()) < Estimate.Z80 * prior.logSd() ? 1 : 0;
                pots++;
            }
        }
        assertThat(drawn / reckoned).isLessThan(0.7);
        assertThat((double) held / pots).isBetween(0.77, 0.83);
    }

    private static double[] effects(final Random random, final int count, final double share) {
        return random.doubles(count)
                .map(any -> Math.sqrt(share) * random.nextGaussian())
                .toArray();
    }
}
