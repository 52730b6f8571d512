package looseknit.core.assay;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Column;

/**
 * A test that anybody can make at the bench. Each gives findings: what it showed beside what was predicted for just this test.
 *
 * <p>How far the tests may be off is typical, from memory.
 */
public sealed interface Assay {

    /** What the test shows about a mix, whose doses are described by {@code acidity}; nothing for one that only says how the heap is just now. */
    List<Finding> findings(Mix mix, Acidity acidity);

    /** Spread of air and water from a drainage test or a weighing [vol/vol]. */
    double SHARE_SD = 0.03;

    /** Least air below which a drainage test has let water run over. */
    double MOST_PORES = 0.985;

    /**
     * Soak a container of settled mix from below until the surface shines, let it drain for half an hour, catch the water.
     *
     * @param containerL volume of mix [L], 0.05 to 50
     * @param heightCm height of the mix in the container [cm], 3 to 60
     * @param waterInL water taken up while soaking [L]
     * @param drainedL water that ran out [L]
     * @param moistureL water that was in the mix before [L]; 0 for a dry mix
     */
    record Drainage(double containerL, double heightCm, double waterInL, double drainedL, double moistureL)
            implements Assay {

        public Drainage {
            within("test.containerL", containerL, 0.05, 50, Limit.L);
            within("test.heightCm", heightCm, 3, 60, Limit.CM);
            within("test.moistureL", moistureL, 0, containerL, Limit.L);
            within("test.waterInL", waterInL, 0, containerL, Limit.L_THE_CONTAINER_HOLDS);
            within("test.drainedL", drainedL, 0, waterInL + moistureL, Limit.L_THAT_WENT_IN);
            if ((waterInL + moistureL) / containerL > MOST_PORES) {
                throw new OutOfRangeException(
                        "test.waterInL",
                        Quantity.trimmed(Dimension.VOLUME, waterInL, 3).bare(),
                        AssaySentence.WATER_IN_AT_MOST.with(
                                Quantity.of(Dimension.VOLUME, MOST_PORES * containerL - moistureL, 2)));
            }
        }

        /** Total porosity [vol/vol]. */
        public double porosity() {
            return (waterInL + moistureL) / containerL;
        }

        /** Air after draining [vol/vol]. */
        public double air() {
            return drainedL / containerL;
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            final Column column = Column.free(heightCm, 1);
            return List.of(
                    Finding.porosity(mix.totalPorosity(), porosity(), SHARE_SD),
                    Finding.air(column.airFilledPorosity(mix), air(), SHARE_SD));
        }
    }

    /**
     * Weigh a container of settled mix after soaking and draining, and again when it is dry.
     *
     * @param containerL volume of mix [L], 0.05 to 50
     * @param heightCm height of the mix in the container [cm], 3 to 60
     * @param wetG mass of the mix drained, without the container [g]
     * @param dryG mass of the mix dry, without the container [g]
     */
    record Weighing(double containerL, double heightCm, double wetG, double dryG) implements Assay {

        private static final double RELATIVE_SD = 0.03;

        public Weighing {
            within("test.containerL", containerL, 0.05, 50, Limit.L);
            within("test.heightCm", heightCm, 3, 60, Limit.CM);
            within("test.dryG", dryG, containerL * 5, containerL * 2600, Limit.G_IN_THIS_CONTAINER);
            within("test.wetG", wetG, dryG, dryG + containerL * 1000 * MOST_PORES, Limit.G_FOR_THIS_DRY_MASS);
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            final double density = dryG / containerL;
            return List.of(
                    Finding.density(mix.bulkDensityGPerL(), density, RELATIVE_SD * density),
                    Finding.water(
                            Column.free(heightCm, 1).containerCapacity(mix),
                            (wetG - dryG) / 1000 / containerL,
                            SHARE_SD));
        }
    }

    /**
     * Squeeze a handful of the moist mix. Broad: it narrows the spread a little.
     *
     * @param shows what the hand sees
     */
    record Squeeze(Shows shows) implements Assay {

        private static final double SD = 0.08;

        /** A moist mix holds about so much of the water it holds after draining. */
        private static final double MOIST = 2.0 / 3;

        /** What a squeezed handful does, with the water content for which it stands [vol/vol]; common practice, no source. */
        public enum Shows implements Named {
            RUNS_FREELY(0.65),
            FEW_DROPS(0.575),
            HOLDS_SHAPE(0.425),
            CRUMBLES(0.30);
            private final double water;

            Shows(final double water) {
                this.water = water;
            }
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            return List.of(Finding.water(Column.free(10, 1).containerCapacity(mix), shows.water / MOIST, SD / MOIST));
        }
    }

    /**
     * Pour water on the settled, moist mix and time how long it stands.
     *
     * @param depthCm depth poured [cm], 0.5 to 10
     * @param seconds time until it has sunk in [s], 0.1 to 7200
     */
    record Ponding(double depthCm, double seconds) implements Assay {

        /** Factor by which conductivity may be off, as a standard deviation of its logarithm: a factor of three. */
        private static final double LOG_SD = 1.1;

        public Ponding {
            within("test.depthCm", depthCm, 0.5, 10, Limit.CM);
            within("test.seconds", seconds, 0.1, 7200, Limit.SECONDS);
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            final double air = Math.min(0.9, Seepage.airAt10(depthCm / seconds));
            return List.of(
                    Finding.air(mix.totalPorosity() - mix.waterAt(10), air, Math.max(SHARE_SD, LOG_SD / 3 * air)));
        }
    }

    /**
     * Read the pH.
     *
     * @param reading what the meter or strip says, 2 to 11
     * @param method how it was taken
     * @param weeks weeks since lime was mixed in, 0 to 520
     */
    record Ph(double reading, Method method, double weeks) implements Assay {

        /** How pH is taken. */
        public enum Method implements Named {
            /** One part mix in one and a half to two parts distilled water. */
            SLURRY(0, 0.2),
            /** The same in 0.01 M calcium chloride, which reads about half a unit lower. */
            CALCIUM_CHLORIDE(0.5, 0.2),
            /** A probe in the moist mix. */
            PROBE(0, 0.4),
            /** What runs out when water is poured through. */
            POUR_THROUGH(0, 0.3);
            private final double add;
            private final double sd;

            Method(final double add, final double sd) {
                this.add = add;
                this.sd = sd;
            }
        }

        public Ph {
            within("test.reading", reading, 2, 11, Limit.PH);
            within("test.weeks", weeks, 0, 520, Limit.WEEKS);
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            final double predicted = acidity.ph(weeks);
            return List.of(Finding.ph(predicted, reading + method.add, method.sd)
                    .moved(PhSpread.dosesSd(mix, predicted, predicted - acidity.plainPh())));
        }
    }

    /**
     * Read the salts.
     *
     * @param dsPerM what the meter says at 25 °C [dS/m], 0 to 20
     * @param extract in which water
     */
    record Salts(double dsPerM, Extract extract) implements Assay {

        private static final double RELATIVE_SD = 0.15;
        private static final double LEAST_SD = 0.05;

        /** How the water for the meter is had, and what its reading times this is in a saturation extract; usual conversions, from memory. */
        public enum Extract implements Named {
            /** Mix wetted until it glistens, its water drawn off. */
            SATURATED(1),
            /** One part mix in two parts distilled water. */
            SLURRY(2.7),
            /** What runs out when distilled water is poured through. */
            POUR_THROUGH(0.76);
            private final double times;

            Extract(final double times) {
                this.times = times;
            }

            /** What the meter shows where a saturation extract would show so much [dS/m]. */
            public double shows(final double saturatedDsPerM) {
                return saturatedDsPerM / times;
            }
        }

        public Salts {
            within("test.dsPerM", dsPerM, 0, 20, Limit.NUMBER);
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            final double found = dsPerM * extract.times;
            return List.of(Finding.salts(predicted(mix, acidity), found, Math.max(LEAST_SD, RELATIVE_SD * found)));
        }

        /** Salts of a mix with what its doses set free in the first month [dS/m]. */
        public static double predicted(final Mix mix, final Acidity acidity) {
            return Food.ecDsPerM(mix, acidity.doses(), acidity.temperatureC());
        }
    }

    /**
     * Read how moist the heap is just now: it says nothing about the mix, but whether it can be tested, potted or stored.
     *
     * @param water water in a volume of it [vol/vol], 0 to 0.95
     */
    record Moisture(double water) implements Assay {

        /** Below the first share of what it holds after draining it is dry, above the second wet; common practice put into figures by judgement. */
        private static final double DRY = 0.3;

        private static final double WET = 0.85;

        /** How moist a heap is for the next thing to do. */
        public enum State implements Named {
            DRY,
            MOIST,
            WET
        }

        public Moisture {
            within("test.water", water, 0, 0.95, Limit.VOL_PER_VOL);
        }

        /** How that is for this mix. */
        public State state(final Mix mix) {
            final double share = water / Column.free(10, 1).containerCapacity(mix);
            return share < DRY ? State.DRY : share > WET ? State.WET : State.MOIST;
        }

        @Override
        public List<Finding> findings(final Mix mix, final Acidity acidity) {
            return List.of();
        }
    }
}
