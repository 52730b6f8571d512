package looseknit.core.pot;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.measure.Limit;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/**
 * How firmly a pot stands: the tilt at which its centre of mass passes over the edge of its foot.
 *
 * @param loads what stands on the foot
 * @param footRadiusCm radius of the circle on which it stands; half the width for a square foot [cm]
 */
public record Stability(List<Load> loads, double footRadiusCm) {

    /** Below this tilt a pot falls when it is brushed against; common practice, no source. */
    public static final double UNSTEADY_DEG = 15;

    /** Below this tilt it falls in wind; common practice, no source. */
    public static final double FALLS_IN_WIND_DEG = 10;

    /** How firmly a pot stands; common practice, no source. */
    public enum Firmness implements Named {
        FALLS_IN_WIND,
        UNSTEADY,
        STANDS
    }

    /**
     * A mass and the height of its centre above the foot.
     *
     * @param kg mass [kg], 0 to 5000
     * @param heightCm height of its centre [cm], 0 to 1000
     */
    public record Load(Message name, double kg, double heightCm) {
        public Load {
            within("load.kg", kg, 0, 5000, Limit.KG);
            within("load.heightCm", heightCm, 0, 1000, Limit.CM);
        }
    }

    /**
     * What grows and lies in a pot.
     *
     * @param plantKg mass of the plant above the mix [kg], 0 to 500
     * @param plantCentreCm height of its centre above the rim [cm], 0 to 400
     * @param dressingKg mass of the top dressing [kg], 0 to 100
     */
    public record Cargo(double plantKg, double plantCentreCm, double dressingKg) {

        public static final Cargo NONE = new Cargo(0, 0, 0);

        public Cargo {
            within("plant.kg", plantKg, 0, 500, Limit.KG);
            within("plant.centreCm", plantCentreCm, 0, 400, Limit.CM_ABOVE_THE_RIM);
            within("dressing.kg", dressingKg, 0, 100, Limit.KG);
        }
    }

    public Stability {
        loads = List.copyOf(loads);
        within("footRadiusCm", footRadiusCm, 0.1, 200, Limit.CM);
    }

    /**
     * A pot of mix at some water content.
     *
     * @param mixKgPerL mass of the moist mix [kg/L]
     */
    public static Stability of(final Pot pot, final double mixKgPerL, final Cargo cargo) {
        final double fill = pot.fillCm();
        final List<Load> loads = new ArrayList<>();
        loads.add(new Load(
                PotSentence.LOAD_MIX.with(),
                pot.mixLitres() * mixKgPerL,
                pot.layerCm() + centreCm(pot.widthAtCm(pot.layerCm()), pot.widthAtCm(fill), pot.mixHeightCm())));
        loads.add(new Load(PotSentence.LOAD_POT.with(), pot.emptyKg(), pot.heightCm() / 2));
        pot.layer()
                .ifPresent(layer -> loads.add(new Load(
                        PotSentence.LOAD_LAYER.with(),
                        pot.layerKg(),
                        centreCm(pot.bottomCm(), pot.widthAtCm(layer.depthCm()), layer.depthCm()))));
        if (cargo.plantKg() > 0) {
            loads.add(new Load(PotSentence.LOAD_PLANT.with(), cargo.plantKg(), pot.heightCm() + cargo.plantCentreCm()));
        }
        if (cargo.dressingKg() > 0) {
            loads.add(new Load(PotSentence.LOAD_DRESSING.with(), cargo.dressingKg(), fill));
        }
        return new Stability(loads, pot.bottomCm() / 2);
    }

    /** Height of the centre of a frustum above its foot [cm]: H (b² + 2bt + 3t²) / (4 (b² + bt + t²)). */
    public static double centreCm(final double bottom, final double top, final double height) {
        return height
                * (bottom * bottom + 2 * bottom * top + 3 * top * top)
                / (4 * (bottom * bottom + bottom * top + top * top));
    }

    /** All that has to be lifted [kg]. */
    public double kg() {
        return loads.stream().mapToDouble(Load::kg).sum();
    }

    /** Height of the centre of mass above the foot [cm]. */
    public double centreCm() {
        return loads.stream().mapToDouble(load -> load.kg() * load.heightCm()).sum() / kg();
    }

    /** How firmly it stands, by the tilt at which it falls. */
    public Firmness firmness() {
        if (tipsAtDeg() < FALLS_IN_WIND_DEG) {
            return Firmness.FALLS_IN_WIND;
        }
        return tipsAtDeg() < UNSTEADY_DEG ? Firmness.UNSTEADY : Firmness.STANDS;
    }

    /** Tilt at which it falls [°]: atan(foot radius / height of the centre). */
    public double tipsAtDeg() {
        return Math.toDegrees(Math.atan2(footRadiusCm, centreCm()));
    }
}
