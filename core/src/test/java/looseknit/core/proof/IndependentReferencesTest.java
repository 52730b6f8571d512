package looseknit.core.proof;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import javax.measure.Unit;
import javax.measure.quantity.Length;
import javax.measure.quantity.Mass;
import javax.measure.quantity.Volume;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Foliage;
import looseknit.core.dry.Losses;
import looseknit.core.dry.TopDressing;
import looseknit.core.dry.Weather;
import looseknit.core.measure.LengthUnit;
import looseknit.core.measure.MassUnit;
import looseknit.core.measure.VolumeUnit;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.hipparchus.filtering.kalman.Measurement;
import org.hipparchus.filtering.kalman.ProcessEstimate;
import org.hipparchus.filtering.kalman.linear.LinearEvolution;
import org.hipparchus.filtering.kalman.linear.LinearKalmanFilter;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposer;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import systems.uom.common.Imperial;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;

/** The core beside general-purpose libraries that compute the same in their own way. */
class IndependentReferencesTest {

    /** Indriya with the US customary and imperial systems of systems-common, which rounds some units to nine digits. */
    @Test
    void unitsAgreeWithAUnitsLibrary() {
        volume(VolumeUnit.US_GALLON, USCustomary.GALLON_LIQUID, 1);
        volume(VolumeUnit.US_CUP, USCustomary.CUP, 1);
        volume(VolumeUnit.US_TABLESPOON, USCustomary.TABLESPOON, 1);
        volume(VolumeUnit.US_TEASPOON, USCustomary.TEASPOON, 1);
        volume(VolumeUnit.CUBIC_INCH, USCustomary.CUBIC_INCH, 1);
        volume(VolumeUnit.CUBIC_FOOT, USCustomary.CUBIC_FOOT, 1);
        volume(VolumeUnit.IMPERIAL_GALLON, Imperial.GALLON_UK, 1);
        assertThat(LengthUnit.INCH.centimetres()).isCloseTo(length(USCustomary.INCH), within(1e-12));
        assertThat(MassUnit.POUND.grams()).isCloseTo(mass(USCustomary.POUND), within(1e-9));
        assertThat(MassUnit.OUNCE.grams()).isCloseTo(mass(USCustomary.OUNCE), within(1e-9));
    }

    private static void volume(final VolumeUnit ours, final Unit<Volume> theirs, final double amount) {
        final double litres = theirs.getConverterTo(Units.CUBIC_METRE).convert(amount) * 1000;
        assertThat(ours.toLitres(amount)).as(ours.name()).isCloseTo(litres, within(1e-8 * litres));
    }

    private static double length(final Unit<Length> unit) {
        return unit.getConverterTo(Units.METRE).convert(1.0) * 100;
    }

    private static double mass(final Unit<Mass> unit) {
        return unit.getConverterTo(Units.KILOGRAM).convert(1.0) * 1000;
    }

    /**
     * The dry-down with its steps of a tenth of a day beside Hipparchus' Dormand–Prince integrator of order 8, in the stage where all
     * losses are smooth: no surface left to dry in two stages.
     */
    @ParameterizedTest
    @ValueSource(strings = {"PLASTIC", "CLAY"})
    void dryDownAgreesWithAnIntegrator(final PotWall wall) {
        final Mix mix = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
        final Pot pot = new Pot(PotShape.ROUND, 17, 12.75, 15.5, wall, PotBase.ON_FEET, 0, Optional.empty());
        final Losses all = Losses.of(pot, new Weather(24, 55, 8, 0.3), new Foliage(0.09, 1), TopDressing.NONE);
        final Losses losses = new Losses(0, all.wallLitresPerDay(), all.leafLitresPerDay(), all.surfaceM2(), 1);
        final double usable = looseknit.core.dry.Reservoir.of(mix, pot).fromTopL();
        final double days = new DryDown(usable, losses).daysBetween(0, 0.9);

        final OrdinaryDifferentialEquation drying = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(final double t, final double[] y) {
                return new double[] {
                    (losses.wallLitresPerDay() * Math.min(1, (1 - y[0]) / 0.5)
                                    + losses.leafLitresPerDay() * Math.min(1, (1 - y[0]) / 0.4))
                            / usable
                };
            }
        };
        final double gone = new DormandPrince853Integrator(1e-8, 0.5, 1e-10, 1e-10)
                .integrate(drying, new ODEState(0, new double[] {0}), days)
                .getPrimaryState()[0];

        assertThat(gone).isCloseTo(0.9, within(0.01));
    }

    /** Three findings on one blend beside Hipparchus' linear Kalman filter. */
    @ParameterizedTest
    @CsvSource({"0.05, 0.03", "-0.10, 0.03", "0.02, 0.20"})
    void beliefsAgreeWithAKalmanFilter(final double off, final double sd) {
        final Mix mix = Mix.of(recipe("peat 2 perlite_med 1"));
        Beliefs beliefs = Beliefs.UNTESTED;
        for (int i = 0; i < 3; i++) {
            beliefs = beliefs.after(Finding.air(0.2, 0.2 + off + 0.01 * i, sd), mix, "porch");
        }

        final RealVector weights = new ArrayRealVector(new double[] {mix.litresPerLitre(0), mix.litresPerLitre(1), 1});
        final RealMatrix prior = MatrixUtils.createRealDiagonalMatrix(new double[] {.06 * .06, .05 * .05, .03 * .03});
        final LinearKalmanFilter<Reading> filter = new LinearKalmanFilter<>(
                new CholeskyDecomposer(1e-15, 1e-15),
                measurement -> new LinearEvolution(
                        MatrixUtils.createRealIdentityMatrix(3),
                        new Array2DRowRealMatrix(3, 1),
                        new ArrayRealVector(1),
                        new Array2DRowRealMatrix(3, 3),
                        new Array2DRowRealMatrix(new double[][] {weights.toArray()})),
                new ProcessEstimate(0, new ArrayRealVector(3), prior));
        ProcessEstimate estimate = null;
        for (int i = 0; i < 3; i++) {
            estimate = filter.estimationStep(new Reading(i + 1, off + 0.01 * i, sd));
        }

        final var corrected = beliefs.correction(LotTrait.AIR, mix, "porch");
        assertThat(corrected.value()).isCloseTo(weights.dotProduct(estimate.getState()), within(1e-9));
        assertThat(corrected.sd())
                .isCloseTo(Math.sqrt(weights.dotProduct(estimate.getCovariance().operate(weights))), within(1e-9));
        assertThat(List.of(beliefs.findings())).containsExactly(3);
    }

    private record Reading(double time, double value, double sd) implements Measurement {
        @Override
        public double getTime() {
            return time;
        }

        @Override
        public RealVector getValue() {
            return new ArrayRealVector(new double[] {value});
        }

        @Override
        public RealMatrix getCovariance() {
            return new Array2DRowRealMatrix(new double[][] {{sd * sd}});
        }
    }
}
