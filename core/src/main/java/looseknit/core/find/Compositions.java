package looseknit.core.find;

/** Ways to share out whole parts among materials, each getting one at least. */
final class Compositions {

    private static final int SMALL = 20;
    private static final long[][] TABLE = table();

    private final int most;
    private final boolean reduced;
    private final long[] counts = new long[7];

    /**
     * @param most most parts in all
     * @param reduced whether only proportions count, so that 2 : 4 is the same as 1 : 2
     */
    Compositions(final int most, final boolean reduced) {
        this.most = most;
        this.reduced = reduced;
        for (int size = 0; size < counts.length; size++) {
            for (int parts = Math.max(1, size); parts <= most; parts++) {
                counts[size] += reduced ? primitive(parts, size) : ways(parts, size);
            }
            if (size == 0) {
                counts[size] = reduced ? 0 : 1;
            }
        }
    }

    int most() {
        return most;
    }

    boolean reduced() {
        return reduced;
    }

    /** Number of ways for so many materials. */
    long count(final int size) {
        return counts[size];
    }

    private static long ways(final int parts, final int size) {
        return size == 0 ? 0 : choose(parts - 1, size - 1);
    }

    /** Ways with no common divisor: all ways less those that are multiples of smaller ones. */
    private static long primitive(final int parts, final int size) {
        long count = ways(parts, size);
        for (int divisor = 2; divisor <= parts; divisor++) {
            if (parts % divisor == 0) {
                count -= primitive(parts / divisor, size);
            }
        }
        return count;
    }

    /** Binomial coefficient; 0 where there is none. */
    static long choose(final int n, final int k) {
        return n >= 0 && n < SMALL && k >= 0 && k < SMALL ? TABLE[n][k] : worked(n, k);
    }

    private static long[][] table() {
        final long[][] table = new long[SMALL][SMALL];
        for (int n = 0; n < SMALL; n++) {
            for (int k = 0; k < SMALL; k++) {
                table[n][k] = worked(n, k);
            }
        }
        return table;
    }

    private static long worked(final int n, final int k) {
        if (k < 0 || k > n) {
            return 0;
        }
        long result = 1;
        for (int i = 1; i <= k; i++) {
            result = result * (n - k + i) / i;
        }
        return result;
    }

    /** Greatest common divisor. */
    static int divisor(final int a, final int b) {
        int x = a;
        int y = b;
        while (y != 0) {
            final int rest = x % y;
            x = y;
            y = rest;
        }
        return x;
    }
}
