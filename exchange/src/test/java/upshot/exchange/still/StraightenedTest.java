package upshot.exchange.still;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Polygon;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import upshot.exchange.still.Straightened.Point;
import upshot.exchange.text.Unreadable;

/** A floor seen from its near edge: its far edge looks half as long, in the middle of the picture's upper edge. */
class StraightenedTest {

    private static final List<Point> SEEN =
            List.of(new Point(0.25, 0), new Point(0.75, 0), new Point(1, 1), new Point(0, 1));

    /** In truth the near half is red and the far half blue; the line between them is a third of the way down the picture. */
    private static byte[] picture() throws IOException {
        BufferedImage drawn = new BufferedImage(600, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setColor(Color.BLUE);
        pen.fill(new Polygon(new int[] {150, 450, 500, 100}, new int[] {0, 0, 100, 100}, 4));
        pen.setColor(Color.RED);
        pen.fill(new Polygon(new int[] {100, 500, 600, 0}, new int[] {100, 100, 300, 300}, 4));
        pen.dispose();
        return Still.encoded(drawn).jpeg();
    }

    @Test
    void both_halves_are_as_deep_when_it_is_straight() throws IOException {
        Still straight = Straightened.of(picture(), SEEN, 2);
        assertThat(straight.widthPx()).isEqualTo(1600);
        assertThat(straight.heightPx()).isEqualTo(800);
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(straight.jpeg()));
        for (int x : new int[] {60, 800, 1540}) {
            assertThat(new Color(seen.getRGB(x, 370)).getBlue()).isGreaterThan(200);
            assertThat(new Color(seen.getRGB(x, 430)).getRed()).isGreaterThan(200);
        }
    }

    @Test
    void what_does_not_go_round_or_lies_outside_is_refused() throws IOException {
        byte[] picture = picture();
        List<Point> crossed = List.of(SEEN.get(0), SEEN.get(2), SEEN.get(1), SEEN.get(3));
        List<Point> backwards = List.of(SEEN.get(3), SEEN.get(2), SEEN.get(1), SEEN.get(0));
        List<Point> flat = List.of(new Point(0, 0), new Point(0.5, 0), new Point(1, 0), new Point(0, 1));
        for (List<Point> wrong : List.of(crossed, backwards, flat, SEEN.subList(0, 3))) {
            assertThatThrownBy(() -> Straightened.of(picture, wrong, 2))
                    .isInstanceOf(Unreadable.class)
                    .hasMessageContaining("go round in order");
        }
        List<Point> outside = List.of(new Point(-0.1, 0), SEEN.get(1), SEEN.get(2), SEEN.get(3));
        assertThatThrownBy(() -> Straightened.of(picture, outside, 2)).hasMessageContaining("lie on the picture");
        assertThatThrownBy(() -> Straightened.of(new byte[0], SEEN, 2)).isInstanceOf(Unreadable.class);
    }

    @Test
    void a_square_stays_as_it_is() throws IOException {
        List<Point> whole = List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1));
        BufferedImage same = ImageIO.read(
                new ByteArrayInputStream(Straightened.of(picture(), whole, 2).jpeg()));
        assertThat((double) new Color(same.getRGB(800, 240)).getBlue()).isCloseTo(255, within(30.0));
        assertThat((double) new Color(same.getRGB(800, 290)).getRed()).isCloseTo(255, within(30.0));
    }
}
