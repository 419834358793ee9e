package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;

/**
 * What the job is to deliver, and the day it is shot on. A plan has exactly one.
 *
 * @param name the job's name, 1 to 120 characters
 * @param lengthS the promo's length in seconds, 1 to 3600
 * @param rate the timeline's frame rate
 * @param aspect the leading delivered shape
 * @param alsoAspects shapes delivered beside it
 * @param longSidePx long side of the delivered picture, an even number, 240 to 16 000 px
 * @param tempoBpm the music's beats a minute, 20 to 300, or none
 * @param beatsPerBar 1 to 32
 * @param firstBeatS where in the promo the first beat falls, −60 to 600 s
 * @param shootDate the day of the shoot, when it is known
 * @param callTime when the crew starts, local time
 * @param wrapTime when the crew must be done; at or before the call it means the next morning
 * @param place where, up to 200 characters, may be empty
 * @param coordinates where that is, when it is known
 * @param zone IANA name of the time zone, or empty while none was chosen
 */
public record Brief(
        UUID id,
        String name,
        double lengthS,
        FrameRate rate,
        Aspect aspect,
        Aspects alsoAspects,
        int longSidePx,
        Optional<Double> tempoBpm,
        int beatsPerBar,
        double firstBeatS,
        Optional<LocalDate> shootDate,
        LocalTime callTime,
        LocalTime wrapTime,
        String place,
        Optional<Coordinates> coordinates,
        String zone)
        implements PlanRecord {

    private static final int MINUTES_IN_A_DAY = 24 * 60;

    public Brief {
        Check.present("id", id);
        name = text("name", "name of the job", name, 1, 120);
        lengthS = range("lengthS", "length of the promo", lengthS, 1, 3600, "s");
        chosen("rate", "frame rate", rate);
        chosen("aspect", "shape", aspect);
        chosen("alsoAspects", "further shapes", alsoAspects);
        longSidePx = Check.whole("longSidePx", "long side of the picture", longSidePx, 240, 16_000, "px");
        if (longSidePx % 2 != 0) {
            throw new InvalidField("longSidePx", "The long side (%d px) must be an even number.".formatted(longSidePx));
        }
        tempoBpm = range("tempoBpm", "tempo", tempoBpm, 20, 300, "bpm");
        beatsPerBar = Check.whole("beatsPerBar", "beats of a bar", beatsPerBar, 1, 32, "");
        firstBeatS = range("firstBeatS", "first beat", firstBeatS, -60, 600, "s");
        Check.day("shootDate", "date", shootDate);
        Check.minute("callTime", "call", callTime);
        Check.minute("wrapTime", "wrap", wrapTime);
        if (callTime.equals(wrapTime)) {
            throw new InvalidField("wrapTime", "The wrap is at the call (%s): there is no day.".formatted(callTime));
        }
        place = text("place", "place", place, 0, 200);
        chosen("coordinates", "coordinates", coordinates);
        zone = text("zone", "time zone", zone, 0, 60);
        if (!zone.isEmpty() && !ZoneId.getAvailableZoneIds().contains(zone)) {
            throw new InvalidField("zone", "“%s” is no time zone. Maybe Europe/London?".formatted(zone));
        }
    }

    /** A job as it begins: 30 s at 24 in 16:9, from nine to five. */
    public static Brief draft(UUID id, String name) {
        return new Brief(
                id,
                name,
                30,
                FrameRate.of(24),
                Aspect.WIDE,
                Aspects.NONE,
                1920,
                Optional.empty(),
                4,
                0,
                Optional.empty(),
                LocalTime.of(9, 0),
                LocalTime.of(17, 0),
                "",
                Optional.empty(),
                "");
    }

    /** The promo's length in whole frames. */
    public long lengthFrames() {
        return rate.framesIn(lengthS, RoundingMode.HALF_EVEN);
    }

    /** Width and height of the delivered picture in a shape, the shorter side rounded to an even number, "1920 × 804". */
    public String pixels(Aspect shape) {
        double ratio = shape.ratio();
        long shorter = 2 * Math.round(longSidePx / Math.max(ratio, 1 / ratio) / 2);
        return ratio >= 1 ? longSidePx + " × " + shorter : shorter + " × " + longSidePx;
    }

    /** Minutes from the call to the wrap, over midnight where the wrap is the earlier clock time. */
    public int dayMinutes() {
        return minutesAfterCall(wrapTime);
    }

    /** Minutes that pass from the call to a clock time of the same shoot, 0 up to a day, changes of the clock included. */
    public int minutesAfterCall(LocalTime time) {
        if (shootDate.isEmpty()) {
            return (int) Math.floorMod(Duration.between(callTime, time).toMinutes(), (long) MINUTES_IN_A_DAY);
        }
        LocalDate day = time.isBefore(callTime) ? shootDate.get().plusDays(1) : shootDate.get();
        return (int) Duration.between(call(), day.atTime(time).atZone(clock())).toMinutes();
    }

    /** What the place's clock shows so many minutes after the call. */
    public LocalTime clockAt(int minutes) {
        return shootDate.isEmpty()
                ? callTime.plusMinutes(minutes)
                : call().plusMinutes(minutes).toLocalTime();
    }

    /** The instant so many minutes after the call; none while there is no date. */
    public Optional<Instant> instantAt(int minutes) {
        return shootDate.map(date -> call().plusMinutes(minutes).toInstant());
    }

    private ZonedDateTime call() {
        return shootDate.orElseThrow().atTime(callTime).atZone(clock());
    }

    /** The place's own clock; Greenwich while no zone is known. */
    public ZoneId clock() {
        return zone.isEmpty() ? ZoneOffset.UTC : ZoneId.of(zone);
    }

    public Brief withCallTime(LocalTime callTime) {
        return RecordKind.BRIEF.with(this, "callTime", callTime);
    }

    public Brief withWrapTime(LocalTime wrapTime) {
        return RecordKind.BRIEF.with(this, "wrapTime", wrapTime);
    }

    public Brief withZone(String zone) {
        return RecordKind.BRIEF.with(this, "zone", zone);
    }

    public Brief withCoordinates(Optional<Coordinates> coordinates) {
        return RecordKind.BRIEF.with(this, "coordinates", coordinates);
    }

    public Brief withName(String name) {
        return RecordKind.BRIEF.with(this, "name", name);
    }

    @Override
    public String label() {
        return name;
    }
}
