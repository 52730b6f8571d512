package looseknit.core.reading;

import looseknit.core.blend.Acidity;
import looseknit.core.blend.Ageing;
import looseknit.core.dry.Reservoir;
import org.jspecify.annotations.Nullable;

/**
 * A mix in its pot as the gauges read it: what its materials make together, what doses add, and how far tests, or chance, put it off the
 * tables. Filled anew by a {@link MixReader} for every mix, without allocating. For one thread.
 */
public final class MixState {

    private static final double MOST_PORES = 0.99;
    private static final double LEAST_WATER = 0.01;
    private static final double LEAST_DENSITY = 0.1;

    private final Situation situation;
    private final boolean below;
    private @Nullable DryingDays drying;

    /** Pores of all kinds [vol/vol]. */
    double totalPorosity;

    /** Water held after soaking and draining, before tests [vol/vol]. */
    double capacity;

    /** Dry bulk density, before tests [g/L]. */
    double tabulatedDensityGPerL;

    /** Water held at 50 and 100 cm of suction [vol/vol]. */
    double waterAt50;

    double waterAt100;

    /** Easily available water, before tests [vol/vol]. */
    double tabulatedEasyWater;

    /** pH before any dose, and buffer capacity [meq/L per pH]. */
    double plainPh;

    double bufferMeqPerLPerPh;

    /** Nitrogen [mg/L] and salts [dS/m] of the materials. */
    double materialNMgPerL;

    double materialEcDsPerM;

    /** Base that carbonates, and others, have set free when the pH is read [meq/L]. */
    private double carbonateMeqPerL;

    private double otherMeqPerL;

    /** Nitrogen that doses set free in the first month [mg/L]. */
    private double dosedNMgPerL;

    /** How far traits lie off the tables [vol/vol; density as a share; pH; dS/m]. */
    double airOff;

    double porosityOff;
    double densityOff;
    double phOff;
    double saltsOff;
    double easyWaterOff;

    /** How many times as long it dries, and as heavy the empty pot is, as expected. */
    double dryingTimes = 1;

    double potTimes = 1;

    private final Contents contents;

    private final Ageing.Course course = new Ageing.Course() {
        @Override
        public double air(final double years) {
            return airAfter(years);
        }

        @Override
        public double settledTo() {
            return contents.settledTo();
        }
    };

    MixState(final Situation situation, final @Nullable DryingDays drying, final Contents contents) {
        this.situation = situation;
        this.below = situation.drying().filter(Drying::below).isPresent();
        this.drying = drying;
        this.contents = contents;
    }

    /** Plant, pot, place and hand. */
    public Situation situation() {
        return situation;
    }

    void dries(final DryingDays other) {
        this.drying = other;
    }

    /** What doses add. */
    public void dose(final double carbonateMeq, final double otherMeq, final double nMgPerL) {
        lime(carbonateMeq, otherMeq);
        feed(nMgPerL);
    }

    /** What doses for acidity set free by the time at which the pH is read [meq/L]. */
    public void lime(final double carbonateMeq, final double otherMeq) {
        this.carbonateMeqPerL = carbonateMeq;
        this.otherMeqPerL = otherMeq;
    }

    /** What feeds set free in the first month [mg N/L]. */
    public void feed(final double nMgPerL) {
        this.dosedNMgPerL = nMgPerL;
    }

    double dosedNMgPerL() {
        return dosedNMgPerL;
    }

    /** Pores of all kinds [vol/vol]. */
    double porosity() {
        return Math.min(MOST_PORES, totalPorosity + porosityOff);
    }

    /** Air after draining [vol/vol]. */
    double air() {
        return Math.max(0, Math.min(porosity(), totalPorosity - capacity + airOff));
    }

    /** Water held after soaking and draining: the pores less the air [vol/vol]. */
    double water() {
        final double pores = porosity();
        return Math.max(LEAST_WATER, Math.min(pores, pores - air()));
    }

    /** Dry bulk density [g/L]; tests tell a share by which it is off. */
    double densityGPerL() {
        return tabulatedDensityGPerL * Math.max(LEAST_DENSITY, 1 + densityOff);
    }

    /** Mass of a litre of mix just watered [kg/L]. */
    public double wetKgPerL() {
        return densityGPerL() / 1000 + water();
    }

    /** Water that the plant can draw after the usual watering [L]. */
    double usableLitres() {
        final double held = below ? water() : Reservoir.TOP_WATERED * water();
        return Reservoir.usableLitres(held, Reservoir.beyondReach(waterAt50, waterAt100), situation.litres());
    }

    /** Days until the plant wants water, by its usable water; 0 where nothing dries. */
    double days(final double usableLitres) {
        final DryingDays dries = drying;
        return dries == null ? 0 : dryingTimes * dries.days(usableLitres);
    }

    /** pH when most of a lime has worked. */
    double ph() {
        return Acidity.ph(plainPh, bufferMeqPerLPerPh, carbonateMeqPerL, otherMeqPerL) + phOff;
    }

    /** Air some years on [vol/vol]. */
    double airAfter(final double years) {
        return contents.airAfter(years) + airOff;
    }

    /** What is in the mix, and what becomes of it. */
    Contents contents() {
        return contents;
    }

    /** Years until the mix has gone over. */
    double lifeYears(final double bearableAir) {
        return Ageing.yearsUntilGoneOver(course, bearableAir);
    }

    /** Share of the mix outside what is usual, for the plant that bears it least [vol/vol]. */
    double unusual() {
        double most = 0;
        for (int i = 0; i < situation.usual().size(); i++) {
            most = Math.max(most, situation.usual().get(i).outside(contents));
        }
        return most;
    }
}
