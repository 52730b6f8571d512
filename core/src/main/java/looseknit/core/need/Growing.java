package looseknit.core.need;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.OutOfRangeException;

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
        String planting,
        Rest rest,
        double repotYears,
        Repotting repotting,
        double kgPerPotLitre,
        double heightOverWidth) {

    /** What minerals of the water a plant bears, with the most salts that such water carries. */
    public enum Minerals {
        PURE("mineral-free water only", 0.1),
        SOFT("soft water", 0.45),
        TOLERANT("ordinary tap water", 1.5);

        private final String words;
        private final double mostEcDsPerM;

        Minerals(final String words, final double mostEcDsPerM) {
            this.words = words;
            this.mostEcDsPerM = mostEcDsPerM;
        }

        public String words() {
            return words;
        }

        /** Most salts of the water [dS/m]; common practice put into figures by judgement. */
        public double mostEcDsPerM() {
            return mostEcDsPerM;
        }
    }

    /** Grain of mix that roots prefer. */
    public enum Texture {
        FINE("fine"),
        MEDIUM("medium"),
        GRITTY("gritty"),
        CHUNKY("chunky"),
        VERY_COARSE("very coarse");

        private final String words;

        Texture(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A season of rest. */
    public enum Rest {
        NONE("no season of rest"),
        WINTER_COOL("rests cool in winter, watered less"),
        WINTER_DRY("rests dry in winter"),
        SUMMER_DRY("rests dry in summer");

        private final String words;

        Rest(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How a plant takes repotting. */
    public enum Repotting {
        YES("takes repotting well"),
        RELUCTANT("resents repotting"),
        NEVER("must not be repotted");

        private final String words;

        Repotting(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Growing {
        if (lightLow.compareTo(lightHigh) > 0) {
            throw new OutOfRangeException("growing.lightHigh", lightHigh, "at least " + lightLow);
        }
        within("growing.tempLowC", tempLowC, -30, 30, "°C");
        within("growing.tempHighC", tempHighC, Math.nextUp(tempLowC), 50, "°C");
        within("growing.rootDepthCm", rootDepthCm, 2, 80, "cm");
        within("growing.repotYears", repotYears, 0.5, 30, "years");
        within("growing.kgPerPotLitre", kgPerPotLitre, 0, 3, "kg per litre of pot");
        within("growing.heightOverWidth", heightOverWidth, 0.1, 12, "(plant height over pot width)");
    }
}
