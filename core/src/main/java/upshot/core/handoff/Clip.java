package upshot.core.handoff;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.FrameRate;
import upshot.core.measure.Numbers;
import upshot.core.plan.InvalidField;

/**
 * A clip as its file describes it.
 *
 * @param id made where it was read: the same file of the same card has the same
 * @param card the name of the card, 1 to 100 characters
 * @param files where on the card it lies, with slashes, 1 to 100 of them; several where the camera split one take by size
 * @param bytes all files together
 * @param frames how many pictures, 1 to 100 million
 * @param rate how quickly they play by the header
 * @param variable whether the pictures are not evenly spaced in time
 * @param width as it plays, 1 to 32 768 pixels: a clip that is turned is measured turned
 * @param height likewise
 * @param startFrame of its time code, frames from midnight, if it has one
 * @param dropFrame whether the time code leaves numbers out
 * @param madeMs when the header says it was made, milliseconds since 1970 as if its clock showed UTC; empty where it does not
 * @param camera what made it, in the header's words, or empty
 */
public record Clip(
        UUID id,
        String card,
        List<String> files,
        long bytes,
        int frames,
        FrameRate rate,
        boolean variable,
        int width,
        int height,
        Optional<Integer> startFrame,
        boolean dropFrame,
        Optional<Long> madeMs,
        String camera) {

    public static final int LONGEST_NAME = 100;
    public static final int LONGEST_PATH = 400;

    private static final int MOST_FILES = 100;
    private static final int MOST_FRAMES = 100_000_000;
    private static final int MOST_PIXELS = 32_768;
    private static final double MOST_BYTES = 1e15;
    private static final double FURTHEST_MS = 4e12;

    /** @throws InvalidField when it says what no clip can */
    public Clip {
        if (id == null || id.variant() != 2 || id.version() < 1 || id.version() > 8) {
            throw new InvalidField("id", "The clip has no valid identifier.");
        }
        card = text("card", card, 1, LONGEST_NAME);
        camera = text("camera", camera, 0, LONGEST_NAME);
        files = files == null ? List.of() : List.copyOf(files);
        if (files.isEmpty() || files.size() > MOST_FILES) {
            throw new InvalidField("files", "A clip has 1 to %d files.".formatted(MOST_FILES));
        }
        for (String file : files) {
            // Names are kept as they are: a blank at the end belongs to it.
            if (file.isEmpty() || file.length() > LONGEST_PATH || file.chars().anyMatch(Character::isISOControl)) {
                throw new InvalidField(
                        "files", "A file's path has 1 to %d letters that can be shown.".formatted(LONGEST_PATH));
            }
            if (file.startsWith("/") || List.of(file.split("/", -1)).contains("..")) {
                throw new InvalidField("files", "A file's path begins at its card.");
            }
        }
        if (rate == null) {
            throw new InvalidField("rate", "The clip does not say its frame rate.");
        }
        within("bytes", bytes, 0, MOST_BYTES);
        within("frames", frames, 1, MOST_FRAMES);
        within("width", width, 1, MOST_PIXELS);
        within("height", height, 1, MOST_PIXELS);
        long framesOfDay = Math.round(24 * 3600 * Math.ceil(rate.perSecond()));
        startFrame.ifPresent(frame -> within("startFrame", frame, 0, framesOfDay));
        madeMs.ifPresent(ms -> within("madeMs", ms, -FURTHEST_MS, FURTHEST_MS));
    }

    private static void within(String field, double value, double least, double most) {
        if (!Numbers.within(value, least, most)) {
            throw new InvalidField(field, "The clip's %s (%.0f) is none.".formatted(field, value));
        }
    }

    private static String text(String field, String text, int least, int most) {
        String kept = text == null ? "" : text.strip();
        if (kept.length() < least || kept.length() > most || kept.chars().anyMatch(Character::isISOControl)) {
            throw new InvalidField(field, "The clip's %s has %d to %d letters.".formatted(field, least, most));
        }
        return kept;
    }

    /** As cameras name it: the first file without folders and ending. */
    public String name() {
        String file = files.get(0).substring(files.get(0).lastIndexOf('/') + 1);
        int dot = file.lastIndexOf('.');
        return dot > 0 ? file.substring(0, dot) : file;
    }

    /** How long it plays by its header, seconds. */
    public double lastsS() {
        return rate.secondsOf(frames);
    }

    /** Whether it stands rather than lies. */
    public boolean upright() {
        return height > width;
    }

    /**
     * How long the world took for it: where a camera records quickly and writes a slower rate into the header, less than it
     * plays.
     *
     * @param capture what the shot was to be recorded at
     */
    public double worldS(FrameRate capture) {
        return capture.secondsOf(frames);
    }
}
