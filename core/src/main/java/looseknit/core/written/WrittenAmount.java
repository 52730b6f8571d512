package looseknit.core.written;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import looseknit.core.measure.MassUnit;
import looseknit.core.measure.VolumeUnit;

/**
 * An amount as people write it before or after a name: "4 parts", "25 %", "1 1/2 cups", "2-3", "half", "2 g/L", "a dusting of".
 *
 * @param value how many of the unit; 1 where nothing is said
 * @param unit the unit
 * @param per what a weight or spoon is for, where that is said
 * @param name the rest of the words
 * @param said whether an amount was written at all
 * @param range whether a range was written, of which the middle is taken
 */
record WrittenAmount(double value, Unit unit, Per per, String name, boolean said, boolean range) {

    /** What an amount counts. */
    enum Kind {
        PLAIN,
        /** "Half", "¼", "1/3": of the whole, if the others are fractions or per cents too. */
        FRACTION,
        PART,
        PERCENT,
        VOLUME,
        HANDFUL,
        MASS,
        REST,
        DUSTING,
        /** "Mostly", "some": how much is not said. */
        VAGUE
    }

    /** What a dose is for. */
    enum Per {
        OPEN,
        LITRE,
        POT
    }

    /**
     * A unit.
     *
     * @param size litres or grams in one, where it is a volume or a weight
     */
    record Unit(Kind kind, double size, String word) {}

    /** A spoon of which nobody says how large it is. */
    static final String SOME_SPOON = "spoons";

    private static final Unit PLAIN = new Unit(Kind.PLAIN, 1, "");
    private static final Unit FRACTION = new Unit(Kind.FRACTION, 1, "");

    /** A number as people write it, as a regular expression. */
    static final String NUMBER =
            "(?:\\d+\\s+\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?\\s*[½⅓⅔¼¾]|[½⅓⅔¼¾]|\\d+(?:[.,]\\d+)?|\\.\\d+)";

    private static final Map<String, Double> FRACTIONS =
            Map.of("½", 0.5, "⅓", 1.0 / 3, "⅔", 2.0 / 3, "¼", 0.25, "¾", 0.75);

    private static final Map<String, Double> NUMBER_WORDS = Map.ofEntries(
            Map.entry("half", 0.5),
            Map.entry("quarter", 0.25),
            Map.entry("third", 1.0 / 3),
            Map.entry("thirds", 1.0 / 3),
            Map.entry("quarters", 0.25),
            Map.entry("halves", 0.5),
            Map.entry("a", 1.0),
            Map.entry("an", 1.0),
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("eight", 8.0),
            Map.entry("nine", 9.0),
            Map.entry("ten", 10.0));

    /** A number in words, as a regular expression. */
    static final String COUNT = "(?:(?:a\\s+)?(?:" + String.join("|", new TreeSet<>(NUMBER_WORDS.keySet())) + ")\\b)";

    /** Words for units, longest first where one begins another. */
    private static final List<Map.Entry<String, Unit>> UNITS = List.of(
            unit("(?:per\\s*cent|percent|%)", Kind.PERCENT, 1, "per cent"),
            unit("(?:parts?|pts?|p)", Kind.PART, 1, "parts"),
            unit("(?:cups?)", Kind.VOLUME, VolumeUnit.US_CUP.litres(), "cups"),
            unit("(?:spoons?|spoonfuls?)", Kind.VOLUME, VolumeUnit.US_TABLESPOON.litres(), SOME_SPOON),
            unit("(?:tablespoons?|tbsps?|tbs)", Kind.VOLUME, VolumeUnit.US_TABLESPOON.litres(), "tablespoons"),
            unit("(?:teaspoons?|tsps?)", Kind.VOLUME, VolumeUnit.US_TEASPOON.litres(), "teaspoons"),
            unit("(?:quarts?|qts?)", Kind.VOLUME, VolumeUnit.US_QUART.litres(), "quarts"),
            unit("(?:gallons?|gals?)", Kind.VOLUME, VolumeUnit.US_GALLON.litres(), "gallons"),
            unit("(?:pints?)", Kind.VOLUME, VolumeUnit.IMPERIAL_PINT.litres(), "pints"),
            unit(
                    "(?:cubic\\s+f(?:ee|oo)t|cu\\.?\\s*ft\\.?|ft3|ft³)",
                    Kind.VOLUME,
                    VolumeUnit.CUBIC_FOOT.litres(),
                    "cubic feet"),
            unit("(?:millilit(?:re|er)s?|ml)", Kind.VOLUME, VolumeUnit.MILLILITRE.litres(), "millilitres"),
            unit("(?:lit(?:re|er)s?|l)", Kind.VOLUME, 1, "litres"),
            unit("(?:scoops?|mugs?|buckets?|jars?)", Kind.PART, 1, "scoops"),
            unit("(?:(?:small|large|big|good)\\s+)?(?:handfuls?|hands?)", Kind.HANDFUL, 1, "handfuls"),
            unit("(?:kilograms?|kilos?|kg)", Kind.MASS, MassUnit.KILOGRAM.grams(), "kilograms"),
            unit("(?:grams?|gr|g)", Kind.MASS, 1, "grams"),
            unit("(?:ounces?|oz)", Kind.MASS, MassUnit.OUNCE.grams(), "ounces"),
            unit("(?:pounds?|lbs?)", Kind.MASS, MassUnit.POUND.grams(), "pounds"),
            unit(
                    "(?:light\\s+dusting|dusting|pinch|sprinkling|sprinkle|splash|dash|touch)",
                    Kind.DUSTING,
                    1,
                    "a dusting"));

    private static final Pattern REST = Pattern.compile(
            "^(?:the\\s+)?(?:rest|remainder|remaining|fill(?:ed)?(?:\\s+up)?(?:\\s+with)?)\\b[:\\s]*(.*)$|^(.*?)\\s*[:,]?\\s+(?:for\\s+)?(?:the\\s+)?(?:rest|remainder)$");
    private static final Pattern PER_LITRE =
            Pattern.compile("(?:\\s*/\\s*|\\s+(?:per|a|each|in a)\\s+)(?:lit(?:re|er)|l)\\b(?:\\s+of\\s+mix)?");
    private static final Pattern PER_POT = Pattern.compile("(?:\\s*/\\s*|\\s+(?:per|a|each|in each)\\s+)pot\\b");
    private static final Pattern PER_MORE = Pattern.compile(
            "\\s*(?:/|\\s(?:per|to\\s+a|to\\s+each|in\\s+a|for\\s+each)\\s)\\s*(gallon|gal|bucket)\\b(?:\\s+of\\s+mix)?");
    /** A grain size before a name is none of its amounts. */
    private static final Pattern SIZE_FIRST =
            Pattern.compile("^(\\d+(?:[.,]\\d+)?\\s*(?:(?:-|–|to)\\s*\\d+\\s*)?mm)\\s+(.+)$");

    private static final Pattern VAGUE = Pattern.compile(
            "^(mostly|mainly|chiefly|largely|some|a\\s+bit|a\\s+little|little|a\\s+few|few|to\\s+taste)\\s+(?:of\\s+)?(.+)$");

    /** What counts as most of a mix beside some of something else: three to one, by judgement. */
    private static final double MOSTLY = 3;

    /** A bucket, where nobody says how large it is [L]. Common practice, no source. */
    private static final double BUCKET_LITRES = 10;

    private static final Pattern RANGE = Pattern.compile("^(" + NUMBER + ")\\s*(?:-|–|to)\\s*(" + NUMBER + ")(.*)$");
    private static final Pattern FIRST = Pattern.compile("^(?:about|approx\\.?|ca\\.?|~)?\\s*(" + NUMBER + ")(.*)$");
    /** Any unit, as a regular expression. */
    static final String UNIT =
            "(?:" + UNITS.stream().map(Map.Entry::getKey).collect(Collectors.joining("|")) + ")(?![a-zà-ÿ])";

    private static final Pattern LAST = Pattern.compile(
            "^(.*?)[\\s:=x×(–-]+(" + NUMBER + "|" + COUNT + "(?=\\s+" + UNIT + "))\\s*(" + UNIT + ")?\\.?\\)?$");

    private static final List<Map.Entry<Pattern, Unit>> BEFORE_A_NAME = UNITS.stream()
            .map(each -> Map.entry(Pattern.compile("^\\s*" + each.getKey() + "(?![a-zà-ÿ])(.*)$"), each.getValue()))
            .toList();

    private static Map.Entry<String, Unit> unit(
            final String words, final Kind kind, final double size, final String word) {
        return Map.entry(words, new Unit(kind, size, word));
    }

    /** Takes an amount out of a line; a line without one counts once. */
    static WrittenAmount of(final String line) {
        String rest = line.toLowerCase(Locale.ROOT).strip();
        Per per = Per.OPEN;
        final Matcher litre = PER_LITRE.matcher(rest);
        final Matcher pot = PER_POT.matcher(rest);
        if (litre.find()) {
            per = Per.LITRE;
            rest = litre.replaceFirst(" ").strip();
        } else if (pot.find()) {
            per = Per.POT;
            rest = pot.replaceFirst(" ").strip();
        }
        final Matcher more = PER_MORE.matcher(rest);
        double times = 1;
        if (per == Per.OPEN && more.find()) {
            per = Per.LITRE;
            times = 1 / (more.group(1).startsWith("g") ? VolumeUnit.US_GALLON.litres() : BUCKET_LITRES);
            rest = more.replaceFirst(" ").strip();
        }
        final Matcher sized = SIZE_FIRST.matcher(rest);
        final WrittenAmount plain = of(sized.matches() ? sized.group(2) : rest, per);
        final WrittenAmount amount = sized.matches()
                ? new WrittenAmount(
                        plain.value(),
                        plain.unit(),
                        per,
                        plain.name() + " " + sized.group(1),
                        plain.said(),
                        plain.range())
                : plain;
        return new WrittenAmount(
                times * amount.value(), amount.unit(), per, amount.name(), amount.said(), amount.range());
    }

    private static WrittenAmount of(final String rest, final Per per) {
        final Matcher vague = VAGUE.matcher(rest);
        if (vague.matches()) {
            final boolean most = vague.group(1).endsWith("ly");
            return new WrittenAmount(
                    most ? MOSTLY : 1, new Unit(Kind.VAGUE, 1, vague.group(1)), per, bare(vague.group(2)), true, false);
        }
        final Matcher remainder = REST.matcher(rest);
        if (remainder.matches()) {
            final String name = remainder.group(1) != null ? remainder.group(1) : remainder.group(2);
            return new WrittenAmount(1, new Unit(Kind.REST, 1, "the rest"), per, bare(name), true, false);
        }
        final Matcher range = RANGE.matcher(rest);
        if (range.matches()) {
            final double middle = 0.5 * (number(range.group(1)) + number(range.group(2)));
            return withUnit(middle, range.group(3), per, true);
        }
        final Matcher first = FIRST.matcher(rest);
        if (first.matches()) {
            final WrittenAmount amount = withUnit(number(first.group(1)), first.group(2), per, false);
            return first.group(1).matches("[\\d.,]+") ? amount : amount.asFraction();
        }
        final Optional<WrittenAmount> words = fromWords(rest, per);
        if (words.isPresent()) {
            return words.get();
        }
        final Matcher last = LAST.matcher(rest);
        if (last.matches() && !last.group(1).isBlank()) {
            final WrittenAmount amount = withUnit(
                    counted(last.group(2)),
                    " " + Optional.ofNullable(last.group(3)).orElse(""),
                    per,
                    false);
            return new WrittenAmount(amount.value(), amount.unit(), per, bare(last.group(1)), true, false);
        }
        return new WrittenAmount(1, PLAIN, per, bare(rest), false, false);
    }

    /** What it counts among others: where all the others are fractions of the whole, the one without an amount is what they leave. */
    WrittenAmount sharing(final List<WrittenAmount> all) {
        final double fractions = all.stream()
                .filter(WrittenAmount::fraction)
                .mapToDouble(WrittenAmount::value)
                .sum();
        final boolean others = all.stream().allMatch(each -> each.fraction() || !each.said())
                && all.stream().filter(each -> !each.said()).count() == 1;
        return said || !others || fractions <= 0 || fractions >= 1
                ? this
                : new WrittenAmount(1 - fractions, unit, per, name, true, range);
    }

    /** What it counts among per cents: there a half is fifty. */
    double perCent() {
        return fraction() ? 100 * value : value;
    }

    private boolean fraction() {
        return unit.kind() == Kind.FRACTION;
    }

    private WrittenAmount asFraction() {
        return unit.kind() == Kind.PLAIN && value < 1
                ? new WrittenAmount(value, FRACTION, per, name, said, range)
                : this;
    }

    private static Optional<WrittenAmount> fromWords(final String rest, final Per per) {
        double value = 1;
        boolean any = false;
        final List<String> words = new ArrayList<>(List.of(rest.split("\\s+")));
        while (words.size() > 1 && NUMBER_WORDS.containsKey(words.get(0))) {
            value *= Objects.requireNonNull(NUMBER_WORDS.get(words.remove(0)));
            any = true;
        }
        final WrittenAmount amount = withUnit(value, " " + String.join(" ", words), per, false);
        return any || amount.unit().kind() != Kind.PLAIN ? Optional.of(amount.asFraction()) : Optional.empty();
    }

    private static WrittenAmount withUnit(final double value, final String rest, final Per per, final boolean range) {
        for (final Map.Entry<Pattern, Unit> each : BEFORE_A_NAME) {
            final Matcher matcher = each.getKey().matcher(rest);
            if (matcher.matches()) {
                return new WrittenAmount(value, each.getValue(), per, bare(matcher.group(1)), true, range);
            }
        }
        return new WrittenAmount(value, PLAIN, per, bare(rest), true, range);
    }

    private static String bare(final String name) {
        return name.strip()
                .replaceFirst("^(?:of|x|×|:|-|–|=)\\s*", "")
                .replaceFirst("^of\\s+", "")
                .replaceFirst("^(?:the|a|an)\\s+", "")
                .strip();
    }

    /** A number in figures or in words. */
    private static double counted(final String text) {
        return text.matches(COUNT)
                ? Arrays.stream(text.split("\\s+"))
                        .mapToDouble(word -> Objects.requireNonNull(NUMBER_WORDS.get(word)))
                        .reduce(1, (a, b) -> a * b)
                : number(text);
    }

    /** A number that is written as {@link #NUMBER}. */
    static double number(final String text) {
        String clean = text.strip().replace(',', '.');
        double sum = 0;
        for (final Map.Entry<String, Double> fraction : FRACTIONS.entrySet()) {
            if (clean.contains(fraction.getKey())) {
                sum += fraction.getValue();
                clean = clean.replace(fraction.getKey(), " ").strip();
            }
        }
        for (final String piece : clean.split("\\s+")) {
            if (piece.isEmpty()) {
                continue;
            }
            final String[] ratio = piece.split("/");
            final double below = ratio.length > 1 ? Double.parseDouble(ratio[1]) : 1;
            sum += below == 0 ? 0 : Double.parseDouble(ratio[0]) / below;
        }
        return sum;
    }
}
