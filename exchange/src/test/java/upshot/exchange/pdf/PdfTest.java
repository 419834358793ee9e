package upshot.exchange.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.Shape;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.exchange.svg.FrameSvg;

class PdfTest {

    private static final String CSS = "body { font-family: 'Atkinson Hyperlegible Next' } h1 { font-family: 'Bricolage"
            + " Grotesque' } code { font-family: 'Atkinson Hyperlegible Mono' } svg { width: 60mm; height: 34mm }";

    private static String page(String body) {
        return "<!DOCTYPE html>\n<html><head><title>x</title><link rel=\"stylesheet\" href=\"/css/x.css\"/></head><body>"
                + body
                + "</body></html>";
    }

    private static PDDocument read(byte[] pdf) {
        try {
            return Loader.loadPDF(pdf);
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    @Test
    void text_is_searched_fonts_are_embedded_and_a_frame_stays_lines() throws IOException {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 60);
        Plan plan = sample.build();
        String frame = FrameSvg.render(DrawnFrame.of(plan, shot), "K2 “Ada” crosses");
        byte[] pdf = Pdf.of(
                page("<h1>Coverage – Köln</h1><p>3.4 m × 2, −4°, ≥ 1.7, $1 “said”</p><code>K2 1/50</code>" + frame),
                CSS);

        try (PDDocument document = read(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Coverage – Köln", "3.4 m × 2, −4°, ≥ 1.7, $1 “said”", "K2 1/50");
            List<PDFont> fonts = new ArrayList<>();
            List<PDXObject> objects = new ArrayList<>();
            for (PDPage one : document.getPages()) {
                collect(one.getResources(), fonts, objects);
            }
            assertThat(fonts).hasSize(3).allMatch(PDFont::isEmbedded);
            assertThat(objects).noneMatch(PDImageXObject.class::isInstance);
            String drawn = objects.stream()
                    .map(PDFormXObject.class::cast)
                    .map(PdfTest::content)
                    .collect(Collectors.joining());
            // A corner of a polygon, and areas that are filled.
            assertThat(drawn).containsPattern("(?m) l$").containsPattern("(?m)^f");
        }
    }

    private static String content(PDFormXObject form) {
        try (InputStream in = form.getContents()) {
            return new String(in.readAllBytes(), StandardCharsets.ISO_8859_1);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static void collect(PDResources resources, List<PDFont> fonts, List<PDXObject> objects) throws IOException {
        for (COSName name : resources.getFontNames()) {
            fonts.add(resources.getFont(name));
        }
        for (COSName name : resources.getXObjectNames()) {
            PDXObject object = resources.getXObject(name);
            objects.add(object);
            if (object instanceof PDFormXObject form && form.getResources() != null) {
                collect(form.getResources(), fonts, objects);
            }
        }
    }

    private static String placed(Plan plan, Shot shot) {
        return FrameSvg.place(shot.id().toString(), plan.brief().aspect().ratio(), shot.code());
    }

    @Test
    void a_frame_is_drawn_into_its_place_as_large_as_the_stylesheet_says() throws IOException {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 60);
        Plan plan = sample.build();
        DrawnFrame frame = DrawnFrame.of(plan, shot);
        List<Integer> told = new ArrayList<>();
        byte[] pdf = Pdf.of(page(placed(plan, shot)), CSS, name -> frame, told::add);

        assertThat(told).containsExactly(1);
        try (PDDocument document = read(pdf)) {
            String drawn = new String(document.getPage(0).getContents().readAllBytes(), StandardCharsets.ISO_8859_1);
            long areas =
                    frame.shapes().stream().filter(Shape.Area.class::isInstance).count();
            assertThat(drawn.lines().filter("h"::equals).count()).isGreaterThanOrEqualTo(areas);
            // 60 mm by 34 mm in points, where a frame of 16:9 keeps its height and loses nothing of note.
            double width = 60 / 25.4 * 72;
            double height = 34 / 25.4 * 72;
            double[] clip = corners(drawn);
            assertThat(clip[2] - clip[0]).isCloseTo(width, within(0.6));
            assertThat(clip[3] - clip[1]).isCloseTo(height, within(0.6));
        }
    }

    /** Left, bottom, right and top of the second path that what follows is clipped to; the first is the page's. */
    private static double[] corners(String drawn) {
        String clip = drawn.split("\nW\nn\n")[1];
        double[] box = {1e9, 1e9, -1e9, -1e9};
        clip.lines()
                .map(line -> line.split(" "))
                .filter(parts -> parts.length == 3 && (parts[2].equals("m") || parts[2].equals("l")))
                .forEach(parts -> {
                    double x = Double.parseDouble(parts[0]);
                    double y = Double.parseDouble(parts[1]);
                    box[0] = Math.min(box[0], x);
                    box[1] = Math.min(box[1], y);
                    box[2] = Math.max(box[2], x);
                    box[3] = Math.max(box[3], y);
                });
        return box;
    }

    @Test
    void a_paper_that_nobody_wants_any_more_is_given_up() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 60);
        Plan plan = sample.build();
        String all = placed(plan, shot).repeat(50);
        List<Integer> told = new ArrayList<>();

        assertThatThrownBy(() -> Pdf.of(page(all), CSS, name -> DrawnFrame.of(plan, shot), drawn -> {
                    told.add(drawn);
                    if (drawn == 7) {
                        Thread.currentThread().interrupt();
                    }
                }))
                .isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
        assertThat(told).hasSize(7);
    }

    @Test
    void nothing_is_fetched_from_anywhere() throws IOException {
        AtomicInteger asked = new AtomicInteger();
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", exchange -> {
            asked.incrementAndGet();
            exchange.sendResponseHeaders(404, -1);
            exchange.close();
        });
        server.start();
        String there = "http://127.0.0.1:" + server.getAddress().getPort();
        try {
            byte[] pdf = Pdf.of(
                    page("<p>kept</p><img src=\"%s/a.png\"/><img src=\"file:///etc/hostname\"/>".formatted(there)
                            + "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\""
                            + " width=\"9\" height=\"9\"><image xlink:href=\"%s/b.png\" width=\"9\" height=\"9\"/></svg>"
                                    .formatted(there)),
                    "p { background: url('%s/c.png') } @import url('%s/d.css');".formatted(there, there));
            try (PDDocument document = read(pdf)) {
                assertThat(new PDFTextStripper().getText(document)).contains("kept");
            }
        } finally {
            server.stop(0);
        }
        assertThat(asked).hasValue(0);
    }

    @Test
    void a_page_that_is_not_well_formed_is_said_to_be_so() {
        assertThatThrownBy(() -> Pdf.of(page("<p>open"), CSS)).isInstanceOf(IllegalArgumentException.class);
    }
}
