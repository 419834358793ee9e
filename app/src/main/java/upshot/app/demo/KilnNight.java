package upshot.app.demo;

import static upshot.app.demo.JobWriter.named;

import java.util.ArrayList;
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
import upshot.core.plan.Change;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Stretch;
import upshot.core.plan.Use;

/**
 * An open evening at a pottery: 32 s at 24 fps and 120 bpm. It is left as a planner would leave it half way: some
 * coverage missing, joints to watch and one that breaks.
 */
@Component
@Profile("demo")
class KilnNight {

    private static final String YARD = "The yard at dusk";
    private static final String GUESTS = "Guests come through the gate";
    private static final String THROW = "Ines throws a bowl";
    private static final String GLAZE = "Ines pours glaze over the rim";
    private static final String KILN = "The kiln opens";
    private static final String SAWDUST = "Raku pot goes into the sawdust";
    private static final String TABLE = "People laugh round the table";
    private static final String LAMPS = "Lamps go out in the yard";

    private final NewJobs jobs;
    private final Edits edits;
    private final List<Gesture> gestures;

    KilnNight(NewJobs jobs, Edits edits, List<Gesture> gestures) {
        this.jobs = jobs;
        this.edits = edits;
        this.gestures = gestures;
    }

    UUID create(SignedIn owner) {
        UUID jobId = jobs.create(owner, "Kiln Night");
        JobWriter job = new JobWriter(edits, gestures, jobId, owner);
        delivery(job);
        spots(job);
        actions(job);
        details(job);
        people(job);
        shotsOfOpeningAndMaking(job);
        shotsOfFireAndEnding(job);
        cut(job);
        ground(job);
        return jobId;
    }

    private static void delivery(JobWriter job) {
        job.set(
                RecordKind.BRIEF,
                "the delivery and the day",
                "lengthS = 32; tempoBpm = 120; alsoAspects = 9:16; shootDate = 2026-10-09; callTime = 15:30;"
                        + " wrapTime = 20:45; place = Saltmarsh Clay Co-op; coordinates = 52.63, 1.30;"
                        + " zone = Europe/London");
        job.set(RecordKind.BEAT, "Middle", "name = Making");
        job.change(
                "a beat for the fire",
                context -> new Change.Add(
                        StoryBeat.of(context.ids().get(), "Fire", 2.5 * Ranks.STEP, StoryBeat.Role.BODY)));
        job.gesture("take-kit", plan -> Map.of("kit", GenericKit.TWO_BODIES_AND_PRIMES.name()));
        job.add(RecordKind.DIOPTRE, "Close-up +2");
        job.gesture("choose-preset", plan -> Map.of("preset", HousePreset.EVENT.name()));
        job.add(RecordKind.VOICE, "Come and see what the fire makes of it.");
        job.change(
                "the voice's place",
                context -> Change.edit(
                        context.plan().list(RecordKind.VOICE).get(0),
                        one -> one.withEndS(19.0).withStartS(14.0)));
        job.gesture("take-agenda", plan -> Map.of("text", """
                        18:30 Doors open 15 min
                        19:00 Welcome by the chair 10 min
                        20:00-20:10 Raffle
                        """));
    }

    private static void spots(JobWriter job) {
        job.set(
                RecordKind.SPOT,
                "Main room",
                "name = Wheel room; widthM = 5; depthM = 4; ceilingM = 2.8; roomM = 4.2; backdropM = 1.9; lux = 420;"
                        + " siteEastM = 3; siteNorthM = 2");
        for (String name : List.of("Yard", "Gate", "Kiln yard")) {
            job.add(RecordKind.SPOT, name);
        }
        job.set(
                RecordKind.SPOT,
                "Yard",
                "outdoors = true; widthM = 14; depthM = 12; facingDeg = 225; roomM = 14; backdropM = 9; lamps = NONE;"
                        + " lux = 2000; noise = SOME; siteEastM = 0; siteNorthM = 0");
        job.set(
                RecordKind.SPOT,
                "Gate",
                "outdoors = true; widthM = 6; depthM = 9; facingDeg = 270; roomM = 9; backdropM = 6; lamps = NONE;"
                        + " lux = 800; hazards = CROWD; noise = SOME; siteEastM = -22; siteNorthM = 4");
        job.set(
                RecordKind.SPOT,
                "Kiln yard",
                "outdoors = true; widthM = 9; depthM = 9; facingDeg = 180; roomM = 9; backdropM = 5; lamps = NONE;"
                        + " lux = 60; hazards = FIRE,HOT_WARE,SMOKE; noise = LOUD;"
                        + " siteEastM = -12; siteNorthM = -12");
        walk(job, "Wheel room", "Yard", 2);
        walk(job, "Yard", "Gate", 2);
        walk(job, "Yard", "Kiln yard", 3);
    }

    private static void walk(JobWriter job, String from, String to, int minutes) {
        job.gesture(
                "set-walk",
                plan -> Map.of(
                        "fromSpotId", named(plan, RecordKind.SPOT, from).id().toString(),
                        "toSpotId", named(plan, RecordKind.SPOT, to).id().toString(),
                        "minutes", Integer.toString(minutes)));
    }

    /** One camera stands in the kiln crew's line, one films through a rack, and the kiln is filmed from both sides of its line. */
    private static void ground(JobWriter job) {
        new DrawnSpot("Kiln yard")
                .floor("0 0, 9 0, 9 9, 0 9", 2)
                .opening(Stretch.Kind.DOOR, 0, 2.2, 0, 3.8, 0, 2)
                .stands("kiln", "7 4, 8.2 4, 8.2 5.2, 7 5.2", 1.5)
                .closed(
                        "hot zone",
                        "9 3.2, 9 6, 8.4 6.4, 6.8 6.4, 5.8 5.4, 5.8 3.8, 6.8 2.8, 8.4 2.8",
                        "sparks and hot ware",
                        "the kiln crew")
                .stands("sawdust bins", "1.2 4.6, 1.8 4.6, 1.8 5.2, 1.2 5.2", 0.6)
                .way(KILN, "6.2 2.9, 0.5 2.9")
                .place(KILN, 6.2, 2.9)
                .place(SAWDUST, 3.5, 3.5)
                .on(job);
        new DrawnSpot("Yard")
                .floor("0 0, 14 0, 14 12, 0 12", 0)
                .stands("long table", "1.6 3.6, 4 3.6, 4 4.4, 1.6 4.4", 0.75)
                .stands("drying rack", "4.5 3, 4.9 3, 4.9 3.9, 4.5 3.9", 1.7)
                .wayOut("way to the gate", "12.5 0, 14 0, 14 2.5, 12.5 2.5")
                .place(TABLE, 3, 3)
                .on(job);
        new DrawnSpot("Wheel room")
                .floor("0 0, 5 0, 5 4, 0 4", 2.8)
                .opening(Stretch.Kind.WINDOW, 5, 0.8, 5, 2.4, 1, 2.2)
                .opening(Stretch.Kind.DOOR, 0.4, 0, 1.3, 0, 0, 2)
                .opening(Stretch.Kind.SOCKET, 3, 4, 3.2, 4, 0.2, 0.4)
                .stands("shelves of pots", "0 2, 0.4 2, 0.4 4, 0 4", 2)
                .stands("wheel", "1.1 0.9, 1.7 0.9, 1.7 1.4, 1.1 1.4", 0.5)
                .place(THROW, 1.4, 0.6)
                .on(job);
    }

    private static void actions(JobWriter job) {
        job.line("Opening", "Yard", YARD + ", place, golden, who: Co-op house");
        job.line("Opening", "Gate", GUESTS + ", 12 s, repeats, left to right 1.2 m/s, from 18:30, walking, crowd");
        job.line(
                "Making",
                "Wheel room",
                THROW + " 40 s, repeats, 2 min reset, messy, looks right, seated, shows the bowl, sets: thrown,"
                        + " phases: centre / open / pull, sound: wheel humming");
        job.line(
                "Making",
                "Wheel room",
                GLAZE
                        + " 3 s, repeats, 4 min reset, liquid, messy, shows: glazed bowl, sets: glazed, sound: pour close by,"
                        + " liquid near power");
        job.line(
                "Fire",
                "Kiln yard",
                KILN + " 3 min, once, 19:15, right to left 0.8 m/s, walking, shows: raku pot, fire, hot ware,"
                        + " who: Kiln crew");
        job.line(
                "Fire",
                "Kiln yard",
                SAWDUST + " 20 s, once, 19:40, soon gone, kneeling, shows: raku pot, sets: fired, smoke, hot ware,"
                        + " who: Kiln crew");
        job.line("Ending", "Yard", TABLE + " 1 min, repeats by itself, looks right, who: Guests");
        job.line("Ending", "Yard", LAMPS + " 15 s, once, 20:20, dark, who: Co-op house");
    }

    /** What cannot be said in a line. */
    private static void details(JobWriter job) {
        job.set(
                RecordKind.SUBJECT,
                "Co-op house",
                "kind = OBJECT; form = BUILDING; heightM = 4.2; widthM = 9; lengthM = 6");
        job.set(RecordKind.ACTION, GUESTS, "focus = FEET");
        job.set(RecordKind.ACTION, THROW, "thingHeightM = 0.16; thingBaseM = 0.72; focus = HANDS");
        job.set(
                RecordKind.ACTION,
                GLAZE,
                "thingForm = LIQUID; thingHeightM = 0.16; thingBaseM = 0.95; focus = THING; rises = DOWN");
        job.set(RecordKind.ACTION, KILN, "thingHeightM = 0.3; thingBaseM = 0.95; focus = THING; onePicture = true");
        job.set(RecordKind.ACTION, SAWDUST, "thingHeightM = 0.3; thingBaseM = 0.35; focus = THING");
        job.set(RecordKind.ACTION, LAMPS, "feature = true");
        job.set(RecordKind.ACTION, TABLE, "line = NONE; focus = FACE");
    }

    private static void people(JobWriter job) {
        job.set(
                RecordKind.SUBJECT,
                "Ines",
                "fromTime = 15:30; untilTime = 18:00; effortMin = 25; restMin = 10; consent = GIVEN; released = true");
        job.set(
                RecordKind.SUBJECT,
                "Guests",
                "fromTime = 18:30; untilTime = 20:45; note = a sign at the gate says that we film");
        job.set(RecordKind.SUBJECT, "Kiln crew", "consent = GIVEN; note = their lead decides near the fire");
    }

    private static void shotsOfOpeningAndMaking(JobWriter job) {
        job.shot("yard", YARD, "size = FULL; focalLengthMm = 24; bearingDeg = 35; move = PUSH; support = GIMBAL");
        job.shot("sign", YARD, "size = CLOSE_UP; focalLengthMm = 85; bearingDeg = 5; cameraHeightM = 1.8");
        job.shot(
                "gate",
                GUESTS,
                "size = WIDE; focalLengthMm = 24; bearingDeg = 70; cameraHeightM = 1.1; placement = LEFT_THIRD;"
                        + " foreground = true");
        job.shot("guests", GUESTS, "bearingDeg = 35; support = HAND_HELD; placement = LEFT_THIRD");
        job.shot("wheel", THROW, "size = FULL; focalLengthMm = 24; bearingDeg = 60; cameraHeightM = 0.9");
        job.shot("throwing", THROW, "bearingDeg = 30; cameraHeightM = 1.2");
        job.shot(
                "hands",
                THROW,
                "insertHeightM = 0.26; size = INSERT; focalLengthMm = 85; bearingDeg = 75; apertureN = 4");
        job.shot("face", THROW, "size = MEDIUM_CLOSE; focalLengthMm = 85; bearingDeg = 42; cameraHeightM = 1.2");
        job.shot("glazing", GLAZE, "size = FULL; focalLengthMm = 35; bearingDeg = 60; cameraHeightM = 1.1");
        job.shot(
                "rim",
                GLAZE,
                "insertHeightM = 0.24; size = INSERT; focalLengthMm = 85; bearingDeg = 90; cameraHeightM = 1.45;"
                        + " captureRate = 120; takes = 3");
    }

    private static void shotsOfFireAndEnding(JobWriter job) {
        job.shot(
                "kiln",
                KILN,
                "size = WIDE; focalLengthMm = 24; bearingDeg = 50; cameraHeightM = 1.1; takes = 1; placement = LEFT_THIRD");
        job.shot("pot out", KILN, "bearingDeg = 310; takes = 1; move = PAN; placement = RIGHT_THIRD");
        job.shot(
                "ember",
                KILN,
                "insertHeightM = 0.4; size = INSERT; focalLengthMm = 85; bearingDeg = 310; takes = 1;"
                        + " note = From Body B if it is free");
        job.shot(
                "smoke",
                SAWDUST,
                "insertHeightM = 0.5; size = INSERT; focalLengthMm = 85; bearingDeg = 60; cameraHeightM = 1.2; takes = 1");
        job.shot("lid", SAWDUST, "bearingDeg = 20; cameraHeightM = 1.1; takes = 1");
        job.shot("table", TABLE, "size = WIDE; focalLengthMm = 35; bearingDeg = 40; cameraHeightM = 1.2");
        job.shot("laughing", TABLE, "bearingDeg = 40; support = HAND_HELD; foreground = true");
        job.shot("laughing too", TABLE, "size = MEDIUM_FULL; bearingDeg = 50; support = HAND_HELD; priority = SHOULD");
        job.shot("smile", TABLE, "size = CLOSE_UP; focalLengthMm = 85; bearingDeg = 75");
        job.shot(
                "lamps",
                LAMPS,
                "size = FULL; focalLengthMm = 24; bearingDeg = 35; move = PULL; support = GIMBAL; takes = 1");
    }

    /** Twenty uses on the beats of sixteen bars: 768 frames. */
    private static void cut(JobWriter job) {
        String uses = "yard 72, sign 24, gate 60, guests 36, wheel 48, hands 24, throwing 36, face 36, rim 48,"
                + " pot out 48, ember 24, kiln 48, smoke 36, lid 36, table 36, hands 12, laughing 24, laughing too 24,"
                + " smile 24, lamps 72";
        job.change("the paper cut", context -> {
            List<Change> added = new ArrayList<>();
            for (String use : uses.split(", *")) {
                int space = use.lastIndexOf(' ');
                added.add(new Change.Add(Use.cut(
                        context.ids().get(),
                        job.shot(context.plan(), use.substring(0, space)).id(),
                        (added.size() + 1) * Ranks.STEP,
                        Integer.parseInt(use.substring(space + 1)))));
            }
            return Change.batch(added);
        });
    }
}
