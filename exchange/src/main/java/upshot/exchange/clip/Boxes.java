package upshot.exchange.clip;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The boxes that MP4 and MOV files are made of (ISO/IEC 14496-12): a size, four letters, and what it holds. Only views of
 * what was read are made, so that no number in a file can ask for memory.
 */
final class Boxes {

    private static final int HEAD_BYTES = 8;
    private static final int TYPE_BYTES = 4;
    private static final int MOST = 10_000;

    private Boxes() {}

    /** One box. */
    record Part(String type, ByteBuffer content) {}

    /** The boxes that lie beside each other in a piece of a file; what is cut off or too short ends it. */
    static List<Part> of(ByteBuffer bytes) {
        List<Part> parts = new ArrayList<>();
        ByteBuffer left = bytes.duplicate();
        while (left.remaining() >= HEAD_BYTES && parts.size() < MOST) {
            int begin = left.position();
            long size = Integer.toUnsignedLong(left.getInt());
            String type = type(left);
            if (size == 1 && left.remaining() >= Long.BYTES) {
                size = left.getLong();
            } else if (size == 0) {
                size = left.limit() - (long) begin;
            }
            long content = size - (left.position() - begin);
            if (content < 0 || content > left.remaining()) {
                break;
            }
            parts.add(new Part(type, left.slice(left.position(), (int) content)));
            left.position(left.position() + (int) content);
        }
        return parts;
    }

    static String type(ByteBuffer at) {
        byte[] letters = new byte[TYPE_BYTES];
        at.get(letters);
        return new String(letters, StandardCharsets.ISO_8859_1);
    }

    /** The first box at the end of a way through boxes, "mdia.minf.stbl". */
    static Optional<ByteBuffer> at(ByteBuffer within, String way) {
        ByteBuffer here = within;
        for (String type : way.split("\\.")) {
            Optional<Part> next =
                    of(here).stream().filter(part -> part.type().equals(type)).findFirst();
            if (next.isEmpty()) {
                return Optional.empty();
            }
            here = next.get().content();
        }
        return Optional.of(here);
    }

    /** The same, where it has to be there. */
    static ByteBuffer need(ByteBuffer within, String way) {
        return at(within, way).orElseThrow(BufferUnderflowException::new);
    }
}
