package looseknit.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import looseknit.core.batch.Bin;
import looseknit.core.batch.MixSheet;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.reading.Knowledge;

/**
 * One part more of something, in a heap that is mixed already.
 *
 * @param material what is added
 * @param scoops how much, in quarters of a scoop
 * @param litres the same [L]
 * @param before readings as it lies there, in their unit of computation
 * @param after readings once it is in
 * @param fitBefore how well it fits, 0 to 100; nothing where nothing is wanted
 * @param fitAfter how well it then fits
 */
public record HeapAddition(
        Material material,
        double scoops,
        double litres,
        Map<Property, Double> before,
        Map<Property, Double> after,
        OptionalDouble fitBefore,
        OptionalDouble fitAfter) {

    /** A recipe of more parts than this is one in per cent: a part of it is a tenth. */
    private static final double MOST_PARTS = 20;

    /** What a part comes to [scoops], by the recipe that it was mixed by. */
    public static double part(final Bin bin, final Recipe plan, final double scoopLitres) {
        final double parts = plan.measure() == Recipe.Measure.PARTS && plan.sum() <= MOST_PARTS ? plan.sum() : 10;
        return quarters(bin.looseSum() / parts / scoopLitres);
    }

    private static double quarters(final double scoops) {
        return Math.max(MixSheet.QUARTER, Math.rint(scoops / MixSheet.QUARTER) * MixSheet.QUARTER);
    }

    /** What so many scoops of a material would do. */
    public static HeapAddition of(
            final Bin bin,
            final Material material,
            final double scoops,
            final double scoopLitres,
            final Brief brief,
            final Knowledge known) {
        return of(
                bin,
                Evaluator.glance(bin.recipe().orElseThrow(), brief, known),
                material,
                scoops,
                scoopLitres,
                brief,
                known);
    }

    private static HeapAddition of(
            final Bin bin,
            final Glance before,
            final Material material,
            final double scoops,
            final double scoopLitres,
            final Brief brief,
            final Knowledge known) {
        final Glance after = Evaluator.glance(
                bin.with(material, scoops * scoopLitres).recipe().orElseThrow(), brief, known);
        return new HeapAddition(
                material, scoops, scoops * scoopLitres, before.values(), after.values(), before.fit(), after.fit());
    }

    /** One part more of each of some materials, what helps most first. */
    public static List<HeapAddition> each(
            final Bin bin,
            final Stream<Material> materials,
            final Recipe plan,
            final double scoopLitres,
            final Brief brief,
            final Knowledge known) {
        final double part = part(bin, plan, scoopLitres);
        final Glance before = Evaluator.glance(bin.recipe().orElseThrow(), brief, known);
        return materials
                .distinct()
                .map(material -> of(bin, before, material, part, scoopLitres, brief, known))
                .sorted(Comparator.comparingDouble(
                        each -> -each.fitAfter().orElse(each.after().getOrDefault(Property.AIR, 0.0))))
                .toList();
    }
}
