package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;

/**
 * A place inside the location where the camera and the subject can be.
 *
 * @param name 1 to 60 characters
 * @param rank the order in which the spots are walked to
 * @param outdoors whether it lies under the sky
 * @param widthM floor from left to right, 0.5 to 1000 m
 * @param depthM floor from front to back, 0.5 to 1000 m
 * @param outline the floor's own shape, where it is not a rectangle
 * @param noGo parts of the floor where no camera stands
 * @param ceilingM height of the ceiling, 1 to 200 m, or none
 * @param facingDeg compass bearing that its front looks to, 0 up to, not including, 360°, when it is known
 * @param roomM how far from the subject a camera can stand, 0.5 to 500 m
 * @param backdropM how far behind the subject the background is, 0.2 to 500 m
 * @param mainsHz mains frequency, 50 or 60 Hz
 * @param lamps what lights it besides daylight
 * @param lampsCanGoOff whether they may be switched off
 * @param lux how bright it is where the subject stands, 0 to 200 000 lx
 * @param noise for recording sound
 * @param hazards what can hurt somebody here
 * @param opensTime not before, local to the place
 * @param closesTime not after
 * @param loudFrom when it is loud though it is not always, local to the place, or none
 * @param loudUntil until when
 * @param siteEastM where its own corner lies on the site, east of a point of it, −5000 to 5000 m, or none
 * @param siteNorthM likewise, north
 */
public record Spot(
        UUID id,
        String name,
        double rank,
        boolean outdoors,
        double widthM,
        double depthM,
        Outline outline,
        Zones noGo,
        Optional<Double> ceilingM,
        Optional<Double> facingDeg,
        double roomM,
        double backdropM,
        int mainsHz,
        Lamps lamps,
        boolean lampsCanGoOff,
        double lux,
        Noise noise,
        Cautions hazards,
        Optional<LocalTime> opensTime,
        Optional<LocalTime> closesTime,
        Optional<LocalTime> loudFrom,
        Optional<LocalTime> loudUntil,
        Optional<Double> siteEastM,
        Optional<Double> siteNorthM)
        implements PlanRecord {

    public Spot {
        Check.present("id", id);
        name = text("name", "name of the spot", name, 1, 60);
        rank = Check.rank(rank);
        widthM = range("widthM", "width", widthM, 0.5, 1000, "m");
        depthM = range("depthM", "depth", depthM, 0.5, 1000, "m");
        chosen("outline", "outline", outline);
        chosen("noGo", "closed parts", noGo);
        ceilingM = range("ceilingM", "ceiling", ceilingM, 1, 200, "m");
        facingDeg =
                range("facingDeg", "compass bearing", facingDeg, 0, 360, "°").map(given -> given % 360);
        roomM = range("roomM", "room", roomM, 0.5, 500, "m");
        backdropM = range("backdropM", "distance to the background", backdropM, 0.2, 500, "m");
        if (mainsHz != 50 && mainsHz != 60) {
            throw new InvalidField("mainsHz", "The mains frequency (%d) is 50 or 60 Hz.".formatted(mainsHz));
        }
        chosen("lamps", "lamps", lamps);
        lux = range("lux", "light", lux, 0, 200_000, "lx");
        chosen("noise", "noise", noise);
        chosen("hazards", "hazards", hazards);
        chosen("opensTime", "opening", opensTime).ifPresent(time -> Check.minute("opensTime", "opening", time));
        chosen("closesTime", "closing", closesTime).ifPresent(time -> Check.minute("closesTime", "closing", time));
        chosen("loudFrom", "loud hours", loudFrom).ifPresent(time -> Check.minute("loudFrom", "loud hours", time));
        chosen("loudUntil", "loud hours", loudUntil).ifPresent(time -> Check.minute("loudUntil", "loud hours", time));
        siteEastM = range("siteEastM", "place to the east", siteEastM, -5000, 5000, "m");
        siteNorthM = range("siteNorthM", "place to the north", siteNorthM, -5000, 5000, "m");
    }

    /** A room of 6 by 5 m with lamps that flicker, six metres to stand back, as it is first written down. */
    public static Spot draft(UUID id, String name) {
        return new Spot(
                id,
                name,
                0,
                false,
                6,
                5,
                Outline.NONE,
                Zones.NONE,
                Optional.empty(),
                Optional.empty(),
                6,
                2.5,
                50,
                Lamps.FLICKERING,
                true,
                300,
                Noise.QUIET,
                Cautions.NONE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The floor's area in square metres. */
    public double areaM2() {
        return outline.corners().isEmpty() ? widthM * depthM : outline.areaM2();
    }

    /** The same spot with one field changed. */
    public Spot with(String field, Object value) {
        return RecordKind.SPOT.with(this, field, value);
    }

    public Spot withOpensTime(Optional<LocalTime> opensTime) {
        return RecordKind.SPOT.with(this, "opensTime", opensTime);
    }

    public Spot withRank(double rank) {
        return RecordKind.SPOT.with(this, "rank", rank);
    }

    public Spot withLux(double lux) {
        return RecordKind.SPOT.with(this, "lux", lux);
    }

    @Override
    public String label() {
        return name;
    }
}
