package upshot.core.roll;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.plan.Consent;
import upshot.core.plan.PlanRecord;
import upshot.core.size.SizeClass;
import upshot.day.log.LogFold;
import upshot.day.log.LogLine;
import upshot.day.log.LogState;
import upshot.day.log.LogTable;

/** The log of a day against the plan. The same entries give the same state, in whatever order they came. */
public final class DayLog {

    private final LoggedDay day;
    private final List<LogEntry> entries;
    private final Map<UUID, Integer> places = new HashMap<>();
    private final List<UUID> phones;
    private final Map<UUID, Integer> shots;
    private final Map<UUID, Integer> actions;
    private final Map<UUID, Integer> people;
    private final Map<UUID, Integer> bodies;

    /**
     * A log.
     *
     * @param entries each once
     */
    public DayLog(LoggedDay day, Collection<LogEntry> entries) {
        this.day = day;
        this.entries = entries.stream()
                .sorted(Comparator.comparing(entry -> entry.id().toString()))
                .toList();
        for (int place = 0; place < this.entries.size(); place++) {
            places.put(this.entries.get(place).id(), place);
        }
        this.phones = this.entries.stream()
                .map(LogEntry::phoneId)
                .distinct()
                .sorted(Comparator.comparing(UUID::toString))
                .toList();
        this.shots = places(day.shots());
        this.actions = places(day.plan().actions());
        this.people = places(day.people());
        this.bodies = places(day.bodies());
    }

    private static Map<UUID, Integer> places(List<? extends PlanRecord> records) {
        Map<UUID, Integer> places = new HashMap<>();
        for (int place = 0; place < records.size(); place++) {
            places.put(records.get(place).id(), place);
        }
        return places;
    }

    /** The entries, sorted by their ids: a state speaks of them by their places here. */
    public List<LogEntry> entries() {
        return entries;
    }

    /**
     * How the day stands.
     *
     * @param nowMs milliseconds since 1970
     */
    public LogState state(long nowMs) {
        return LogFold.of(day.table(), lines(), nowMs);
    }

    /** The entries as numbers. */
    public List<LogLine> lines() {
        Map<UUID, Integer> ofPhone = new HashMap<>();
        phones.forEach(phone -> ofPhone.put(phone, ofPhone.size()));
        LogTable table = day.table();
        return entries.stream()
                .map(entry -> new LogLine(
                        entry.what(),
                        entry.serverMs(),
                        ofPhone.get(entry.phoneId()),
                        entry.number(),
                        at(places, entry.of()),
                        about(entry),
                        at(bodies, entry.bodyId()),
                        detail(entry, table),
                        entry.amount(),
                        entry.turns().stream()
                                .map(turn -> new LogLine.Turn(
                                        shots.getOrDefault(turn.about(), -1), turn.rollMs(), turn.endMs()))
                                .toList()))
                .toList();
    }

    private static int at(Map<UUID, Integer> places, Optional<UUID> id) {
        return id.map(one -> places.getOrDefault(one, -1)).orElse(-1);
    }

    private int about(LogEntry entry) {
        return switch (entry.what()) {
            case NAMED -> at(actions, entry.about());
            case CONSENT, RELEASED -> at(people, entry.about());
            default -> at(shots, entry.about());
        };
    }

    /** A reason, size or consent as its place from 1, 0 for none; a check as its place in the setup's list. */
    private int detail(LogEntry entry, LogTable table) {
        return switch (entry.what()) {
            case AGAIN -> 1 + place(RetakeReason.values(), entry.detail());
            case NAMED -> 1 + place(SizeClass.values(), entry.detail());
            case CONSENT -> 1 + place(Consent.values(), entry.detail());
            case CHECK -> check(entry, table);
            default -> 0;
        };
    }

    private int check(LogEntry entry, LogTable table) {
        int shot = at(shots, entry.about());
        int setup = shot < 0 ? -1 : table.shots().get(shot).setup();
        return setup < 0 ? -1 : day.checks(setup).indexOf(entry.detail());
    }

    private static int place(Enum<?>[] all, String name) {
        for (Enum<?> one : all) {
            if (one.name().equals(name)) {
                return one.ordinal();
            }
        }
        return -1;
    }
}
