package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;

/**
 * A batch as it is walked through at the tub: load by load what to weigh and what to scoop, in the order in which it goes in, in quarters of a
 * scoop.
 *
 * @param loads fillings of the tub
 * @param scoopLitres the scoop that is counted [L]
 * @param steps what to do, in order
 * @param mostOff how far rounding to quarters moves the share of any material [vol/vol]
 * @param betterScoopLitres a scoop with which rounding moves shares less [L]; nothing where this one does
 */
public record MixSheet(
        int loads, double scoopLitres, List<Step> steps, double mostOff, OptionalDouble betterScoopLitres) {

    /** Scoops are counted in quarters. */
    public static final double QUARTER = 0.25;

    /** Shares that rounding moves by more than this call for another scoop [vol/vol]; by judgement. */
    private static final double BEARABLE_OFF = 0.02;

    /** Scoops that people have, the largest first [L]; common practice, no source. */
    private static final double[] SCOOPS_LITRES = {2, 1, 0.5, 0.25, 0.2, 0.1};

    public MixSheet {
        steps = List.copyOf(steps);
    }

    /**
     * One thing to do.
     *
     * @param load the load that it is for, 1 and up
     * @param material what is scooped; nothing for what is weighed
     * @param amendment what is weighed; nothing for what is scooped
     * @param scoops scoops of a material, in quarters; 0 for what is weighed
     * @param grams grams of an amendment [g]; 0 for what is scooped
     */
    public record Step(
            int load,
            MixTurn turn,
            Optional<Material> material,
            Optional<Amendment> amendment,
            double scoops,
            double grams) {

        /** Id of what it is about. */
        public String thingId() {
            return material.map(Material::id)
                    .or(() -> amendment.map(Amendment::id))
                    .orElseThrow();
        }

        /** Name of what it is about. */
        public String name() {
            return material.map(Material::name)
                    .or(() -> amendment.map(Amendment::name))
                    .orElseThrow();
        }
    }

    /**
     * The sheet of a planned batch.
     *
     * @param scoopLitres the scoop that is counted [L], 0.005 to 100
     */
    public static MixSheet of(final BatchPlan plan, final double scoopLitres) {
        within("scoopLitres", scoopLitres, 0.005, 100, Limit.L);
        final Map<Material, Double> litres = litres(plan);
        final double off = off(litres, plan.loads(), scoopLitres);
        return new MixSheet(
                plan.loads(),
                scoopLitres,
                steps(plan, litres, scoopLitres),
                off,
                better(litres, plan.loads(), scoopLitres, off));
    }

    /** What is scooped of each material in all [L]; a material that is named twice is scooped at once. */
    private static Map<Material, Double> litres(final BatchPlan plan) {
        final Map<Material, Double> litres = new LinkedHashMap<>();
        plan.materials().forEach(line -> litres.merge(line.material(), line.litres(), Double::sum));
        return litres;
    }

    private static List<Step> steps(
            final BatchPlan plan, final Map<Material, Double> litres, final double scoopLitres) {
        final List<Step> steps = new ArrayList<>();
        for (int load = 1; load <= plan.loads(); load++) {
            final int of = load;
            plan.doses()
                    .forEach(dose -> steps.add(new Step(
                            of,
                            MixTurn.WEIGHED,
                            Optional.empty(),
                            Optional.of(dose.amendment()),
                            0,
                            dose.gramsPerLoad())));
            litres.entrySet().stream()
                    .map(each -> new Step(
                            of,
                            MixTurn.of(each.getKey()),
                            Optional.of(each.getKey()),
                            Optional.empty(),
                            scoops(each.getValue() / plan.loads(), scoopLitres),
                            0))
                    .sorted(Comparator.comparing(Step::turn).thenComparing(step -> -step.scoops()))
                    .forEach(steps::add);
        }
        return steps;
    }

    /** Scoops to the quarter, at least one. */
    private static double scoops(final double litres, final double scoopLitres) {
        return Math.max(QUARTER, Math.rint(litres / scoopLitres / QUARTER) * QUARTER);
    }

    /** How far rounding moves the share of any material. */
    private static double off(final Map<Material, Double> litres, final int loads, final double scoopLitres) {
        final double whole = litres.values().stream().mapToDouble(each -> each).sum();
        final double rounded = litres.values().stream()
                .mapToDouble(each -> scoops(each / loads, scoopLitres))
                .sum();
        return litres.values().stream()
                .mapToDouble(each -> Math.abs(scoops(each / loads, scoopLitres) / rounded - each / whole))
                .max()
                .orElse(0);
    }

    private static OptionalDouble better(
            final Map<Material, Double> litres, final int loads, final double scoopLitres, final double off) {
        return off <= BEARABLE_OFF
                ? OptionalDouble.empty()
                : DoubleStream.of(SCOOPS_LITRES)
                        .filter(each ->
                                each < scoopLitres && off(litres, loads, each) <= Math.min(BEARABLE_OFF, off / 2))
                        .findFirst();
    }

    /** Scoops of a material that one load takes; 0 if it takes none. */
    public double scoopsOf(final String materialId) {
        return steps.stream()
                .filter(step -> step.load() == 1 && step.thingId().equals(materialId))
                .mapToDouble(Step::scoops)
                .sum();
    }

    /** The recipe that all its steps come to; doses as planned. */
    public Recipe recipe(final BatchPlan plan) {
        final Map<Material, Double> scoops = new LinkedHashMap<>();
        steps.forEach(step -> step.material().ifPresent(each -> scoops.merge(each, step.scoops(), Double::sum)));
        return new Recipe(
                Recipe.Measure.PARTS,
                scoops.entrySet().stream()
                        .map(each -> new Recipe.Part(each.getKey(), each.getValue()))
                        .toList(),
                plan.doses().stream()
                        .map(dose -> new Recipe.Dose(dose.amendment(), dose.gPerL()))
                        .toList());
    }

    /** The step of a load that is about a thing. */
    public Optional<Step> step(final int load, final String thingId) {
        return steps.stream()
                .filter(step -> step.load() == load && Objects.equals(step.thingId(), thingId))
                .findFirst();
    }
}
