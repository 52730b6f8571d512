package looseknit.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.client.j2se.MatrixToImageWriter;
import com.google.zxing.qrcode.QRCodeWriter;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.message.Wording;
import looseknit.server.message.PaperWords;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;

/** Makes PDF of a page in HTML; its fonts are embedded. */
@Component
public class Paper {

    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final int QR_PIXELS = 240;

    /** Greys of a swatch, one after the other, so that neighbours differ in print. */
    private static final List<String> GREYS = List.of("#3d4a42", "#c9d3cc", "#7d8d83", "#e6ebe7", "#5b6b61", "#aab8af");

    /** Sheets of paper. */
    public enum Size {
        A4(210, 297),
        LETTER(215.9, 279.4);

        private final double widthMm;
        private final double heightMm;

        Size(final double widthMm, final double heightMm) {
            this.widthMm = widthMm;
            this.heightMm = heightMm;
        }

        /**
         * The sheet of a name.
         *
         * @throws OutOfRangeException if there is none
         */
        public static Size named(final String name) {
            return Arrays.stream(values())
                    .filter(size -> size.name().equalsIgnoreCase(name))
                    .findFirst()
                    .orElseThrow(() -> new OutOfRangeException("size", name, TableText.said("A4 or letter")));
        }

        /** Its width [mm]. */
        double widthMm() {
            return widthMm;
        }

        /** Its height [mm]. */
        double heightMm() {
            return heightMm;
        }

        /** The sheet as a style names it. */
        public String css() {
            return "%smm %smm".formatted(widthMm, heightMm);
        }
    }

    /**
     * A document of a page.
     *
     * @param style style rules, beside those of every page
     * @param body what stands on it, in well-formed HTML; whatever people wrote must be {@linkplain #plain made plain} before
     */
    public byte[] pdf(final String title, final String style, final String body) {
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            final PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFont(Paper::font, "Sheet");
            builder.withHtmlContent("""
                    <html lang="en"><head><title>%s</title><style>
                    body { font-family: Sheet; font-size: 10pt; color: #1a211d; margin: 0 }
                    table { border-collapse: collapse; width: 100%% }
                    td, th { text-align: left; font-weight: normal; padding: 3pt 6pt 3pt 0; vertical-align: top }
                    %s</style></head><body>%s</body></html>""".formatted(plain(title), style, body), null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The grey of a stripe of a swatch, by its place from 0. */
    public static String grey(final int place) {
        return GREYS.get(place % GREYS.size());
    }

    private static InputStream font() {
        final InputStream font = PDDocument.class.getResourceAsStream(FONT);
        if (font == null) {
            throw new IllegalStateException("the font " + FONT + " is missing");
        }
        return font;
    }

    /** What somebody wrote, as text that cannot be taken for markup. */
    public static String plain(final String text) {
        return HtmlUtils.htmlEscape(text.replaceAll("\\p{Cntrl}", " "), "UTF-8");
    }

    /** Words of a paper, as text that cannot be taken for markup. */
    public static String said(final Wording wording, final PaperWords words, final Object... arguments) {
        return plain(wording.of(words.with(arguments)));
    }

    /** A picture of a two-dimensional code that leads somewhere, as an address of its own for an image. */
    public static String qr(final String leadsTo) {
        return qr(leadsTo, QR_PIXELS);
    }

    /** The same with a width and height of its own, for what is long [pixels]. */
    public static String qr(final String leadsTo, final int pixels) {
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(qrPng(leadsTo, pixels));
    }

    /** The same as a file. */
    public static byte[] qrPng(final String leadsTo, final int pixels) {
        try {
            final ByteArrayOutputStream png = new ByteArrayOutputStream();
            MatrixToImageWriter.writeToStream(
                    new QRCodeWriter()
                            .encode(leadsTo, BarcodeFormat.QR_CODE, pixels, pixels, Map.of(EncodeHintType.MARGIN, 1)),
                    "PNG",
                    png);
            return png.toByteArray();
        } catch (final WriterException | IOException e) {
            throw new IllegalStateException("no code for " + leadsTo, e);
        }
    }
}
