package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.OptionalDouble;
import looseknit.core.measure.Limit;

/**
 * The pack in which somebody buys a material.
 *
 * @param litres loosened volume [L], 0.01 to 10,000
 * @param price price of a pack in the person's currency, if told
 */
public record Pack(double litres, OptionalDouble price) {

    public Pack {
        within("pack.litres", litres, 0.01, 10_000, Limit.L);
        price.ifPresent(each -> within("pack.price", each, 0, 1e6, Limit.CURRENCY));
    }
}
