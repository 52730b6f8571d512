package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.material.Advice;
import looseknit.core.material.Form;
import looseknit.core.material.GrainSize;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.material.Retention;
import looseknit.core.material.WaterCurve;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.message.TableText;

/**
 * A material that is not in the Book, from the few facts that somebody can find out. What no fact tells is taken from the likest
 * material of the Book, with twice the doubt.
 *
 * @param id short name used in data
 * @param name name for people
 * @param matter what it is like
 * @param fromMm smallest grains, 0 for "with dust" [mm]
 * @param toMm largest grains [mm]
 * @param gPerL dry weight of a litre, if known [g/L]
 * @param drain air and water after draining, if tested
 * @param ph pH, if known
 * @param natures what cautions should know about it
 */
public record OwnMaterial(
        String id,
        String name,
        Matter matter,
        double fromMm,
        double toMm,
        OptionalDouble gPerL,
        Optional<Measured.Drain> drain,
        OptionalDouble ph,
        List<Nature> natures) {

    /** How much wider the doubt is than about a lot of a known material; by judgement. */
    private static final double UNKNOWN_KIND = 2;

    /** A grade "with dust" begins at this share of its largest grain. */
    private static final double DUST_SHARE = 0.04;

    public OwnMaterial {
        natures = List.copyOf(natures);
        within("own.fromMm", fromMm, 0, 60, Limit.MM);
        within("own.toMm", toMm, 0.05, 100, Limit.MM);
        if (toMm <= fromMm) {
            throw new OutOfRangeException(
                    "own.toMm",
                    Quantity.trimmed(Dimension.GRAIN, toMm, 3).bare(),
                    ShelfSentence.MORE_THAN_SMALLEST.with(Quantity.trimmed(Dimension.GRAIN, fromMm, 3)));
        }
        gPerL.ifPresent(value -> within("own.gPerL", value, 5, 2500, Limit.G_PER_L));
        ph.ifPresent(value -> within("own.ph", value, 2, 12, Limit.PH));
    }

    /** The material as the computation needs it. */
    public Material material() {
        final GrainSize size = grainSize();
        final Material like = matter.likest(size.d50Mm());
        final Material stranger =
                like.named(id, name).doubted(like.doubt().times(UNKNOWN_KIND)).also(natures);
        final Material weighed = gPerL.isPresent() ? ofWeight(stranger, gPerL.getAsDouble()) : stranger;
        final Material found = new Measured(ph, gPerL, drain, Optional.of(size), false, false, false).applyTo(weighed);
        return new Material(
                id,
                name,
                like.roles(),
                Form.LOOSE,
                like.packL(),
                like.hazards(),
                found.natures(),
                like.materialClass(),
                found.grainSize(),
                found.physics(),
                found.chemistry(),
                found.doubt(),
                like.halfLifeYears(),
                WaterCurve.of(found.retention()),
                new Advice(
                        ShelfSentence.LIKENED_TO.with(like),
                        TableText.said(""),
                        like.advice().prepare(),
                        like.advice().notFor(),
                        List.of(like.id())),
                Optional.empty(),
                ShelfSentence.OWN_FACTS.with(like));
    }

    private GrainSize grainSize() {
        final double d10 = Math.max(fromMm, DUST_SHARE * toMm);
        return new GrainSize(d10, Math.sqrt(d10 * toMm), toMm);
    }

    /** Pores follow from the weight of a litre and the density of the grains of the likest material. */
    private static Material ofWeight(final Material material, final double gPerL) {
        final Material.Physics p = material.physics();
        final double grain = p.bulkDensityGPerL() / (1 - p.totalPorosity());
        final double pores = Math.max(0.1, Math.min(0.98, 1 - gPerL / grain));
        final double saturated = material.retention().saturated() / p.totalPorosity() * pores;
        return material.found(
                material.grainSize(),
                new Material.Physics(
                        gPerL,
                        pores,
                        p.packingFraction(),
                        p.virtualPacking(),
                        p.fillEfficiency(),
                        p.settling(),
                        p.squeeze()),
                material.chemistry(),
                new Retention.Moved(
                        material.retention(),
                        saturated,
                        saturated / material.retention().saturated()),
                material.doubt());
    }
}
