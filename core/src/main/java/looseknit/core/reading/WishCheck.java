package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialClass;
import looseknit.core.material.Nature;
import looseknit.core.need.Wishes;

/** Which wishes a recipe does not keep. Mixes are opened: what is in a bag counts like what is scooped. */
public final class WishCheck {

    private WishCheck() {}

    /** A sentence for each wish that is not kept. */
    public static List<String> unkept(final Recipe recipe, final Wishes wishes) {
        final List<String> unkept = new ArrayList<>();
        if (wishes.fibre() == Wishes.Fibre.NO_PEAT) {
            named(recipe, each -> each.is(Nature.PEAT), "You want no peat, but it is in: %s.", unkept);
        }
        if (wishes.fibre() == Wishes.Fibre.NO_COIR) {
            named(recipe, each -> each.is(Nature.COIR), "You want no coir, but it is in: %s.", unkept);
        }
        if (wishes.noCompost()) {
            named(
                    recipe,
                    each -> each.is(Nature.RICH) || each.is(Nature.LITTER),
                    "You want no compost in it, but there is: %s.",
                    unkept);
        }
        if (wishes.mineralOnly()) {
            named(
                    recipe,
                    each -> each.materialClass() == MaterialClass.O && !each.is(Nature.CHARCOAL),
                    "You want minerals only, but there is: %s.",
                    unkept);
        }
        final long named =
                recipe.parts().stream().filter(part -> part.amount() > 0).count();
        wishes.mostMaterials().ifPresent(most -> {
            if (named > most) {
                unkept.add("You want at most %d material%s; the blend has %d."
                        .formatted(most, most == 1 ? "" : "s", named));
            }
        });
        return List.copyOf(unkept);
    }

    private static void named(
            final Recipe recipe, final Predicate<Material> which, final String words, final List<String> unkept) {
        final String names = recipe.parts().stream()
                .filter(part -> part.amount() > 0)
                .map(Recipe.Part::material)
                .filter(material -> material.makeUp().isEmpty()
                        ? which.test(material)
                        : material.makeUp().get().constituents().stream().anyMatch(each -> which.test(each.material())))
                .map(material -> material.name().toLowerCase(Locale.ROOT))
                .distinct()
                .collect(Collectors.joining(", "));
        if (!names.isEmpty()) {
            unkept.add(words.formatted(names));
        }
    }
}
