package looseknit.core.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import looseknit.core.material.Component;
import looseknit.core.material.Material;
import looseknit.core.need.MostOfOne;
import looseknit.core.need.UsualMakeUp;

/**
 * What is usual in a mix as straight inequalities over the parts: early, cheap and exact. A recipe passes if for each plant it satisfies all of
 * one of its ways. Immutable; a {@link Walk} belongs to one thread.
 */
final class UsualBounds {

    private static final double ROUNDING = 1e-9;

    /** Rows of each way: what a part of each candidate, the fixed base last, adds to a sum that must not end below 0. */
    private final double[][][] ways;

    /** Which plant each way is for. */
    private final int[] plantOf;

    private final int plants;

    /** By way, and by row that a set can fail whatever its parts: the candidates that can satisfy it, as bits. */
    private final long[][] able;

    UsualBounds(final CandidateTables meter, final List<UsualMakeUp> usual) {
        final List<double[][]> all = new ArrayList<>();
        final List<Integer> owners = new ArrayList<>();
        int plant = 0;
        for (final UsualMakeUp each : usual) {
            for (final UsualMakeUp.Way way : each.ways()) {
                all.add(rows(meter, way));
                owners.add(plant);
            }
            plant += each.ways().isEmpty() ? 0 : 1;
        }
        this.ways = all.toArray(double[][][]::new);
        this.plantOf = owners.stream().mapToInt(Integer::intValue).toArray();
        this.plants = plant;
        this.able = all.stream().map(UsualBounds::able).toArray(long[][]::new);
    }

    private static long[] able(final double[][] rows) {
        return Arrays.stream(rows)
                .filter(row ->
                        row[row.length - 1] < -ROUNDING || Arrays.stream(row).anyMatch(each -> each < -ROUNDING))
                .mapToLong(row -> {
                    long bits = 0;
                    for (int j = 0; j < row.length - 1; j++) {
                        bits |= row[row.length - 1] >= -ROUNDING || row[j] >= -ROUNDING ? 1L << j : 0;
                    }
                    return bits;
                })
                .distinct()
                .toArray();
    }

    /** Whether any recipe of some candidates can be usual, as far as each row by itself goes. */
    boolean possible(final int[] support) {
        long bits = 0;
        for (final int place : support) {
            bits |= 1L << place;
        }
        final boolean[] met = new boolean[plants];
        int missing = plants;
        for (int w = 0; w < able.length; w++) {
            if (!met[plantOf[w]] && all(able[w], bits)) {
                met[plantOf[w]] = true;
                missing--;
            }
        }
        return missing == 0;
    }

    private static boolean all(final long[] rows, final long bits) {
        for (final long row : rows) {
            if ((row & bits) == 0) {
                return false;
            }
        }
        return true;
    }

    private static double[][] rows(final CandidateTables meter, final UsualMakeUp.Way way) {
        final List<double[]> rows = new ArrayList<>();
        for (final UsualMakeUp.Bound bound : way.bounds()) {
            if (bound.low() > 0) {
                rows.add(row(meter, material -> bound.component().of(material) - bound.low()));
            }
            if (bound.high() < 1) {
                rows.add(row(meter, material -> bound.high() - bound.component().of(material)));
            }
        }
        rows.add(row(meter, material -> -Component.UNKNOWN.of(material)));
        final Set<MostOfOne.Row> families = new HashSet<>();
        for (final Material capped : meter.plain) {
            final double most = way.most(capped);
            if (most < 1) {
                rows.add(row(meter, material -> material.equals(capped) ? most - 1 : most));
            }
            way.together(capped).ifPresent(families::add);
        }
        for (final MostOfOne.Row family : families) {
            rows.add(row(
                    meter,
                    material -> way.together(material).filter(family::equals).isPresent()
                            ? family.most() - 1
                            : family.most()));
        }
        return rows.toArray(double[][]::new);
    }

    private static double[] row(final CandidateTables meter, final ToDoubleFunction<Material> perLitre) {
        final double[] row = new double[meter.places.length];
        for (int j = 0; j < row.length; j++) {
            for (int p = 0; p < meter.places[j].length; p++) {
                row[j] += meter.amounts[j][p] * perLitre.applyAsDouble(meter.plain.get(meter.places[j][p]));
            }
        }
        return row;
    }

    /** One thread's walk through the recipes of a set of candidates. */
    final class Walk {

        /** Rows that can fail for the set that is loaded, by way: what a part of each loaded candidate adds, the fixed base last. */
        private final double[][][] rows = new double[ways.length][][];

        private final int[] counts = new int[ways.length];

        /** Sums by depth, way and row. */
        private final double[][][] sums;

        private final boolean[] fit = new boolean[plants];
        private int size;

        private Walk(final int deepest) {
            int most = 0;
            for (int w = 0; w < ways.length; w++) {
                rows[w] = new double[ways[w].length][deepest + 1];
                most = Math.max(most, ways[w].length);
            }
            this.sums = new double[deepest + 1][ways.length][most];
        }

        /** Looks at a set of candidates; whether any recipe of it can be usual. */
        boolean load(final int[] support, final int many) {
            size = many;
            clear();
            for (int w = 0; w < ways.length; w++) {
                counts[w] = 0;
                boolean possible = true;
                for (int r = 0; r < ways[w].length && possible; r++) {
                    possible = take(w, ways[w][r], support);
                }
                if (possible) {
                    fit[plantOf[w]] = true;
                } else {
                    counts[w] = -1;
                }
            }
            return all();
        }

        /** Keeps a row if it can fail; whether it can be satisfied. */
        private boolean take(final int w, final double[] row, final int[] support) {
            final double base = row[row.length - 1];
            double least = base;
            double most = base;
            for (int s = 0; s < size; s++) {
                least = Math.min(least, row[support[s]]);
                most = Math.max(most, row[support[s]]);
            }
            if (most < -ROUNDING) {
                return false;
            }
            if (least < 0) {
                final double[] kept = rows[w][counts[w]];
                for (int s = 0; s < size; s++) {
                    kept[s] = row[support[s]];
                }
                sums[0][w][counts[w]] = base;
                counts[w]++;
            }
            return true;
        }

        private void clear() {
            for (int p = 0; p < plants; p++) {
                fit[p] = false;
            }
        }

        private boolean all() {
            for (int p = 0; p < plants; p++) {
                if (!fit[p]) {
                    return false;
                }
            }
            return true;
        }

        /** Adds parts of the candidate at a depth. */
        void add(final int depth, final int parts) {
            for (int w = 0; w < ways.length; w++) {
                for (int r = 0; r < counts[w]; r++) {
                    sums[depth + 1][w][r] = sums[depth][w][r] + parts * rows[w][r][depth];
                }
            }
        }

        /** Whether the parts that are left can be shared out among the candidates from a depth on, each getting one, to something usual. */
        boolean may(final int depth, final int left) {
            clear();
            for (int w = 0; w < ways.length; w++) {
                if (counts[w] >= 0 && !fit[plantOf[w]] && reaches(w, depth, left)) {
                    fit[plantOf[w]] = true;
                }
            }
            return all();
        }

        private boolean reaches(final int w, final int depth, final int left) {
            for (int r = 0; r < counts[w]; r++) {
                final double[] row = rows[w][r];
                double sum = sums[depth][w][r];
                double most = Double.NEGATIVE_INFINITY;
                for (int s = depth; s < size; s++) {
                    sum += row[s];
                    most = Math.max(most, row[s]);
                }
                if (sum + (left - size + depth) * most < -ROUNDING) {
                    return false;
                }
            }
            return true;
        }

        /** Whether a recipe of the loaded candidates is usual. */
        boolean usual(final int[] parts) {
            clear();
            for (int w = 0; w < ways.length; w++) {
                if (counts[w] >= 0 && !fit[plantOf[w]] && satisfies(w, parts)) {
                    fit[plantOf[w]] = true;
                }
            }
            return all();
        }

        private boolean satisfies(final int w, final int[] parts) {
            for (int r = 0; r < counts[w]; r++) {
                final double[] row = rows[w][r];
                double sum = sums[0][w][r];
                for (int s = 0; s < size; s++) {
                    sum += parts[s] * row[s];
                }
                if (sum < -ROUNDING) {
                    return false;
                }
            }
            return true;
        }
    }

    /**
     * @param deepest most candidates in a set
     */
    Walk walk(final int deepest) {
        return new Walk(deepest);
    }
}
