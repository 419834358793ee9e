package upshot.exchange.clip;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.jcodec.api.SequenceEncoder;
import org.jcodec.common.Codec;
import org.jcodec.common.Format;
import org.jcodec.common.io.NIOUtils;
import org.jcodec.common.io.SeekableByteChannel;
import org.jcodec.common.model.ColorSpace;
import org.jcodec.common.model.Picture;
import org.jcodec.common.model.Rational;
import upshot.core.frame.DrawnFrame;
import upshot.core.measure.FrameRate;
import upshot.exchange.clip.Told.Blocks;
import upshot.exchange.svg.FrameSvg;

/** A clip as a camera would leave it, in small: the drawn frame, and in every picture which shot, take and frame it is. */
public final class StandInClip {

    public static final int WIDTH = Blocks.COLUMNS * Blocks.SIDE;
    /** Sixteens, as the encoder works in. */
    public static final int HEIGHT = 96;

    private static final int FOOT = HEIGHT - Blocks.ROWS * Blocks.SIDE;
    private static final int MIDDLE = 128;
    /** Behind the four letters of the header's box, its version and its flags. */
    private static final int MADE_AT = 8;

    private static final long TO_1904_S = 2_082_844_800L;

    private StandInClip() {}

    /** The drawn frame above the blocks; without one, grey. */
    public static BufferedImage picture(Optional<DrawnFrame> frame) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = picture.createGraphics();
        paint.setColor(Color.GRAY);
        paint.fillRect(0, 0, WIDTH, HEIGHT);
        frame.ifPresent(one -> {
            BufferedImage drawn = drawn(one);
            int width = Math.min(WIDTH, FOOT * drawn.getWidth() / drawn.getHeight());
            paint.drawImage(drawn, (WIDTH - width) / 2, 0, width, FOOT, null);
        });
        paint.dispose();
        return picture;
    }

    private static BufferedImage drawn(DrawnFrame frame) {
        BufferedImage[] drawn = new BufferedImage[1];
        ImageTranscoder painter = new ImageTranscoder() {
            @Override
            public BufferedImage createImage(int width, int height) {
                return new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
            }

            @Override
            public void writeImage(BufferedImage image, TranscoderOutput output) {
                drawn[0] = image;
            }
        };
        painter.addTranscodingHint(ImageTranscoder.KEY_HEIGHT, (float) FOOT);
        painter.addTranscodingHint(ImageTranscoder.KEY_WIDTH, (float) (FOOT * frame.aspect()));
        try {
            painter.transcode(new TranscoderInput(new StringReader(FrameSvg.render(frame, ""))), null);
        } catch (TranscoderException broken) {
            throw new IllegalStateException(broken);
        }
        return drawn[0];
    }

    /**
     * Writes a clip (MP4, H.264).
     *
     * @param first what its first picture says; the others count up from there
     * @param frames how many pictures, at least 1
     */
    public static void write(Path file, BufferedImage picture, Told first, FrameRate rate, int frames) {
        try (SeekableByteChannel out = NIOUtils.writableFileChannel(file.toString())) {
            SequenceEncoder encoder = new SequenceEncoder(
                    out, Rational.R(rate.numerator(), rate.denominator()), Format.MOV, Codec.H264, null);
            Picture pixels = pixels(picture);
            for (int i = 0; i < frames; i++) {
                new Told(first.code(), first.take(), first.frame() + i)
                        .draw((column, row, white) -> block(pixels, column, row, white));
                encoder.encodeNativeFrame(pixels);
            }
            encoder.finish();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Of the sort that the encoder wants: three bytes a pixel, from −128 to 127. */
    private static Picture pixels(BufferedImage picture) {
        Picture pixels = Picture.create(WIDTH, HEIGHT, ColorSpace.RGB);
        byte[] data = pixels.getPlaneData(0);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int rgb = picture.getRGB(x, y);
                int at = 3 * (y * WIDTH + x);
                data[at] = (byte) ((rgb >> 16 & 0xff) - MIDDLE);
                data[at + 1] = (byte) ((rgb >> 8 & 0xff) - MIDDLE);
                data[at + 2] = (byte) ((rgb & 0xff) - MIDDLE);
            }
        }
        return pixels;
    }

    /**
     * Writes into a clip's header when it was made, as a camera's clock would.
     *
     * @param made as if that clock showed UTC
     */
    public static void stamp(Path file, Instant made) {
        try (RandomAccessFile clip = new RandomAccessFile(file.toFile(), "rw")) {
            byte[] bytes = new byte[(int) clip.length()];
            clip.readFully(bytes);
            int header = new String(bytes, StandardCharsets.ISO_8859_1).lastIndexOf("mvhd");
            clip.seek(header + MADE_AT);
            clip.writeInt((int) (made.getEpochSecond() + TO_1904_S));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static void block(Picture pixels, int column, int row, boolean white) {
        byte[] data = pixels.getPlaneData(0);
        byte value = (byte) (white ? MIDDLE - 1 : -MIDDLE);
        for (int y = FOOT + row * Blocks.SIDE; y < FOOT + (row + 1) * Blocks.SIDE; y++) {
            int from = 3 * (y * WIDTH + column * Blocks.SIDE);
            Arrays.fill(data, from, from + 3 * Blocks.SIDE, value);
        }
    }

    /**
     * What a picture of such a clip says.
     *
     * @param picture of any size; it is read in proportion
     */
    public static Optional<Told> read(BufferedImage picture) {
        double scaleX = picture.getWidth() / (double) WIDTH;
        double scaleY = picture.getHeight() / (double) HEIGHT;
        return Told.read(block -> {
            double x = (block % Blocks.COLUMNS + 0.5) * Blocks.SIDE * scaleX;
            double y = (FOOT + (block / Blocks.COLUMNS + 0.5) * Blocks.SIDE) * scaleY;
            int rgb = picture.getRGB((int) x, (int) y);
            return (rgb >> 16 & 0xff) + (rgb >> 8 & 0xff) + (rgb & 0xff) > 3 * MIDDLE;
        });
    }
}
