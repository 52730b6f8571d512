package looseknit.core.assay;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.need.Property;

/**
 * How much a test tells before it is made: by how much it narrows what it measures. In the joint normal model the narrowing does not depend on what the
 * test will show.
 *
 * @param kind the test
 * @param narrows what it narrows, the most narrowed first
 */
public record TestWorth(TestKind kind, List<Narrowing> narrows) {

    /** Less than this share of the spread is nothing to speak of. */
    private static final double WORTH_SAYING = 0.03;

    /**
     * A figure that becomes surer.
     *
     * @param sdBefore spread now, in the unit of computation
     * @param sdAfter spread once the test is made
     */
    public record Narrowing(Property what, double sdBefore, double sdAfter) {

        /** Share of the spread that goes, 0 to 1. */
        public double share() {
            return sdBefore <= 0 ? 0 : 1 - sdAfter / sdBefore;
        }
    }

    public TestWorth {
        narrows = List.copyOf(narrows);
    }

    /** Every test of a heap, and what it would tell. */
    public static List<TestWorth> of(
            final Beliefs beliefs, final Mix mix, final String blend, final String heap, final Acidity acidity) {
        final Map<Property, Double> before = spreads(beliefs, mix, blend, heap, acidity);
        return List.of(TestKind.values()).stream()
                .map(kind -> {
                    Beliefs after = beliefs;
                    for (final Finding finding : kind.ordinary().findings(mix, acidity)) {
                        after = after.after(finding, mix, blend, heap);
                    }
                    final Map<Property, Double> then = spreads(after, mix, blend, heap, acidity);
                    return new TestWorth(
                            kind,
                            before.entrySet().stream()
                                    .map(each -> new Narrowing(
                                            each.getKey(),
                                            each.getValue(),
                                            then.getOrDefault(each.getKey(), each.getValue())))
                                    .filter(each -> each.share() > WORTH_SAYING)
                                    .sorted(Comparator.comparingDouble(each -> -each.share()))
                                    .toList());
                })
                .toList();
    }

    /** Spread of each figure that tests can narrow, as it stands. */
    public static Map<Property, Double> spreads(
            final Beliefs beliefs, final Mix mix, final String blend, final String heap, final Acidity acidity) {
        final Map<Property, Double> spreads = new EnumMap<>(Property.class);
        spreads.put(Property.AIR, beliefs.correction(LotTrait.AIR, mix, blend).sd());
        spreads.put(Property.WATER, beliefs.waterCorrection(mix, blend).sd());
        spreads.put(
                Property.DENSITY,
                mix.bulkDensityGPerL()
                        * beliefs.correction(LotTrait.DENSITY, mix, blend).sd());
        spreads.put(
                Property.PH,
                beliefs.phOfHeap(
                                mix,
                                blend,
                                heap,
                                PhSpread.dosesSd(mix, acidity.ph(0), acidity.ph(0) - acidity.plainPh()))
                        .sd());
        spreads.put(
                Property.SALTS, beliefs.correction(LotTrait.SALTS, mix, blend).sd());
        return spreads;
    }
}
