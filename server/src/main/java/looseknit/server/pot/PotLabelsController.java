package looseknit.server.pot;

import jakarta.validation.constraints.Size;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.message.Wording;
import looseknit.server.frame.NotThere;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.paper.LabelSheet;
import looseknit.server.paper.Labels;
import looseknit.server.paper.Paper;
import looseknit.server.paper.Signposts;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Labels for pots, several on a sheet, to peel off or to cut out. */
@RestController
@RequestMapping("/api/pot-labels.pdf")
class PotLabelsController {

    private static final int LONGEST_NOTE = 60;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final Pottings pottings;
    private final PottingBodies bodies;
    private final Labels labels;
    private final Signposts signposts;
    private final Speech speech;

    PotLabelsController(
            final Pottings pottings,
            final PottingBodies bodies,
            final Labels labels,
            final Signposts signposts,
            final Speech speech) {
        this.pottings = pottings;
        this.bodies = bodies;
        this.labels = labels;
        this.signposts = signposts;
        this.speech = speech;
    }

    /** Sheets of labels of pots; a note goes on each. The first label may stand further on, where a sheet has been begun. */
    @GetMapping(produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            @RequestParam final List<UUID> ids,
            @RequestParam(defaultValue = "A4") final String size,
            @RequestParam(defaultValue = "CUT_SMALL") final String label,
            @RequestParam(defaultValue = "1") final int first,
            @RequestParam(defaultValue = "") @Size(max = LONGEST_NOTE) final String note) {
        if (ids.size() > PottingsController.MOST_AT_ONCE) {
            throw new OutOfRangeException(
                    "ids", ids.size(), TableText.said("up to %d pots".formatted(PottingsController.MOST_AT_ONCE)));
        }
        final List<PottingBody> pots = bodies.of(pottings.of(ids));
        if (pots.isEmpty()) {
            throw new NotThere("pot");
        }
        final Wording wording = speech.wording();
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"pot-labels.pdf\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(labels.sheets(
                        wording.of(PaperWords.LABELS_OF_POTS.words()),
                        LabelSheet.named(label),
                        Paper.Size.named(size),
                        first,
                        pots.stream().map(pot -> label(pot, note, wording)).toList()));
    }

    private Labels.Label label(final PottingBody pot, final String note, final Wording wording) {
        return new Labels.Label(
                pot.label(),
                List.of(
                        pot.plantName(),
                        pot.blendName(),
                        wording.of(PaperWords.LOT.with(pot.lot())),
                        wording.of(PaperWords.POTTED_ON.with(DAY.format(pot.pottedOn())))),
                note,
                signposts.to(
                        "/pots/" + pot.id(),
                        wording.of(PaperWords.POT_AND_LOT.with(
                                pot.label(), pot.plantName(), pot.blendName(), pot.lot()))));
    }
}
