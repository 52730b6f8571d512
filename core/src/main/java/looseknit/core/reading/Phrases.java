package looseknit.core.reading;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import looseknit.core.blend.Segregation;
import looseknit.core.measure.Band;
import looseknit.core.need.Property;

/** Readings in words and in figures rounded to what they mean. */
public final class Phrases {

    /** Fewer days than this are no figure worth naming. */
    private static final double HARDLY_DAYS = 0.25;

    /** What a reading is called when it lies low or high. */
    private record Words(String tooLow, String lowEdge, String highEdge, String tooHigh) {}

    private static final Map<Property, Words> WORDS = new EnumMap<>(Map.of(
            Property.AIR, new Words("too little air", "rather little air", "rather much air", "too much air"),
            Property.WATER, new Words("too dry", "at the dry edge", "at the wet edge", "too wet"),
            Property.EASY_WATER,
                    new Words("too little to drink", "little to drink", "much to drink", "more than it needs"),
            Property.DRY_DAYS,
                    new Words(
                            "dries before you water",
                            "just before you water",
                            "just as you water",
                            "slower than your hand"),
            Property.PH, new Words("too acid", "a little acid", "a little alkaline", "too alkaline"),
            Property.FOOD, new Words("hungry", "rather lean", "rather rich", "too rich"),
            Property.SALTS, new Words("low", "low", "much salt", "too salty"),
            Property.WEIGHT, new Words("too light", "light", "heavy", "too heavy"),
            Property.LIFE,
                    new Words("packs down too soon", "just long enough", "long enough", "longer than it needs")));

    private Phrases() {}

    /** The verdict in words. */
    public static String verdict(final Property quality, final Verdict verdict) {
        final Words words = WORDS.get(quality);
        return switch (verdict) {
            case NO_TARGET -> "";
            case FITS -> "fits";
            case LOW_EDGE -> "fits, " + words.lowEdge();
            case HIGH_EDGE -> "fits, " + words.highEdge();
            case TOO_LOW -> words.tooLow();
            case TOO_HIGH -> words.tooHigh();
        };
    }

    /** How a material parts company with the rest. */
    static String segregation(final Segregation segregation) {
        final String name = segregation.material().name();
        return switch (segregation.kind()) {
            case FLOATS -> "%s floats when the pot is flooded: water gently or from below.".formatted(name);
            case FLOATS_UNTIL_WET -> "%s floats until it is wet: moisten it before mixing.".formatted(name);
            case WASHES_DOWN ->
                "%s washes down between the coarse grains: keep it moist and water gently.".formatted(name);
            case SINKS -> "%s sinks when the mix is shaken: mix moist, fill by hand.".formatted(name);
        };
    }

    /** Decimals with which a value is shown. */
    public static int decimals(final Property quality, final double shownValue) {
        return switch (quality) {
            case AIR, WATER, EASY_WATER, FOOD -> 0;
            case DRY_DAYS -> Math.abs(shownValue) < 10 ? 1 : 0;
            case PH, SALTS, LIFE -> 1;
            case WEIGHT -> Math.abs(shownValue) < 10 ? 2 : 1;
        };
    }

    /** A value of computation as people read it, without unit. */
    public static String figure(final Property quality, final double value) {
        final double shown = value * quality.shown();
        return String.format(Locale.ROOT, "%." + decimals(quality, shown) + "f", shown);
    }

    /** A value of computation with its unit. */
    public static String figureWithUnit(final Property quality, final double value) {
        return switch (quality) {
            case PH -> "pH " + figure(quality, value);
            case DRY_DAYS -> figure(quality, value) + (figure(quality, value).equals("1.0") ? " day" : " days");
            case LIFE -> figure(quality, value) + " years";
            default -> figure(quality, value) + " " + quality.unit();
        };
    }

    /** A band in words: "24–40 %", "at least 2.0 years". */
    public static String band(final Property quality, final Band band) {
        if (Double.isInfinite(band.high())) {
            return "at least " + figureWithUnit(quality, band.low());
        }
        if (Double.isInfinite(band.low())) {
            return "at most " + figureWithUnit(quality, band.high());
        }
        final String low = figure(quality, band.low());
        return quality == Property.PH
                ? "pH %s–%s".formatted(low, figure(quality, band.high()))
                : "%s–%s".formatted(low, figureWithUnit(quality, band.high()));
    }

    /** The worst miss as a sentence. */
    public static String headline(final Property quality, final double value, final Band band) {
        final boolean high = value > band.high();
        if (quality == Property.DRY_DAYS) {
            final double miss = Math.abs(band.miss(value));
            final String by = miss < HARDLY_DAYS ? "a little" : figureWithUnit(quality, miss);
            return high
                    ? "Stays wet %s too long for your hand.".formatted(by)
                    : "Wants water %s before you come.".formatted(by);
        }
        final String said =
                high ? WORDS.get(quality).tooHigh() : WORDS.get(quality).tooLow();
        return "%s: %s where %s is wanted."
                .formatted(
                        Character.toUpperCase(said.charAt(0)) + said.substring(1),
                        figureWithUnit(quality, value),
                        band(quality, band));
    }
}
