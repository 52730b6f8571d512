package looseknit.server.batch;

import static looseknit.server.paper.Paper.plain;
import static looseknit.server.paper.Paper.said;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.MixSheet;
import looseknit.core.batch.MixTurn;
import looseknit.core.batch.Preparation;
import looseknit.core.batch.Storage;
import looseknit.core.blend.Recipe;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.message.Wording;
import looseknit.core.need.Plant;
import looseknit.server.frame.Books;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.paper.Labels;
import looseknit.server.paper.Paper;
import org.springframework.stereotype.Component;

/** What a batch has on paper: the label of its bin, the order for the bench, and what to buy. */
@Component
class BatchPaper {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final double FOUR_QUARTERS = 4;

    private static final String LABEL = """
            @page { size: 105mm 74mm; margin: 5mm }
            h1 { font-size: 17pt; margin: 0 }
            .lot { font-size: 12pt }
            .small { font-size: 7.5pt; line-height: 1.25 }
            .swatch td { height: 9mm; padding: 0 }
            .qr { width: 22mm; height: 22mm }
            """;

    private static final String SHEET = """
            h1 { font-size: 20pt; margin: 0 0 2mm }
            h2 { font-size: 13pt; margin: 6mm 0 1mm }
            td, th { border-bottom: 0.4pt solid #9aa79f }
            .big { font-size: 14pt }
            .box { width: 7mm }
            .tick { width: 3.6mm; height: 3.6mm; border: 0.7pt solid #1a211d }
            """;

    private final Books books;
    private final Speech speech;
    private final Paper paper;

    BatchPaper(final Books books, final Speech speech, final Paper paper) {
        this.books = books;
        this.speech = speech;
        this.paper = paper;
    }

    /** The label of a bin: name, lot, swatch, doses, cautions, and its code. */
    byte[] label(final BatchBody batch, final String code) {
        final Wording wording = speech.wording();
        final Recipe recipe = batch.recipe().toCore(books);
        final double sum = recipe.sum();
        final String swatch = IntStream.range(0, recipe.parts().size())
                .mapToObj(i -> "<td style=\"width:%s%%;background:%s\"></td>"
                        .formatted(share(recipe.parts().get(i).amount() / sum), Paper.grey(i)))
                .collect(Collectors.joining());
        final String parts = recipe.parts().stream()
                .map(part -> "%s&#160;%% %s"
                        .formatted(
                                share(part.amount() / sum),
                                plain(part.material().name())))
                .collect(Collectors.joining(", "));
        final String doses = recipe.doses().stream()
                .map(dose -> plain("%s %s"
                        .formatted(
                                dose.amendment().name(),
                                wording.of(Quantity.trimmed(Dimension.DOSE, dose.gPerL(), 2)))))
                .collect(Collectors.joining(", "));
        final Storage storage = Storage.of(recipe);
        final String body = """
                <table><tr><td><h1>%s</h1><div class="lot">%s</div><div>%s</div></td>
                <td style="width:22mm;text-align:right;padding:0"><img class="qr" src="%s" alt=""/></td></tr></table>
                <table class="swatch"><tr>%s</tr></table>
                <p class="small" style="margin:1.5mm 0">%s%s</p>
                <p class="small" style="margin:0">%s %s</p>""".formatted(
                        plain(batch.blendName()),
                        said(wording, PaperWords.LOT, batch.lot()),
                        plain(days(batch, storage, wording)),
                        Paper.qr(code),
                        swatch,
                        parts,
                        doses.isEmpty() ? "" : "; " + doses,
                        cautions(recipe, wording),
                        plain(wording.of(storage.advice().get(0))));
        return paper.pdf(wording.of(PaperWords.LABEL_OF_LOT.with(batch.lot())), LABEL, body);
    }

    /** A label of one of several bins or bags. */
    Labels.Label small(final BatchBody batch, final String code) {
        final Wording wording = speech.wording();
        final Recipe recipe = batch.recipe().toCore(books);
        final String parts = recipe.parts().stream()
                .map(part -> "%s %% %s"
                        .formatted(
                                share(part.amount() / recipe.sum()),
                                part.material().name()))
                .collect(Collectors.joining(", "));
        return new Labels.Label(
                batch.blendName(),
                List.of(wording.of(PaperWords.LOT.with(batch.lot())), days(batch, Storage.of(recipe), wording), parts),
                "",
                code);
    }

    private static String days(final BatchBody batch, final Storage storage, final Wording wording) {
        return wording.of(Optional.ofNullable(batch.mixedOn())
                .map(mixed -> PaperWords.MIXED_USE_UNTIL.with(DAY.format(mixed), DAY.format(storage.until(mixed))))
                .orElseGet(PaperWords.NOT_MIXED_YET::words));
    }

    private static String share(final double share) {
        return String.valueOf(Math.round(100 * share));
    }

    private static String cautions(final Recipe recipe, final Wording wording) {
        return Preparation.guarding(recipe).stream()
                .map(words -> plain(wording.of(words)))
                .collect(Collectors.joining(" "));
    }

    /** The order for the bench: each load by rule, with boxes to tick. */
    byte[] order(
            final BatchBody batch,
            final BatchPlan plan,
            final Optional<Plant> plant,
            final Paper.Size size,
            final String code) {
        final Wording wording = speech.wording();
        final MixSheet sheet = MixSheet.of(plan, batch.scoopLitres());
        final StringBuilder body = new StringBuilder("""
                <table style="margin-bottom:3mm"><tr><td style="border:0"><h1>%s</h1>%s<br/>%s</td>
                <td style="border:0;width:24mm;text-align:right"><img style="width:22mm" src="%s" alt=""/></td></tr></table>""".formatted(
                        plain(batch.blendName()),
                        said(wording, PaperWords.LOT_AND_VERSION, batch.lot(), batch.versionNumber()),
                        said(
                                wording,
                                PaperWords.MADE_IN_LOADS,
                                volume(plan.litresToMake()),
                                sheet.loads(),
                                volume(batch.scoopLitres())),
                        Paper.qr(code)));
        body.append("<h2>%s</h2><table>".formatted(said(wording, PaperWords.FIRST)));
        Preparation.of(plan, plant)
                .forEach(task -> body.append("<tr><td class=\"box\"><div class=\"tick\"></div></td><td>%s</td></tr>"
                        .formatted(plain(wording.of(task.says())))));
        body.append("</table>");
        for (int load = 1; load <= sheet.loads(); load++) {
            final int of = load;
            body.append("<h2>%s</h2><table>".formatted(said(wording, PaperWords.LOAD, load)));
            sheet.steps().stream()
                    .filter(step -> step.load() == of)
                    .forEach(step -> body.append(
                            "<tr><td class=\"box\"><div class=\"tick\"></div></td><td class=\"big\">%s</td><td class=\"big\">%s</td><td>%s</td></tr>"
                                    .formatted(
                                            step.amendment().isPresent()
                                                    ? plain(wording.of(
                                                            Quantity.trimmed(Dimension.GRAMS, step.grams(), 1)))
                                                    : said(
                                                            wording,
                                                            step.scoops() > 1
                                                                    ? PaperWords.SCOOPS
                                                                    : PaperWords.ONE_SCOOP,
                                                            scoops(step.scoops())),
                                            plain(step.name()),
                                            step.turn() == MixTurn.WEIGHED
                                                    ? ""
                                                    : plain(wording.of(
                                                            step.turn().words())))));
            body.append("</table>");
        }
        return paper.pdf(
                wording.of(PaperWords.ORDER_FOR_LOT.with(batch.lot())),
                "@page { size: %s; margin: 18mm }".formatted(size.css()) + SHEET,
                body.toString());
    }

    private static String scoops(final double scoops) {
        final long quarters = Math.round(FOUR_QUARTERS * scoops);
        final String part = List.of("", "¼", "½", "¾").get((int) (quarters % 4));
        return (quarters / 4 > 0 ? String.valueOf(quarters / 4) : "") + part;
    }

    private static Quantity volume(final double litres) {
        return Quantity.trimmed(Dimension.VOLUME, litres, 1);
    }

    /** What to buy, with boxes to tick. */
    byte[] shopping(
            final BatchBody batch,
            final StretchController.ShoppingBody shopping,
            final Paper.Size size,
            final String currency) {
        final Wording wording = speech.wording();
        final StringBuilder body = new StringBuilder("<h1>%s</h1><p>%s</p><table>"
                .formatted(
                        said(wording, PaperWords.TO_BUY),
                        said(wording, PaperWords.FOR_BLEND_AND_LOT, batch.blendName(), batch.lot())));
        shopping.lines()
                .forEach(line -> line.packs()
                        .forEach(pack -> body.append(
                                "<tr><td class=\"box\"><div class=\"tick\"></div></td><td class=\"big\">%d × %s</td><td class=\"big\">%s</td><td>%s</td><td>%s</td></tr>"
                                        .formatted(
                                                pack.count(),
                                                plain(wording.of(volume(pack.litres()))),
                                                plain(line.name()),
                                                plain(pack.supplier() == null ? "" : pack.supplier()),
                                                pack.price() == null
                                                        ? ""
                                                        : plain("%s %.2f"
                                                                .formatted(currency, pack.count() * pack.price()))))));
        body.append("</table>");
        if (shopping.lines().isEmpty()) {
            body.append("<p>%s</p>".formatted(said(wording, PaperWords.NOTHING_TO_BUY)));
        }
        if (shopping.cost() != null && !shopping.lines().isEmpty()) {
            body.append("<p class=\"big\">%s</p>"
                    .formatted(said(wording, PaperWords.IN_ALL, "%s %.2f".formatted(currency, shopping.cost()))));
        }
        return paper.pdf(
                wording.of(PaperWords.TO_BUY_FOR_LOT.with(batch.lot())),
                "@page { size: %s; margin: 18mm }".formatted(size.css()) + SHEET,
                body.toString());
    }
}
