package looseknit.core.material;

import static looseknit.core.measure.Require.text;
import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.message.Titled;

/**
 * A material that is measured into a mix by volume. Figures are typical, not those of a lot; per litre means per litre
 * of the watered-in material.
 *
 * @param id short name used in data
 * @param name name for people
 * @param roles what it does in a mix, most important first
 * @param form how it is sold
 * @param packL usual pack, loosened [L]
 * @param hazards what handling asks for
 * @param natures what kind of stuff it is, as far as cautions ask
 * @param materialClass kind of matter
 * @param grainSize grain size
 * @param physics density, pores and packing
 * @param chemistry acidity and food
 * @param doubt how far a lot may lie from these figures
 * @param halfLifeYears years until half has decayed at 20 °C; infinite for what does not rot
 * @param water water retention curve, draining
 * @param advice what to know before using it
 * @param makeUp what it consists of, if it is a mix itself
 * @param source where the figures come from
 */
public record Material(
        String id,
        String name,
        List<Role> roles,
        Form form,
        double packL,
        List<Hazard> hazards,
        List<Nature> natures,
        MaterialClass materialClass,
        GrainSize grainSize,
        Physics physics,
        Chemistry chemistry,
        Doubt doubt,
        double halfLifeYears,
        WaterCurve water,
        Advice advice,
        Optional<MakeUp> makeUp,
        Message source)
        implements Titled {

    private static final int LONGEST_ID = 120;
    private static final int LONGEST_NAME = 200;

    public Material {
        id = text("material.id", id, LONGEST_ID);
        name = text("material.name", name, LONGEST_NAME);
        roles = List.copyOf(roles);
        hazards = List.copyOf(hazards);
        natures = List.copyOf(natures);
        within("material.packL", packL, 0.01, 10_000, Limit.L);
        within("material.halfLifeYears", halfLifeYears, 0.01, Double.POSITIVE_INFINITY, Limit.YEARS);
    }

    /** By its id alone: what is equal has the same, and materials are looked up too often to go through all of their figures. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /**
     * Density, pores and packing.
     *
     * @param bulkDensityGPerL dry mass of a litre [g/L]
     * @param totalPorosity pores of all kinds [vol/vol]
     * @param packingFraction volume of the grains' envelopes in a litre, φ [vol/vol]
     * @param virtualPacking densest thinkable packing of one size class, β [vol/vol]
     * @param fillEfficiency how well grains slip into gaps, η: 1 for hard grains, less for fibres that bridge
     * @param settling loss of volume at the first watering, st
     * @param squeeze loss of volume under a denser mix per unit of log density ratio, κ
     */
    public record Physics(
            double bulkDensityGPerL,
            double totalPorosity,
            double packingFraction,
            double virtualPacking,
            double fillEfficiency,
            double settling,
            double squeeze) {

        public Physics {
            within("material.bulkDensity", bulkDensityGPerL, 5, 3000, Limit.G_PER_L);
            within("material.totalPorosity", totalPorosity, 0.05, 0.99, Limit.VOL_PER_VOL);
            within("material.packingFraction", packingFraction, 0.2, 0.9, Limit.VOL_PER_VOL);
            within("material.virtualPacking", virtualPacking, 0.2, 0.95, Limit.VOL_PER_VOL);
            within("material.fillEfficiency", fillEfficiency, 0.1, 1, Limit.SHARE);
            within("material.settling", settling, 0, 0.5, Limit.SHARE);
            within("material.squeeze", squeeze, 0, 0.5, Limit.SHARE);
        }
    }

    /**
     * Acidity and food.
     *
     * @param ph pH in a water slurry
     * @param bufferMeqPerLPerPh pH buffer capacity [meq/L per pH]
     * @param cecMeqPerL cation exchange capacity [meq/L]
     * @param ecDsPerM salts in the saturation extract [dS/m]
     * @param nutrients available food
     */
    public record Chemistry(
            double ph, double bufferMeqPerLPerPh, double cecMeqPerL, double ecDsPerM, Nutrients nutrients) {

        public Chemistry {
            within("material.ph", ph, 2, 12, Limit.PH);
            within("material.buffer", bufferMeqPerLPerPh, 0.01, 500, Limit.MEQ_PER_L_PER_PH);
            within("material.cec", cecMeqPerL, 0, 5000, Limit.MEQ_PER_L);
            within("material.ec", ecDsPerM, 0, 50, Limit.DS_PER_M);
        }
    }

    /** Whether it is of this kind, itself or in any of its constituents. */
    public boolean is(final Nature nature) {
        return natures.contains(nature)
                || makeUp.stream()
                        .flatMap(each -> each.constituents().stream())
                        .anyMatch(constituent -> constituent.material().is(nature));
    }

    /** The same material under another name. */
    public Material named(final String otherId, final String otherName) {
        return copy(otherId, otherName, natures, grainSize, physics, chemistry, doubt, retention(), makeUp);
    }

    /** The same material with what a lot of it was found to be. */
    public Material found(
            final GrainSize size,
            final Physics otherPhysics,
            final Chemistry otherChemistry,
            final Retention otherRetention,
            final Doubt otherDoubt) {
        return copy(id, name, natures, size, otherPhysics, otherChemistry, otherDoubt, otherRetention, makeUp);
    }

    /** The same material, made of this. */
    public Material madeOf(final Optional<MakeUp> other) {
        return copy(id, name, natures, grainSize, physics, chemistry, doubt, retention(), other);
    }

    /** The same material with other doubt about it. */
    public Material doubted(final Doubt other) {
        return found(grainSize, physics, chemistry, retention(), other);
    }

    /** The same material, of these kinds too. */
    public Material also(final List<Nature> further) {
        final List<Nature> all = new ArrayList<>(natures);
        further.stream().filter(nature -> !all.contains(nature)).forEach(all::add);
        return ofNatures(all);
    }

    /** The same material, not of this kind. */
    public Material not(final Nature nature) {
        return ofNatures(natures.stream().filter(each -> each != nature).toList());
    }

    private Material ofNatures(final List<Nature> others) {
        return copy(id, name, others, grainSize, physics, chemistry, doubt, retention(), makeUp);
    }

    /** The same material but for these, which are all that ever differs between a material and a lot or mix of it. */
    private Material copy(
            final String otherId,
            final String otherName,
            final List<Nature> otherNatures,
            final GrainSize otherSize,
            final Physics otherPhysics,
            final Chemistry otherChemistry,
            final Doubt otherDoubt,
            final Retention otherRetention,
            final Optional<MakeUp> otherMakeUp) {
        return new Material(
                otherId,
                otherName,
                roles,
                form,
                packL,
                hazards,
                otherNatures,
                materialClass,
                otherSize,
                otherPhysics,
                otherChemistry,
                otherDoubt,
                halfLifeYears,
                otherRetention.equals(water.retention()) ? water : WaterCurve.of(otherRetention),
                advice,
                otherMakeUp,
                source);
    }

    /** How it holds water while it drains. */
    public Retention retention() {
        return water.retention();
    }

    /** Share of the pores that water never enters [vol/vol]. */
    public double closedPores() {
        return physics.totalPorosity() - retention().saturated();
    }

    /** Whether the material may be put into a recipe. */
    public boolean forRecipes() {
        return !roles.contains(Role.INTERNAL);
    }

    /** Whether it decays within the years that a forecast looks ahead. */
    public boolean decays() {
        return halfLifeYears < 1000;
    }

    /** The grade in words, from the sieve openings that 10 and 90 % pass. */
    public Message grade() {
        if (grainSize.d10Mm() <= 0.25 && grainSize.d90Mm() <= 3) {
            return MaterialSentence.GRADE_UP_TO.with(Quantity.trimmed(Dimension.GRAIN, told(grainSize.d90Mm()), 2));
        }
        return MaterialSentence.GRADE.with(new Range(
                told(grainSize.d10Mm()), told(grainSize.d90Mm()), Dimension.GRAIN, 2, Range.Form.DASH_TRIMMED));
    }

    /** A sieve opening as finely as a grower tells it: hundredths only under a millimetre [mm]. */
    private static double told(final double millimetres) {
        final double scale = millimetres < 1 ? 100 : 10;
        return Math.rint(millimetres * scale) / scale;
    }
}
