package upshot.app.handoff;

import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upshot.app.account.SignedIn;
import upshot.app.job.Answer;
import upshot.app.job.EditRefused;
import upshot.app.job.JudgedPlans;
import upshot.app.job.StageAnswers;
import upshot.app.store.Job;
import upshot.app.web.FileReading;
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.core.plan.Brief;
import upshot.core.plan.InvalidField;
import upshot.exchange.csv.ClipListCsv;
import upshot.exchange.json.HandOffJson;
import upshot.exchange.text.Unreadable;

/** Takes what is said at the hand-off; answers with the pieces of the page. */
@RestController
class HandOffController {

    private static final String SLUG = "hand-off";
    /** A camera that rolls longer before the call than that rolls on the next morning. */
    private static final long MOST_EARLY_H = 4;

    private static final int MOST_LIST_BYTES = 2 << 20;

    private final HandOffStore store;
    private final CopiedClips copied;
    private final StageAnswers answers;
    private final FileReading reading;
    private final JudgedPlans plans;

    HandOffController(
            HandOffStore store, CopiedClips copied, StageAnswers answers, FileReading reading, JudgedPlans plans) {
        this.plans = plans;
        this.reading = reading;
        this.store = store;
        this.copied = copied;
        this.answers = answers;
    }

    /**
     * What a button posts.
     *
     * @param edit by which the page knows it; sent again, it is made once
     * @param what one of {@link HandOffWhat}
     * @param words the card, or the sort of a remark
     * @param time of the shoot's day by the clock of the place, "19:14:03", that a clip's first picture shows
     */
    record Sent(
            Map<String, String> parameters,
            UUID edit,
            String what,
            UUID clip,
            UUID take,
            UUID use,
            UUID shot,
            String words,
            double amount,
            String time) {}

    @PostMapping("/jobs/{jobId}/hand-off/say")
    Answer say(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        double amount = sent.time() == null ? sent.amount() : shown(job, sent.time());
        HandOffEntry entry = entry(sent, amount);
        store.add(job.id(), Optional.of(who.id()), List.of(entry));
        return answers.of(job, who, SLUG, parameters(sent.parameters()), done(entry));
    }

    /** A time of day on the shoot's day; a day that goes on behind midnight has its small hours on the next. */
    private double shown(Job job, String time) {
        Brief brief = plans.current(job.id(), job.ownerId()).verdict().plan().brief();
        LocalDate date = brief.shootDate()
                .orElseThrow(() -> new InvalidField("time", "The shoot has no date yet: set it in the Brief."));
        try {
            LocalTime at = LocalTime.parse(time.strip());
            ZoneId zone = brief.zone().isEmpty() ? ZoneId.systemDefault() : brief.clock();
            LocalDate day = at.isBefore(brief.callTime().minusHours(MOST_EARLY_H)) ? date.plusDays(1) : date;
            return day.atTime(at).atZone(zone).toInstant().toEpochMilli();
        } catch (DateTimeParseException none) {
            throw new InvalidField("time", "“%s” is no time. Maybe 19:14:03?".formatted(time));
        }
    }

    private static HandOffEntry entry(Sent sent, double amount) {
        if (sent.edit() == null) {
            throw new EditRefused("What is said needs an id of its own.");
        }
        try {
            return new HandOffEntry(
                    sent.edit(),
                    HandOffWhat.valueOf(String.valueOf(sent.what())),
                    Optional.ofNullable(sent.clip()),
                    Optional.ofNullable(sent.take()),
                    Optional.ofNullable(sent.use()),
                    Optional.ofNullable(sent.shot()),
                    sent.words(),
                    amount,
                    "",
                    List.of());
        } catch (InvalidField wrong) {
            throw wrong;
        } catch (IllegalArgumentException unknown) {
            throw new EditRefused("“%s” is nothing that can be said here.".formatted(sent.what()));
        }
    }

    private static String done(HandOffEntry entry) {
        return switch (entry.what()) {
            case PAIR ->
                entry.clipId().isPresent() && entry.takeId().isPresent() ? "Clip and take belong together" : "Said";
            case UNPAIR, USE_FREE -> "Worked out again";
            case CARD_GONE -> "Taken out of the list; the card itself is as it was";
            case PICK_UP -> entry.amount() > 0 ? "On the pick-up list" : "Not on the pick-up list any more";
            case BEGINS -> "The camera’s clock goes by that now";
            default -> "Said";
        };
    }

    /**
     * What asks for the clips of a card from its copy.
     *
     * @param edit by which the page knows it
     */
    record Wanted(Map<String, String> parameters, UUID edit, String card) {}

    @PostMapping("/jobs/{jobId}/hand-off/read-copy")
    Answer readCopy(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Wanted wanted) {
        CopiedClips.Found found = copied.of(job.id(), String.valueOf(wanted.card()));
        if (found.clips().isEmpty()) {
            throw new EditRefused("There is no film on %s that can be read.".formatted(wanted.card()));
        }
        store.add(job.id(), Optional.of(who.id()), portions(found.clips()));
        String unread = found.unread().isEmpty()
                ? ""
                : "; %d could not be read, %s first"
                        .formatted(found.unread().size(), found.unread().get(0));
        return answers.of(
                job,
                who,
                SLUG,
                parameters(wanted.parameters()),
                "%d clips of %s read%s".formatted(found.clips().size(), wanted.card(), unread));
    }

    /** The same clips read again are the same entry. */
    private static HandOffEntry clips(List<Clip> clips) {
        UUID id =
                UUID.nameUUIDFromBytes(HandOffJson.writeClips(clips).getBytes(java.nio.charset.StandardCharsets.UTF_8));
        return new HandOffEntry(
                id,
                HandOffWhat.CLIPS,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                "",
                clips);
    }

    /**
     * What became of entries that a page's script sent.
     *
     * @param taken how many
     */
    record Taken(int taken) {}

    /** Entries as a page's script sends them, or as an editor's file brings them. JSON alone: no form of another site can send that. */
    @PostMapping(value = "/jobs/{jobId}/hand-off/entries", consumes = MediaType.APPLICATION_JSON_VALUE)
    Taken entries(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody byte[] sent) {
        try {
            List<HandOffEntry> entries = HandOffJson.read(sent);
            store.add(job.id(), Optional.of(who.id()), entries);
            return new Taken(entries.size());
        } catch (Unreadable wrong) {
            throw new EditRefused(wrong.getMessage());
        }
    }

    /** A list of clips, for what has no header that is read here; those that name no card are of one called "list". */
    @PostMapping("/jobs/{jobId}/hand-off/clip-list")
    Taken clipList(Job job, @AuthenticationPrincipal SignedIn who, @RequestParam(required = false) MultipartFile file)
            throws IOException {
        if (file == null || file.isEmpty()) {
            throw new EditRefused("Choose a file first.");
        }
        if (file.getSize() > MOST_LIST_BYTES) {
            throw new EditRefused("The list is larger than %d MB.".formatted(MOST_LIST_BYTES >> 20));
        }
        byte[] list = file.getBytes();
        List<Clip> clips;
        try {
            clips = reading.read(() -> ClipListCsv.read(list, "list"));
        } catch (Unreadable wrong) {
            throw new EditRefused(wrong.getMessage());
        }
        store.add(job.id(), Optional.of(who.id()), portions(clips));
        return new Taken(clips.size());
    }

    private static List<HandOffEntry> portions(List<Clip> clips) {
        List<HandOffEntry> entries = new ArrayList<>();
        for (int from = 0; from < clips.size(); from += HandOffEntry.MOST_CLIPS) {
            entries.add(clips(clips.subList(from, Math.min(clips.size(), from + HandOffEntry.MOST_CLIPS))));
        }
        return entries;
    }

    private static Map<String, String> parameters(Map<String, String> sent) {
        return sent == null ? Map.of() : sent;
    }
}
