package looseknit.core.care;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.care.Pace.Prior;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What pots of one place, one wall and one blend teach of each other: part of what a pot dries off from its reckoning comes from its place (a
 * draught nobody told of), part from its blend, a little from its wall, the rest is its own. A mixed linear model, solved exactly: each pot is drawn
 * towards the others as far as they agree and it is little known itself. The parts are by judgement.
 *
 * @see "Henderson, C. R. (1975). Best linear unbiased estimation and prediction under a selection model. Biometrics 31, 423-447 (from memory):
 *     the equations that are solved here"
 */
public final class LikePots {

    private static final double FROM_PLACE = 0.3;
    private static final double FROM_BLEND = 0.2;
    private static final double FROM_WALL = 0.1;
    private static final double OWN = 1 - FROM_PLACE - FROM_BLEND - FROM_WALL;

    /** A pot that has taught less than this says nothing to others: share of what was not known before. */
    private static final double LEAST_TAUGHT = 0.02;

    /** What pots may have in common; what is not known is in common with none. */
    public record Kind(Optional<String> place, Optional<String> blend, Optional<String> wall) {}

    /**
     * What a pot has taught by its own looks alone.
     *
     * @param before what was taken to hold before
     * @param after what its looks have made of it
     */
    public record Taught(Kind kind, Prior before, Pace after) {

        /** What its looks alone say, over the standard deviation that was taken before; empty where they say next to nothing. */
        private Optional<Told> told() {
            final double left = Math.pow(after.logSd() / before.logSd(), 2);
            if (after.looks() == 0 || left > 1 - LEAST_TAUGHT) {
                return Optional.empty();
            }
            final double variance = left / (1 - left);
            final double shift = (Math.log(after.factor()) - before.log()) / before.logSd();
            return Optional.of(new Told(kind, shift / (1 - left), variance + OWN));
        }
    }

    /** A figure with its variance, both over what was taken before. */
    private record Told(Kind kind, double value, double variance) {}

    private final Map<String, Integer> columns = new HashMap<>();
    private final Map<String, Integer> pots = new HashMap<>();
    private final RealMatrix spread;
    private final RealVector mean;

    /** What some pots teach. */
    public LikePots(final Collection<Taught> taught) {
        final List<Told> told =
                taught.stream().flatMap(each -> each.told().stream()).toList();
        final List<Double> shares = new ArrayList<>();
        for (final Told each : told) {
            for (final Part part : parts(each.kind())) {
                if (columns.putIfAbsent(part.key(), columns.size()) == null) {
                    shares.add(part.share());
                }
                pots.merge(part.key(), 1, Integer::sum);
            }
        }
        final int size = columns.size();
        if (size == 0) {
            spread = new Array2DRowRealMatrix();
            mean = new ArrayRealVector();
            return;
        }
        final double[][] precision = new double[size][size];
        final double[] right = new double[size];
        for (int i = 0; i < size; i++) {
            precision[i][i] = 1 / shares.get(i);
        }
        for (final Told each : told) {
            final int[] at = columns(each.kind());
            for (final int row : at) {
                right[row] += each.value() / each.variance();
                for (final int column : at) {
                    precision[row][column] += 1 / each.variance();
                }
            }
        }
        spread = new CholeskyDecomposition(new Array2DRowRealMatrix(precision, false))
                .getSolver()
                .getInverse();
        mean = spread.operate(new ArrayRealVector(right, false));
    }

    /** A share of what pots differ by that those with something in common share. */
    private record Part(String key, double share) {}

    private static List<Part> parts(final Kind kind) {
        return Stream.of(
                        kind.place().map(name -> new Part("place " + name, FROM_PLACE)),
                        kind.blend().map(name -> new Part("blend " + name, FROM_BLEND)),
                        kind.wall().map(name -> new Part("wall " + name, FROM_WALL)))
                .flatMap(Optional::stream)
                .toList();
    }

    private int[] columns(final Kind kind) {
        return parts(kind).stream()
                .filter(part -> columns.containsKey(part.key()))
                .mapToInt(part -> columns.get(part.key()))
                .toArray();
    }

    /**
     * What is to be taken of a pot before its own looks; as reckoned where no other of its place or its blend has shown anything: a wall alone makes
     * no likeness.
     *
     * @param own what it has taught itself, which is among what is known here and is left out again; empty for a pot that is new
     */
    public Prior of(final Kind kind, final Prior reckoned, final Optional<Taught> own) {
        final int[] at = columns(kind);
        final Optional<Told> told = own.flatMap(Taught::told);
        final int others = parts(kind).stream()
                        .filter(part -> part.share() > FROM_WALL)
                        .mapToInt(part -> pots.getOrDefault(part.key(), 0))
                        .max()
                        .orElse(0)
                - (told.isPresent() ? 1 : 0);
        if (others <= 0) {
            return reckoned;
        }
        double sum = Arrays.stream(at).mapToDouble(mean::getEntry).sum();
        double variance = 0;
        for (final int row : at) {
            for (final int column : at) {
                variance += spread.getEntry(row, column);
            }
        }
        if (told.isPresent()) {
            final double precision = 1 / variance - 1 / told.get().variance();
            sum = (sum / variance - told.get().value() / told.get().variance()) / precision;
            variance = 1 / precision;
        }
        final double unseen = parts(kind).stream()
                .filter(part -> !columns.containsKey(part.key()))
                .mapToDouble(Part::share)
                .sum();
        final double missing =
                1 - OWN - parts(kind).stream().mapToDouble(Part::share).sum();
        return new Prior(
                reckoned.log() + reckoned.logSd() * sum,
                reckoned.logSd() * Math.sqrt(Math.min(1, variance + unseen + missing + OWN)),
                others);
    }
}
