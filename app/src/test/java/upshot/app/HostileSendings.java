package upshot.app;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpRequest;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;

/** What is sent to end or to hold an application: each of them once did. */
final class HostileSendings {

    private static final byte[] PICTURE = picture();
    private static final byte[] PLAN = plan();
    private static final byte[] BODY = ("{\"stage\":\"brief\",\"changes\":[\"" + "x".repeat(63 << 20) + "\"]}")
            .getBytes(StandardCharsets.US_ASCII);

    private HostileSendings() {}

    static List<HttpRequest.Builder> of(Web web, String job, String token) {
        String at = "/jobs/" + job;
        return List.of(
                web.file(at + "/stills", token, PICTURE),
                web.file("/jobs/from-file", token, PLAN),
                web.json(at + "/changes", token, "").POST(HttpRequest.BodyPublishers.ofByteArray(BODY)),
                gesture(web, at, token, "set-place", "coordinates", "1" + " ".repeat(400) + "x"),
                gesture(web, at, token, "take-agenda", "file", encoded(",".repeat(22_000) + "1")),
                gesture(web, at, token, "take-agenda", "file", encoded(calendar())));
    }

    private static HttpRequest.Builder gesture(
            Web web, String at, String token, String name, String field, String value) {
        return web.json(
                at + "/changes",
                token,
                "{\"stage\":\"brief\",\"gesture\":\"%s\",\"arguments\":{\"%s\":\"%s\"}}".formatted(name, field, value));
    }

    private static String encoded(String file) {
        return Base64.getEncoder().encodeToString(file.getBytes(StandardCharsets.UTF_8));
    }

    /** Twenty events that repeat at every second of ten hours since 1995. */
    private static String calendar() {
        StringBuilder all = new StringBuilder("0");
        for (int i = 1; i < 60; i++) {
            all.append(',').append(i);
        }
        String event = ("BEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20261009T100000Z\r\nDTSTART:19950101T180000\r\n"
                        + "RRULE:FREQ=DAILY;BYHOUR=0,1,2,3,4,5,6,7,8,9;BYMINUTE=%s;BYSECOND=%s\r\nEND:VEVENT\r\n")
                .formatted(all, all);
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n" + event.repeat(20) + "END:VCALENDAR\r\n";
    }

    /** Fifteen megabytes of records that are none. */
    private static byte[] plan() {
        return ("{\"format\":\"upshot-lane-plan\",\"version\":1,\"records\":{\"adjustment\":["
                        + "{\"value\":1},".repeat((15 << 20) / 12))
                .getBytes(StandardCharsets.UTF_8);
    }

    /** A small PNG with a text of 400 million zeros, packed. */
    private static byte[] picture() {
        try {
            ByteArrayOutputStream plain = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(40, 20, BufferedImage.TYPE_BYTE_INDEXED), "png", plain);
            ByteArrayOutputStream text = new ByteArrayOutputStream();
            text.writeBytes("zTXtk\0\0".getBytes(StandardCharsets.ISO_8859_1));
            byte[] zeros = new byte[1 << 20];
            try (DeflaterOutputStream out = new DeflaterOutputStream(text, new Deflater(Deflater.BEST_SPEED))) {
                for (int i = 0; i < 400; i++) {
                    out.write(zeros);
                }
            }
            CRC32 sum = new CRC32();
            sum.update(text.toByteArray());
            int header = 8 + 25;
            return ByteBuffer.allocate(plain.size() + text.size() + 8)
                    .put(plain.toByteArray(), 0, header)
                    .putInt(text.size() - 4)
                    .put(text.toByteArray())
                    .putInt((int) sum.getValue())
                    .put(plain.toByteArray(), header, plain.size() - header)
                    .array();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
