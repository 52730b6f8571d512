package looseknit.server.outcome;

import static looseknit.server.paper.Paper.plain;
import static looseknit.server.paper.Paper.said;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.message.Wording;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.outcome.YearController.HouseYearBody;
import looseknit.server.outcome.YearController.LearntBody;
import looseknit.server.outcome.YearController.MixedBlendBody;
import looseknit.server.outcome.YearController.UsedMaterialBody;
import looseknit.server.paper.Paper;
import org.springframework.stereotype.Component;

/** A year of the house on paper. */
@Component
class YearPaper {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private static final String STYLE = """
            @page { size: %s; margin: 16mm }
            h1 { font-size: 26pt; margin: 0 0 3mm }
            h2 { font-size: 13pt; margin: 5mm 0 1mm; page-break-after: avoid }
            td { border-bottom: 0.4pt solid #c9d3cc }
            tr { page-break-inside: avoid }
            .sums td { border: 0; font-size: 9pt; padding-bottom: 3mm; width: 25%% }
            .sums b { font-size: 17pt; display: block }
            .right { text-align: right }
            """;

    private final Speech speech;
    private final Paper paper;

    YearPaper(final Speech speech, final Paper paper) {
        this.speech = speech;
        this.paper = paper;
    }

    /** The year; amounts of money carry the currency sign. */
    byte[] of(final HouseYearBody year, final Paper.Size size, final String currency) {
        final Wording wording = speech.wording();
        final double mixed =
                year.mixed().stream().mapToDouble(MixedBlendBody::litres).sum();
        final String title = wording.of(PaperWords.YEAR.with(String.valueOf(year.year())));
        final String body = "<h1>%s</h1>".formatted(plain(title))
                + "<table class=\"sums\"><tr>%s%s%s%s</tr><tr>%s%s%s%s</tr></table>"
                        .formatted(
                                sum(wording, volume(wording, mixed), PaperWords.YEAR_MIXED),
                                sum(wording, number(year.potted()), PaperWords.YEAR_POTTED),
                                sum(wording, number(year.repotted()), PaperWords.YEAR_REPOTTED),
                                sum(wording, number(year.increased()), PaperWords.YEAR_INCREASED),
                                sum(wording, number(year.lost().size()), PaperWords.YEAR_LOST),
                                sum(wording, number(year.looks()), PaperWords.YEAR_LOOKS),
                                sum(wording, number(year.waterings()), PaperWords.YEAR_WATERINGS),
                                sum(wording, money(currency, year.spent()), PaperWords.YEAR_SPENT))
                + head(wording, PaperWords.BLENDS)
                + table(
                        wording,
                        year.mixed().stream()
                                .map(each -> List.of(
                                        each.name(),
                                        wording.of(PaperWords.BATCHES.with(each.batches())),
                                        volume(wording, each.litres()))))
                + head(wording, PaperWords.MATERIALS)
                + table(
                        wording,
                        year.used().stream()
                                .map(each -> List.of(
                                        each.name(), volume(wording, each.litres()), cost(wording, currency, each))))
                + head(wording, PaperWords.LEARNT)
                + table(
                        wording,
                        Stream.concat(year.blends().stream(), year.places().stream())
                                .map(each -> List.of(each.name(), learnt(wording, each))))
                + head(wording, PaperWords.LOST)
                + table(wording, year.lost().stream().map(each -> List.of(each.label(), day(each.on()), each.words())));
        return paper.pdf(title, STYLE.formatted(size.css()), body);
    }

    private static String learnt(final Wording wording, final LearntBody learnt) {
        return learnt.words().stream().map(wording::of).collect(Collectors.joining("; "));
    }

    private static String day(final LocalDate on) {
        return DAY.format(on);
    }

    private static String cost(final Wording wording, final String currency, final UsedMaterialBody used) {
        return used.cost() == null ? wording.of(PaperWords.NO_PRICE.words()) : money(currency, used.cost());
    }

    private static String head(final Wording wording, final PaperWords words) {
        return "<h2>%s</h2>".formatted(said(wording, words));
    }

    private static String table(final Wording wording, final Stream<List<String>> rows) {
        final String lines = rows.map(row -> "<tr>%s</tr>"
                        .formatted(row.stream()
                                .map(cell -> "<td>%s</td>".formatted(plain(cell)))
                                .collect(Collectors.joining())))
                .collect(Collectors.joining());
        return lines.isEmpty()
                ? "<p>%s</p>".formatted(said(wording, PaperWords.NOTHING))
                : "<table>%s</table>".formatted(lines);
    }

    private static String sum(final Wording wording, final String figure, final PaperWords of) {
        return "<td><b>%s</b>%s</td>".formatted(plain(figure), said(wording, of));
    }

    private static String volume(final Wording wording, final double litres) {
        return wording.of(Quantity.trimmed(Dimension.VOLUME, litres, 1));
    }

    private static String number(final long count) {
        return String.format(Locale.ROOT, "%,d", count);
    }

    private static String money(final String currency, final double amount) {
        return String.format(Locale.ROOT, "%s %.2f", currency, amount).strip();
    }
}
