package looseknit.core.blend;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;

/**
 * Plain materials with their poured volumes, after every mix among the parts has been opened.
 *
 * @param materials plain materials, in the order of the parts
 * @param amounts poured volume of each, in the unit of the parts; together more than the parts, since a mix has shrunk already
 */
public record PlainMaterials(List<Material> materials, double[] amounts) {

    /** Opens parts. */
    static PlainMaterials of(final List<Recipe.Part> parts) {
        final List<Material> materials = new ArrayList<>();
        final List<Double> amounts = new ArrayList<>();
        for (final Recipe.Part part : parts) {
            if (part.material().makeUp().isEmpty()) {
                materials.add(part.material());
                amounts.add(part.amount());
            } else {
                for (final MakeUp.Constituent each :
                        part.material().makeUp().get().constituents()) {
                    materials.add(each.material());
                    amounts.add(part.amount() * each.litresPerLitre());
                }
            }
        }
        return new PlainMaterials(
                materials, amounts.stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** Poured volume of all. */
    public double sum() {
        double sum = 0;
        for (final double amount : amounts) {
            sum += amount;
        }
        return sum;
    }

    /** Share of the poured volume that a material matching the condition has, 0 to 1. */
    public double share(final Predicate<Material> which) {
        double some = 0;
        for (int i = 0; i < amounts.length; i++) {
            some += which.test(materials.get(i)) ? amounts[i] : 0;
        }
        return some / sum();
    }
}
