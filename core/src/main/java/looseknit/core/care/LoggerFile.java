package looseknit.core.care;

import java.io.StringReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
import looseknit.core.dry.Weather;
import looseknit.core.measure.CsvTable;

/**
 * What a climate logger has written: lines of time, °C, %, mm of rain and light, put together day by day.
 *
 * @param days whole days, the first first
 * @param tooShort days of which too little was logged to count
 * @param bad lines that could not be read, and why
 */
public record LoggerFile(List<LoggedDay> days, List<LocalDate> tooShort, List<String> bad) {

    private static final String TIME = "time";
    private static final String TEMPERATURE = "temperature_c";
    private static final String HUMIDITY = "humidity_percent";
    private static final String RAIN = "rain_mm";
    private static final String LUX = "light_lux";
    private static final String MICROMOL = "light_umol";

    /** Heads by which other loggers call these columns. */
    private static final Map<Pattern, String> HEADS = Map.of(
            Pattern.compile("time.*|date.*"), TIME,
            Pattern.compile("temp.*|.*°c.*"), TEMPERATURE,
            Pattern.compile("(rel.*)?hum.*|rh.*|.*%.*"), HUMIDITY,
            Pattern.compile("rain.*|precip.*|.*\\bmm\\b.*"), RAIN,
            Pattern.compile(".*lux.*"), LUX,
            Pattern.compile(".*[uµ]mol.*|par.*|ppfd.*"), MICROMOL);

    private static final double SECONDS_A_DAY = 86_400;
    private static final double MICRO = 1e-6;

    /** A day counts with lines from so many of its hours at least. */
    private static final int FEWEST_HOURS = 6;

    private static final int MOST_LINES = 200_000;
    private static final int MOST_BAD = 20;

    private static final List<Function<String, Optional<LocalDateTime>>> TIMES = List.of(
            ifSo(LocalDateTime::parse),
            ifSo(text -> OffsetDateTime.parse(text).toLocalDateTime()),
            ifSo(text -> LocalDate.parse(text).atTime(12, 0)));

    public LoggerFile {
        days = List.copyOf(days);
        tooShort = List.copyOf(tooShort);
        bad = List.copyOf(bad);
    }

    private record Line(LocalDateTime at, double celsius, double percent, double mm, OptionalDouble micromol) {}

    /**
     * Reads a file with a head line; cells are parted by commas, semicolons or tabs, and a decimal comma is taken where semicolons part them.
     *
     * @throws IllegalArgumentException if the head lacks a column
     */
    public static LoggerFile read(final String text) {
        final List<String> lines =
                text.replace("\uFEFF", "").lines().limit(MOST_LINES).toList();
        if (lines.isEmpty()) {
            return new LoggerFile(List.of(), List.of(), List.of("there is nothing in it"));
        }
        final List<String> bad = new ArrayList<>();
        if (text.lines().count() > MOST_LINES) {
            bad.add("it has more than %d lines: only these were read".formatted(MOST_LINES));
        }
        final Map<LocalDate, List<Line>> byDay = new TreeMap<>();
        for (final CsvTable.Outcome<Line> each : CsvTable.each(
                "the logger's file",
                new StringReader(plain(lines)),
                List.of(TIME, TEMPERATURE, HUMIDITY),
                LoggerFile::line)) {
            each.value()
                    .ifPresent(line -> byDay.computeIfAbsent(line.at().toLocalDate(), any -> new ArrayList<>())
                            .add(line));
            if (bad.size() < MOST_BAD) {
                each.problem().ifPresent(bad::add);
            }
        }
        final List<LoggedDay> days = new ArrayList<>();
        final List<LocalDate> tooShort = new ArrayList<>();
        byDay.forEach((day, its) -> {
            if (its.size() > 1
                    && its.stream().map(line -> line.at().getHour()).distinct().count() < FEWEST_HOURS) {
                tooShort.add(day);
            } else {
                days.add(day(day, its));
            }
        });
        return new LoggerFile(days, tooShort, bad);
    }

    private static String plain(final List<String> lines) {
        final String head = lines.get(0);
        final boolean tabs = head.indexOf('\t') >= 0;
        final boolean semicolons = !tabs && head.indexOf(';') >= 0;
        final List<String> plain = new ArrayList<>();
        for (final String line : lines) {
            plain.add(
                    tabs
                            ? line.replace('\t', ',')
                            : semicolons ? line.replace(',', '.').replace(';', ',') : line);
        }
        plain.set(
                0,
                String.join(
                        ",",
                        List.of(plain.get(0).split(",", -1)).stream()
                                .map(LoggerFile::head)
                                .toList()));
        return String.join("\n", plain);
    }

    private static String head(final String cell) {
        final String plain = cell.strip().replace("\"", "").toLowerCase(Locale.ROOT);
        return HEADS.entrySet().stream()
                .filter(each -> each.getKey().matcher(plain).matches())
                .map(Map.Entry::getValue)
                .sorted()
                .findFirst()
                .orElse(plain);
    }

    private static Line line(final CsvTable.Row row) {
        final double lux = row.numberOr(LUX, 0, 200_000, -1);
        final double micromol = row.numberOr(MICROMOL, 0, 3000, lux < 0 ? -1 : lux * Weather.MICROMOL_PER_LUX);
        return new Line(
                time(row),
                row.number(TEMPERATURE, -40, 60),
                row.number(HUMIDITY, 0, 100),
                row.numberOr(RAIN, 0, 300, 0),
                micromol < 0 ? OptionalDouble.empty() : OptionalDouble.of(micromol));
    }

    private static LocalDateTime time(final CsvTable.Row row) {
        final String text = row.filled(TIME).replace(' ', 'T').replace('/', '-');
        return TIMES.stream()
                .flatMap(each -> each.apply(text).stream())
                .findFirst()
                .orElseThrow(() -> row.bad(TIME, row.text(TIME), "a time such as 2026-05-01 14:00"));
    }

    private static Function<String, Optional<LocalDateTime>> ifSo(final Function<String, LocalDateTime> parse) {
        return text -> {
            try {
                return Optional.of(parse.apply(text));
            } catch (final DateTimeParseException notSo) {
                return Optional.empty();
            }
        };
    }

    private static LoggedDay day(final LocalDate day, final List<Line> lines) {
        final OptionalDouble micromol =
                lines.stream().flatMapToDouble(line -> line.micromol().stream()).average();
        return new LoggedDay(
                day,
                Math.max(-10, Math.min(50, mean(lines, Line::celsius))),
                Math.max(5, mean(lines, Line::percent)),
                Math.min(500, lines.stream().mapToDouble(Line::mm).sum()),
                micromol.isPresent()
                        ? OptionalDouble.of(Math.min(65, micromol.getAsDouble() * SECONDS_A_DAY * MICRO))
                        : OptionalDouble.empty());
    }

    private static double mean(final List<Line> lines, final ToDoubleFunction<Line> of) {
        return lines.stream().mapToDouble(of).average().orElseThrow();
    }
}
