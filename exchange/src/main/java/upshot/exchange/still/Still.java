package upshot.exchange.still;

import com.drew.lang.ByteArrayReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import upshot.exchange.text.Sha256;
import upshot.exchange.text.Stoppable;
import upshot.exchange.text.Unreadable;

/**
 * A reference picture, made anew from what was given: turned upright, at most {@value #LONGEST_PX} pixels long, without
 * place, camera, thumbnail or anything else that came with it.
 *
 * @param hash SHA-256 of the JPEG in hexadecimal figures
 */
public record Still(byte[] jpeg, int widthPx, int heightPx, String hash) {

    /** As large as a file may be. */
    public static final int MOST_BYTES = 16 << 20;

    /** 40 megapixels. */
    public static final long MOST_PIXELS = 40_000_000;

    /** Not even one plain colour is packed so tightly; a file that says more would only cost memory. */
    private static final int MOST_PIXELS_A_BYTE = 5000;

    /** A decoder holds such a picture whole, six bytes a pixel, and goes through all of it at each step. */
    private static final long MOST_PIXELS_STEPWISE = 20_000_000;

    /** Encoders make ten or so. */
    private static final int MOST_SCANS = 24;

    static final int LONGEST_PX = 1600;
    private static final float QUALITY = 0.85f;

    static {
        // Pictures are read from memory; a cache on disk would only leave traces of them.
        ImageIO.setUseCache(false);
    }

    /**
     * Reads a file. Its measures are looked at before any of it is decoded.
     *
     * @throws Unreadable when it is no picture of these kinds, is broken or too large
     */
    public static Still read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new Unreadable("", "The picture is larger than %d MB.".formatted(MOST_BYTES >> 20));
        }
        PictureFile bare = PictureFile.of(file);
        try (ImageInputStream in = ImageIO.createImageInputStream(Stoppable.stream(bare.picture()))) {
            ImageReader reader =
                    ImageIO.getImageReadersByFormatName(bare.format()).next();
            try {
                reader.setInput(in, true, true);
                return encoded(upright(scaled(reader, bare), orientation(bare.exif())));
            } finally {
                reader.dispose();
            }
        } catch (Unreadable known) {
            throw known;
        } catch (IOException | RuntimeException broken) {
            // Decoders meet broken files with whatever exception they fall over.
            Stoppable.check();
            throw new Unreadable("", "The picture is broken and cannot be read.");
        }
    }

    /** Leaves out rows and columns while decoding, so that a large picture never stands in the memory as a whole. */
    private static BufferedImage scaled(ImageReader reader, PictureFile file) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width < 1 || height < 1 || width * height > MOST_PIXELS) {
            throw new Unreadable(
                    "",
                    "The picture has %d × %d pixels; %d megapixels is the most."
                            .formatted(width, height, MOST_PIXELS / 1_000_000));
        }
        if (width * height > (long) file.picture().length * MOST_PIXELS_A_BYTE) {
            throw new Unreadable("", "The picture is broken: it says to be larger than it can be.");
        }
        if (file.scans() > MOST_SCANS || file.scans() > 1 && width * height > MOST_PIXELS_STEPWISE) {
            throw new Unreadable(
                    "",
                    "The picture is saved to come in sharper step by step, in %d steps; up to %d megapixels and %d steps can be read. Save it as an ordinary JPEG."
                            .formatted(file.scans(), MOST_PIXELS_STEPWISE / 1_000_000, MOST_SCANS));
        }
        int step = (int) Math.max(1, Math.max(width, height) / LONGEST_PX);
        ImageReadParam every = reader.getDefaultReadParam();
        every.setSourceSubsampling(step, step, 0, 0);
        BufferedImage read = reader.read(0, every);
        double scale = Math.min(1, (double) LONGEST_PX / Math.max(read.getWidth(), read.getHeight()));
        int w = Math.max(1, (int) Math.round(read.getWidth() * scale));
        int h = Math.max(1, (int) Math.round(read.getHeight() * scale));
        return drawn(
                read,
                w,
                h,
                AffineTransform.getScaleInstance((double) w / read.getWidth(), (double) h / read.getHeight()));
    }

    private static BufferedImage drawn(BufferedImage picture, int width, int height, AffineTransform how) {
        BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.drawImage(picture, how, null);
        pen.dispose();
        return plain;
    }

    /** How the camera was held, 1 to 8 as EXIF counts it; 1 where nothing is said. */
    private static int orientation(byte[] exif) {
        try {
            Metadata metadata = new Metadata();
            new ExifReader().extract(new ByteArrayReader(exif), metadata, 0);
            ExifIFD0Directory said = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return said != null && said.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? said.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (MetadataException nothingSaid) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage picture, int orientation) {
        int w = picture.getWidth();
        int h = picture.getHeight();
        // Rows of the matrix as EXIF defines what the first row and column of the stored picture are.
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        boolean sideways = orientation >= 5 && orientation <= 8;
        return turn.isIdentity() ? picture : drawn(picture, sideways ? h : w, sideways ? w : h, turn);
    }

    static Still encoded(BufferedImage picture) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(picture, null, null), how);
        } finally {
            writer.dispose();
        }
        byte[] jpeg = bytes.toByteArray();
        return new Still(jpeg, picture.getWidth(), picture.getHeight(), Sha256.hex(jpeg));
    }
}
