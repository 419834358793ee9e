package upshot.exchange.still;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.exchange.BrokenFiles;
import upshot.exchange.text.Unreadable;

class StillTest {

    /** 12 × 8 pixels, the upper half red and the lower blue. */
    private static final String WEBP =
            "UklGRlwAAABXRUJQVlA4IFAAAADwAwCdASoMAAgAAMASJagCdLoB+AH4gTAD+AfgBd/92AfwAGBTe3IAAP7+4h7/zQbR/9hEP6dSYYKZov"
                    + "+Mk//GSf/uzA8gH8A2BIbej1HAAA==";

    /** Red above, blue below. */
    private static byte[] picture(String format, int width, int height) {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, width, height / 2);
        pen.setColor(Color.BLUE);
        pen.fillRect(0, height / 2, width, height - height / 2);
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, format, bytes);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return bytes.toByteArray();
    }

    private static BufferedImage pixels(Still still) {
        try {
            return ImageIO.read(new ByteArrayInputStream(still.jpeg()));
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static boolean red(BufferedImage picture, double across, double down) {
        Color colour = new Color(
                picture.getRGB((int) (across * (picture.getWidth() - 1)), (int) (down * (picture.getHeight() - 1))));
        return colour.getRed() > 150 && colour.getBlue() < 100;
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "webp"})
    void each_kind_becomes_a_jpeg_of_the_same_picture(String format) {
        Still still = Still.read(format.equals("webp") ? Base64.getDecoder().decode(WEBP) : picture(format, 12, 8));

        assertThat(still.widthPx()).isEqualTo(12);
        assertThat(still.heightPx()).isEqualTo(8);
        assertThat(still.hash()).matches("[0-9a-f]{64}");
        assertThat(red(pixels(still), 0.5, 0.1)).isTrue();
        assertThat(red(pixels(still), 0.5, 0.9)).isFalse();
    }

    @Test
    void the_same_file_has_the_same_hash_and_another_another() {
        assertThat(Still.read(picture("png", 40, 30)).hash())
                .isEqualTo(Still.read(picture("png", 40, 30)).hash())
                .isNotEqualTo(Still.read(picture("png", 40, 31)).hash());
    }

    @ParameterizedTest
    @CsvSource({"3200, 1600, 1600, 800", "1000, 4000, 400, 1600", "1601, 10, 1600, 10", "1600, 900, 1600, 900"})
    void a_large_one_is_made_smaller_and_keeps_its_shape(int width, int height, int toWidth, int toHeight) {
        Still still = Still.read(picture("jpg", width, height));

        assertThat(still.widthPx()).isEqualTo(toWidth);
        assertThat(still.heightPx()).isEqualTo(toHeight);
    }

    /** Puts an EXIF block with an orientation and a place behind the start of a JPEG. */
    private static byte[] withExif(byte[] jpeg, int orientation) {
        ByteBuffer tiff = ByteBuffer.allocate(128);
        tiff.put("MM".getBytes()).putShort((short) 42).putInt(8);
        tiff.putShort((short) 2);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(38);
        tiff.putInt(0);
        tiff.putShort((short) 1);
        tiff.putShort((short) 1).putShort((short) 2).putInt(2).put("N\0\0\0".getBytes());
        tiff.putInt(0);
        int length = 2 + 6 + tiff.position();
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + length + 2);
        out.put(jpeg, 0, 2).putShort((short) 0xffe1).putShort((short) length).put("Exif\0\0".getBytes());
        out.put(tiff.array(), 0, tiff.position()).put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }

    @ParameterizedTest
    @CsvSource({
        "1, 0.5, 0.1, 40", "2, 0.5, 0.1, 40", "3, 0.5, 0.9, 40", "4, 0.5, 0.9, 40",
        "5, 0.1, 0.5, 20", "6, 0.9, 0.5, 20", "7, 0.9, 0.5, 20", "8, 0.1, 0.5, 20"
    })
    void a_camera_held_sideways_is_turned_upright_and_what_else_it_wrote_is_gone(
            int orientation, double across, double down, int width) throws Exception {
        byte[] file = withExif(picture("jpg", 40, 20), orientation);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNotNull();
        Still still = Still.read(file);

        assertThat(still.widthPx()).isEqualTo(width);
        assertThat(red(pixels(still), across, down)).isTrue();
        assertThat(red(pixels(still), 1 - across, 1 - down)).isFalse();
        var metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(still.jpeg()));
        assertThat(metadata.getFirstDirectoryOfType(GpsDirectory.class)).isNull();
        assertThat(metadata.getFirstDirectoryOfType(ExifIFD0Directory.class)).isNull();
    }

    @Test
    void what_is_clear_becomes_white() {
        BufferedImage clear = new BufferedImage(4, 4, BufferedImage.TYPE_INT_ARGB);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(clear, "png", bytes);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        assertThat(new Color(pixels(Still.read(bytes.toByteArray())).getRGB(1, 1)))
                .isEqualTo(Color.WHITE);
    }

    @Test
    void other_files_and_measures_past_forty_megapixels_are_refused_before_they_are_decoded() {
        byte[] huge = picture("png", 4, 4);
        // The width and height of a PNG stand at bytes 16 and 20, their checksum behind them.
        ByteBuffer.wrap(huge).putInt(16, 8001).putInt(20, 5000);
        java.util.zip.CRC32 sum = new java.util.zip.CRC32();
        sum.update(huge, 12, 17);
        ByteBuffer.wrap(huge).putInt(29, (int) sum.getValue());

        assertThatThrownBy(() -> Still.read(huge))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("8001 × 5000 pixels; 40 megapixels");
        assertThatThrownBy(() -> Still.read("GIF89a...".getBytes())).hasMessageContaining("no PNG, JPEG or WebP");
        assertThatThrownBy(() -> Still.read("<svg onload='alert(1)'/>".getBytes()))
                .isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> Still.read(new byte[Still.MOST_BYTES + 1])).hasMessageContaining("larger than 16 MB");
        assertThatThrownBy(() -> Still.read(picture("gif", 4, 4))).isInstanceOf(Unreadable.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "webp"})
    void broken_pictures_are_refused_or_are_pictures(String format) {
        byte[] good = format.equals("webp") ? Base64.getDecoder().decode(WEBP) : picture(format, 120, 80);
        BrokenFiles.refusedOrReadRightly(good, Still::read, (file, still) -> {
            assertThat(pixels(still).getWidth()).isEqualTo(still.widthPx());
            assertThat(pixels(still).getHeight()).isEqualTo(still.heightPx());
        });
    }
}
