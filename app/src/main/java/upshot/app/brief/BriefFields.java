package upshot.app.brief;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.ToggleView;
import upshot.core.finding.Wording;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Brief;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.VoiceOver;

/** The controls of the blocks, when they are open. */
final class BriefFields {

    private BriefFields() {}

    static List<FieldView> delivery(Brief brief) {
        return List.of(
                FieldView.text(brief, "name", "Job"),
                FieldView.number(brief, "lengthS", "Promo", "s"),
                FieldView.oneOf(
                        brief,
                        "rate",
                        "Frame rate",
                        "fps",
                        same("23.976", "24", "25", "29.97", "30", "48", "50", "59.94", "60")),
                FieldView.oneOf(brief, "aspect", "Leading shape", "", same("16:9", "9:16", "1:1", "4:5", "2.39:1")),
                FieldView.text(brief, "alsoAspects", "Also in"),
                FieldView.number(brief, "longSidePx", "Long side", "px"));
    }

    /** Choices whose value is what {@code toString} of the field's type gives back. */
    private static List<Choice> same(String... labels) {
        return Arrays.stream(labels)
                .map(label -> new Choice(exact(label), label, false))
                .toList();
    }

    private static String exact(String label) {
        return label.contains(":") ? label : FrameRate.parse(label).toString();
    }

    static List<FieldView> music(Brief brief) {
        return List.of(
                FieldView.number(brief, "tempoBpm", "Tempo", "bpm"),
                FieldView.number(brief, "beatsPerBar", "Beats a bar", ""),
                FieldView.number(brief, "firstBeatS", "First beat at", "s"));
    }

    static List<FieldView> day(Brief brief) {
        return List.of(
                FieldView.date(brief, "shootDate", "Date"),
                FieldView.text(brief, "place", "Place"),
                FieldView.time(brief, "callTime", "Call"),
                FieldView.time(brief, "wrapTime", "Wrap"));
    }

    static List<RecordView> voices(Plan plan, String opened) {
        return plan.list(RecordKind.VOICE).stream()
                .map(voice -> RecordView.of(voice, voice.words(), voiceFields(voice), true, opened))
                .toList();
    }

    private static List<FieldView> voiceFields(VoiceOver voice) {
        return List.of(
                FieldView.number(voice, "startS", "From", "s"),
                FieldView.number(voice, "endS", "To", "s"),
                FieldView.text(voice, "words", "Words"));
    }

    static List<RecordView> moments(Plan plan, String opened) {
        return plan.list(RecordKind.MOMENT).stream()
                .map(moment -> RecordView.of(
                        moment,
                        "%s%s, %s min"
                                .formatted(
                                        moment.date().map(date -> date + " ").orElse(""),
                                        moment.startTime(),
                                        Wording.number(moment.durationMin(), 0)),
                        momentFields(moment),
                        true,
                        opened))
                .toList();
    }

    private static List<FieldView> momentFields(Moment moment) {
        return List.of(
                FieldView.text(moment, "name", "What"),
                FieldView.time(moment, "startTime", "At"),
                FieldView.number(moment, "durationMin", "Takes", "min"),
                FieldView.date(moment, "date", "Other day"),
                FieldView.text(moment, "note", "Note"));
    }

    static List<RecordView> spots(Plan plan, String opened) {
        return plan.spots().stream()
                .map(spot -> RecordView.of(spot, spotFacts(spot), spotFields(spot), spotRemovable(plan, spot), opened)
                        .with(ToggleView.cautions(spot, "hazards"), UsualLight.choices(spot)))
                .toList();
    }

    private static boolean spotRemovable(Plan plan, Spot spot) {
        return plan.spots().size() > 1
                && plan.actions().stream().noneMatch(action -> action.spotId().equals(spot.id()));
    }

    private static String spotFacts(Spot spot) {
        return "%s, %s to stand back, background %s behind"
                .formatted(
                        spot.outdoors() ? "outdoors" : "indoors",
                        Wording.metres(spot.roomM()),
                        Wording.metres(spot.backdropM()));
    }

    private static List<FieldView> spotFields(Spot spot) {
        return List.of(
                FieldView.text(spot, "name", "Name"),
                FieldView.check(spot, "outdoors", "Outdoors"),
                FieldView.number(spot, "widthM", "Width", "m"),
                FieldView.number(spot, "depthM", "Depth", "m"),
                FieldView.text(spot, "outline", "Corners, m"),
                FieldView.text(spot, "noGo", "No camera in"),
                FieldView.number(spot, "ceilingM", "Ceiling", "m"),
                FieldView.number(spot, "facingDeg", "Faces", "° compass"),
                FieldView.number(spot, "roomM", "Stand back", "m"),
                FieldView.number(spot, "backdropM", "Background", "m behind"),
                FieldView.choice(spot, "lamps", "Lamps"),
                FieldView.oneOf(
                        spot,
                        "mainsHz",
                        "Mains",
                        "Hz",
                        Stream.of("50", "60")
                                .map(hz -> new Choice(hz, hz, false))
                                .toList()),
                FieldView.check(spot, "lampsCanGoOff", "Lamps can go off"),
                FieldView.number(spot, "lux", "Light there", "lx"),
                FieldView.choice(spot, "noise", "Noise"),
                FieldView.time(spot, "loudFrom", "Loud from"),
                FieldView.time(spot, "loudUntil", "until"),
                FieldView.time(spot, "opensTime", "Opens"),
                FieldView.time(spot, "closesTime", "Closes"));
    }
}
