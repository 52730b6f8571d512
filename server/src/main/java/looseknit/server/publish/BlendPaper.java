package looseknit.server.publish;

import static looseknit.server.paper.Paper.plain;
import static looseknit.server.paper.Paper.said;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.message.Wording;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.paper.Paper;
import org.springframework.stereotype.Component;

/** A blend on a sheet to hang up: what goes in, what to expect of it, what to mind, and a code by which another house takes it in. */
@Component
class BlendPaper {

    private static final double HEAP_LITRES = 10;
    private static final int CODE_PIXELS = 900;

    private static final String STYLE = """
            @page { size: %s; margin: 16mm }
            h1 { font-size: 28pt; margin: 0 }
            h2 { font-size: 13pt; margin: 6mm 0 1mm }
            .for { font-size: 13pt }
            .note { font-style: italic; margin: 2mm 0 }
            .big td, .big th { font-size: 15pt; border-bottom: 0.4pt solid #9aa79f; padding: 2mm 3mm 2mm 0 }
            .big .head { font-size: 9.5pt }
            .right { text-align: right }
            .swatch td { height: 11mm; padding: 0 }
            .readings td { border-bottom: 0.4pt solid #c9d3cc }
            """;

    private final Speech speech;
    private final Paper paper;

    BlendPaper(final Speech speech, final Paper paper) {
        this.speech = speech;
        this.paper = paper;
    }

    /**
     * The sheet.
     *
     * @param code the text of its code; empty for a blend that is too much for one
     */
    byte[] of(final BlendSheet sheet, final Paper.Size size, final String code) {
        final Wording wording = speech.wording();
        final String body = """
                <table><tr><td><h1>%s</h1><div class="for">%s</div></td></tr></table>
                %s
                <table class="swatch" style="margin-top:3mm"><tr>%s</tr></table>
                %s
                %s
                <table style="margin-top:5mm"><tr><td><h2 style="margin-top:0">%s</h2><p>%s</p><table class="readings">%s</table></td>
                <td style="width:62mm;padding-left:6mm">%s</td></tr></table>
                %s%s<p>%s</p>""".formatted(
                plain(sheet.name()),
                sheet.plant().isEmpty() ? "" : said(wording, PaperWords.FOR, sheet.plant()),
                sheet.note().isBlank() ? "" : "<p class=\"note\">%s</p>".formatted(plain(sheet.note())),
                swatch(sheet.recipe()),
                mix(sheet.recipe()),
                sheet.mixes().stream()
                        .map(mix -> "<p>%s: %s</p>".formatted(plain(mix.name()), plain(String.join(", ", mix.lines()))))
                        .collect(Collectors.joining()),
                said(wording, PaperWords.EXPECTED),
                plain(sheet.headline()),
                sheet.readings().stream()
                        .map(each -> "<tr><td>%s</td><td class=\"right\">%s</td></tr>"
                                .formatted(plain(each.name()), plain(each.value())))
                        .collect(Collectors.joining()),
                code.isEmpty()
                        ? ""
                        : "<img style=\"width:60mm\" src=\"%s\" alt=\"\"/><div>%s</div>"
                                .formatted(Paper.qr(code, CODE_PIXELS), said(wording, PaperWords.TAKEN_IN_FROM_CODE)),
                list(said(wording, PaperWords.MEASURED), sheet.measured()),
                list(said(wording, PaperWords.MIND), sheet.cautions()),
                plain(sheet.keeping()));
        return paper.pdf(sheet.name(), STYLE.formatted(size.css()), body);
    }

    private static String list(final String heading, final List<String> lines) {
        return lines.isEmpty()
                ? ""
                : "<h2>%s</h2>%s"
                        .formatted(
                                heading,
                                lines.stream()
                                        .map(each -> "<div>%s</div>".formatted(plain(each)))
                                        .collect(Collectors.joining()));
    }

    private static String swatch(final Recipe recipe) {
        final List<Double> shares = recipe.scoopedShares();
        return IntStream.range(0, shares.size())
                .mapToObj(i -> "<td style=\"width:%d%%;background:%s\"></td>"
                        .formatted(Math.round(100 * shares.get(i)), Paper.grey(i)))
                .collect(Collectors.joining());
    }

    private String mix(final Recipe recipe) {
        final Wording wording = speech.wording();
        final List<Double> shares = recipe.scoopedShares();
        final boolean parts = recipe.measure() == Recipe.Measure.PARTS;
        return """
                <table class="big"><tr><td class="head"></td><td class="head right">%s</td><td class="head right">%s</td><td class="head right">%s</td></tr>%s%s</table>""".formatted(
                parts ? said(wording, PaperWords.PARTS) : "",
                said(wording, PaperWords.PER_CENT),
                said(wording, PaperWords.FOR, Quantity.trimmed(Dimension.VOLUME, HEAP_LITRES, 1)),
                IntStream.range(0, shares.size())
                        .mapToObj(i -> row(
                                recipe.parts().get(i).material().name(),
                                parts ? wording.figure(recipe.parts().get(i).amount(), 2, true) : "",
                                "%d %%".formatted(Math.round(100 * shares.get(i))),
                                wording.of(Quantity.trimmed(
                                        Dimension.VOLUME,
                                        HEAP_LITRES * shares.get(i),
                                        shares.get(i) * HEAP_LITRES < 1 ? 2 : 1))))
                        .collect(Collectors.joining()),
                recipe.doses().stream()
                        .map(dose -> row(
                                dose.amendment().name(),
                                "",
                                wording.of(Quantity.trimmed(Dimension.DOSE, dose.gPerL(), 2)),
                                wording.of(Quantity.trimmed(Dimension.GRAMS, HEAP_LITRES * dose.gPerL(), 1))))
                        .collect(Collectors.joining()));
    }

    private static String row(final String name, final String parts, final String share, final String amount) {
        return "<tr><td>%s</td><td class=\"right\">%s</td><td class=\"right\">%s</td><td class=\"right\">%s</td></tr>"
                .formatted(plain(name), plain(parts), plain(share), plain(amount));
    }
}
