package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Clips that a camera split into several files: by chapters, "GX010042" and "GX020042", or by size, "C0042_01" and
 * "C0042_02" of which all but the last are as large as a file system or the camera lets one be.
 */
final class Chapters {

    private static final Pattern CHAPTER = Pattern.compile("([A-Za-z]{1,3})(\\d\\d)(\\d{4})");
    private static final Pattern PART = Pattern.compile("(.*[_-])(\\d{1,3})");

    private static final long GIB = 1L << 30;
    /** Files are split at two or four gibibytes, or a multiple of that. */
    private static final long SPLIT_AT = 2 * GIB;

    private static final double NEARLY = 0.03;

    private Chapters() {}

    /** The clips with those that belong together made one, under the id of the first. */
    static List<Clip> joined(Collection<Clip> clips) {
        List<Clip> joined = new ArrayList<>();
        clips.stream()
                .sorted(Comparator.comparing(Clip::card).thenComparing(Chapters::inTurn))
                .forEach(clip -> {
                    int last = joined.size() - 1;
                    if (last >= 0 && goesOn(joined.get(last), clip)) {
                        joined.set(last, both(joined.get(last), clip));
                    } else {
                        joined.add(clip);
                    }
                });
        return joined;
    }

    /** Chapters count before their number in some names; behind it they stand in the order in which they were made. */
    private static String inTurn(Clip clip) {
        Matcher chapter = CHAPTER.matcher(clip.name());
        String folder = folder(clip.files().get(0));
        return chapter.matches()
                ? folder + chapter.group(1) + chapter.group(3) + chapter.group(2)
                : folder + clip.name();
    }

    private static String folder(String file) {
        return file.substring(0, file.lastIndexOf('/') + 1);
    }

    private static boolean goesOn(Clip first, Clip next) {
        String last = first.files().get(first.files().size() - 1);
        boolean alike = first.card().equals(next.card())
                && folder(last).equals(folder(next.files().get(0)))
                && first.rate().equals(next.rate())
                && first.width() == next.width()
                && first.height() == next.height();
        return alike
                && (chapter(name(last), next.name()) || part(first, name(last), next.name()))
                && inTime(first, next);
    }

    private static String name(String file) {
        String name = file.substring(file.lastIndexOf('/') + 1);
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private static boolean chapter(String last, String next) {
        Matcher one = CHAPTER.matcher(last);
        Matcher other = CHAPTER.matcher(next);
        return one.matches()
                && other.matches()
                && one.group(1).equals(other.group(1))
                && one.group(3).equals(other.group(3))
                && Integer.parseInt(one.group(2)) + 1 == Integer.parseInt(other.group(2));
    }

    private static boolean part(Clip first, String last, String next) {
        Matcher one = PART.matcher(last);
        Matcher other = PART.matcher(next);
        long each = first.bytes() / first.files().size();
        long splits = Math.round((double) each / SPLIT_AT);
        return one.matches()
                && other.matches()
                && one.group(1).equals(other.group(1))
                && Integer.parseInt(one.group(2)) + 1 == Integer.parseInt(other.group(2))
                && splits > 0
                && Math.abs((double) each / (splits * SPLIT_AT) - 1) < NEARLY;
    }

    /** Where both have a time code, the second begins where the first ends. */
    private static boolean inTime(Clip first, Clip next) {
        return first.startFrame().isEmpty()
                || next.startFrame().isEmpty()
                || Math.abs(first.startFrame().get()
                                + first.frames()
                                - next.startFrame().get())
                        <= 1
                || first.startFrame().equals(next.startFrame());
    }

    private static Clip both(Clip first, Clip next) {
        return new Clip(
                first.id(),
                first.card(),
                Stream.concat(first.files().stream(), next.files().stream()).toList(),
                first.bytes() + next.bytes(),
                first.frames() + next.frames(),
                first.rate(),
                first.variable() || next.variable(),
                first.width(),
                first.height(),
                first.startFrame(),
                first.dropFrame(),
                Optional.of(Stream.of(first.madeMs(), next.madeMs())
                                .flatMap(Optional::stream)
                                .sorted()
                                .toList())
                        .filter(made -> !made.isEmpty())
                        .map(made -> made.get(0)),
                first.camera());
    }
}
