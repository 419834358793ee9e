package upshot.exchange.pdf;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumSet;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import java.util.function.IntConsumer;
import upshot.core.frame.DrawnFrame;

/**
 * Makes a PDF of a well-formed page and its stylesheet. Fonts are embedded, drawings stay vectors, text can be
 * searched, and nothing is fetched from anywhere.
 */
public final class Pdf {

    private static final String TEXT = "Atkinson Hyperlegible Next";
    private static final String MONO = "Atkinson Hyperlegible Mono";
    private static final String HEADING = "Bricolage Grotesque";

    static {
        XRLog.setLoggingEnabled(false);
    }

    private Pdf() {}

    /**
     * @param xhtml a whole page; its links to stylesheets are not followed
     * @param css what it is dressed in: pages, floats, tables and print units, no flexible boxes and no variables
     * @throws IllegalArgumentException when the page is not well formed
     */
    public static byte[] of(String xhtml, String css) {
        return of(
                xhtml,
                css,
                name -> {
                    throw new IllegalArgumentException("This page has no frame " + name);
                },
                drawn -> {});
    }

    /**
     * The same with frames at the places that {@link upshot.exchange.svg.FrameSvg#place} makes. Their sizes are the
     * stylesheet's.
     *
     * @param frames by the names of their places
     * @param drawn is told how many frames are on paper
     * @throws java.util.concurrent.CancellationException when the thread is interrupted; it stays marked so
     * @throws IllegalArgumentException when the page is not well formed, or a place has no frame or no size
     */
    public static byte[] of(String xhtml, String css, Function<String, DrawnFrame> frames, IntConsumer drawn) {
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, "text-400.ttf", TEXT, 400);
        font(builder, "text-700.ttf", TEXT, 700);
        font(builder, "mono-400.ttf", MONO, 400);
        font(builder, "heading-700.ttf", HEADING, 700);
        builder.useExternalResourceAccessControl(
                (uri, type) -> false, ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.useExternalResourceAccessControl(
                (uri, type) -> false, ExternalResourceControlPriority.RUN_AFTER_RESOLVING_URI);
        builder.useSVGDrawer(new FramesOnPaper(frames, drawn));
        builder.withHtmlContent(dressed(xhtml, css), null);
        builder.toStream(pdf);
        try {
            builder.run();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        } catch (CancellationException givenUp) {
            throw givenUp;
        } catch (RuntimeException broken) {
            throw new IllegalArgumentException("This page cannot be put on paper", broken);
        }
        return pdf.toByteArray();
    }

    private static String dressed(String xhtml, String css) {
        return xhtml.replaceFirst("<!DOCTYPE[^>]*>", "")
                .replaceAll("<link[^>]*/>", "")
                .replaceFirst("</head>", "<style><![CDATA[" + css.replace("$", "\\$") + "]]></style></head>");
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        FSSupplier<InputStream> open = () -> Pdf.class.getResourceAsStream(file);
        builder.useFont(
                open, family, weight, FontStyle.NORMAL, true, EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG));
    }
}
