package looseknit.core.shelf;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import looseknit.core.blend.Mix;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Advice;
import looseknit.core.material.Doubt;
import looseknit.core.material.Form;
import looseknit.core.material.GrainSize;
import looseknit.core.material.Hazard;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Nature;
import looseknit.core.material.Nutrients;
import looseknit.core.material.Retention;
import looseknit.core.material.Role;
import looseknit.core.material.SizeClasses;
import looseknit.core.material.VirtualPacking;
import looseknit.core.material.WaterCurve;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Listing;
import looseknit.core.message.Quantity;
import looseknit.core.message.TableText;

/** Turns definitions of mixes into materials, whatever the depth to which they are nested. */
public final class Mixes {

    private static final double USUAL_PACK_L = 40;

    /** Most plain materials that a mix may open into. */
    private static final int MOST_CONSTITUENTS = 60;

    private final MaterialBook book;
    private final Map<String, MixDefinition> definitions = new LinkedHashMap<>();
    private final Map<String, Material> done = new LinkedHashMap<>();

    private Mixes(final MaterialBook book, final Collection<MixDefinition> definitions) {
        this.book = book;
        definitions.forEach(each -> this.definitions.put(each.id(), each));
    }

    /**
     * The materials that these definitions describe, in their order.
     *
     * @param book where plain materials are found
     * @throws OutOfRangeException if a mix contains itself, with the loop named, or something that is nowhere to be found
     */
    public static List<Material> of(final MaterialBook book, final Collection<MixDefinition> definitions) {
        final Mixes mixes = new Mixes(book, definitions);
        return definitions.stream()
                .map(each -> mixes.resolve(each.id(), new LinkedHashSet<>()))
                .toList();
    }

    private Material resolve(final String id, final Set<String> above) {
        final Material known = done.get(id);
        if (known != null) {
            return known;
        }
        final MixDefinition definition = definitions.get(id);
        if (definition == null) {
            return book.material(id)
                    .orElseThrow(() -> new OutOfRangeException("mix.parts", id, ShelfSentence.A_KNOWN_MATERIAL.with()));
        }
        if (!above.add(id)) {
            throw new OutOfRangeException("mix.parts", loop(above, id), ShelfSentence.NOT_ITSELF.with());
        }
        final List<Recipe.Part> parts = definition.parts().stream()
                .map(part -> new Recipe.Part(resolve(part.materialId(), above), part.amount()))
                .toList();
        above.remove(id);
        final Material material = material(definition, new Recipe(Recipe.Measure.PARTS, parts, List.of()));
        done.put(id, material);
        return material;
    }

    private String loop(final Set<String> above, final String again) {
        final List<String> names = new ArrayList<>();
        boolean inside = false;
        for (final String id : above) {
            inside |= id.equals(again);
            if (inside) {
                names.add(name(id));
            }
        }
        names.add(name(again));
        return String.join(" → ", names);
    }

    private String name(final String id) {
        return Optional.ofNullable(definitions.get(id)).map(MixDefinition::name).orElse(id);
    }

    private static Material material(final MixDefinition definition, final Recipe recipe) {
        final PlainMaterials opened = recipe.opened();
        if (opened.materials().size() > MOST_CONSTITUENTS) {
            throw new OutOfRangeException(
                    "mix.parts", opened.materials().size(), ShelfSentence.MOST_PLAIN.with(MOST_CONSTITUENTS));
        }
        final Mix mix = Mix.of(recipe);
        final double poured = opened.sum() * (1 - mix.shrinkage());
        final List<MakeUp.Constituent> constituents = new ArrayList<>();
        for (int i = 0; i < opened.materials().size(); i++) {
            final Material plain = opened.materials().get(i);
            constituents.add(new MakeUp.Constituent(
                    plain.named(
                                    definition.id() + "/" + plain.id(),
                                    "%s in %s".formatted(plain.name(), definition.name()))
                            .doubted(plain.doubt().times(definition.certainty().widening()))
                            .also(
                                    definition.certainty() == MakeUp.Certainty.UNKNOWN
                                            ? List.of(Nature.UNKNOWN)
                                            : List.of()),
                    opened.amounts()[i] / poured));
        }
        final Material whole = whole(definition, recipe, mix, opened)
                .madeOf(Optional.of(new MakeUp(constituents, definition.certainty())));
        return definition.fed()
                ? new Measured(
                                Measured.NOTHING.ph(),
                                Measured.NOTHING.bulkDensityGPerL(),
                                Optional.empty(),
                                Optional.empty(),
                                true,
                                false,
                                false)
                        .applyTo(whole)
                : whole;
    }

    private static Material whole(
            final MixDefinition definition, final Recipe recipe, final Mix mix, final PlainMaterials opened) {
        final GrainSize size = grainSize(opened);
        final double packing =
                Math.min(0.85, mean(opened, each -> each.physics().packingFraction()));
        final double efficiency = mean(opened, each -> each.physics().fillEfficiency());
        final Material main = recipe.parts().stream()
                .max((a, b) -> Double.compare(a.amount(), b.amount()))
                .orElseThrow()
                .material();
        final List<Double> litres = new ArrayList<>();
        for (int i = 0; i < opened.materials().size(); i++) {
            litres.add(mix.litresPerLitre(i));
        }
        return new Material(
                definition.id(),
                definition.name(),
                roles(recipe),
                Form.LOOSE,
                USUAL_PACK_L,
                hazards(opened),
                List.of(),
                main.materialClass(),
                size,
                new Material.Physics(
                        mix.bulkDensityGPerL(),
                        mix.totalPorosity(),
                        packing,
                        VirtualPacking.of(size, packing, efficiency),
                        efficiency,
                        mean(opened, each -> each.physics().settling()),
                        mean(opened, each -> each.physics().squeeze())),
                new Material.Chemistry(
                        mix.plainPh(),
                        mix.bufferMeqPerLPerPh(),
                        mix.cecMeqPerL(),
                        mix.ecDsPerM(),
                        Nutrients.npk(
                                mix.nutrients().nMgPerL(),
                                mix.nutrients().pMgPerL(),
                                mix.nutrients().kMgPerL())),
                Doubt.of(main.materialClass()).times(definition.certainty().widening()),
                halfLife(opened),
                WaterCurve.of(new Retention.Together(
                        opened.materials().stream().map(Material::retention).toList(), litres, mix.waterPorosity())),
                new Advice(
                        ShelfSentence.A_MIX_OF.with(
                                Listing.comma(recipe.parts().stream()
                                        .map(part -> ShelfSentence.PART_OF_MIX.with(
                                                Quantity.trimmed(Dimension.NUMBER, part.amount(), 6), part.material()))
                                        .toList()),
                                definition.certainty()),
                        TableText.said(""),
                        ShelfSentence.BREAK_IT_UP.with(),
                        TableText.said(""),
                        List.of()),
                Optional.empty(),
                ShelfSentence.FROM_ITS_MAKE_UP.with(definition.certainty()));
    }

    private static List<Role> roles(final Recipe recipe) {
        return recipe.parts().stream()
                .sorted((a, b) -> Double.compare(b.amount(), a.amount()))
                .flatMap(part -> part.material().roles().stream().limit(1))
                .distinct()
                .toList();
    }

    private static List<Hazard> hazards(final PlainMaterials opened) {
        return opened.materials().stream()
                .flatMap(each -> each.hazards().stream())
                .distinct()
                .toList();
    }

    private static double mean(final PlainMaterials opened, final ToDoubleFunction<Material> property) {
        double sum = 0;
        for (int i = 0; i < opened.amounts().length; i++) {
            sum += opened.amounts()[i]
                    * property.applyAsDouble(opened.materials().get(i));
        }
        return sum / opened.sum();
    }

    /** Half-life that gives the same loss at the start as the constituents together; infinite if nothing rots. */
    private static double halfLife(final PlainMaterials opened) {
        final double rate = mean(opened, each -> each.decays() ? 1 / each.halfLifeYears() : 0);
        return rate < 1e-3 ? Double.POSITIVE_INFINITY : 1 / rate;
    }

    /** Sizes that 10, 50 and 90 % of all grains pass. */
    private static GrainSize grainSize(final PlainMaterials opened) {
        final double d10 = passing(opened, 0.1);
        final double d50 = Math.max(1.02 * d10, passing(opened, 0.5));
        return new GrainSize(d10, d50, Math.max(1.02 * d50, passing(opened, 0.9)));
    }

    private static double passing(final PlainMaterials opened, final double share) {
        double low = 1e-3;
        double high = 150;
        for (int i = 0; i < 60; i++) {
            final double middle = Math.sqrt(low * high);
            if (mean(opened, each -> SizeClasses.passing(each.grainSize(), middle)) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.sqrt(low * high);
    }
}
