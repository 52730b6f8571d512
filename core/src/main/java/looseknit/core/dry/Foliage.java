package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * What a plant transpires with.
 *
 * @param canopyM2 ground that its leaves cover [m²], 0 to 50
 * @param cropCoefficient water use of that ground against the reference crop, Kc: 1 leafy, 0.25 cacti, 1.15 thirsty annuals
 * @see "Allen, R. G. et al. (1998). FAO Irrigation and Drainage Paper 56, chapter 5 for the crop coefficient (from memory)"
 */
public record Foliage(double canopyM2, double cropCoefficient) {

    public Foliage {
        within("plant.canopyM2", canopyM2, 0, 50, Limit.M2);
        within("plant.cropCoefficient", cropCoefficient, 0.05, 2, Limit.AGAINST_A_LEAFY_PLANT);
    }
}
