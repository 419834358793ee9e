package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class QrTest {

    private static final int FIELD = 4;

    /** Draws the path as a browser would, and looks at it as a camera would. */
    @Test
    void a_camera_reads_back_what_was_written() throws Exception {
        String address = "https://upshot-k7qf2m.local:28443/crew#K7QF2MABCDEF";

        Qr qr = Qr.of(address);

        int side = qr.size() * FIELD;
        int[] pixels = new int[side * side];
        Arrays.fill(pixels, 0xffffff);
        Matcher fields = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z").matcher(qr.path());
        while (fields.find()) {
            int left = Integer.parseInt(fields.group(1)) * FIELD;
            int top = Integer.parseInt(fields.group(2)) * FIELD;
            for (int y = top; y < top + FIELD; y++) {
                Arrays.fill(pixels, y * side + left, y * side + left + FIELD, 0);
            }
        }
        BinaryBitmap seen = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, pixels)));
        assertThat(new QRCodeReader().decode(seen).getText()).isEqualTo(address);
    }
}
