package upshot.exchange.pdf;

import com.openhtmltopdf.css.parser.FSRGBColor;
import com.openhtmltopdf.css.sheet.FontFaceRule;
import com.openhtmltopdf.css.style.CssContext;
import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.extend.SVGDrawer;
import com.openhtmltopdf.layout.SharedContext;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.render.Box;
import com.openhtmltopdf.render.RenderingContext;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.BasicStroke;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import java.util.function.IntConsumer;
import org.w3c.dom.Element;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.FramePoint;
import upshot.exchange.svg.FrameSvg;
import upshot.exchange.svg.Marks;
import upshot.exchange.svg.Pen;

/**
 * Draws frames straight onto the page, at the places that {@link FrameSvg#place} makes: thousands in a report, each of a
 * hundred marks, take a general reader of drawings longer than all else. Other drawings are left to such a reader.
 */
final class FramesOnPaper implements SVGDrawer {

    private final SVGDrawer others = new BatikSVGDrawer();
    private final Function<String, DrawnFrame> frames;
    private final IntConsumer drawn;
    private final List<LaterFont> fonts = new ArrayList<>();
    private int count;

    /** Read when the first drawing with letters comes: most papers have none. */
    private record LaterFont(FSSupplier<InputStream> open, String family, Integer weight, FontStyle style) {}

    /**
     * @param frames by the names of their places
     * @param drawn is told how many are on paper
     */
    FramesOnPaper(Function<String, DrawnFrame> frames, IntConsumer drawn) {
        this.frames = frames;
        this.drawn = drawn;
    }

    /** Between two frames is where making a paper can be given up. */
    private static void check() {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException("This paper is not wanted any more");
        }
    }

    @Override
    public SVGImage buildSVGImage(
            Element element, Box box, CssContext css, double widthDots, double heightDots, double dotsPerPixel) {
        check();
        if (!element.hasAttribute(FrameSvg.PLACE)) {
            learnFonts();
            return others.buildSVGImage(element, box, css, widthDots, heightDots, dotsPerPixel);
        }
        return new Place(element.getAttribute(FrameSvg.PLACE), widthDots, heightDots);
    }

    private void learnFonts() {
        try {
            for (LaterFont font : fonts) {
                others.addFontStream(font.open, font.family, font.weight, font.style);
            }
            fonts.clear();
        } catch (IOException | FontFormatException ours) {
            throw new IllegalStateException("A font that comes with the program cannot be read", ours);
        }
    }

    /** Where a frame comes, as large as its stylesheet says. */
    private final class Place implements SVGImage {

        private final String name;
        private final double widthDots;
        private final double heightDots;

        Place(String name, double widthDots, double heightDots) {
            if (widthDots <= 0 || heightDots <= 0) {
                throw new IllegalArgumentException("The stylesheet gives frames no width and height");
            }
            this.name = name;
            this.widthDots = widthDots;
            this.heightDots = heightDots;
        }

        @Override
        public int getIntrinsicWidth() {
            return (int) widthDots;
        }

        @Override
        public int getIntrinsicHeight() {
            return (int) heightDots;
        }

        @Override
        public void drawSVG(OutputDevice paper, RenderingContext context, double x, double y) {
            check();
            DrawnFrame frame = frames.apply(name);
            // A wide picture may lose its sides in a narrow place; an upright one is shown whole.
            double scale = frame.aspect() < 1
                    ? Math.min(heightDots, widthDots / frame.aspect())
                    : Math.max(heightDots, widthDots / frame.aspect());
            double left = x + (widthDots - scale * frame.aspect()) / 2;
            double top = y + (heightDots - scale) / 2;
            Rectangle2D place = new Rectangle2D.Double(x, y, widthDots, heightDots);
            Rectangle2D whole = new Rectangle2D.Double(left, top, scale * frame.aspect(), scale);
            paper.pushClip(place.createIntersection(whole));
            new Marks(new PaperPen(paper, left, top, scale), frame.aspect()).draw(frame.shapes());
            paper.popClip();
            count++;
            drawn.accept(count);
        }
    }

    /** Makes marks on a page of paper, whose places are counted in dots from its upper left corner. */
    private record PaperPen(OutputDevice paper, double left, double top, double scale) implements Pen {

        private static final double HAIR = 1 / 360.0;

        private double x(FramePoint point) {
            return left + point.u() * scale;
        }

        private double y(FramePoint point) {
            return top + point.v() * scale;
        }

        private void stroke(Shape shape, double width, FSRGBColor colour) {
            paper.setColor(colour);
            paper.setStroke(new BasicStroke((float) (width * scale), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            paper.draw(shape);
        }

        private static FSRGBColor colour(String figures) {
            return new FSRGBColor(Integer.parseInt(figures.substring(1), 16));
        }

        private Ellipse2D circle(FramePoint centre, double radius) {
            double dots = radius * scale;
            return new Ellipse2D.Double(x(centre) - dots, y(centre) - dots, 2 * dots, 2 * dots);
        }

        @Override
        public void area(List<FramePoint> corners, String colour, boolean edged) {
            Path2D path = new Path2D.Double();
            path.moveTo(x(corners.get(0)), y(corners.get(0)));
            corners.stream().skip(1).forEach(corner -> path.lineTo(x(corner), y(corner)));
            path.closePath();
            paper.setColor(colour(colour));
            paper.fill(path);
            if (edged) {
                stroke(path, HAIR, colour(colour));
            }
        }

        @Override
        public void line(FramePoint from, FramePoint to, double width, String colour) {
            stroke(new Line2D.Double(x(from), y(from), x(to), y(to)), width, colour(colour));
        }

        @Override
        public void disc(FramePoint centre, double radius, String colour) {
            paper.setColor(colour(colour));
            paper.fill(circle(centre, radius));
        }

        @Override
        public void ring(FramePoint centre, double radius, double width, String colour, double opacity) {
            FSRGBColor ink = colour(colour);
            FSRGBColor thin = new FSRGBColor(ink.getRed(), ink.getGreen(), ink.getBlue(), (float) opacity);
            stroke(circle(centre, radius), width, thin);
        }
    }

    @Override
    public void importFontFaceRules(List<FontFaceRule> faces, SharedContext shared) {
        others.importFontFaceRules(faces, shared);
    }

    @Override
    public void addFontFile(File file, String family, Integer weight, FontStyle style)
            throws IOException, FontFormatException {
        others.addFontFile(file, family, weight, style);
    }

    @Override
    public void addFontStream(FSSupplier<InputStream> font, String family, Integer weight, FontStyle style)
            throws IOException, FontFormatException {
        fonts.add(new LaterFont(font, family, weight, style));
    }

    @Override
    public void close() throws IOException {
        others.close();
    }
}
