package upshot.exchange.handoff;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import upshot.core.handoff.Clip;
import upshot.core.handoff.TimeCode;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Use;

/**
 * The cut as an edit decision list after SMPTE 258M, for programs that read nothing newer: events of reel, track, kind and
 * four time codes, all counted at the cut's rate; speeds as M2 lines. Lists hold at most 999 events, reels have eight letters.
 */
public final class EditList {

    private static final int MOST_EVENTS = 999;
    private static final int REEL_LETTERS = 8;
    private static final int HOUR_S = 3600;
    private static final String BLACK = "BL";

    private final Handed handed;
    private final FrameRate rate;
    private final Map<Clip, String> reels = new HashMap<>();
    private final Set<String> taken = new HashSet<>(Set.of(BLACK, "AX"));
    private final List<String> lists = new ArrayList<>();
    private StringBuilder list = new StringBuilder();
    private int events;

    private EditList(Handed handed) {
        this.handed = handed;
        this.rate = handed.rate();
    }

    /** One list for each 999 events. */
    public static List<String> write(Handed handed) {
        EditList list = new EditList(handed);
        list.begin();
        for (int i = 0; i < handed.uses().size(); i++) {
            list.use(i);
        }
        list.lists.add(list.list.toString());
        return list.lists;
    }

    private void begin() {
        list = new StringBuilder();
        events = 0;
        String title = handed.brief().name().toUpperCase(Locale.ROOT).replaceAll("[^ -~]", "?");
        list.append("TITLE: %s\r\nFCM: NON-DROP FRAME\r\n".formatted(title));
    }

    private void use(int place) {
        UseAsShot use = handed.uses().get(place);
        int filled = Handed.filled(use);
        long from = use.placed().startFrame();
        if (use.source().isPresent()) {
            dissolved(place, use.source().get(), from, filled);
            comments(use, use.source().get());
        }
        if (filled < use.placed().use().frames()) {
            event(BLACK, "C", 0, 0, use.placed().use().frames() - filled, from + filled);
            list.append("* MISSING: %s\r\n".formatted(use.placed().shot().code()));
        }
    }

    /** A dissolve is an event of two lines: the picture that goes, cut to nothing, and the one that comes. */
    private void dissolved(int place, Source source, long from, int frames) {
        Use use = handed.uses().get(place).placed().use();
        boolean blends = place > 0
                && use.entry().blends()
                && use.joinFrames() > 1
                && use.joinFrames() < frames
                && handed.uses().get(place - 1).source().isPresent();
        if (blends) {
            Source before = handed.uses().get(place - 1).source().get();
            number();
            line(reel(before.clip()), "C", 0, endFrame(before), 0, from);
            line(reel(source.clip()), "D", use.joinFrames(), inFrame(source), frames, from);
        } else {
            event(reel(source.clip()), "C", 0, inFrame(source), frames, from);
        }
    }

    private void comments(UseAsShot use, Source source) {
        if (source.speed() != 1) {
            list.append("M2   %-8s       %05.1f                %s\r\n"
                    .formatted(reel(source.clip()), source.speed() * rate.perSecond(), code(inFrame(source))));
        }
        list.append("* FROM CLIP NAME: %s\r\n"
                .formatted(source.clip().files().get(0).replaceAll("[^ -~]", "?")));
        list.append("* SHOT: %s\r\n".formatted(use.shown().code()));
    }

    /** Where a clip's picture stands, counted at the cut's rate as the list counts everything. */
    private long inFrame(Source source) {
        return frame(source.clip(), source.inFrame());
    }

    private long endFrame(Source source) {
        return frame(source.clip(), source.inFrame() + (long) source.frames());
    }

    private long frame(Clip clip, long ofClip) {
        return Math.round((clip.startFrame().orElse(0) + ofClip) * rate.over(clip.rate()));
    }

    private void event(String reel, String kind, int join, long sourceIn, long frames, long recordIn) {
        number();
        line(reel, kind, join, sourceIn, frames, recordIn);
    }

    private void number() {
        if (events == MOST_EVENTS) {
            lists.add(list.toString());
            begin();
        }
        events++;
    }

    private void line(String reel, String kind, int join, long sourceIn, long frames, long recordIn) {
        String how = kind.equals("D") ? "D    %03d".formatted(join) : "C       ";
        long record = recordIn + (long) HOUR_S * TimeCode.nominal(rate);
        list.append("%03d  %-8s V     %s %s %s %s %s\r\n"
                .formatted(
                        events,
                        reel,
                        how,
                        code(sourceIn),
                        code(sourceIn + frames),
                        code(record),
                        code(record + frames)));
    }

    private String code(long frame) {
        return TimeCode.of(Math.max(0, frame), rate, false);
    }

    /** Eight letters or figures of a clip's name, its own for each clip. */
    private String reel(Clip clip) {
        return reels.computeIfAbsent(clip, one -> {
            String plain = one.name().toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
            String name = plain.length() > REEL_LETTERS ? plain.substring(plain.length() - REEL_LETTERS) : plain;
            for (int number = 2; name.isEmpty() || !taken.add(name); number++) {
                String end = Integer.toString(number);
                String begin = plain.length() > REEL_LETTERS - end.length()
                        ? plain.substring(0, REEL_LETTERS - end.length())
                        : plain;
                name = begin + end;
            }
            return name;
        });
    }
}
