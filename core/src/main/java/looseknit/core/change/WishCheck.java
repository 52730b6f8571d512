package looseknit.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialClass;
import looseknit.core.material.Nature;
import looseknit.core.message.Code;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.need.Wishes;

/** Which wishes a recipe does not keep. Mixes are opened: what is in a bag counts like what is scooped. */
public final class WishCheck {

    /** What is said of a single material that goes against a wish. */
    private static final Map<Code, ChangeSentence> BARRED = Map.of(
            ChangeSentence.WANTS_NO_PEAT, ChangeSentence.BARRED_NO_PEAT,
            ChangeSentence.WANTS_NO_COIR, ChangeSentence.BARRED_NO_COIR,
            ChangeSentence.WANTS_NO_COMPOST, ChangeSentence.BARRED_NO_COMPOST,
            ChangeSentence.WANTS_MINERALS, ChangeSentence.BARRED_MINERALS);

    private WishCheck() {}

    /** A sentence for each wish that is not kept. */
    public static List<Message> unkept(final Recipe recipe, final Wishes wishes) {
        final List<Message> unkept = new ArrayList<>();
        if (wishes.fibre() == Wishes.Fibre.NO_PEAT) {
            named(recipe, each -> each.is(Nature.PEAT), ChangeSentence.WANTS_NO_PEAT, unkept);
        }
        if (wishes.fibre() == Wishes.Fibre.NO_COIR) {
            named(recipe, each -> each.is(Nature.COIR), ChangeSentence.WANTS_NO_COIR, unkept);
        }
        if (wishes.noCompost()) {
            named(
                    recipe,
                    each -> each.is(Nature.RICH) || each.is(Nature.LITTER),
                    ChangeSentence.WANTS_NO_COMPOST,
                    unkept);
        }
        if (wishes.mineralOnly()) {
            named(
                    recipe,
                    each -> each.materialClass() == MaterialClass.O && !each.is(Nature.CHARCOAL),
                    ChangeSentence.WANTS_MINERALS,
                    unkept);
        }
        final long named =
                recipe.parts().stream().filter(part -> part.amount() > 0).count();
        wishes.mostMaterials().ifPresent(most -> {
            if (named > most) {
                unkept.add(ChangeSentence.WANTS_AT_MOST.with(most, named));
            }
        });
        return List.copyOf(unkept);
    }

    /** Which wish keeps a material out whatever the mix, in a sentence; nothing if none does. */
    public static Optional<Message> barred(final Material material, final Wishes wishes) {
        final Recipe alone = new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(material, 1)), List.of());
        return unkept(alone, wishes).stream()
                .map(Message::code)
                .flatMap(code -> Optional.ofNullable(BARRED.get(code)).stream())
                .map(ChangeSentence::with)
                .findFirst();
    }

    private static void named(
            final Recipe recipe,
            final Predicate<Material> which,
            final ChangeSentence words,
            final List<Message> unkept) {
        final List<Material> names = recipe.parts().stream()
                .filter(part -> part.amount() > 0)
                .map(Recipe.Part::material)
                .filter(material -> material.makeUp().isEmpty()
                        ? which.test(material)
                        : material.makeUp().get().constituents().stream().anyMatch(each -> which.test(each.material())))
                .distinct()
                .toList();
        if (!names.isEmpty()) {
            unkept.add(words.with(Listing.comma(names)));
        }
    }
}
