package looseknit.server.batch;

import java.util.Optional;
import java.util.UUID;
import looseknit.server.frame.Books;
import looseknit.server.paper.Paper;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What a batch has on paper, as PDF in the units and on the paper of whoever asks. */
@RestController
@RequestMapping("/api/batches/{id}")
class PaperController {

    private static final int LONGEST_CURRENCY = 8;

    private final Books books;
    private final Batches batches;
    private final BatchPaper paper;
    private final StretchController stretch;

    PaperController(final Books books, final Batches batches, final BatchPaper paper, final StretchController stretch) {
        this.books = books;
        this.batches = batches;
        this.paper = paper;
        this.stretch = stretch;
    }

    /** The label of its bin. */
    @GetMapping(value = "/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> label(@PathVariable final UUID id) {
        final BatchBody batch = batches.body(batches.get(id));
        return pdf("label-" + batch.lot(), paper.label(batch, address(id)));
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
                        address(id)));
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

    private static String address(final UUID id) {
        return ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/batches/{id}/done")
                .buildAndExpand(id)
                .toUriString();
    }

    private static ResponseEntity<byte[]> pdf(final String name, final byte[] content) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"%s.pdf\"".formatted(name))
                .contentType(MediaType.APPLICATION_PDF)
                .body(content);
    }
}
