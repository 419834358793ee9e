package upshot.app.demo;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.Gesture;
import upshot.app.job.NewJobs;
import upshot.core.brief.GenericKit;
import upshot.core.brief.HousePreset;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Stretch;

/**
 * A morning with cargo bikes: 20 s at 25 fps, upright, with a rider whose direction has to be kept and traffic to be
 * careful of. Shots and cut are those that the program proposes.
 */
@Component
@Profile("demo")
class TallowStreet {

    private final NewJobs jobs;
    private final Edits edits;
    private final List<Gesture> gestures;

    TallowStreet(NewJobs jobs, Edits edits, List<Gesture> gestures) {
        this.jobs = jobs;
        this.edits = edits;
        this.gestures = gestures;
    }

    UUID create(SignedIn owner) {
        UUID jobId = jobs.create(owner, "Tallow Street Cargo Bikes");
        JobWriter job = new JobWriter(edits, gestures, jobId, owner);
        job.set(
                RecordKind.BRIEF,
                "the delivery and the day",
                "lengthS = 20; rate = 25; aspect = 9:16; tempoBpm = 96; shootDate = 2026-10-25; callTime = 07:00;"
                        + " wrapTime = 13:00; place = Tallow Street; coordinates = 51.45, -2.59; zone = Europe/London");
        job.gesture("take-kit", plan -> Map.of("kit", GenericKit.BODY_AND_ZOOM.name()));
        job.gesture("choose-preset", plan -> Map.of("preset", HousePreset.TRAVELLING.name()));
        spots(job);
        actions(job);
        job.gesture("fill", plan -> Map.of());
        job.gesture("story-cut", plan -> Map.of());
        ground(job);
        return jobId;
    }

    private static void spots(JobWriter job) {
        job.set(
                RecordKind.SPOT,
                "Main room",
                "name = Workshop; widthM = 9; depthM = 7; ceilingM = 3.4; roomM = 7; backdropM = 3; lux = 500;"
                        + " lamps = FLICKER_FREE; noise = SOME");
        job.add(RecordKind.SPOT, "Tallow Street");
        job.add(RecordKind.SPOT, "Corner");
        String street = "outdoors = true; lamps = NONE; lux = 9000; noise = LOUD; hazards = TRAFFIC; facingDeg = 110;";
        job.set(RecordKind.SPOT, "Tallow Street", street + " widthM = 60; depthM = 11; roomM = 25; backdropM = 9");
        job.set(RecordKind.SPOT, "Corner", street + " widthM = 25; depthM = 20; roomM = 20; backdropM = 14");
    }

    /** Half of the street belongs to the traffic, and the other half is not deep enough for the widest picture. */
    private static void ground(JobWriter job) {
        new DrawnSpot("Workshop")
                .floor("0 0, 9 0, 9 5, 7 7, 0 7", 3.4)
                .opening(Stretch.Kind.DOOR, 2, 0, 4.5, 0, 0, 2.6)
                .stands("work bench", "0 3.5, 0.8 3.5, 0.8 6.5, 0 6.5", 0.9)
                .stands("rack of wheels", "5.5 0.2, 8.5 0.2, 8.5 0.7, 5.5 0.7", 2.1)
                .place("Mechanic rolls up the shutter", 3, 1.5)
                .place("Rider straps down a crate", 4.2, 2.2)
                .on(job);
        new DrawnSpot("Tallow Street")
                .floor("0 0, 60 0, 60 11, 0 11", 0)
                .closed("carriageway", "0 0, 60 0, 60 3, 0 3", "traffic, no stopping", "the council's film office")
                .way("Rider sets off", "20 9.8, 34 9.8")
                .place("Rider hands over a parcel", 44, 9.6)
                .on(job);
    }

    private static void actions(JobWriter job) {
        job.set(RecordKind.BEAT, "Middle", "name = The ride");
        job.line("Opening", "Tallow Street", "The street in the morning, place, who: Row of shops");
        job.line("Opening", "Workshop", "Mechanic rolls up the shutter 8 s repeats 1 min reset, sound: shutter");
        job.line("Opening", "Workshop", "Rider straps down a crate 12 s repeats shows the crate");
        job.line(
                "The ride",
                "Tallow Street",
                "Rider sets off 8 s repeats 3 min reset left to right 4 m/s traffic, riding, sound: chain");
        job.line(
                "The ride",
                "Corner",
                "Rider turns the corner 6 s repeats 3 min reset left to right 5 m/s traffic, riding");
        job.line(
                "The ride",
                "Tallow Street",
                "Rider hands over a parcel 15 s repeats 1 min reset looks right shows the parcel");
        job.line(
                "Ending",
                "Tallow Street",
                "Rider rides off 10 s repeats 3 min reset left to right 5 m/s traffic, riding");
        job.set(
                RecordKind.ACTION,
                "Rider straps down a crate",
                "thingForm = BOX; thingHeightM = 0.35; thingBaseM = 0.55");
        job.set(
                RecordKind.ACTION,
                "Rider hands over a parcel",
                "thingForm = BOX; thingHeightM = 0.25; thingBaseM = 1.05");
        job.line("The ride", "Workshop", "Wheels on the wall, place, who: Wheels");
        job.line("Ending", "Workshop", "Parcels on the shelf, place, who: Parcels");
        job.set(
                RecordKind.SUBJECT,
                "Row of shops",
                "kind = OBJECT; form = BUILDING; heightM = 4; widthM = 4; lengthM = 6");
        job.set(
                RecordKind.SUBJECT,
                "Wheels",
                "kind = OBJECT; form = WHEEL; heightM = 0.7; widthM = 0.7; lengthM = 0.1");
        job.set(RecordKind.SUBJECT, "Parcels", "kind = OBJECT; form = BOX; heightM = 0.8; widthM = 0.9; lengthM = 0.4");
        job.set(RecordKind.ACTION, "Mechanic rolls up the shutter", "focus = BODY; onePicture = true");
        job.set(RecordKind.ACTION, "Rider straps down a crate", "focus = HANDS");
        job.set(RecordKind.ACTION, "Rider hands over a parcel", "focus = HANDS");
        for (String ride : List.of("Rider sets off", "Rider turns the corner", "Rider rides off")) {
            job.set(RecordKind.ACTION, ride, "focus = WHEELS");
        }
        job.set(
                RecordKind.SUBJECT,
                "Rider",
                "consent = GIVEN; effortMin = 20; restMin = 5; note = wears a helmet throughout");
    }
}
