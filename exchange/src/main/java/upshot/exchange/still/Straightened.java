package upshot.exchange.still;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import upshot.exchange.text.Stoppable;
import upshot.exchange.text.Unreadable;

/**
 * A part of a picture made straight: what four corners enclose, seen square on. The projection from the unit square to the
 * four corners is Heckbert's (Fundamentals of Texture Mapping, 2.2.3).
 */
public final class Straightened {

    private static final double NOTHING = 1e-9;

    private final double a;
    private final double b;
    private final double c;
    private final double d;
    private final double e;
    private final double f;
    private final double g;
    private final double h;

    /**
     * A point of a picture.
     *
     * @param u share of its width from the left, 0 to 1
     * @param v share of its height from the top, 0 to 1
     */
    public record Point(double u, double v) {}

    private Straightened(List<Point> q) {
        double sumU = q.get(0).u - q.get(1).u + q.get(2).u - q.get(3).u;
        double sumV = q.get(0).v - q.get(1).v + q.get(2).v - q.get(3).v;
        double u1 = q.get(1).u - q.get(2).u;
        double u2 = q.get(3).u - q.get(2).u;
        double v1 = q.get(1).v - q.get(2).v;
        double v2 = q.get(3).v - q.get(2).v;
        double below = u1 * v2 - u2 * v1;
        g = (sumU * v2 - u2 * sumV) / below;
        h = (u1 * sumV - sumU * v1) / below;
        a = q.get(1).u - q.get(0).u + g * q.get(1).u;
        b = q.get(3).u - q.get(0).u + h * q.get(3).u;
        c = q.get(0).u;
        d = q.get(1).v - q.get(0).v + g * q.get(1).v;
        e = q.get(3).v - q.get(0).v + h * q.get(3).v;
        f = q.get(0).v;
    }

    /** Where in the picture a point of the unit square lies. */
    Point of(double x, double y) {
        double below = g * x + h * y + 1;
        return new Point((a * x + b * y + c) / below, (d * x + e * y + f) / below);
    }

    /**
     * Makes a part of one of our own pictures straight.
     *
     * @param jpeg as {@link Still} made it
     * @param corners upper left, upper right, lower right, lower left, as the picture shows them
     * @param ratio how much wider than high what they enclose is in truth, 0.01 to 100
     * @throws Unreadable when the corners do not go round, or reach far out of the picture
     */
    public static Still of(byte[] jpeg, List<Point> corners, double ratio) {
        if (corners.size() != 4 || !goesRound(corners)) {
            throw new Unreadable(
                    "", "The four corners go round in order, from near left to near right, far right and far left.");
        }
        if (!corners.stream().allMatch(Straightened::within)) {
            throw new Unreadable("", "The corners lie on the picture.");
        }
        Straightened straightened = new Straightened(corners);
        try {
            BufferedImage from = ImageIO.read(new ByteArrayInputStream(jpeg));
            if (from == null) {
                throw new Unreadable("", "The picture is broken and cannot be read.");
            }
            return Still.encoded(straightened.drawn(from, ratio));
        } catch (IOException broken) {
            throw new Unreadable("", "The picture is broken and cannot be read.");
        }
    }

    private static boolean within(Point one) {
        return one.u >= -NOTHING && one.u <= 1 + NOTHING && one.v >= -NOTHING && one.v <= 1 + NOTHING;
    }

    /** Whether each corner turns the same way, clockwise as the picture is seen. */
    private static boolean goesRound(List<Point> q) {
        for (int i = 0; i < q.size(); i++) {
            Point one = q.get(i);
            Point next = q.get((i + 1) % q.size());
            Point after = q.get((i + 2) % q.size());
            double turn = (next.u - one.u) * (after.v - next.v) - (next.v - one.v) * (after.u - next.u);
            if (!(turn > NOTHING)) {
                return false;
            }
        }
        return true;
    }

    private BufferedImage drawn(BufferedImage from, double ratio) {
        int wide = (int) Math.max(1, Math.round(Still.LONGEST_PX * Math.min(1, ratio)));
        int high = (int) Math.max(1, Math.round(Still.LONGEST_PX * Math.min(1, 1 / ratio)));
        BufferedImage straight = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        int[] pixels = from.getRGB(0, 0, from.getWidth(), from.getHeight(), null, 0, from.getWidth());
        Pixels all = new Pixels(pixels, from.getWidth(), from.getHeight());
        for (int y = 0; y < high; y++) {
            Stoppable.check();
            for (int x = 0; x < wide; x++) {
                Point at = of((x + 0.5) / wide, (y + 0.5) / high);
                straight.setRGB(x, y, all.mixed(at.u * from.getWidth() - 0.5, at.v * from.getHeight() - 0.5));
            }
        }
        return straight;
    }

    /** A picture as numbers, red, green and blue eight bits each. */
    private record Pixels(int[] rgb, int wide, int high) {

        /** Of the four pixels round a place, each by how near it is. */
        int mixed(double x, double y) {
            int left = (int) Math.floor(x);
            int top = (int) Math.floor(y);
            int upperLeft = at(left, top);
            int upperRight = at(left + 1, top);
            int lowerLeft = at(left, top + 1);
            int lowerRight = at(left + 1, top + 1);
            int mixed = 0;
            for (int shift = 0; shift <= 16; shift += 8) {
                double above = between(upperLeft >> shift & 0xff, upperRight >> shift & 0xff, x - left);
                double below = between(lowerLeft >> shift & 0xff, lowerRight >> shift & 0xff, x - left);
                mixed |= (int) Math.round(between(above, below, y - top)) << shift;
            }
            return mixed;
        }

        private int at(int x, int y) {
            return rgb[Math.max(0, Math.min(high - 1, y)) * wide + Math.max(0, Math.min(wide - 1, x))];
        }

        private static double between(double one, double other, double share) {
            return one + share * (other - one);
        }
    }
}
