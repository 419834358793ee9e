package upshot.exchange.still;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.exchange.BrokenFiles;
import upshot.exchange.text.Unreadable;

/** Pictures that carry something along which would unpack to more than the memory holds. */
class HostilePicturesTest {

    private static final int UNPACKED_BYTES = 400_000_000;
    private static final String WEBP =
            "UklGRlwAAABXRUJQVlA4IFAAAADwAwCdASoMAAgAAMASJagCdLoB+AH4gTAD+AfgBd/92AfwAGBTe3IAAP7+4h7/zQbR/9hEP6dSYYKZov"
                    + "+Mk//GSf/uzA8gH8A2BIbej1HAAA==";
    /** Big-endian TIFF with one entry: the camera was held so that the picture has to be turned by a quarter. */
    private static final byte[] SIDEWAYS = {
        'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0
    };

    private static byte[] picture(String format, int type, int width, int height) throws IOException {
        BufferedImage picture = new BufferedImage(width, height, type);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, width, height / 2);
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, format, bytes);
        return bytes.toByteArray();
    }

    /** A PNG with a chunk behind its header. */
    private static byte[] with(byte[] png, String kind, byte[] content) {
        int header = 8 + 25;
        ByteBuffer out = ByteBuffer.allocate(png.length + content.length + 12);
        byte[] named = new byte[content.length + 4];
        System.arraycopy(kind.getBytes(StandardCharsets.US_ASCII), 0, named, 0, 4);
        System.arraycopy(content, 0, named, 4, content.length);
        CRC32 sum = new CRC32();
        sum.update(named);
        out.put(png, 0, header).putInt(content.length).put(named).putInt((int) sum.getValue());
        return out.put(png, header, png.length - header).array();
    }

    private static byte[] packed(String before) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.write(before.getBytes(StandardCharsets.ISO_8859_1));
        byte[] zeros = new byte[1 << 20];
        try (DeflaterOutputStream out = new DeflaterOutputStream(bytes, new Deflater(Deflater.BEST_SPEED))) {
            for (int left = UNPACKED_BYTES; left > 0; left -= zeros.length) {
                out.write(zeros, 0, Math.min(left, zeros.length));
            }
        }
        return bytes.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"zTXt:k\0\0", "iTXt:k\0\1\0\0\0", "iCCP:k\0\0"})
    void what_unpacks_to_hundreds_of_megabytes_is_never_unpacked(String chunk) throws IOException {
        byte[] bomb = packed(chunk.substring(5));
        for (int type : new int[] {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_BYTE_INDEXED}) {
            byte[] file = with(picture("png", type, 40, 20), chunk.substring(0, 4), bomb);
            Still still = BrokenFiles.withinBounds(file, Still::read);

            assertThat(still.widthPx()).isEqualTo(40);
        }
    }

    @Test
    void how_the_camera_was_held_is_still_found_in_png_and_webp() throws IOException {
        assertThat(Still.read(with(picture("png", BufferedImage.TYPE_INT_RGB, 40, 20), "eXIf", SIDEWAYS))
                        .widthPx())
                .isEqualTo(20);
        byte[] plain = Base64.getDecoder().decode(WEBP);
        ByteBuffer webp =
                ByteBuffer.allocate(plain.length + 18 + 8 + SIDEWAYS.length).order(ByteOrder.LITTLE_ENDIAN);
        webp.put(plain, 0, 12).put("VP8X".getBytes()).putInt(10).putInt(0x08);
        webp.put(new byte[] {11, 0, 0, 7, 0, 0}).put(plain, 12, plain.length - 12);
        webp.put("EXIF".getBytes()).putInt(SIDEWAYS.length).put(SIDEWAYS);
        webp.putInt(4, webp.capacity() - 8);

        assertThat(Still.read(webp.array()).widthPx()).isEqualTo(8);
    }

    private static byte[] stepwise(int width, int height) throws IOException {
        BufferedImage noise = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(7);
        for (int i = 0; i < width * height; i++) {
            noise.setRGB(i % width, i / width, random.nextInt());
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
        writer.setOutput(ImageIO.createImageOutputStream(bytes));
        writer.write(null, new IIOImage(noise, null, null), how);
        writer.dispose();
        return bytes.toByteArray();
    }

    private static int find(byte[] file, int marker) {
        for (int i = 2; i < file.length - 1; i++) {
            if ((file[i] & 0xff) == 0xff && (file[i + 1] & 0xff) == marker) {
                return i;
            }
        }
        throw new AssertionError("no marker");
    }

    @Test
    void a_picture_that_comes_step_by_step_is_read_up_to_twenty_megapixels_and_twenty_four_steps() throws IOException {
        byte[] good = stepwise(300, 200);
        assertThat(PictureFile.of(good).scans()).isBetween(2, 24);
        assertThat(Still.read(good).widthPx()).isEqualTo(300);

        byte[] large = good.clone();
        ByteBuffer.wrap(large).putShort(find(large, 0xc2) + 5, (short) 4001).putShort(find(large, 0xc2) + 7, (short)
                5000);
        assertThatThrownBy(() -> Still.read(large))
                .hasMessageContaining("step by step")
                .hasMessageContaining("20 mega");
        int scan = find(good, 0xda);
        byte[] again = Arrays.copyOfRange(good, scan, scan + 40);
        again[0] = (byte) 0xff;
        ByteBuffer many = ByteBuffer.allocate(good.length + 40 * 40);
        many.put(good, 0, scan);
        for (int i = 0; i < 40; i++) {
            many.put(good, scan, 14).put(new byte[26]);
        }
        many.put(good, scan, good.length - scan);
        assertThatThrownBy(() -> Still.read(many.array())).hasMessageContaining("steps");
    }

    @Test
    void a_jpeg_whose_colours_nobody_names_keeps_them() throws IOException {
        byte[] jpeg = picture("jpg", BufferedImage.TYPE_INT_RGB, 40, 20);
        int named = 2 + 2 + ByteBuffer.wrap(jpeg).getShort(4);
        byte[] bare = new byte[jpeg.length - named + 2];
        System.arraycopy(jpeg, 0, bare, 0, 2);
        System.arraycopy(jpeg, named, bare, 2, jpeg.length - named);

        Color top = new Color(
                ImageIO.read(new ByteArrayInputStream(Still.read(bare).jpeg())).getRGB(20, 3));
        assertThat(top.getRed()).isGreaterThan(200);
        assertThat(top.getGreen()).isLessThan(60);
    }

    @Test
    void who_is_told_that_it_takes_too_long_gives_up() throws Exception {
        byte[] file = picture("png", BufferedImage.TYPE_INT_RGB, 3000, 2000);
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> Still.read(file))
                    .isInstanceOf(Unreadable.class)
                    .hasMessageContaining("took too long");
        } finally {
            assertThat(Thread.interrupted()).isTrue();
        }
    }
}
