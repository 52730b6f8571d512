package looseknit.core.need;

import static looseknit.core.measure.Require.within;

import java.time.Month;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Named;
import looseknit.core.message.TableText;

/**
 * How a plant lives beyond what it asks of the mix. Common practice put into classes and figures, no source, unless the Book says
 * otherwise.
 *
 * @param lightLow least light
 * @param lightHigh most light
 * @param tempLowC coldest it bears in growth [°C], −30 to 30
 * @param tempHighC warmest it bears for weeks [°C], above {@code tempLowC}, up to 50
 * @param minerals what minerals of the water it bears
 * @param texture grain of mix that its roots prefer
 * @param rootDepthCm depth of mix that an established plant wants [cm], 2 to 80
 * @param thirst how to see that it wants water
 * @param planting at what depth it is set
 * @param rest its season of rest
 * @param repotYears usual years between repottings, 0.5 to 30
 * @param repotting how it takes repotting
 * @param kgPerPotLitre mass of a grown plant for each litre of its pot [kg/L], 0 to 3
 * @param heightOverWidth height of a grown plant over the width of its pot, 0.1 to 12
 */
public record Growing(
        Light lightLow,
        Light lightHigh,
        double tempLowC,
        double tempHighC,
        Minerals minerals,
        Texture texture,
        double rootDepthCm,
        TableText thirst,
        TableText planting,
        Rest rest,
        double repotYears,
        Repotting repotting,
        double kgPerPotLitre,
        double heightOverWidth) {

    /** What minerals of the water a plant bears, with the most salts that such water carries. */
    public enum Minerals implements Named {
        PURE(0.1),
        SOFT(0.45),
        TOLERANT(1.5);
        private final double mostEcDsPerM;

        Minerals(final double mostEcDsPerM) {
            this.mostEcDsPerM = mostEcDsPerM;
        }

        /** Most salts of the water [dS/m]; common practice put into figures by judgement. */
        public double mostEcDsPerM() {
            return mostEcDsPerM;
        }
    }

    /** Grain of mix that roots prefer. */
    public enum Texture implements Named {
        FINE,
        MEDIUM,
        GRITTY,
        CHUNKY,
        VERY_COARSE
    }

    /** A season of rest. */
    public enum Rest implements Named {
        NONE,
        WINTER_COOL,
        WINTER_DRY,
        SUMMER_DRY;

        private static final double COOL_WAITS = 1.5;
        private static final double DRY_WAITS = 4;

        /** Whether a month north of the equator belongs to it; common practice, no source. */
        public boolean covers(final Month month) {
            return switch (this) {
                case NONE -> false;
                case WINTER_COOL, WINTER_DRY ->
                    month.compareTo(Month.NOVEMBER) >= 0 || month.compareTo(Month.FEBRUARY) <= 0;
                case SUMMER_DRY -> month.compareTo(Month.JUNE) >= 0 && month.compareTo(Month.AUGUST) <= 0;
            };
        }

        /**
         * How many times as long a plant waits for water in a month as it would in growth; by judgement: a little less in a cool rest, about once a month
         * in a dry one.
         */
        public double waits(final Month month) {
            if (!covers(month)) {
                return 1;
            }
            return this == WINTER_COOL ? COOL_WAITS : DRY_WAITS;
        }

        /** Month in which it begins. */
        public Month begins() {
            return this == SUMMER_DRY ? Month.JUNE : Month.NOVEMBER;
        }

        /** First month after it. */
        public Month ends() {
            return this == SUMMER_DRY ? Month.SEPTEMBER : Month.MARCH;
        }
    }

    /** How a plant takes repotting. */
    public enum Repotting implements Named {
        YES,
        RELUCTANT,
        NEVER
    }

    public Growing {
        if (lightLow.compareTo(lightHigh) > 0) {
            throw new OutOfRangeException("growing.lightHigh", lightHigh, NeedSentence.AT_LEAST.with(lightLow));
        }
        within("growing.tempLowC", tempLowC, -30, 30, Limit.CELSIUS);
        within("growing.tempHighC", tempHighC, Math.nextUp(tempLowC), 50, Limit.CELSIUS);
        within("growing.rootDepthCm", rootDepthCm, 2, 80, Limit.CM);
        within("growing.repotYears", repotYears, 0.5, 30, Limit.YEARS);
        within("growing.kgPerPotLitre", kgPerPotLitre, 0, 3, Limit.KG_PER_POT_LITRE);
        within("growing.heightOverWidth", heightOverWidth, 0.1, 12, Limit.HEIGHT_OVER_WIDTH);
    }
}
