package looseknit.server.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import looseknit.core.material.Advice;
import looseknit.core.material.GardenSoil;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.SoilTexture;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.shelf.JarSettling;
import looseknit.core.shelf.MixDefinition;
import looseknit.core.shelf.Mixes;
import looseknit.core.shelf.OwnMaterial;
import looseknit.core.shelf.ShelfSentence;

/** Turns what is told of own materials into materials. */
final class OwnMaterialBuilder {

    private OwnMaterialBuilder() {}

    /**
     * The materials, by id.
     *
     * @throws OutOfRangeException if a figure is out of range, a mix contains itself or a material is nowhere to be found
     */
    static List<Material> of(final Map<String, OwnMaterialFacts> own) {
        final Map<String, Material> plain = new LinkedHashMap<>();
        final List<MixDefinition> mixes = new ArrayList<>();
        own.forEach((id, facts) -> {
            if (facts.mix() != null) {
                mixes.add(definition(id, facts.name(), facts.mix()));
            } else {
                plain.put(id, plain(id, facts));
            }
        });
        final List<Material> all = new ArrayList<>(plain.values());
        all.addAll(Mixes.of(MaterialBook.shipped().with(plain.values()), mixes));
        return all;
    }

    /**
     * Own materials that are stored: those that can be worked out, and what is wrong with the others.
     *
     * @param problems what is wrong, by id
     */
    record Made(List<Material> materials, Map<String, OutOfRangeException> problems) {}

    /** What can be worked out of what is stored; one that cannot keeps nobody from the rest. */
    static Made workable(final Map<String, OwnMaterialFacts> own) {
        try {
            return new Made(of(own), Map.of());
        } catch (final OutOfRangeException e) {
            final Map<String, OwnMaterialFacts> good = new LinkedHashMap<>();
            final Map<String, OutOfRangeException> problems = new LinkedHashMap<>();
            Map<String, OwnMaterialFacts> open = own;
            boolean more = true;
            // a mix may name one that comes later
            while (more) {
                more = false;
                final Map<String, OwnMaterialFacts> rest = new LinkedHashMap<>();
                problems.clear();
                for (final Map.Entry<String, OwnMaterialFacts> each : open.entrySet()) {
                    final Map<String, OwnMaterialFacts> tried = new LinkedHashMap<>(good);
                    tried.put(each.getKey(), each.getValue());
                    try {
                        of(tried);
                        good.put(each.getKey(), each.getValue());
                        more = true;
                    } catch (final OutOfRangeException wrong) {
                        rest.put(each.getKey(), each.getValue());
                        problems.put(each.getKey(), wrong);
                    }
                }
                open = rest;
            }
            return new Made(of(good), problems);
        }
    }

    private static Material plain(final String id, final OwnMaterialFacts facts) {
        if (facts.soil() != null) {
            return soil(id, facts.name(), facts.soil());
        }
        if (facts.plain() == null) {
            throw new OutOfRangeException("own material", "empty", TableText.said("plain facts, a soil or a mix"));
        }
        final OwnMaterialFacts.PlainBody told = facts.plain();
        return new OwnMaterial(
                        id,
                        facts.name(),
                        told.matter(),
                        told.fromMm(),
                        told.toMm(),
                        MeasuredBody.maybe(told.gPerL()),
                        Optional.ofNullable(told.drain()).map(MeasuredBody.DrainBody::toCore),
                        MeasuredBody.maybe(told.ph()),
                        Objects.requireNonNullElse(told.natures(), List.of()))
                .material();
    }

    private static Material soil(final String id, final String name, final OwnMaterialFacts.SoilBody told) {
        final SoilTexture texture = jar(told).texture();
        return GardenSoil.of(
                id,
                name,
                texture,
                told.organicPercent() / 100,
                told.ph(),
                Advice.does(ShelfSentence.OWN_SOIL.with(texture.textureClass())),
                ShelfSentence.JAR_SOURCE.with());
    }

    static JarSettling jar(final OwnMaterialFacts.SoilBody told) {
        return new JarSettling(told.afterMinuteCm(), told.afterHoursCm(), told.clearCm());
    }

    private static MixDefinition definition(
            final String id, final String name, final OwnMaterialFacts.OwnMixBody told) {
        return new MixDefinition(
                id,
                name,
                told.parts().stream()
                        .map(part -> new MixDefinition.PartOf(part.materialId(), part.amount()))
                        .toList(),
                told.certainty(),
                told.fed());
    }
}
