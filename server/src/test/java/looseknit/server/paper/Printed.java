package looseknit.server.paper;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.Result;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;

/**
 * A document as it comes out of a printer: its text by extraction, the codes of its first page by a reader of such codes.
 *
 * @param widthMm of its first page
 * @param embedded whether every font of the first page is in the file
 * @param pdf the document
 */
public record Printed(int pages, double widthMm, double heightMm, String text, boolean embedded, Supplier<byte[]> pdf) {

    private static final double MM_A_POINT = 25.4 / 72;
    private static final int DPI = 300;

    /** Reads a document. */
    public static Printed of(final byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            final var page = document.getPage(0);
            boolean embedded = true;
            for (final var name : page.getResources().getFontNames()) {
                final PDFont font = page.getResources().getFont(name);
                embedded &= font.isEmbedded();
            }
            return new Printed(
                    document.getNumberOfPages(),
                    page.getMediaBox().getWidth() * MM_A_POINT,
                    page.getMediaBox().getHeight() * MM_A_POINT,
                    new PDFTextStripper().getText(document),
                    embedded,
                    pdf::clone);
        }
    }

    /** The codes of its first page; to find them takes long. */
    public List<String> codes() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.get())) {
            final BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, DPI);
            return Arrays.stream(new QRCodeMultiReader()
                            .decodeMultiple(
                                    new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(page))),
                                    Map.of(DecodeHintType.TRY_HARDER, true)))
                    .map(Result::getText)
                    .toList();
        } catch (final NotFoundException none) {
            return List.of();
        }
    }
}
