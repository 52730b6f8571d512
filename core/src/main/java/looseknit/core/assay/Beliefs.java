package looseknit.core.assay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.assay.Weights.Unknown;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;

/**
 * What is believed about lots and about the model's error for each blend, after all tests so far: a joint normal distribution, begun
 * with the spreads of the tables and corrected test by test (the update step of a Kalman filter without motion). A test of one blend
 * thereby corrects every other blend with the same materials, and no interval ever widens. Immutable.
 *
 * @see "Kalman, R. E. (1960). A new approach to linear filtering and prediction problems. J. Basic Eng. 82 (from memory)"
 */
public final class Beliefs {

    /** What is believed before any test. */
    public static final Beliefs UNTESTED = new Beliefs(List.of(), new double[0], new double[0][0], 0);

    /** Name of a blend that no test was made of. */
    public static final String NO_BLEND = "";

    /** Name of the model's own error among the causes. */
    public static final Message MODEL = AssaySentence.MODEL.with();

    private final List<Unknown> unknowns;
    private final Map<Unknown, Integer> places;
    private final double[] mean;
    private final double[][] covariance;
    private final int findings;

    private Beliefs(
            final List<Unknown> unknowns, final double[] mean, final double[][] covariance, final int findings) {
        this.unknowns = unknowns;
        this.places = new HashMap<>();
        for (int i = 0; i < unknowns.size(); i++) {
            places.put(unknowns.get(i), i);
        }
        this.mean = mean;
        this.covariance = covariance;
        this.findings = findings;
    }

    /**
     * A part of the variance of a reading.
     *
     * @param name material or other cause
     * @param variance its part, in the square of the reading's unit; may be below 0 where tests have tied two causes together
     */
    public record Share(Message name, double variance) {}

    /**
     * What is believed after a further finding.
     *
     * @param finding what a test showed
     * @param mix the mix that was tested
     * @param blend name of the blend, for the model's own error
     */
    public Beliefs after(final Finding finding, final Mix mix, final String blend) {
        return after(finding, mix, blend, blend);
    }

    /**
     * The same for one heap of a blend, whose doses have done what they have done.
     *
     * @param heap name of the heap
     */
    public Beliefs after(final Finding finding, final Mix mix, final String blend, final String heap) {
        final Weights weights = finding.weights(mix, blend, heap);
        final Beliefs wide = covering(weights);
        final double[] h = wide.row(weights);
        final double[] ph = wide.times(h);
        final double variance = dot(h, ph) + finding.sd() * finding.sd();
        final double surprise = finding.measured() - finding.predicted() - dot(h, wide.mean);
        final int n = h.length;
        final double[] corrected = wide.mean.clone();
        final double[][] narrowed = new double[n][n];
        for (int i = 0; i < n; i++) {
            corrected[i] += ph[i] / variance * surprise;
            for (int j = 0; j < n; j++) {
                narrowed[i][j] = wide.covariance[i][j] - ph[i] * ph[j] / variance;
            }
        }
        return new Beliefs(wide.unknowns, corrected, narrowed, findings + 1);
    }

    /** Number of findings behind these beliefs. */
    public int findings() {
        return findings;
    }

    /**
     * How far a trait of a mix is believed to lie from the tables, with its spread.
     *
     * @param blend name of the blend, {@link #NO_BLEND} if it has none
     */
    public Estimate correction(final LotTrait trait, final Mix mix, final String blend) {
        return correction(Weights.of(trait, mix, blend), mix);
    }

    /** How far what a finding measures is believed to lie from what was predicted. */
    Estimate correction(final Finding finding, final Mix mix, final String blend, final String heap) {
        return correction(finding.weights(mix, blend, heap), mix);
    }

    /**
     * How far the pH of a heap is believed to lie from what is predicted, with what its tests have shown of its doses.
     *
     * @param heap name of the heap
     * @param dosesSd how far buffers and doses may be off, {@link PhSpread#dosesSd}
     */
    public Estimate phOfHeap(final Mix mix, final String blend, final String heap, final double dosesSd) {
        return correction(Weights.of(LotTrait.PH, mix, blend).plus(Weights.ofDoses(heap), dosesSd), mix);
    }

    /** How far water held is believed to lie from the tables: pores less air. */
    public Estimate waterCorrection(final Mix mix, final String blend) {
        return correction(waterWeights(mix, blend), mix);
    }

    /** How far a trait of a material's lot is believed to lie from its table. */
    public Estimate materialCorrection(final LotTrait trait, final Material material) {
        final Weights weights =
                new Weights(Map.of(new Unknown(trait, material.id(), true, trait.lotSd(material)), 1.0));
        return correction(weights, Mix.of(List.of(material), new double[] {1}));
    }

    /** Where the spread of a trait of a mix comes from. */
    public List<Share> shares(final LotTrait trait, final Mix mix, final String blend) {
        return shares(Weights.of(trait, mix, blend), mix);
    }

    /** Where the spread of the water held comes from. */
    public List<Share> waterShares(final Mix mix, final String blend) {
        return shares(waterWeights(mix, blend), mix);
    }

    private static Weights waterWeights(final Mix mix, final String blend) {
        return Weights.of(LotTrait.POROSITY, mix, blend).plus(Weights.of(LotTrait.AIR, mix, blend), -1);
    }

    /** {@link #correction(Trait, Mix, String)} without its spread, which takes longer. */
    public double shift(final LotTrait trait, final Mix mix, final String blend) {
        return shift(Weights.of(trait, mix, blend));
    }

    private double shift(final Weights weights) {
        double value = 0;
        for (final Map.Entry<Unknown, Double> entry : weights.each().entrySet()) {
            final int i = places.getOrDefault(entry.getKey(), -1);
            value += i < 0 ? 0 : entry.getValue() * mean[i];
        }
        return value;
    }

    private Estimate correction(final Weights weights, final Mix mix) {
        final double variance =
                shares(weights, mix).stream().mapToDouble(Share::variance).sum();
        return new Estimate(shift(weights), Math.sqrt(Math.max(0, variance)));
    }

    private List<Share> shares(final Weights weights, final Mix mix) {
        final List<Share> result = new ArrayList<>();
        weights.each().forEach((unknown, weight) -> {
            final int i = places.getOrDefault(unknown, -1);
            double with = 0;
            if (i < 0) {
                with = weight * unknown.priorSd() * unknown.priorSd();
            } else {
                for (final Map.Entry<Unknown, Double> other : weights.each().entrySet()) {
                    final int j = places.getOrDefault(other.getKey(), -1);
                    with += j < 0 ? 0 : covariance[i][j] * other.getValue();
                }
            }
            result.add(new Share(unknown.lot() ? name(mix, unknown.subject()) : MODEL, weight * with));
        });
        return result;
    }

    private static Message name(final Mix mix, final String id) {
        return mix.materials().stream()
                .filter(material -> material.id().equals(id))
                .findFirst()
                .map(AssaySentence.MATERIAL::with)
                .orElseGet(() -> TableText.said(id));
    }

    private Beliefs covering(final Weights weights) {
        final List<Unknown> all = new ArrayList<>(unknowns);
        weights.each().keySet().stream()
                .filter(unknown -> !places.containsKey(unknown))
                .sorted((a, b) -> (a.trait() + a.subject()).compareTo(b.trait() + b.subject()))
                .forEach(all::add);
        final int n = all.size();
        final double[] wideMean = Arrays.copyOf(mean, n);
        final double[][] wide = new double[n][n];
        for (int i = 0; i < n; i++) {
            if (i < mean.length) {
                System.arraycopy(covariance[i], 0, wide[i], 0, mean.length);
            } else {
                wide[i][i] = all.get(i).priorSd() * all.get(i).priorSd();
            }
        }
        return new Beliefs(Collections.unmodifiableList(all), wideMean, wide, findings);
    }

    private double[] row(final Weights weights) {
        return unknowns.stream()
                .mapToDouble(unknown -> weights.each().getOrDefault(unknown, 0.0))
                .toArray();
    }

    private double[] times(final double[] vector) {
        return Arrays.stream(covariance).mapToDouble(row -> dot(row, vector)).toArray();
    }

    private static double dot(final double[] a, final double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
