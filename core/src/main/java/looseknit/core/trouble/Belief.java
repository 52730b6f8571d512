package looseknit.core.trouble;

import java.util.Collection;

/** Shares of all causes; they sum to 1. */
final class Belief {

    private static final double LOG_2 = Math.log(2);

    private final SignTable table;
    private final String group;
    private final double[] shares;

    private Belief(final SignTable table, final String group, final double... shares) {
        this.table = table;
        this.group = group;
        this.shares = shares;
    }

    /** Before anything is seen. */
    static Belief of(final SignTable table, final String group) {
        final double[] shares = new double[Cause.values().length];
        for (final Cause cause : Cause.values()) {
            shares[cause.ordinal()] = table.before(cause, group);
        }
        return new Belief(table, group, shares);
    }

    double share(final Cause cause) {
        return shares[cause.ordinal()];
    }

    /** After some signs, in whatever order. */
    Belief after(final Collection<Sign> signs) {
        final double[] logs = new double[shares.length];
        double most = Double.NEGATIVE_INFINITY;
        for (final Cause cause : Cause.values()) {
            final int i = cause.ordinal();
            logs[i] = Math.log(shares[i]);
            for (final Sign sign : signs.stream().sorted().toList()) {
                logs[i] += Math.log(table.chance(sign, cause, group));
            }
            most = Math.max(most, logs[i]);
        }
        double sum = 0;
        for (int i = 0; i < logs.length; i++) {
            logs[i] = Math.exp(logs[i] - most);
            sum += logs[i];
        }
        for (int i = 0; i < logs.length; i++) {
            logs[i] /= sum;
        }
        return new Belief(table, group, logs);
    }

    /** How likely a sign is to be seen. */
    double chance(final Sign sign) {
        double sum = 0;
        for (final Cause cause : Cause.values()) {
            sum += share(cause) * table.chance(sign, cause, group);
        }
        return sum;
    }

    /** How much a sign shifts the odds of a cause against all others [nat]. */
    double weight(final Sign sign, final Cause cause) {
        final double with = table.chance(sign, cause, group);
        final double others = (chance(sign) - share(cause) * with) / Math.max(1e-12, 1 - share(cause));
        return Math.log(with / Math.max(1e-12, others));
    }

    /** What the answer to a question is expected to tell of the cause [bit]: the mutual information of both. */
    double bits(final Finding finding) {
        double bits = 0;
        for (final Sign sign : finding.signs()) {
            final double likely = chance(sign);
            for (final Cause cause : Cause.values()) {
                final double given = table.chance(sign, cause, group);
                if (given > 0 && share(cause) > 0) {
                    bits += share(cause) * given * Math.log(given / likely) / LOG_2;
                }
            }
        }
        return bits;
    }
}
