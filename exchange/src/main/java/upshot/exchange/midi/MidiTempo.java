package upshot.exchange.midi;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.TempoMark;
import upshot.exchange.text.Unreadable;

/**
 * Reads the tempo map of a standard MIDI file of format 0 or 1. Where nothing is said, it is 120 bpm in 4/4, as the
 * format says.
 *
 * <p>Lengths in the file are never trusted with memory: everything is read in place.
 */
public final class MidiTempo {

    /** More than any song; notes are many, but small. */
    public static final int MOST_BYTES = 1 << 20;

    private static final int MOST_MARKS = Plan.most(RecordKind.TEMPO);

    private static final int HEADER = 0x4d546864; // MThd
    private static final int TRACK = 0x4d54726b; // MTrk
    private static final int META = 0xff;
    private static final int META_TEMPO = 0x51;
    private static final int META_METRE = 0x58;
    private static final int META_END = 0x2f;
    private static final int USUAL_MICROS = 500_000;

    private final Map<Long, Integer> microsAt = new TreeMap<>();
    private final Map<Long, int[]> metreAt = new TreeMap<>();

    private MidiTempo() {}

    /**
     * The marks of a file, at least one, the first at quarter 0.
     *
     * @throws Unreadable when it is no such file, or is cut off
     */
    public static List<TempoMark> read(byte[] file, Supplier<UUID> ids) {
        if (file.length > MOST_BYTES) {
            throw new Unreadable("", "The file is larger than 1 MB.");
        }
        try {
            return new MidiTempo().parse(ByteBuffer.wrap(file), ids);
        } catch (BufferUnderflowException cutOff) {
            throw new Unreadable("", "The file ends in the middle. Maybe it was not copied whole?");
        } catch (InvalidField outside) {
            throw new Unreadable("", outside.getMessage());
        }
    }

    private List<TempoMark> parse(ByteBuffer file, Supplier<UUID> ids) {
        if (file.remaining() < 14 || file.getInt() != HEADER || file.getInt() < 6) {
            throw new Unreadable("", "This is no standard MIDI file.");
        }
        int format = file.getShort();
        int tracks = Short.toUnsignedInt(file.getShort());
        int division = file.getShort();
        if (format != 0 && format != 1) {
            throw new Unreadable(
                    "", "This MIDI file holds separate patterns (format %d), not one song.".formatted(format));
        }
        if (division <= 0) {
            throw new Unreadable("", "This MIDI file counts film frames and not beats, so it has no bars.");
        }
        for (int track = 1; track <= tracks; track++) {
            parseTrack(file, track);
        }
        return marks(division, ids);
    }

    private void parseTrack(ByteBuffer file, int number) {
        int kind = file.getInt();
        int length = file.getInt();
        if (length < 0 || length > file.remaining()) {
            throw new BufferUnderflowException();
        }
        ByteBuffer track = file.slice(file.position(), length);
        file.position(file.position() + length);
        if (kind != TRACK) {
            return;
        }
        long tick = 0;
        int running = 0;
        while (track.hasRemaining()) {
            tick += variable(track, number);
            int status = Byte.toUnsignedInt(track.get());
            if (status < 0x80) {
                // Running status: the byte is the first of the data already.
                track.position(track.position() - 1);
                status = running;
            }
            if (status == META) {
                int type = Byte.toUnsignedInt(track.get());
                meta(track, number, tick, type);
                if (type == META_END) {
                    return;
                }
            } else {
                skip(track, number, status);
                running = status < 0xf0 ? status : running;
            }
        }
    }

    private void meta(ByteBuffer track, int number, long tick, int type) {
        int length = (int) variable(track, number);
        int end = track.position() + length;
        if (end > track.limit()) {
            throw new BufferUnderflowException();
        }
        if (microsAt.size() + metreAt.size() > MOST_MARKS) {
            throw new Unreadable(
                    "Track " + number, "The tempo or the metre changes more than %d times.".formatted(MOST_MARKS));
        }
        if (type == META_TEMPO && length == 3) {
            int micros = Byte.toUnsignedInt(track.get()) << 16
                    | Byte.toUnsignedInt(track.get()) << 8
                    | Byte.toUnsignedInt(track.get());
            microsAt.put(tick, micros);
        } else if (type == META_METRE && length >= 2) {
            metreAt.put(tick, new int[] {Byte.toUnsignedInt(track.get()), 1 << Math.min(6, track.get() & 0x7f)});
        }
        track.position(end);
    }

    /** Notes and everything else that says nothing about time. */
    private static void skip(ByteBuffer track, int number, int status) {
        if (status == 0xf0 || status == 0xf7) {
            long length = variable(track, number);
            if (length > track.remaining()) {
                throw new BufferUnderflowException();
            }
            track.position(track.position() + (int) length);
            return;
        }
        int data = switch (status >> 4) {
            case 0x8, 0x9, 0xa, 0xb, 0xe -> 2;
            case 0xc, 0xd -> 1;
            default ->
                throw new Unreadable("Track " + number, "There is an event that is none (%02x).".formatted(status));
        };
        for (int i = 0; i < data; i++) {
            track.get();
        }
    }

    /** A number of one to four bytes of seven bits each. */
    private static long variable(ByteBuffer track, int number) {
        long value = 0;
        for (int i = 0; i < 4; i++) {
            int part = Byte.toUnsignedInt(track.get());
            value = value << 7 | part & 0x7f;
            if (part < 0x80) {
                return value;
            }
        }
        throw new Unreadable("Track " + number, "There is a length that never ends.");
    }

    private List<TempoMark> marks(int division, Supplier<UUID> ids) {
        TreeMap<Long, Boolean> places = new TreeMap<>();
        places.put(0L, true);
        microsAt.keySet().forEach(tick -> places.put(tick, true));
        metreAt.keySet().forEach(tick -> places.put(tick, true));
        List<TempoMark> marks = new ArrayList<>();
        int micros = USUAL_MICROS;
        int[] metre = {4, 4};
        for (long tick : places.keySet()) {
            micros = microsAt.getOrDefault(tick, micros);
            metre = metreAt.getOrDefault(tick, metre);
            marks.add(new TempoMark(ids.get(), (double) tick / division, micros, metre[0], metre[1]));
        }
        return marks;
    }
}
