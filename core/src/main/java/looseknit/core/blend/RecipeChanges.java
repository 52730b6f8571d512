package looseknit.core.blend;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/** How one recipe differs from another, in words, and whether two are the same mix. */
public final class RecipeChanges {

    /** Shares nearer to each other than this make the same mix. */
    private static final double SAME_SHARE = 0.005;

    private static final double SAME_DOSE_G_PER_L = 0.05;

    private RecipeChanges() {}

    /** What was changed from one recipe to the next; empty if they say the same. */
    public static List<Message> between(final Recipe before, final Recipe after) {
        final boolean parts = before.measure() == Recipe.Measure.PARTS && after.measure() == Recipe.Measure.PARTS;
        final Map<Material, Double> old = amounts(before, parts);
        final Map<Material, Double> now = amounts(after, parts);
        final List<Message> said = new ArrayList<>();
        now.forEach((material, amount) -> {
            final Double was = old.get(material);
            if (was == null) {
                said.add(RecipeSentence.ADDED.with(material, amount(amount, parts)));
            } else if (Math.rint(10 * was) != Math.rint(10 * amount)) {
                said.add(RecipeSentence.CHANGED.with(material, shown(was), amount(amount, parts)));
            }
        });
        old.keySet().stream()
                .filter(material -> !now.containsKey(material))
                .forEach(material -> said.add(RecipeSentence.LEFT_OUT.with(material)));
        doses(before, after, said);
        return List.copyOf(said);
    }

    /** Whether two recipes make the same mix, however they are written: shares within half a per cent, doses within 0.05 g/L. */
    public static boolean sameMix(final Recipe one, final Recipe other) {
        return alike(amounts(one, false), amounts(other, false), 100 * SAME_SHARE)
                && alike(doses(one), doses(other), SAME_DOSE_G_PER_L);
    }

    private static <T> boolean alike(final Map<T, Double> one, final Map<T, Double> other, final double within) {
        return one.keySet().equals(other.keySet())
                && one.entrySet().stream()
                        .allMatch(
                                entry -> Math.abs(entry.getValue() - Objects.requireNonNull(other.get(entry.getKey())))
                                        <= within);
    }

    private static void doses(final Recipe before, final Recipe after, final List<Message> said) {
        final Map<Amendment, Double> old = doses(before);
        final Map<Amendment, Double> now = doses(after);
        now.forEach((amendment, dose) -> {
            final Double was = old.get(amendment);
            if (was == null) {
                said.add(RecipeSentence.ADDED.with(amendment, fine(dose)));
            } else if (Math.rint(100 * was) != Math.rint(100 * dose)) {
                said.add(RecipeSentence.CHANGED.with(amendment, fine(was).bare(), fine(dose)));
            }
        });
        old.keySet().stream()
                .filter(amendment -> !now.containsKey(amendment))
                .forEach(amendment -> said.add(RecipeSentence.LEFT_OUT.with(amendment)));
    }

    /** What is in it above nothing: as parts, or in per cent of the whole as written. */
    private static Map<Material, Double> amounts(final Recipe recipe, final boolean parts) {
        final double whole = recipe.whole();
        final Map<Material, Double> amounts = new LinkedHashMap<>();
        recipe.parts().stream()
                .filter(part -> part.amount() > 0)
                .forEach(part -> amounts.merge(
                        part.material(), parts ? part.amount() : 100 * part.amount() / whole, Double::sum));
        return amounts;
    }

    private static Map<Amendment, Double> doses(final Recipe recipe) {
        final Map<Amendment, Double> doses = new LinkedHashMap<>();
        recipe.doses().stream()
                .filter(dose -> dose.gPerL() > 0)
                .forEach(dose -> doses.merge(dose.amendment(), dose.gPerL(), Double::sum));
        return doses;
    }

    private static Message amount(final double amount, final boolean parts) {
        return parts
                ? RecipeSentence.PARTS.with(shown(amount), amount == 1 ? 1 : 2)
                : RecipeSentence.PER_CENT.with(shown(amount));
    }

    private static Quantity shown(final double amount) {
        return Quantity.trimmed(Dimension.NUMBER, amount, 1);
    }

    private static Quantity fine(final double dose) {
        return Quantity.trimmed(Dimension.DOSE, dose, 2);
    }
}
