package upshot.app.ground;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** The straight lines of a page of a PDF, in millimetres of the paper. */
final class PdfLines extends PDFGraphicsStreamEngine {

    private static final double MM_PER_POINT = 25.4 / 72;

    private final List<Double> acrossMm = new ArrayList<>();
    private Point2D at = new Point2D.Double();

    private PdfLines(PDPage page) {
        super(page);
    }

    /** How long the level ones are, page by page. */
    static List<List<Double>> level(byte[] pdf) throws IOException {
        List<List<Double>> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                PdfLines lines = new PdfLines(page);
                lines.processPage(page);
                pages.add(lines.acrossMm);
            }
        }
        return pages;
    }

    @Override
    public void moveTo(float x, float y) {
        at = new Point2D.Double(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        if (Math.abs(y - at.getY()) < 1e-3) {
            acrossMm.add(Math.abs(x - at.getX()) * MM_PER_POINT);
        }
        at = new Point2D.Double(x, y);
    }

    @Override
    public Point2D getCurrentPoint() {
        return at;
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        at = new Point2D.Double(x3, y3);
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int rule) {}

    @Override
    public void closePath() {}

    @Override
    public void endPath() {}

    @Override
    public void strokePath() {}

    @Override
    public void fillPath(int rule) {}

    @Override
    public void fillAndStrokePath(int rule) {}

    @Override
    public void shadingFill(COSName name) {}
}
