package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;

/**
 * Pots of one kind to fill.
 *
 * @param count how many, 1 to 10,000
 * @param pot the pot
 * @param rootBallLitres volume that root ball, pole and stones take up in each [L]
 */
public record Fill(int count, Pot pot, double rootBallLitres) {

    /**
     * A heap that was mixed without any pot in mind: as one round pot that takes it all.
     *
     * @param recipe what it was mixed by
     * @param looseLitres loose volumes that went in, added up [L], 0.01 to 800
     */
    public static Fill heap(final Recipe recipe, final double looseLitres) {
        within("looseLitres", looseLitres, 0.01, 800, Limit.L);
        final double settled = looseLitres * Ingredients.of(recipe).mix(recipe).yield();
        final Pot ordinary = Pot.ordinary(20, PotWall.PLASTIC);
        final double toRim = settled * ordinary.litresToRim() / ordinary.mixLitres();
        return new Fill(1, Pot.byVolume(PotShape.ROUND, toRim, PotWall.PLASTIC, PotBase.ON_FEET), 0);
    }

    public Fill {
        within("count", count, 1, 10_000, Limit.POTS);
        within("rootBallLitres", rootBallLitres, 0, 1000, Limit.L);
        if (rootBallLitres >= pot.mixLitres()) {
            throw new OutOfRangeException(
                    "rootBallLitres",
                    Quantity.trimmed(Dimension.VOLUME, rootBallLitres, 3).bare(),
                    BatchSentence.LESS_THAN_THE_POT_HOLDS.with(Quantity.of(Dimension.VOLUME, pot.mixLitres(), 2)));
        }
    }

    /** Settled mix that these pots take [L]. */
    public double litres() {
        return count * (pot.mixLitres() - rootBallLitres);
    }
}
