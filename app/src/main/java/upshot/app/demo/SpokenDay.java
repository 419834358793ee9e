package upshot.app.demo;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.day.log.LogState;
import upshot.day.log.LogTable;
import upshot.day.log.What;

/** What the phones of a crew say, one for each camera, by a clock that is put on by hand. */
final class SpokenDay {

    private static final double SECOND_MS = 1000;
    /** Rolling on behind what is needed. */
    private static final long TAIL_MS = 2_000;

    private static final int CLIPS_ON_A_CARD = 12;

    private final LoggedDay day;
    private final LogTable table;
    private final List<LogEntry> entries = new ArrayList<>();
    private final List<UUID> phones = new ArrayList<>();
    private final int[] clips;
    private int ids;
    private long nowMs;
    /** Whose phone speaks. */
    private int camera;

    SpokenDay(LoggedDay day, long fromMs) {
        this.day = day;
        this.table = day.table();
        this.nowMs = fromMs;
        this.clips = new int[Math.max(1, day.bodies().size())];
        for (camera = 0; camera < clips.length; camera++) {
            phones.add(id());
            say(What.CLOCK, Optional.empty(), Optional.empty());
        }
        camera = 0;
    }

    List<LogEntry> entries() {
        return List.copyOf(entries);
    }

    LogState state() {
        return new DayLog(day, entries).state(nowMs);
    }

    long nowMs() {
        return nowMs;
    }

    void pass(long ms) {
        nowMs += ms;
    }

    /** Not before that moment. */
    void await(long ms) {
        nowMs = Math.max(nowMs, ms);
    }

    /** From roll to stop, each camera its shot, each with its clip; returns the takes. */
    List<UUID> roll(What what, List<Shot> shots) {
        List<UUID> takes = new ArrayList<>();
        for (camera = 0; camera < shots.size(); camera++) {
            Optional<UUID> body = Optional.of(day.bodies().get(camera).id());
            Optional<UUID> about = Optional.of(shots.get(camera).id()).filter(id -> what == What.ROLL);
            takes.add(add(what, Optional.empty(), about, body, "", 0, "", List.of()));
        }
        pass(shots.stream().mapToLong(this::lastsMs).max().orElseThrow());
        for (camera = 0; camera < takes.size(); camera++) {
            say(What.STOP, Optional.of(takes.get(camera)), Optional.empty());
            clip(takes.get(camera));
        }
        camera = 0;
        return takes;
    }

    private long lastsMs(Shot shot) {
        LogTable.Shot needs = table.shots().get(day.shots().indexOf(shot));
        return (long) Math.ceil((needs.settleS() + needs.cleanS()) * SECOND_MS) + TAIL_MS;
    }

    /** Cards of the first camera are A001, A002 …, of the second B001. */
    private void clip(UUID take) {
        String card = "%c%03d".formatted('A' + camera, 1 + clips[camera] / CLIPS_ON_A_CARD);
        clips[camera]++;
        String name = "%sC%03d".formatted(card, clips[camera]);
        add(What.CLIP, Optional.of(take), Optional.empty(), Optional.empty(), card, 0, name, List.of());
    }

    /** Somebody at the desk speaks. */
    void line(String words) {
        UUID desk = UUID.nameUUIDFromBytes("desk".getBytes(StandardCharsets.UTF_8));
        Optional<UUID> none = Optional.empty();
        entries.add(new LogEntry(
                id(), desk, entries.size(), nowMs, 0, What.LINE, none, none, none, "", 0, words, List.of()));
    }

    void order(List<LogEntry.Turn> turns) {
        add(What.ORDER, Optional.empty(), Optional.empty(), Optional.empty(), "", 0, "", turns);
    }

    void say(What what, Optional<UUID> of, Optional<UUID> about) {
        detail(what, of, about, "");
    }

    /** @param detail a reason, a size or the words of a check, which is ticked */
    void detail(What what, Optional<UUID> of, Optional<UUID> about, String detail) {
        add(what, of, about, Optional.empty(), detail, what == What.CHECK ? 1 : 0, "", List.of());
    }

    private UUID add(
            What what,
            Optional<UUID> of,
            Optional<UUID> about,
            Optional<UUID> body,
            String detail,
            double amount,
            String words,
            List<LogEntry.Turn> turns) {
        UUID id = id();
        entries.add(new LogEntry(
                id, phones.get(camera), entries.size(), nowMs, 0, what, of, about, body, detail, amount, words, turns));
        return id;
    }

    private UUID id() {
        return UUID.nameUUIDFromBytes("evening %d".formatted(ids++).getBytes(StandardCharsets.UTF_8));
    }
}
