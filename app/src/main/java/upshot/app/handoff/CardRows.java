package upshot.app.handoff;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import upshot.app.handoff.Offloads.Offload;
import upshot.app.handoff.ShotView.CardRow;
import upshot.core.finding.Wording;
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffLog;
import upshot.core.handoff.ShotTakes;

/** Cards as their offloads left them, and as their clips were read. */
final class CardRows {

    private static final double S = 1000;
    private static final double GB = 1e9;

    private static final String ROLLED_SINCE =
            ". The log has takes since it was read at %s: if it was in a camera again, offload it again";

    private final ShotTakes takes;
    private final HandOffLog said;
    private final ZoneId zone;
    private final Optional<Instant> lastTake;

    /** @param lastTake when the log's last take arrived here */
    CardRows(ShotTakes takes, HandOffLog said, ZoneId zone, Optional<Instant> lastTake) {
        this.takes = takes;
        this.said = said;
        this.zone = zone;
        this.lastTake = lastTake;
    }

    List<CardRow> cards(List<Offload> offloads) {
        Map<String, Offload> told = new TreeMap<>();
        offloads.forEach(one -> told.put(one.card(), one));
        Map<String, List<Clip>> clips =
                said.clips().stream().collect(Collectors.groupingBy(Clip::card, TreeMap::new, Collectors.toList()));
        Set<String> names = new TreeSet<>(told.keySet());
        names.addAll(clips.keySet());
        return names.stream()
                .map(name -> card(name, clips.getOrDefault(name, List.of()), Optional.ofNullable(told.get(name))))
                .toList();
    }

    private CardRow card(String name, List<Clip> clips, Optional<Offload> told) {
        String camera = Optional.ofNullable(takes.matching().bodies().get(name))
                .filter(body -> body >= 0)
                .map(body -> takes.day().bodies().get(body).name() + ", ")
                .orElse("");
        String holds = clips.isEmpty()
                ? told.map(one -> "%s, %s".formatted(Wording.count(one.files(), "file"), gigabytes(one.bytes())))
                        .orElse("")
                : "%s%s, %s"
                        .formatted(
                                camera,
                                Wording.count(clips.size(), "clip"),
                                gigabytes(clips.stream().mapToLong(Clip::bytes).sum()));
        boolean readable = told.filter(one -> !one.copies().isEmpty()).isPresent();
        return new CardRow(
                name,
                holds,
                told.map(this::status).orElse("watch"),
                told.map(this::words).orElse("No copy is known here"),
                told.filter(this::mayBeFormatted)
                        .map(one -> "May be formatted, as it was read at " + clock(one.readFrom()))
                        .orElse(""),
                told.map(Offload::percent).orElse(-1),
                readable && clips.isEmpty(),
                !clips.isEmpty());
    }

    private static String gigabytes(long bytes) {
        return bytes < GB / 10 ? Wording.number(bytes / (GB / S), 1) + " MB" : Wording.number(bytes / GB, 1) + " GB";
    }

    private String clock(Instant at) {
        return ShotRows.clock(at.toEpochMilli(), zone);
    }

    /** The offload's own word, as long as nothing is known that came after it. */
    private boolean mayBeFormatted(Offload one) {
        return one.mayBeFormatted() && one.stillHoldsWhatWasRead(lastTake);
    }

    private String status(Offload one) {
        return switch (one.state()) {
            case STOPPED -> "break";
            case ENDED -> mayBeFormatted(one) ? "clear" : "watch";
            default -> "watch";
        };
    }

    private String words(Offload one) {
        return switch (one.state()) {
            case COPYING -> "Being copied, %d %%".formatted(one.percent());
            case READING_BACK -> "Copied, being read back, %d %%".formatted(one.percent());
            case STOPPED -> one.why();
            case ENDED -> {
                String equal = "%s read back, all files equal"
                        .formatted(
                                one.copies().size() == 1
                                        ? "1 copy"
                                        : one.copies().size() + " copies");
                if (!one.mayBeFormatted()) {
                    yield equal + ". " + one.why().replace('\n', ' ');
                }
                yield mayBeFormatted(one) ? equal : equal + ROLLED_SINCE.formatted(clock(one.readFrom()));
            }
        };
    }
}
