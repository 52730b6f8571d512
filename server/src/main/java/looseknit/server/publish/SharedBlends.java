package looseknit.server.publish;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import looseknit.server.assay.Assays;
import looseknit.server.blend.Blend;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Refused;
import looseknit.server.publish.SharedBlendBody.MeasuredOnBody;
import looseknit.server.publish.SharedBlendBody.OwnBody;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.OwnMaterialFacts;
import looseknit.server.shelf.OwnMaterials;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** Blends that are passed on to another house, and taken from one. */
@Service
@Transactional
class SharedBlends {

    private static final int LONGEST_STEM = 45;

    private final Blends blends;
    private final OwnMaterials own;
    private final Assays assays;

    SharedBlends(final Blends blends, final OwnMaterials own, final Assays assays) {
        this.blends = blends;
        this.own = own;
        this.assays = assays;
    }

    /** A blend to pass on. */
    @Transactional(readOnly = true)
    SharedBlendBody share(final UUID id) {
        final Blend blend = blends.get(id);
        final List<String> named = blend.recipe().parts().stream()
                .map(RecipeBody.PartBody::materialId)
                .toList();
        return new SharedBlendBody(
                SharedBlendBody.FORMAT,
                SharedBlendBody.VERSION,
                blend.name(),
                blends.latest(id).map(BlendVersion::note).orElse(""),
                blend.brief(),
                blend.recipe(),
                own.told(named).entrySet().stream()
                        .map(each -> new OwnBody(each.getKey(), each.getValue()))
                        .toList(),
                assays.of(id).stream()
                        .map(each -> new MeasuredOnBody(each.madeOn(), each.test()))
                        .toList());
    }

    /**
     * What taking a blend would do.
     *
     * @param fresh own materials that are new here
     * @param renamed own materials that are another here under the same id, by that id, with the one that they would get
     */
    record Looked(List<String> fresh, Map<String, String> renamed) {}

    /**
     * Looks through a blend from elsewhere; nothing is stored.
     *
     * @throws Refused if it is of another format or a newer one
     */
    Looked look(final SharedBlendBody body) {
        try {
            return takeIn(UUID.randomUUID(), body);
        } finally {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
    }

    /** Takes it: its own materials first, then the blend, then what was measured of it. A second call with the same id changes nothing. */
    Looked take(final UUID id, final SharedBlendBody body) {
        return blends.knows(id) ? new Looked(List.of(), Map.of()) : takeIn(id, body);
    }

    private Looked takeIn(final UUID id, final SharedBlendBody body) {
        final String wrong = SharedBlendBody.wrongFormat(body);
        if (wrong != null) {
            throw new Refused("Not taken", wrong);
        }
        final Map<String, String> renamed = renamed(body);
        final Map<String, OwnMaterialFacts> materials = new LinkedHashMap<>();
        body.materials()
                .forEach(each ->
                        materials.put(renamed.getOrDefault(each.id(), each.id()), renamed(each.facts(), renamed)));
        final List<String> fresh = materials.keySet().stream()
                .filter(each -> own.told(List.of(each)).isEmpty())
                .toList();
        own.addTogether(materials);
        final RecipeBody recipe = new RecipeBody(
                body.recipe().measure(),
                body.recipe().parts().stream()
                        .map(part -> new RecipeBody.PartBody(
                                renamed.getOrDefault(part.materialId(), part.materialId()), part.amount()))
                        .toList(),
                body.recipe().doses(),
                body.recipe().scoop());
        blends.create(id, body.name(), body.brief(), recipe);
        if (!recipe.parts().isEmpty()) {
            blends.keep(id, body.note());
        }
        for (int i = 0; i < body.tests().size(); i++) {
            final MeasuredOnBody test = body.tests().get(i);
            assays.make(
                    new UUID(id.getMostSignificantBits(), id.getLeastSignificantBits() + i + 1),
                    id,
                    test.madeOn(),
                    test.test());
        }
        return new Looked(fresh, renamed);
    }

    /** Own materials that are another here under the same id get one of their own. */
    private Map<String, String> renamed(final SharedBlendBody body) {
        final Map<String, String> renamed = new LinkedHashMap<>();
        for (final OwnBody each : body.materials()) {
            final Optional<OwnMaterialFacts> here =
                    Optional.ofNullable(own.told(List.of(each.id())).get(each.id()));
            if (here.isPresent() && !here.get().equals(each.facts())) {
                final String stem = each.id().substring(0, Math.min(each.id().length(), LONGEST_STEM));
                int next = 2;
                while (isAnother(stem + "_" + next, each.facts())) {
                    next++;
                }
                renamed.put(each.id(), stem + "_" + next);
            }
        }
        return renamed;
    }

    private boolean isAnother(final String id, final OwnMaterialFacts facts) {
        final OwnMaterialFacts there = own.told(List.of(id)).get(id);
        return there != null && !there.equals(facts);
    }

    private static OwnMaterialFacts renamed(final OwnMaterialFacts facts, final Map<String, String> names) {
        if (facts.mix() == null || names.isEmpty()) {
            return facts;
        }
        final List<OwnMaterialFacts.MixPartBody> parts = new ArrayList<>();
        facts.mix()
                .parts()
                .forEach(part -> parts.add(new OwnMaterialFacts.MixPartBody(
                        names.getOrDefault(part.materialId(), part.materialId()), part.amount())));
        return new OwnMaterialFacts(
                facts.name(),
                facts.plain(),
                facts.soil(),
                new OwnMaterialFacts.OwnMixBody(
                        parts, facts.mix().certainty(), facts.mix().fed()));
    }
}
