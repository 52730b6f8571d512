package looseknit.core.message;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import java.util.Queue;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Puts messages into words: a language, and the units that a person reads. The texts stand in {@code messages_en.properties} in ICU
 * MessageFormat. Each argument can be had as it stands within a sentence ({@code {pot}}), at its beginning ({@code {Pot}}), and in the middle of
 * one although it is a sentence of its own ({@code {lowerPot}}).
 * Thread-safe.
 */
public final class Wording {

    private static final Pattern TABLE_FIGURE =
            Pattern.compile("\\{([\\d.]+)(?:( to |[–-])([\\d.]+))? (cm|mm|kg|g|L|mL|g/L|°C)\\}");

    /** Below this many quarts people scoop by the cup; below this many cups by the spoon; from so many on they speak of gallons. */
    private static final double CUPS_BELOW_QT = 1;

    private static final double SPOONS_BELOW_CUPS = 0.5;
    private static final double GALLONS_FROM_QT = 8;
    private static final double CUPS_IN_QT = 4;
    private static final double SPOONS_IN_CUP = 16;
    private static final double QT_IN_GALLON = 4;
    private static final double OUNCES_IN_POUND = 16;
    private static final double MILLILITRES_BELOW_L = 0.1;
    private static final String LOWER = "lower";
    private static final Texts ENGLISH = Texts.of("messages_en.properties");

    private final Texts texts;
    private final Locale locale;
    private final MeasureSystem system;

    private Wording(final Texts texts, final Locale locale, final MeasureSystem system) {
        this.texts = texts;
        this.locale = locale;
        this.system = system;
    }

    /** English, the language that ships, in the units of a system. */
    public static Wording english(final MeasureSystem system) {
        return new Wording(ENGLISH, Locale.UK, system);
    }

    /**
     * Other texts under the same keys: another language.
     *
     * @param messages the texts by key
     */
    public static Wording of(final Map<String, String> messages, final Locale locale, final MeasureSystem system) {
        return new Wording(new Texts(messages, ULocale.forLocale(locale)), locale, system);
    }

    /** Every text that ships, by its key. */
    public static Map<String, String> shipped() {
        return Map.copyOf(ENGLISH.patterns);
    }

    /** The units. */
    public MeasureSystem system() {
        return system;
    }

    /** A message in words. */
    public String of(final Message message) {
        final List<String> names = message.code().arguments();
        final Map<String, Object> values = new HashMap<>();
        for (int i = 0; i < names.size(); i++) {
            final Object argument = message.arguments().get(i);
            final Object said = said(argument);
            values.put(names.get(i), said);
            values.put(LOWER + capital(names.get(i)), lower(said));
            values.put(capital(names.get(i)), argument instanceof Titled titled ? titled.name() : capital(said));
        }
        return texts.format(message.code().key(), values);
    }

    /** The name of a constant. */
    public String of(final Named named) {
        return of(named.words());
    }

    /** A sentence from a table, its figures in the reader's units. */
    public String of(final TableText table) {
        final Matcher figures = TABLE_FIGURE.matcher(table.text());
        return figures.replaceAll(found ->
                Matcher.quoteReplacement(tableFigure(found.group(1), found.group(2), found.group(3), found.group(4))));
    }

    private String tableFigure(final String low, final String dash, final String high, final String unit) {
        final Dimension dimension = switch (unit) {
            case "cm" -> Dimension.LENGTH;
            case "mm" -> Dimension.GRAIN;
            case "kg" -> Dimension.MASS;
            case "g" -> Dimension.GRAMS;
            case "g/L" -> Dimension.DOSE;
            case "°C" -> Dimension.TEMPERATURE;
            default -> Dimension.VOLUME;
        };
        final double factor = unit.equals("mL") ? 1e-3 : 1;
        if (system == MeasureSystem.METRIC) {
            return low + (high == null ? "" : dash + high) + " " + unit;
        }
        final Quantity to = Quantity.trimmed(
                dimension, factor * Double.parseDouble(high == null ? low : high), places(high == null ? low : high));
        return high == null
                ? of(to)
                : of(Quantity.trimmed(dimension, factor * Double.parseDouble(low), places(low))
                                .bare())
                        + dash
                        + of(to);
    }

    private static int places(final String number) {
        return number.contains(".") ? number.length() - number.indexOf('.') : 1;
    }

    /** A figure in words: the number and its unit. */
    public String of(final Quantity quantity) {
        return switch (quantity.dimension()) {
            case VOLUME -> volume(quantity);
            case MASS -> mass(quantity);
            default -> plain(quantity);
        };
    }

    private String volume(final Quantity quantity) {
        if (system == MeasureSystem.METRIC) {
            return quantity.value() < MILLILITRES_BELOW_L && quantity.value() > 0 && !quantity.isBare()
                    ? unit("mL", 1000 * quantity.value(), 0, true)
                    : plain(quantity);
        }
        final double quarts = quantity.dimension().difference(quantity.value(), system);
        if (quantity.isBare()) {
            return plain(quantity);
        }
        if (quarts >= GALLONS_FROM_QT) {
            return unit("gal", quarts / QT_IN_GALLON, 1, true);
        }
        if (quarts >= CUPS_BELOW_QT) {
            return unit("qt", quarts, 1, true);
        }
        final double cups = CUPS_IN_QT * quarts;
        return cups >= SPOONS_BELOW_CUPS
                ? unit("cups", cups, 1, true)
                : unit("tbsp", SPOONS_IN_CUP * cups, SPOONS_IN_CUP * cups < 1 ? 1 : 0, true);
    }

    private String mass(final Quantity quantity) {
        final double pounds = Dimension.MASS.difference(quantity.value(), MeasureSystem.US);
        return system == MeasureSystem.US && pounds < 1 && pounds > 0 && !quantity.isBare()
                ? unit("oz", OUNCES_IN_POUND * pounds, 0, true)
                : plain(quantity);
    }

    private String plain(final Quantity quantity) {
        final Dimension dimension = quantity.dimension();
        final int decimals = dimension.decimals(quantity.decimals(), system);
        final double shown = dimension.shown(quantity.value(), system);
        if (quantity.isBare()) {
            return figure(shown, decimals, quantity.trims());
        }
        final String key = "Dimension." + dimension.name();
        if (texts.patterns.containsKey(key)) {
            return texts.format(key, figured(shown, decimals, quantity.trims()));
        }
        final String figure = figure(shown, decimals, quantity.trims());
        return dimension.unit(system).isEmpty() ? figure : figure + " " + dimension.unit(system);
    }

    /** A range in words. */
    public String of(final Range range) {
        if (Double.isInfinite(range.high())) {
            return texts.format("range.atLeast", Map.of("end", of(range.lowEnd())));
        }
        if (Double.isInfinite(range.low())) {
            return texts.format("range.atMost", Map.of("end", of(range.highEnd())));
        }
        final Map<String, Object> ends = new HashMap<>();
        ends.put("low", plain(rounded(range.lowEnd()).bare()));
        ends.put("high", plain(rounded(range.highEnd())));
        ends.put("bareHigh", plain(rounded(range.highEnd()).bare()));
        final String form = range.form() == Range.Form.TO ? "range.to" : "range.dash";
        return texts.format(range.dimension() == Dimension.PH ? form + ".PH" : form, ends);
    }

    /** Ends of what is accepted are exact in the unit of computation, and told to a hundredth in others. */
    private Quantity rounded(final Quantity end) {
        return system == MeasureSystem.US && end.dimension().differs() && end.decimals() > 2
                ? new Quantity(end.value(), end.dimension(), 2, end.form())
                : end;
    }

    private String unit(final String unit, final double value, final int decimals, final boolean trims) {
        return texts.format("unit." + unit, figured(value, decimals, trims));
    }

    private Map<String, Object> figured(final double value, final int decimals, final boolean trims) {
        final double scale = Math.pow(10, decimals);
        return Map.of("n", Math.rint(value * scale) / scale, "figure", figure(value, decimals, trims));
    }

    /** A bare number in this language. */
    public String figure(final double value, final int decimals, final boolean trims) {
        if (Double.isInfinite(value)) {
            return value > 0 ? "∞" : "−∞";
        }
        final DecimalFormat format = new DecimalFormat("0", DecimalFormatSymbols.getInstance(locale));
        format.setMinimumFractionDigits(trims ? 0 : decimals);
        format.setMaximumFractionDigits(decimals);
        format.setRoundingMode(RoundingMode.HALF_UP);
        final String text = format.format(BigDecimal.valueOf(value));
        return text.matches("-0([.,]0+)?") ? text.substring(1) : text;
    }

    private Object said(final Object argument) {
        if (argument instanceof Quantity quantity) {
            return of(quantity);
        }
        if (argument instanceof Range range) {
            return of(range);
        }
        if (argument instanceof Titled titled) {
            return titled.name().toLowerCase(locale);
        }
        if (argument instanceof Message message) {
            return of(message);
        }
        if (argument instanceof Named named) {
            return of(named);
        }
        if (argument instanceof TableText table) {
            return of(table);
        }
        return argument instanceof Listing listing ? of(listing) : argument;
    }

    /** Several things in a row. */
    public String of(final Listing listing) {
        final List<String> items =
                listing.items().stream().map(each -> String.valueOf(said(each))).toList();
        return switch (listing.join()) {
            case AND -> ListFormatter.getInstance(locale).format(items);
            case OR ->
                ListFormatter.getInstance(locale, ListFormatter.Type.OR, ListFormatter.Width.WIDE)
                        .format(items);
            case COMMA -> String.join(", ", items);
            case SPACE -> String.join(" ", items);
        };
    }

    private static String capital(final Object said) {
        final String text = String.valueOf(said);
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static String lower(final Object said) {
        final String text = String.valueOf(said);
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** The texts of a language. */
    private static final class Texts {

        private final Map<String, String> patterns;
        private final ULocale locale;

        /** Formats that nobody uses at the moment: each serves one thread at a time, and is quick only when it is used again. */
        private final Map<String, Queue<MessageFormat>> idle = new ConcurrentHashMap<>();

        private Texts(final Map<String, String> patterns, final ULocale locale) {
            this.patterns = patterns;
            this.locale = locale;
        }

        private static Texts of(final String file) {
            final Properties properties = new Properties();
            try (var stream = Objects.requireNonNull(Wording.class.getResourceAsStream(file), file)) {
                properties.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
            } catch (final IOException e) {
                throw new UncheckedIOException(e);
            }
            final Map<String, String> patterns = new HashMap<>();
            properties.stringPropertyNames().forEach(key -> patterns.put(key, properties.getProperty(key)));
            return new Texts(patterns, ULocale.UK);
        }

        private String format(final String key, final Map<String, Object> values) {
            final String pattern = patterns.get(key);
            if (pattern == null) {
                throw new IllegalStateException("there is no text for " + key);
            }
            if (pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0) {
                return pattern;
            }
            final Queue<MessageFormat> formats = idle.computeIfAbsent(key, any -> new ConcurrentLinkedQueue<>());
            final MessageFormat free = formats.poll();
            final MessageFormat format = free == null ? new MessageFormat(pattern, locale) : free;
            final String text = format.format(values);
            formats.add(format);
            return text;
        }
    }

    /** Names of the arguments that the text of a key uses, each as the code declares it. */
    static Set<String> used(final String pattern) {
        final Set<String> names = new TreeSet<>();
        final MessagePattern parsed = new MessagePattern(pattern);
        for (int i = 0; i < parsed.countParts(); i++) {
            if (parsed.getPartType(i) != MessagePattern.Part.Type.ARG_NAME) {
                continue;
            }
            final String name = parsed.getSubstring(parsed.getPart(i));
            final String plain = name.matches(LOWER + "[A-Z].*") ? name.substring(LOWER.length()) : name;
            names.add(Character.toLowerCase(plain.charAt(0)) + plain.substring(1));
        }
        return names;
    }
}
