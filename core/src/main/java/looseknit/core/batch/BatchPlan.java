package looseknit.core.batch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import looseknit.core.blend.DoseMeasure;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Form;
import looseknit.core.material.Material;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.pot.DrainageLayer;

/**
 * From pots to fill to what is scooped, opened and paid. Volumes do not add up: the loose parts are more than the litres made,
 * because they settle when watered and slip into each other's gaps.
 *
 * @param settledLitres settled mix that pots, bags and bins take [L]
 * @param litresToMake settled mix to make, with the reserve [L]
 * @param account what the litres to make come from
 * @param looseLitres sum of the loose parts [L]
 * @param yield litres of settled mix per litre of loose parts
 * @param loads fillings of the tub, all of the same size
 * @param fills pots to fill
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
        Account account,
        double looseLitres,
        double yield,
        int loads,
        List<Fill> fills,
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
     * @param grams for each pot, in the order of the fills [g]
     */
    public record DoseLine(
            Amendment amendment, double gPerL, double grams, double gramsPerLoad, List<Double> gramsPerPot) {

        /** The whole of it in level spoons. */
        public Message spoons() {
            return new DoseMeasure(amendment).spoons(grams);
        }

        /** What a load takes, in level spoons. */
        public Message spoonsPerLoad() {
            return new DoseMeasure(amendment).spoons(gramsPerLoad);
        }

        /** What a pot takes, in level spoons. */
        public Message spoonsPerPot(final int fill) {
            return new DoseMeasure(amendment).spoons(gramsPerPot.get(fill));
        }

        /** The most that a pot should get, in level spoons and by weight; nothing for what has no usual dose. */
        public Optional<Message> mostPerPot(final Fill fill) {
            final double most = amendment.usualHighGPerL() * fill.litresEach();
            return most <= 0
                    ? Optional.empty()
                    : Optional.of(BatchSentence.MOST_FOR_A_POT.with(
                            new DoseMeasure(amendment).spoons(most), Quantity.trimmed(Dimension.GRAMS, most, 1)));
        }

        /** Whether it is more than is usual. */
        public boolean isOver() {
            return amendment.usualHighGPerL() > 0 && gPerL > amendment.usualHighGPerL() * (1 + 1e-9);
        }
    }

    /**
     * What the litres to make come from [L].
     *
     * @param toFillLine what the pots hold up to the fill line
     * @param inTheWay what root balls, poles and stones take up
     * @param sinking what deep pots of soft mix sink by
     * @param reserve what is made on top
     * @param bins what goes into bags and bins
     * @param tubs what whole tubs come to
     */
    public record Account(
            double toFillLine, double inTheWay, double sinking, double reserve, double bins, double tubs) {

        static Account of(final BatchOrder order, final double yield) {
            final double pots = order.fills().stream().mapToDouble(Fill::litres).sum();
            final double toFillLine = order.fills().stream()
                    .mapToDouble(fill -> fill.count() * fill.pot().mixLitres())
                    .sum();
            final double sinking = order.fills().stream()
                    .mapToDouble(fill -> {
                        final double share = Settling.share(order.recipe(), fill.pot());
                        return fill.litres() * share / (1 - share);
                    })
                    .sum();
            return new Account(
                    toFillLine,
                    toFillLine - pots,
                    sinking,
                    (pots + sinking) * order.reserve(),
                    order.store().litres(),
                    order.store().tubs() * order.tubLitres() * yield);
        }

        /** All of it but the reserve. */
        public double withoutReserve() {
            return toFillLine - inTheWay + sinking + bins + tubs;
        }
    }

    /** Works out a batch. */
    public static BatchPlan of(final BatchOrder order) {
        final Recipe recipe = order.recipe();
        final Mix mix = Mix.of(recipe);
        final Account account = Account.of(order, mix.yield());
        final double settled = account.withoutReserve();
        final double toMake = settled + account.reserve();
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
                        dose.amendment(),
                        dose.gPerL(),
                        dose.gPerL() * toMake,
                        dose.gPerL() * toMake / loads,
                        order.fills().stream()
                                .map(fill -> dose.gPerL() * fill.litresEach())
                                .toList()))
                .toList();
        final double moistKg = toMake * (mix.bulkDensityGPerL() / 1000 + MOIST_SHARE * mix.waterAt(MOIST_SUCTION_CM));
        final List<Line> all = new ArrayList<>(lines);
        all.addAll(layers);
        return new BatchPlan(
                settled,
                toMake,
                account,
                loose,
                mix.yield(),
                loads,
                order.fills(),
                List.copyOf(lines),
                layers,
                doses,
                moistKg,
                sum(all.stream().map(Line::cost).toList()),
                sum(all.stream().map(Line::toPay).toList()));
    }

    /** What is scooped, for the mix and for layers under it. */
    public List<Line> all() {
        return Stream.concat(materials.stream(), layers.stream()).toList();
    }

    /** Cost of a litre of finished mix, if every price is known. */
    public OptionalDouble costPerLitre() {
        return cost.isPresent() ? OptionalDouble.of(cost.getAsDouble() / litresToMake) : OptionalDouble.empty();
    }

    /** Cost of what a pot of the kind takes, if every price is known. */
    public OptionalDouble costPerPot(final int fill) {
        return costPerLitre().isPresent()
                ? OptionalDouble.of(
                        costPerLitre().getAsDouble() * fills.get(fill).litresEach())
                : OptionalDouble.empty();
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
