package looseknit.server.batch;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.Collections;
import java.util.Optional;
import java.util.UUID;
import looseknit.server.frame.Books;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.paper.LabelSheet;
import looseknit.server.paper.Labels;
import looseknit.server.paper.Paper;
import looseknit.server.paper.Signposts;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a batch has on paper, as PDF in the units and on the paper of whoever asks. */
@RestController
@RequestMapping("/api/batches/{id}")
class PaperController {

    private static final int LONGEST_CURRENCY = 8;
    private static final int MOST_COPIES = 100;

    private final Books books;
    private final Batches batches;
    private final BatchPaper paper;
    private final StretchController stretch;
    private final Labels labels;
    private final Signposts signposts;
    private final Speech speech;

    PaperController(
            final Books books,
            final Batches batches,
            final BatchPaper paper,
            final StretchController stretch,
            final Labels labels,
            final Signposts signposts,
            final Speech speech) {
        this.books = books;
        this.batches = batches;
        this.paper = paper;
        this.stretch = stretch;
        this.labels = labels;
        this.signposts = signposts;
        this.speech = speech;
    }

    /** The label of its bin. */
    @GetMapping(value = "/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> label(@PathVariable final UUID id) {
        final BatchBody batch = batches.body(batches.get(id));
        return pdf("label-" + batch.lot(), paper.label(batch, code(batch)));
    }

    /** Labels of its bins and bags on sheets, several of the same. */
    @GetMapping(value = "/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @PathVariable final UUID id,
            @RequestParam(defaultValue = "A4") final String size,
            @RequestParam(defaultValue = "CUT_LARGE") final String label,
            @RequestParam(defaultValue = "1") final int first,
            @RequestParam(defaultValue = "1") @Min(1) @Max(MOST_COPIES) final int copies) {
        final BatchBody batch = batches.body(batches.get(id));
        return pdf(
                "labels-" + batch.lot(),
                labels.sheets(
                        speech.wording().of(PaperWords.LABELS_OF_LOT.with(batch.lot())),
                        LabelSheet.named(label),
                        Paper.Size.named(size),
                        first,
                        Collections.nCopies(copies, paper.small(batch, code(batch)))));
    }

    /** The order for the bench. */
    @GetMapping(value = "/order.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> order(@PathVariable final UUID id, @RequestParam(defaultValue = "A4") final String size) {
        final Batch batch = batches.get(id);
        final BatchBody body = batches.body(batch);
        return pdf(
                "order-" + body.lot(),
                paper.order(
                        body,
                        batches.plan(batch),
                        Optional.ofNullable(body.brief().plantId())
                                .flatMap(plant -> books.plants().plant(plant)),
                        Paper.Size.named(size),
                        code(body)));
    }

    /** What to buy for it. */
    @GetMapping(value = "/shopping.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> shopping(
            @PathVariable final UUID id,
            @RequestParam(defaultValue = "A4") final String size,
            @RequestParam(defaultValue = "") final String currency) {
        final BatchBody batch = batches.body(batches.get(id));
        return pdf(
                "shopping-" + batch.lot(),
                paper.shopping(
                        batch,
                        stretch.shopping(id),
                        Paper.Size.named(size),
                        currency.length() > LONGEST_CURRENCY ? currency.substring(0, LONGEST_CURRENCY) : currency));
    }

    private String code(final BatchBody batch) {
        return signposts.to(
                "/batches/%s/done".formatted(batch.id()),
                speech.wording().of(PaperWords.BLEND_AND_LOT.with(batch.blendName(), batch.lot())));
    }

    private static ResponseEntity<byte[]> pdf(final String name, final byte[] content) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"%s.pdf\"".formatted(name))
                .contentType(MediaType.APPLICATION_PDF)
                .body(content);
    }
}
