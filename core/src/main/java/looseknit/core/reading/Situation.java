package looseknit.core.reading;

import java.util.List;
import java.util.Optional;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Needs;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.need.UsualMakeUp;
import looseknit.core.pot.Pot;

/**
 * What of a brief the readings of any mix depend on.
 *
 * @param brief the brief
 * @param temperatureC mean temperature of the pot [°C]
 * @param leastAir least air that the plant, or roots in general, bear [vol/vol]
 * @param litres mix in the pot [L]; 0 without a pot
 * @param emptyKg the empty pot with its drainage layer [kg]; 0 without a pot
 * @param usual what usually is in a mix for the plants; none without a plant
 * @param drying how the pot dries; nothing unless plant, pot and place are named
 */
public record Situation(
        Brief brief,
        double temperatureC,
        double leastAir,
        double litres,
        double emptyKg,
        List<UsualMakeUp> usual,
        Optional<Drying> drying) {

    /** Height of the test column that stands for a pot when none is named [cm]. */
    public static final double TEST_COLUMN_CM = 7.6;

    /** Temperature where no place is named [°C]. */
    public static final double ROOM_C = 20;

    /** Least air for roots in general, where no plant is named [vol/vol]; AS 3743 prints 13 % (from memory). */
    public static final double LEAST_AIR = 0.13;

    /** The situation of a brief. */
    public static Situation of(final Brief brief) {
        return new Situation(
                brief,
                temperatureC(brief),
                leastAir(brief),
                brief.pot().map(Pot::mixLitres).orElse(0.0),
                brief.pot().map(pot -> pot.emptyKg() + pot.layerKg()).orElse(0.0),
                brief.usual(),
                Drying.of(brief));
    }

    /** Temperature of the mix: that of the place, and in the sun what a wall that does not cool itself adds [°C]. */
    private static double temperatureC(final Brief brief) {
        return brief.place()
                .map(place -> place.temperatureC()
                        + (brief.pot().filter(pot -> pot.wall().breathes()).isPresent()
                                ? 0
                                : place.weather().sunWarmsC()))
                .orElse(ROOM_C);
    }

    /** Least air that the plant of a brief, or roots in general, bear [vol/vol]. */
    public static double leastAir(final Brief brief) {
        return brief.needs().map(Needs::bearableAir).map(Band::low).orElse(LEAST_AIR);
    }

    /** Whether a pot is named. */
    boolean potted() {
        return brief.pot().isPresent();
    }

    /** What is wanted of the mix. */
    List<Target> targets() {
        return Targets.of(brief);
    }
}
