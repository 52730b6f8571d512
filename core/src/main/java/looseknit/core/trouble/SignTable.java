package looseknit.core.trouble;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;

/**
 * How often a sign is seen with a cause, and how often each cause is the one. Common practice put into figures by judgement, no source; a table
 * to be argued about. The ordinary answer of each finding takes what the others leave.
 */
public final class SignTable {

    private static final String ANY = "";

    /** No answer is ever quite impossible. */
    private static final double LEAST = 0.005;

    private static final SignTable SHIPPED = new SignTable(
            CsvTable.resource(SignTable.class, "causes.csv", SignTable::causeLine),
            CsvTable.resource(SignTable.class, "signs.csv", SignTable::signLine));

    private record CauseLine(Cause cause, String group, double weight) {}

    private record SignLine(Sign sign, String group, Optional<Double> usual, Map<Cause, Double> byCause) {}

    private final List<CauseLine> causes;
    private final List<SignLine> signs;
    private final Map<String, double[]> priors = new HashMap<>();
    private final Map<String, double[][]> chances = new HashMap<>();

    private SignTable(final List<CauseLine> causes, final List<SignLine> signs) {
        this.causes = causes;
        this.signs = signs;
        prepare(ANY);
        causes.stream().map(CauseLine::group).distinct().forEach(this::prepare);
        signs.stream().map(SignLine::group).distinct().forEach(this::prepare);
    }

    /** The table that ships. */
    public static SignTable shipped() {
        return SHIPPED;
    }

    private static CauseLine causeLine(final Row row) {
        return new CauseLine(row.oneOf("cause", Cause.class), row.text("group"), row.number("weight", 0.01, 100));
    }

    private static SignLine signLine(final Row row) {
        final Map<Cause, Double> byCause = new EnumMap<>(Cause.class);
        for (final String each : row.text("by_cause").split(";")) {
            if (!each.isBlank()) {
                final String[] pair = each.strip().split(" ");
                byCause.put(Cause.valueOf(pair[0]), Double.valueOf(pair[1]));
            }
        }
        final Optional<Double> usual =
                row.text("usual").isEmpty() ? Optional.empty() : Optional.of(row.number("usual", 0, 1));
        return new SignLine(row.oneOf("sign", Sign.class), row.text("group"), usual, byCause);
    }

    private void prepare(final String group) {
        if (priors.containsKey(group)) {
            return;
        }
        final double[] weights = new double[Cause.values().length];
        for (final String each : List.of(ANY, group)) {
            causes.stream()
                    .filter(line -> line.group().equals(each))
                    .forEach(line -> weights[line.cause().ordinal()] = line.weight());
        }
        double sum = 0;
        for (final double weight : weights) {
            sum += weight;
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
        priors.put(group, weights);
        chances.put(group, chances(group));
    }

    private double[][] chances(final String group) {
        final double[][] chance = new double[Sign.values().length][Cause.values().length];
        for (final String each : List.of(ANY, group)) {
            for (final SignLine line : signs) {
                if (line.group().equals(each)) {
                    final double[] of = chance[line.sign().ordinal()];
                    line.usual().ifPresent(usual -> Arrays.fill(of, usual));
                    line.byCause().forEach((cause, value) -> of[cause.ordinal()] = value);
                }
            }
        }
        for (final Finding finding : Finding.values()) {
            for (final Cause cause : Cause.values()) {
                complete(chance, finding, cause, group);
            }
        }
        return chance;
    }

    private static void complete(
            final double[][] chance, final Finding finding, final Cause cause, final String group) {
        double sum = 0;
        for (final Sign sign : finding.signs()) {
            if (!sign.isOrdinary()) {
                sum += chance[sign.ordinal()][cause.ordinal()];
            }
        }
        if (sum > 1 - LEAST) {
            throw new IllegalStateException("The signs of %s with %s%s come to %s; at most %s"
                    .formatted(finding, cause, group.isEmpty() ? "" : " at " + group, sum, 1 - LEAST));
        }
        for (final Sign sign : finding.signs()) {
            if (sign.isOrdinary()) {
                chance[sign.ordinal()][cause.ordinal()] = 1 - sum;
            }
        }
    }

    /** How often a cause is the one at plants of a group; all together 1. */
    double before(final Cause cause, final String group) {
        return of(priors, group)[cause.ordinal()];
    }

    /** How often a sign is seen with a cause at plants of a group; those of a finding together 1. */
    double chance(final Sign sign, final Cause cause, final String group) {
        return of(chances, group)[sign.ordinal()][cause.ordinal()];
    }

    private static <T> T of(final Map<String, T> byGroup, final String group) {
        final T own = byGroup.get(group);
        return own == null ? Objects.requireNonNull(byGroup.get(ANY)) : own;
    }
}
