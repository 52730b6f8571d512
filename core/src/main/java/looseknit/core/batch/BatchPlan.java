package looseknit.core.batch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Form;
import looseknit.core.material.Material;
import looseknit.core.pot.DrainageLayer;

/**
 * From pots to fill to what is scooped, opened and paid. Volumes do not add up: the loose parts are more than the litres made,
 * because they settle when watered and slip into each other's gaps.
 *
 * @param settledLitres settled mix that the pots take [L]
 * @param litresToMake settled mix to make, with the reserve [L]
 * @param looseLitres sum of the loose parts [L]
 * @param yield litres of settled mix per litre of loose parts
 * @param loads fillings of the tub, all of the same size
 * @param materials what to scoop, in the order of the recipe
 * @param layers what goes under the mix
 * @param doses what to weigh
 * @param moistKg mass of the mix as it is handled, moist [kg]
 * @param cost cost of what is used, if every price is known
 * @param toPay price of all packs to open, if every price is known
 */
public record BatchPlan(
        double settledLitres,
        double litresToMake,
        double looseLitres,
        double yield,
        int loads,
        List<Line> materials,
        List<Line> layers,
        List<DoseLine> doses,
        double moistKg,
        OptionalDouble cost,
        OptionalDouble toPay) {

    /** Suction at which a mix feels moist, two thirds of what it holds there is in it; by judgement. */
    private static final double MOIST_SUCTION_CM = 10;

    private static final double MOIST_SHARE = 2.0 / 3;

    /** Scoops are counted in quarters. */
    private static final double SCOOP_STEP = 0.25;

    /**
     * A material to scoop.
     *
     * @param litres loose volume [L]
     * @param scoops scoops, to the quarter; at least a quarter
     * @param packs packs to open
     * @param packLitres what a pack holds, loosened [L]
     * @param brick how to swell it, for pressed bricks
     * @param cost cost of what is used, if the price is known
     * @param toPay price of the packs, if known
     */
    public record Line(
            Material material,
            double litres,
            double scoops,
            int packs,
            double packLitres,
            Optional<Brick> brick,
            OptionalDouble cost,
            OptionalDouble toPay) {}

    /**
     * Pressed dry matter to swell.
     *
     * @param dryKg dry mass to break off [kg]
     * @param waterLitres water to swell it moist, not soaked [L]
     */
    public record Brick(double dryKg, double waterLitres) {}

    /**
     * An amendment to weigh.
     *
     * @param grams for the whole batch [g]
     * @param gramsPerLoad for each load [g]
     */
    public record DoseLine(Amendment amendment, double gPerL, double grams, double gramsPerLoad) {}

    /** Works out a batch. */
    public static BatchPlan of(final BatchOrder order) {
        final Recipe recipe = order.recipe();
        final Mix mix = Mix.of(recipe);
        final double settled = order.fills().stream().mapToDouble(Fill::litres).sum();
        final double toMake = settled * (1 + order.reserve());
        final double loose = toMake / mix.yield();
        final int loads = (int) Math.max(1, Math.ceil(loose / order.tubLitres() - 1e-9));
        final List<Line> lines = new ArrayList<>();
        for (final Recipe.Part part : recipe.parts()) {
            if (part.amount() > 0) {
                lines.add(line(order, part.material(), loose * part.amount() / recipe.sum()));
            }
        }
        final List<Line> layers = layers(order);
        final List<DoseLine> doses = recipe.doses().stream()
                .filter(dose -> dose.gPerL() > 0)
                .map(dose -> new DoseLine(
                        dose.amendment(), dose.gPerL(), dose.gPerL() * toMake, dose.gPerL() * toMake / loads))
                .toList();
        final double moistKg = toMake * (mix.bulkDensityGPerL() / 1000 + MOIST_SHARE * mix.waterAt(MOIST_SUCTION_CM));
        final List<Line> all = new ArrayList<>(lines);
        all.addAll(layers);
        return new BatchPlan(
                settled,
                toMake,
                loose,
                mix.yield(),
                loads,
                List.copyOf(lines),
                layers,
                doses,
                moistKg,
                sum(all.stream().map(Line::cost).toList()),
                sum(all.stream().map(Line::toPay).toList()));
    }

    private static List<Line> layers(final BatchOrder order) {
        final Map<Material, Double> litres = new LinkedHashMap<>();
        for (final Fill fill : order.fills()) {
            fill.pot()
                    .layer()
                    .map(DrainageLayer::material)
                    .ifPresent(material ->
                            litres.merge(material, fill.count() * fill.pot().layerLitres(), Double::sum));
        }
        return litres.entrySet().stream()
                .map(entry -> line(order, entry.getKey(), entry.getValue()))
                .toList();
    }

    private static Line line(final BatchOrder order, final Material material, final double litres) {
        final Pack pack = order.packs().getOrDefault(material.id(), new Pack(material.packL(), OptionalDouble.empty()));
        final int packs = (int) Math.ceil(litres / pack.litres() - 1e-9);
        final double scoops = Math.max(SCOOP_STEP, Math.rint(litres / order.scoopLitres() / SCOOP_STEP) * SCOOP_STEP);
        return new Line(
                material,
                litres,
                scoops,
                packs,
                pack.litres(),
                brick(material, litres),
                pack.price().isPresent()
                        ? OptionalDouble.of(pack.price().getAsDouble() * litres / pack.litres())
                        : OptionalDouble.empty(),
                pack.price().isPresent()
                        ? OptionalDouble.of(pack.price().getAsDouble() * packs)
                        : OptionalDouble.empty());
    }

    private static Optional<Brick> brick(final Material material, final double litres) {
        if (material.form() != Form.BRICK) {
            return Optional.empty();
        }
        return Optional.of(new Brick(
                litres * material.physics().bulkDensityGPerL() / 1000,
                litres * MOIST_SHARE * material.retention().at(MOIST_SUCTION_CM)));
    }

    private static OptionalDouble sum(final List<OptionalDouble> amounts) {
        double sum = 0;
        for (final OptionalDouble amount : amounts) {
            if (amount.isEmpty()) {
                return OptionalDouble.empty();
            }
            sum += amount.getAsDouble();
        }
        return OptionalDouble.of(sum);
    }
}
