package looseknit.core.written;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import looseknit.core.blend.RecipeSentence;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;

/**
 * A written recipe taken apart into one text for each thing, amount first: at commas, lines, bullets, bars and slashes, at words such as "and", at
 * every new amount where nothing parts them, with ratios and shared amounts dealt out.
 *
 * @param pieces the pieces, in order
 * @param notes what was taken for granted
 */
record RecipePieces(List<Piece> pieces, List<Message> notes) {

    /**
     * What is said of one thing.
     *
     * @param typed as it was typed
     * @param text the same with its amount first
     */
    record Piece(String typed, String text) {

        private static Piece of(final String text) {
            return new Piece(text, text);
        }
    }

    private static final String NUMBER = WrittenAmount.NUMBER;
    private static final String UNIT = WrittenAmount.UNIT;
    private static final String COUNT = WrittenAmount.COUNT;

    private static final Pattern LEAD = Pattern.compile(
            "^(?:(?:i|we)\\s+(?:use|mix|take|make|like)|take|mix|use|my\\s+(?:mix|recipe)(?:\\s+is)?|recipe|mix|ingredients|add|then|plus|and|with)\\b\\s*:?\\s+",
            Pattern.CASE_INSENSITIVE);
    /** What people say before they come to the point, and what they call the mix. */
    private static final Pattern PREAMBLE = Pattern.compile(
            "^(?:(?:ok|okay|so|well|right|hi|hello|basically|for\\s+me)[,!]?\\s+)+|^[\\p{L} ]{2,30}\\b(?:mix|recipe|blend|soil|compost|medium)\\s*:\\s*(?=\\S)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern KG_TO_A_CUBIC_METRE = Pattern.compile(
            "\\bkg\\s*(?:/|\\s*per\\s+)\\s*(?:m3|m³|cubic\\s+met(?:re|er)s?)(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES = Pattern.compile("(?<=\\p{L})\\s*×\\s*(?=\\d)");
    private static final Pattern HALVES_LAST = Pattern.compile(
            "[,:]?\\s+(?:half\\s+and\\s+half|half\\s*/\\s*half|fifty[\\s-]+fifty|50/50)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern COLON = Pattern.compile("\\s*:\\s*");
    private static final Pattern BREAKS = Pattern.compile("\\s*(?:[;\\n\\r\\u2022|\\t]+|,(?!\\d)|(?<!\\d),)\\s*");
    private static final Pattern WORDS = Pattern.compile(
            "\\s*(?:\\s\\+\\s|\\s&\\s|\\s(?:and|plus|with|add|then)\\s|\\sin\\s(?=" + NUMBER + "\\s*" + UNIT
                    + "\\s+of\\s))\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BULLET = Pattern.compile("^(?:[-*–·]\\s+|\\d+\\)\\s+|\\d+\\.\\s+)");
    private static final Pattern RATIO =
            Pattern.compile("(?<![\\d.])\\d+(?:[.,]\\d+)?(?:\\s*:\\s*\\d+(?:[.,]\\d+)?){1,39}");
    private static final Pattern SHARES = Pattern.compile("^(\\d{1,2}(?:\\s*/\\s*\\d{1,2}){1,39})\\s+(?=\\D)");
    private static final Pattern SUM = Pattern.compile("^(\\d{1,6}(?:\\s*\\+\\s*\\d{1,6}){1,39})\\s+(?=\\D)");
    private static final Pattern NAMES =
            Pattern.compile("\\s*(?:,|:|/|;|\\n|\\t|\\||\\+|&|\\s(?:and|to)\\s|\\s-\\s)\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern EQUAL = Pattern.compile(
            "^(?:in\\s+)?equal\\s+(?:parts|amounts|shares)(?:\\s+of)?[:\\s]+", Pattern.CASE_INSENSITIVE);
    private static final Pattern HALVES = Pattern.compile("^half\\s+and\\s+half\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern EACH_FIRST = Pattern.compile(
            "^(" + NUMBER + "\\s*" + UNIT + "?)\\s+(?:each|of each)\\s*(?:of|:)?\\s+(.*)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern EACH_LAST = Pattern.compile(
            "^(.*?)[,:]?\\s+(" + NUMBER + "\\s*" + UNIT + "?)\\s+(?:each|of each)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern HALF_OF_EACH =
            Pattern.compile("[,:]?\\s+(?:half|a\\s+third|a\\s+quarter)\\s+of\\s+each$", Pattern.CASE_INSENSITIVE);
    private static final Pattern AND_A_HALF = Pattern.compile(
            "\\b(one|two|three|four|five|six|\\d+)\\s+and\\s+(?:a\\s+)?half\\b", Pattern.CASE_INSENSITIVE);
    private static final List<String> COUNTED = List.of("zero", "one", "two", "three", "four", "five", "six");
    private static final Pattern SHARED =
            Pattern.compile("^(" + NUMBER + ")\\s*(?:%|per\\s?cent)\\s+of\\s+(.*)$", Pattern.CASE_INSENSITIVE);

    /** Where a new amount begins in the middle of a piece. */
    private static final Pattern NEXT = Pattern.compile(
            "(?<=[\\p{L})\\d%])(?:\\s*[:/]\\s+|\\s+)(?=(?:to\\s+|add\\s+)?(?:" + NUMBER + "\\s*(?:" + UNIT
                    + "\\s*(?:of\\s+)?)?\\p{L}{3}|" + COUNT + "\\s+" + UNIT + "|half\\s+(?!a\\b)\\p{L}))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AFTER = Pattern.compile(
            "(?<=\\p{L}{3}\\s)(" + NUMBER + "(?:\\s*" + UNIT + "|(?!\\s*" + UNIT
                    + ")))\\s+(?!per\\b|each\\b)(?=\\p{L}{3})",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern AMOUNT_FIRST = Pattern.compile(
            "^(?:about\\s+)?(?:" + NUMBER + "|" + COUNT + "\\b|mostly\\b|some\\b).*", Pattern.CASE_INSENSITIVE);
    /** Words and figures that are part of an amount; one after another, never nested, so that no text takes long. */
    private static final Pattern OF_AMOUNTS = Pattern.compile(
            "\\b(?:about|to|of|" + COUNT + ")\\b|[-–]|" + NUMBER + "|" + UNIT, Pattern.CASE_INSENSITIVE);

    private static final Pattern AMOUNT_ALONE =
            Pattern.compile("^\\(?" + NUMBER + "\\s*(?:" + UNIT + ")?\\)?$", Pattern.CASE_INSENSITIVE);

    private static final Pattern UNIT_LESS =
            Pattern.compile("^(" + NUMBER + "|" + COUNT + ")\\s+of\\s+(.+)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern WITH_VOLUME = Pattern.compile(
            "^(?:" + NUMBER + "|" + COUNT + ")\\s*(litres?|liters?|l|cups?|gallons?|quarts?)\\s.*$",
            Pattern.CASE_INSENSITIVE);

    /** What looks like an amount and is none: sizes and what is in a fertiliser. */
    private static final Pattern NO_AMOUNT = Pattern.compile(
            "\\b\\d+(?:[.,]\\d+)?\\s*(?:-\\s*\\d+\\s*)?mm\\b|\\b\\d+-\\d+-\\d+\\b|\\bno\\.?\\s*\\d+\\b",
            Pattern.CASE_INSENSITIVE);

    /** A name in quotation marks is taken as it stands. */
    private static final Pattern QUOTED = Pattern.compile("[“\"]([^“”\"\\n]{1,120})[”\"]");

    private static final int LETTERS = 26;
    private static final Pattern QUOTE = Pattern.compile("quotedname([a-z]{2})");

    static RecipePieces of(final String written) {
        final List<String> quoted = new ArrayList<>();
        final String masked = QUOTED.matcher(written).replaceAll((MatchResult found) -> {
            quoted.add(found.group(1));
            return "quotedname" + letters(quoted.size() - 1);
        });
        final RecipePieces pieces = unquoted(masked);
        return quoted.isEmpty()
                ? pieces
                : new RecipePieces(
                        pieces.pieces().stream()
                                .map(each -> new Piece(quotes(each.typed(), quoted), quotes(each.text(), quoted)))
                                .toList(),
                        pieces.notes());
    }

    private static String letters(final int number) {
        return "" + (char) ('a' + number / LETTERS % LETTERS) + (char) ('a' + number % LETTERS);
    }

    private static String quotes(final String text, final List<String> quoted) {
        return QUOTE.matcher(text).replaceAll((MatchResult found) -> {
            final int number =
                    (found.group(1).charAt(0) - 'a') * LETTERS + found.group(1).charAt(1) - 'a';
            return Matcher.quoteReplacement(number < quoted.size() ? quoted.get(number) : found.group());
        });
    }

    private static RecipePieces unquoted(final String written) {
        final List<Message> notes = new ArrayList<>();
        final String plain = TIMES.matcher(
                        KG_TO_A_CUBIC_METRE.matcher(written.strip()).replaceAll("g per litre"))
                .replaceAll(" ");
        final String halved = AND_A_HALF
                .matcher(LEAD.matcher(PREAMBLE.matcher(plain).replaceFirst("")).replaceFirst(""))
                .replaceAll((MatchResult found) -> number(found.group(1)) + "½");
        final String clean = HALF_OF_EACH
                .matcher(HALVES_LAST
                        .matcher(HALVES.matcher(halved).replaceFirst("1:1 "))
                        .replaceFirst(""))
                .replaceFirst("");
        final Matcher ratio = RATIO.matcher(clean);
        if (ratio.find()) {
            return dealt(List.of(ratio.group().split(":")), ratio.replaceFirst(" "), "", notes);
        }
        final Matcher shares = SHARES.matcher(clean);
        if (shares.find() && sum(shares.group(1).split("/")) == 100) {
            return dealt(List.of(shares.group(1).split("/")), shares.replaceFirst(""), " %", notes);
        }
        final Matcher sum = SUM.matcher(clean);
        if (sum.find()) {
            return dealt(List.of(sum.group(1).split("\\+")), sum.replaceFirst(""), "", notes);
        }
        final Matcher each = EACH_FIRST.matcher(clean);
        if (each.matches()) {
            return same(each.group(1), each.group(2), notes);
        }
        final Matcher last = EACH_LAST.matcher(clean);
        if (last.matches()) {
            return same(last.group(2), last.group(1), notes);
        }
        final Matcher equal = EQUAL.matcher(clean);
        final String body = equal.find() ? equal.replaceFirst("") : clean;
        return new RecipePieces(shared(apart(body), notes), notes);
    }

    private static String number(final String word) {
        final int counted = COUNTED.indexOf(word.toLowerCase(Locale.ROOT));
        return counted < 0 ? word : String.valueOf(counted);
    }

    private static double sum(final String[] numbers) {
        return Arrays.stream(numbers)
                .mapToDouble(each -> Double.parseDouble(each.strip()))
                .sum();
    }

    /** Numbers and names that stand apart are dealt out in their order. */
    private static RecipePieces dealt(
            final List<String> numbers, final String names, final String unit, final List<Message> notes) {
        final List<String> all = names(names.strip().replaceFirst("(?i)^of\\s+", ""));
        if (all.size() != numbers.size()) {
            throw new OutOfRangeException(
                    "recipe",
                    RecipeSentence.NUMBERS_FOR_NAMES.with(numbers.size(), all.size()),
                    RecipeSentence.AS_MANY_NAMES.with());
        }
        final List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            pieces.add(Piece.of(numbers.get(i).strip() + unit + " " + all.get(i)));
        }
        return new RecipePieces(pieces, notes);
    }

    private static RecipePieces same(final String amount, final String names, final List<Message> notes) {
        return new RecipePieces(
                names(names.replaceFirst("[,:]$", "")).stream()
                        .map(name -> Piece.of(amount + " " + name))
                        .toList(),
                notes);
    }

    private static List<String> names(final String names) {
        return Arrays.stream(NAMES.split(names.strip()))
                .map(each -> LEAD.matcher(each.strip()).replaceFirst("").strip())
                .filter(each -> !each.isBlank())
                .toList();
    }

    /** Takes a text apart where something parts it, and where a new amount begins. */
    private static List<String> apart(final String body) {
        final List<String> texts = new ArrayList<>();
        for (final String line : lines(body)) {
            for (final String piece : WORDS.split(" " + line + " ")) {
                final String bare = bare(piece);
                if (AMOUNT_ALONE.matcher(bare).matches()
                        && !texts.isEmpty()
                        && !holdsNumber(texts.get(texts.size() - 1))) {
                    texts.set(texts.size() - 1, bare.replaceAll("[()]", "") + " " + texts.get(texts.size() - 1));
                } else if (!bare.isEmpty()) {
                    texts.addAll(atAmounts(bare));
                }
            }
        }
        return withUnits(texts);
    }

    /** The text at its breaks; at colons, too, where every piece between them has an amount and a name. */
    private static List<String> lines(final String body) {
        return Arrays.stream(BREAKS.split(body))
                .flatMap(line -> {
                    final String[] between = COLON.split(line);
                    return between.length > 1 && Arrays.stream(between).allMatch(RecipePieces::whole)
                            ? Arrays.stream(between)
                            : Stream.of(line);
                })
                .toList();
    }

    private static boolean whole(final String text) {
        return holdsNumber(text) && text.matches(".*\\p{L}{3}.*");
    }

    /** "Ten litres of bark and five of perlite": the unit goes on. */
    private static List<String> withUnits(final List<String> texts) {
        final List<String> all = new ArrayList<>();
        String unit = "";
        for (final String text : texts) {
            final Matcher bare = UNIT_LESS.matcher(text);
            final Matcher full = WITH_VOLUME.matcher(text);
            if (!unit.isEmpty() && bare.matches()) {
                all.add("%s %s of %s".formatted(bare.group(1), unit, bare.group(2)));
            } else {
                all.add(text);
            }
            unit = full.matches() ? full.group(1) : unit;
        }
        return all;
    }

    private static boolean holdsNumber(final String text) {
        return NO_AMOUNT.matcher(text).replaceAll("").matches(".*[\\d½⅓⅔¼¾].*");
    }

    private static String bare(final String piece) {
        String bare = BULLET.matcher(piece.strip())
                .replaceFirst("")
                .replaceFirst("\\.$", "")
                .strip();
        bare = LEAD.matcher(bare).replaceFirst("");
        return bare.strip();
    }

    private static List<String> atAmounts(final String piece) {
        final List<String> kept = new ArrayList<>();
        final String masked = NO_AMOUNT.matcher(piece).replaceAll((MatchResult found) -> {
            kept.add(found.group());
            return "~" + (char) ('a' + kept.size() - 1) + "~";
        });
        if (masked.contains("/") && !masked.matches(".*\\d.*") && !masked.contains("g/")) {
            return List.of(masked.split("\\s*/\\s*"));
        }
        final List<String> parts = AMOUNT_FIRST.matcher(masked).matches()
                ? named(NEXT.split(masked))
                : List.of(AFTER.matcher(masked).replaceAll("$1\n").split("\n"));
        return parts.stream()
                .map(part -> unmasked(part.replaceFirst("(?i)^(?:to|add)\\s+", ""), kept))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .toList();
    }

    /** What is only an amount so far belongs to what follows: "2 to 3 parts bark". */
    private static List<String> named(final String[] parts) {
        final List<String> named = new ArrayList<>();
        String begun = "";
        for (final String part : parts) {
            final String whole = (begun + " " + part).strip();
            if (OF_AMOUNTS.matcher(whole).replaceAll(" ").isBlank()) {
                begun = whole;
            } else {
                named.add(whole);
                begun = "";
            }
        }
        if (!begun.isEmpty()) {
            named.add(begun);
        }
        return named;
    }

    private static String unmasked(final String part, final List<String> kept) {
        String whole = part;
        for (int i = 0; i < kept.size(); i++) {
            whole = whole.replace("~" + (char) ('a' + i) + "~", kept.get(i));
        }
        return whole;
    }

    /** One share for several: "40 % of chips, charcoal and perlite". */
    private static List<Piece> shared(final List<String> texts, final List<Message> notes) {
        final List<Piece> all = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            final Matcher shared = SHARED.matcher(texts.get(i));
            int end = i + 1;
            while (end < texts.size() && bareName(texts.get(end))) {
                end++;
            }
            if (!shared.matches() || end == i + 1) {
                all.add(Piece.of(texts.get(i)));
                continue;
            }
            final double each = WrittenAmount.number(shared.group(1)) / (end - i);
            all.add(new Piece(texts.get(i), "%s %% %s".formatted(Math.round(each * 1000) / 1000.0, shared.group(2))));
            for (int j = i + 1; j < end; j++) {
                all.add(new Piece(texts.get(j), "%s %% %s".formatted(Math.round(each * 1000) / 1000.0, texts.get(j))));
            }
            notes.add(RecipeSentence.SHARED_EVENLY.with(end - i));
            i = end - 1;
        }
        return all;
    }

    private static boolean bareName(final String text) {
        return !holdsNumber(text)
                && !AMOUNT_FIRST.matcher(text).matches()
                && !text.matches("(?i).*\\b(?:rest|remainder)\\b.*");
    }
}
