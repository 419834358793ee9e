package upshot.app.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A code that a phone's camera reads, to be drawn as one path.
 *
 * @param size of its side in fields, the quiet margin included
 * @param path of an SVG, in fields
 */
public record Qr(int size, String path) {

    /** As much as is asked for round a code, so that cameras find it. */
    private static final int MARGIN = 4;

    private static final QRCodeWriter WRITER = new QRCodeWriter();

    public static Qr of(String text) {
        try {
            BitMatrix fields = WRITER.encode(
                    text,
                    BarcodeFormat.QR_CODE,
                    0,
                    0,
                    Map.of(EncodeHintType.MARGIN, MARGIN, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < fields.getHeight(); y++) {
                for (int x = 0; x < fields.getWidth(); x++) {
                    if (fields.get(x, y)) {
                        path.append("M%d %dh1v1h-1z".formatted(x, y));
                    }
                }
            }
            return new Qr(fields.getWidth(), path.toString());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("That is too long for a code", tooLong);
        }
    }
}
