package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Mix;
import looseknit.core.material.Doubt;
import looseknit.core.material.GrainSize;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.material.Nutrients;
import looseknit.core.material.Retention;
import looseknit.core.material.VirtualPacking;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Column;

/**
 * What was measured of a lot. Each figure takes the place of the table's in the measure in which it is surer: a value with spread σp and a
 * test with spread σm give m + k (y − m) with k = σp²/(σp² + σm²), and the spread narrows to σp √(1 − k).
 *
 * @param ph pH in a slurry of water
 * @param bulkDensityGPerL dry mass of a settled litre [g/L]
 * @param drain air and water after draining
 * @param grainSize grade found by sieving
 * @param fed fertiliser has been added to the lot
 * @param rinsed salts have been rinsed out of the lot
 * @param quarantined the lot has unwanted guests
 * @see "Kalman, R. E. (1960). A new approach to linear filtering and prediction problems. J. Basic Eng. 82 (from memory)"
 */
public record Measured(
        OptionalDouble ph,
        OptionalDouble bulkDensityGPerL,
        Optional<Drain> drain,
        Optional<GrainSize> grainSize,
        boolean fed,
        boolean rinsed,
        boolean quarantined) {

    /** Nothing measured, nothing noted. */
    public static final Measured NOTHING = new Measured(
            OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty(), Optional.empty(), false, false, false);

    /** How far the tests may be off; typical, from memory. */
    private static final double PH_SD = 0.2;

    private static final double DENSITY_RELATIVE_SD = 0.03;
    private static final double SHARE_SD = 0.03;

    /** Salts and potassium that stay after rinsing; by judgement. */
    private static final double RINSED_LEAVES = 0.4;

    /** What a starter feed adds [mg/L] and [dS/m]; typical, from memory. */
    private static final Nutrients STARTER = Nutrients.npk(120, 40, 120);

    private static final double STARTER_EC = 0.8;

    /** Less drained air than this cannot be scaled. */
    private static final double LEAST_DRAINED = 1e-3;

    private static final double LEAST_POROSITY = 0.05;
    private static final double MOST_POROSITY = 0.99;

    /**
     * Air and water of a container after draining for half an hour.
     *
     * @param heightCm height of the material in the container [cm], 3 to 60
     * @param air air-filled share [vol/vol], 0 to 0.95
     * @param water water-filled share [vol/vol], 0.01 to 0.98
     */
    public record Drain(double heightCm, double air, double water) {

        public Drain {
            within("drain.heightCm", heightCm, 3, 60, Limit.CM);
            within("drain.air", air, 0, 0.95, Limit.VOL_PER_VOL);
            within("drain.water", water, 0.01, 0.98, Limit.VOL_PER_VOL);
            if (air + water > 0.985) {
                throw new OutOfRangeException(
                        "drain.water",
                        Quantity.trimmed(Dimension.NUMBER, water, 3),
                        ShelfSentence.ROOM_FOR_GRAINS.with(Quantity.of(Dimension.NUMBER, 0.985 - air, 2)));
            }
        }
    }

    public Measured {
        ph.ifPresent(value -> within("measured.ph", value, 2, 12, Limit.PH));
        bulkDensityGPerL.ifPresent(value -> within("measured.bulkDensity", value, 5, 3000, Limit.G_PER_L));
    }

    /** The material as this lot of it is. */
    public Material applyTo(final Material material) {
        final Material result = noted(material);
        return result.makeUp().isPresent() ? constituents(result) : figures(result);
    }

    private Material noted(final Material material) {
        Material result = material;
        if (rinsed) {
            result = salted(result, RINSED_LEAVES, Nutrients.NONE, 0).not(Nature.UNRINSED);
        }
        if (fed) {
            result = salted(result, 1, STARTER, STARTER_EC).also(List.of(Nature.FED));
        }
        if (quarantined) {
            result = result.also(List.of(Nature.QUARANTINED));
        }
        return result;
    }

    private Material figures(final Material material) {
        Material result = material;
        if (grainSize.isPresent()) {
            result = graded(result, grainSize.get());
        }
        if (bulkDensityGPerL.isPresent()) {
            result = weighed(result, bulkDensityGPerL.getAsDouble());
        }
        if (ph.isPresent()) {
            result = soured(result, ph.getAsDouble());
        }
        return drain.isPresent() ? drained(result, drain.get()) : result;
    }

    /** A mix that was measured as a whole: every constituent is moved alike, so that the whole comes to what was found. */
    private Material constituents(final Material mix) {
        final Material whole = figures(mix);
        final Moves moves = Moves.between(mix, whole);
        final MakeUp makeUp = mix.makeUp().orElseThrow();
        return whole.madeOf(Optional.of(new MakeUp(
                makeUp.constituents().stream()
                        .map(each ->
                                new MakeUp.Constituent(moves.applyTo(noted(each.material())), each.litresPerLitre()))
                        .toList(),
                makeUp.certainty())));
    }

    /**
     * How measuring moved a mix.
     *
     * @param density bulk density against before
     * @param ph pH added
     * @param pores porosity against before
     * @param air drained air against before
     * @param doubtfulWater spread of the water against before, and so on
     */
    private record Moves(
            double density,
            double ph,
            double pores,
            double air,
            double doubtfulWater,
            double doubtfulPores,
            double doubtfulDensity,
            double doubtfulPh) {

        static Moves between(final Material before, final Material after) {
            return new Moves(
                    after.physics().bulkDensityGPerL() / before.physics().bulkDensityGPerL(),
                    after.chemistry().ph() - before.chemistry().ph(),
                    after.physics().totalPorosity() / before.physics().totalPorosity(),
                    after.retention() instanceof Retention.Moved moved ? moved.airFactor() : 1,
                    after.doubt().waterSd() / before.doubt().waterSd(),
                    after.doubt().porositySd() / before.doubt().porositySd(),
                    after.doubt().densityRelativeSd() / before.doubt().densityRelativeSd(),
                    after.doubt().phSd() / before.doubt().phSd());
        }

        Material applyTo(final Material one) {
            final Material.Physics p = one.physics();
            final double porosity = Math.min(MOST_POROSITY, p.totalPorosity() * pores);
            final double closed = Math.min(one.closedPores(), 0.5 * porosity);
            final Doubt doubt = one.doubt();
            return one.found(
                    one.grainSize(),
                    physics(p, Math.min(3000, Math.max(5, p.bulkDensityGPerL() * density)), porosity),
                    chemistry(one, Math.max(2, Math.min(12, one.chemistry().ph() + ph))),
                    new Retention.Moved(one.retention(), porosity - closed, air),
                    new Doubt(
                            doubt.waterSd() * doubtfulWater,
                            doubt.porositySd() * doubtfulPores,
                            doubt.densityRelativeSd() * doubtfulDensity,
                            doubt.phSd() * doubtfulPh,
                            doubt.bufferRelativeSd()));
        }
    }

    private static Material graded(final Material material, final GrainSize size) {
        final double ratio = material.grainSize().d50Mm() / size.d50Mm();
        final Material.Physics p = material.physics();
        final Material.Physics packed = new Material.Physics(
                p.bulkDensityGPerL(),
                p.totalPorosity(),
                p.packingFraction(),
                VirtualPacking.of(size, p.packingFraction(), p.fillEfficiency()),
                p.fillEfficiency(),
                p.settling(),
                p.squeeze());
        return material.found(
                size, packed, material.chemistry(), material.retention().ofGrain(1 / ratio), material.doubt());
    }

    private static Material weighed(final Material material, final double gPerL) {
        final Doubt doubt = material.doubt();
        final double prior = doubt.densityRelativeSd();
        final double k = gain(prior, DENSITY_RELATIVE_SD);
        final double before = material.physics().bulkDensityGPerL();
        final Material.Physics p = material.physics();
        return material.found(
                material.grainSize(),
                physics(p, before + k * (gPerL - before), p.totalPorosity()),
                material.chemistry(),
                material.retention(),
                new Doubt(
                        doubt.waterSd(),
                        doubt.porositySd(),
                        prior * Math.sqrt(1 - k),
                        doubt.phSd(),
                        doubt.bufferRelativeSd()));
    }

    private static Material soured(final Material material, final double ph) {
        final Doubt doubt = material.doubt();
        final double k = gain(doubt.phSd(), PH_SD);
        final double before = material.chemistry().ph();
        return material.found(
                material.grainSize(),
                material.physics(),
                chemistry(material, before + k * (ph - before)),
                material.retention(),
                new Doubt(
                        doubt.waterSd(),
                        doubt.porositySd(),
                        doubt.densityRelativeSd(),
                        doubt.phSd() * Math.sqrt(1 - k),
                        doubt.bufferRelativeSd()));
    }

    private static Material drained(final Material material, final Drain drain) {
        final Doubt doubt = material.doubt();
        final Mix alone = Mix.of(List.of(material.madeOf(Optional.empty())), new double[] {1});
        final double airBefore = Column.free(drain.heightCm(), 1).airFilledPorosity(alone);
        final double poresBefore = material.physics().totalPorosity();
        final double kAir = gain(doubt.waterSd(), SHARE_SD);
        final double kPores = gain(doubt.porositySd(), Math.hypot(SHARE_SD, SHARE_SD));
        final double air = airBefore + kAir * (drain.air() - airBefore);
        final double pores = Math.max(
                Math.max(LEAST_POROSITY, air + 0.01),
                Math.min(MOST_POROSITY, poresBefore + kPores * (drain.air() + drain.water() - poresBefore)));
        final double closed = Math.max(0, Math.min(material.closedPores(), air));
        final double drainedBefore = Math.max(LEAST_DRAINED, airBefore - material.closedPores());
        return material.found(
                material.grainSize(),
                physics(material.physics(), material.physics().bulkDensityGPerL(), pores),
                material.chemistry(),
                new Retention.Moved(
                        material.retention(),
                        pores - closed,
                        Math.min(1000, Math.max(0, air - closed) / drainedBefore)),
                new Doubt(
                        doubt.waterSd() * Math.sqrt(1 - kAir),
                        doubt.porositySd() * Math.sqrt(1 - kPores),
                        doubt.densityRelativeSd(),
                        doubt.phSd(),
                        doubt.bufferRelativeSd()));
    }

    private static Material salted(
            final Material material, final double leaves, final Nutrients adds, final double addsEc) {
        final Material.Chemistry c = material.chemistry();
        final Nutrients n = c.nutrients();
        final Nutrients left =
                new Nutrients(n.nMgPerL(), n.pMgPerL(), n.kMgPerL() * leaves, n.caMgPerL(), n.mgMgPerL(), n.sMgPerL());
        return material.found(
                material.grainSize(),
                material.physics(),
                new Material.Chemistry(
                        c.ph(),
                        c.bufferMeqPerLPerPh(),
                        c.cecMeqPerL(),
                        c.ecDsPerM() * leaves + addsEc,
                        left.plus(adds, 1)),
                material.retention(),
                material.doubt());
    }

    private static Material.Physics physics(
            final Material.Physics p, final double density, final double totalPorosity) {
        return new Material.Physics(
                density,
                totalPorosity,
                p.packingFraction(),
                p.virtualPacking(),
                p.fillEfficiency(),
                p.settling(),
                p.squeeze());
    }

    private static Material.Chemistry chemistry(final Material material, final double ph) {
        final Material.Chemistry c = material.chemistry();
        return new Material.Chemistry(ph, c.bufferMeqPerLPerPh(), c.cecMeqPerL(), c.ecDsPerM(), c.nutrients());
    }

    private static double gain(final double priorSd, final double testSd) {
        return priorSd * priorSd / (priorSd * priorSd + testSd * testSd);
    }
}
