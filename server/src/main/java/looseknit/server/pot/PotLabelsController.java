package looseknit.server.pot;

import static looseknit.server.paper.Paper.plain;

import jakarta.validation.constraints.Size;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.NotThere;
import looseknit.server.paper.Paper;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Labels for pots, several on a sheet, to cut out and stick or slide into a holder. */
@RestController
@RequestMapping("/api/pot-labels.pdf")
class PotLabelsController {

    private static final int LONGEST_NOTE = 60;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    /** Sizes of labels: how many stand side by side, and how high each is [mm]. */
    private enum LabelSize {
        SMALL(3, 26),
        LARGE(2, 44);

        private final int across;
        private final int highMm;

        LabelSize(final int across, final int highMm) {
            this.across = across;
            this.highMm = highMm;
        }

        static LabelSize named(final String name) {
            return Arrays.stream(values())
                    .filter(size -> size.name().equalsIgnoreCase(name))
                    .findFirst()
                    .orElseThrow(() -> new OutOfRangeException("label", name, TableText.said("small or large")));
        }
    }

    private final Pottings pottings;
    private final PottingBodies bodies;
    private final Paper paper;

    PotLabelsController(final Pottings pottings, final PottingBodies bodies, final Paper paper) {
        this.pottings = pottings;
        this.bodies = bodies;
        this.paper = paper;
    }

    /** A sheet of labels of pots; a note goes on each. */
    @GetMapping(produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            @RequestParam final List<UUID> ids,
            @RequestParam(defaultValue = "A4") final String size,
            @RequestParam(defaultValue = "SMALL") final String label,
            @RequestParam(defaultValue = "") @Size(max = LONGEST_NOTE) final String note) {
        if (ids.size() > PottingsController.MOST_AT_ONCE) {
            throw new OutOfRangeException(
                    "ids", ids.size(), TableText.said("up to %d pots".formatted(PottingsController.MOST_AT_ONCE)));
        }
        final List<PottingBody> pots = bodies.of(pottings.of(ids));
        if (pots.isEmpty()) {
            throw new NotThere("pot");
        }
        final LabelSize labels = LabelSize.named(label);
        final Paper.Size sheet = Paper.Size.named(size);
        final StringBuilder body = new StringBuilder("<table>");
        for (int i = 0; i < pots.size(); i += labels.across) {
            body.append("<tr>");
            for (int j = i; j < i + labels.across; j++) {
                body.append("<td class=\"label\">")
                        .append(j < pots.size() ? label(pots.get(j), note) : "")
                        .append("</td>");
            }
            body.append("</tr>");
        }
        body.append("</table>");
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"pot-labels.pdf\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(paper.pdf("Labels of pots", """
                        @page { size: %s; margin: 12mm }
                        table { table-layout: fixed }
                        tr { page-break-inside: avoid }
                        .label { border: 0.4pt dashed #9aa79f; height: %dmm; padding: 2mm; overflow: hidden }
                        .label td { padding: 0 1mm 0 0 }
                        .name { font-size: 11pt; line-height: 1.1 }
                        .small { font-size: 7.5pt; line-height: 1.25 }
                        .note { font-size: 8.5pt; font-weight: bold }
                        img { width: 17mm; height: 17mm }
                        """.formatted(sheet.css(), labels.highMm), body.toString()));
    }

    private static String label(final PottingBody pot, final String note) {
        return """
                <table><tr><td><div class="name">%s</div><div class="small">%s</div>
                <div class="small">%s, lot %s</div><div class="small">potted %s</div>%s</td>
                <td style="width:17mm;padding:0"><img src="%s" alt="the pot"/></td></tr></table>""".formatted(
                        plain(pot.label()),
                        plain(pot.plantName()),
                        plain(pot.blendName()),
                        plain(pot.lot()),
                        DAY.format(pot.pottedOn()),
                        note.isBlank() ? "" : "<div class=\"note\">%s</div>".formatted(plain(note)),
                        Paper.qr(ServletUriComponentsBuilder.fromCurrentContextPath()
                                .path("/pots/{id}")
                                .buildAndExpand(pot.id())
                                .toUriString()));
    }
}
