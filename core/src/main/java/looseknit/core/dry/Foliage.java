package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * What a plant transpires with.
 *
 * @param leafAreaM2 leaf area [m²], 0 to 50
 * @param thrift water use against an ordinary leaf: 1 leafy, 0.35 succulent
 */
public record Foliage(double leafAreaM2, double thrift) {

    public Foliage {
        within("plant.leafAreaM2", leafAreaM2, 0, 50, Limit.M2);
        within("plant.thrift", thrift, 0.05, 2, Limit.AGAINST_A_LEAFY_PLANT);
    }
}
