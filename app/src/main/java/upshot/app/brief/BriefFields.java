package upshot.app.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.ToggleView;
import upshot.core.finding.Say;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Card;
import upshot.core.plan.Carrier;
import upshot.core.plan.Dioptre;
import upshot.core.plan.Kind;
import upshot.core.plan.Lens;
import upshot.core.plan.Light;
import upshot.core.plan.Mode;
import upshot.core.plan.Moment;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.plan.VoiceOver;
import upshot.core.size.SubjectKind;

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
                FieldView.time(brief, "wrapTime", "Wrap"),
                FieldView.text(brief, "zone", "Time zone"));
    }

    static List<RecordView> voices(Plan plan, String opened) {
        return plan.list(Kind.VOICE).stream()
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
        return plan.list(Kind.MOMENT).stream()
                .map(moment -> RecordView.of(
                        moment,
                        "%s%s, %s min"
                                .formatted(
                                        moment.date().map(date -> date + " ").orElse(""),
                                        moment.startTime(),
                                        Say.number(moment.durationMin(), 0)),
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

    static List<RecordView> people(Plan plan, String opened) {
        return plan.subjects().stream()
                .map(subject -> RecordView.of(
                        subject, subjectFacts(plan, subject), subjectFields(subject), unused(plan, subject), opened))
                .toList();
    }

    private static boolean unused(Plan plan, Subject subject) {
        return plan.actions().stream().noneMatch(action -> action.subjectId().equals(subject.id()));
    }

    private static String subjectFacts(Plan plan, Subject subject) {
        long actions = plan.actions().stream()
                .filter(action -> action.subjectId().equals(subject.id()))
                .count();
        return "%s, %s, in %d %s"
                .formatted(
                        subject.kind().label(),
                        Say.metres(subject.heightM()),
                        actions,
                        actions == 1 ? "action" : "actions");
    }

    private static List<FieldView> subjectFields(Subject subject) {
        List<FieldView> fields = new ArrayList<>(List.of(
                FieldView.text(subject, "name", "Name"),
                FieldView.choice(subject, "kind", "Is a"),
                FieldView.number(subject, "heightM", "Height", "m"),
                FieldView.number(subject, "widthM", "Width", "m"),
                FieldView.number(subject, "lengthM", "Length", "m")));
        if (subject.kind() == SubjectKind.OBJECT) {
            fields.add(FieldView.choice(subject, "form", "Looks like"));
        }
        if (subject.kind() == SubjectKind.PERSON) {
            fields.addAll(List.of(
                    FieldView.time(subject, "fromTime", "There from"),
                    FieldView.time(subject, "untilTime", "Leaves at"),
                    FieldView.number(subject, "effortMin", "At work for", "min"),
                    FieldView.number(subject, "restMin", "Then rests", "min"),
                    FieldView.choice(subject, "consent", "Consent"),
                    FieldView.check(subject, "released", "May go after the last shot")));
        }
        fields.add(FieldView.text(subject, "note", "Note"));
        return fields;
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
                        Say.metres(spot.roomM()),
                        Say.metres(spot.backdropM()));
    }

    private static List<FieldView> spotFields(Spot spot) {
        return List.of(
                FieldView.text(spot, "name", "Name"),
                FieldView.check(spot, "outdoors", "Outdoors"),
                FieldView.number(spot, "widthM", "Width", "m"),
                FieldView.number(spot, "depthM", "Depth", "m"),
                FieldView.text(spot, "outline", "Corners, m"),
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
                FieldView.time(spot, "opensTime", "Opens"),
                FieldView.time(spot, "closesTime", "Closes"));
    }

    static List<RecordView> bodies(Plan plan, String opened) {
        boolean several = plan.bodies().size() > 1;
        return plan.bodies().stream()
                .map(body -> RecordView.of(body, bodyFacts(body), bodyFields(body), several, opened)
                        .with(modes(plan, body, opened)))
                .toList();
    }

    private static String bodyFacts(Body body) {
        return "ISO %d to %d, %s min a battery"
                .formatted(body.lowestIso(), body.highestIso(), Say.number(body.batteryMin(), 0));
    }

    private static List<FieldView> bodyFields(Body body) {
        return List.of(
                FieldView.text(body, "name", "Name"),
                FieldView.choice(body, "shutter", "Shutter"),
                FieldView.number(body, "lowestIso", "ISO from", ""),
                FieldView.number(body, "highestIso", "ISO to", ""),
                FieldView.number(body, "batteryMin", "A battery", "min"));
    }

    private static List<RecordView> modes(Plan plan, Body body, String opened) {
        List<Mode> modes = plan.modesOf(body);
        return modes.stream()
                .map(mode -> RecordView.of(
                        mode,
                        "%d × %d, %s fps, sensor %s × %s mm"
                                .formatted(
                                        mode.widthPx(),
                                        mode.heightPx(),
                                        labels(mode),
                                        Say.number(mode.sensorWidthMm(), 1),
                                        Say.number(mode.sensorHeightMm(), 1)),
                        modeFields(mode),
                        modes.size() > 1,
                        opened))
                .toList();
    }

    private static String labels(Mode mode) {
        List<FrameRate> rates = mode.rates().rates();
        return rates.size() > 3
                ? "%s to %s"
                        .formatted(rates.get(0).label(), mode.rates().quickest().label())
                : String.join(", ", rates.stream().map(FrameRate::label).toList());
    }

    private static List<FieldView> modeFields(Mode mode) {
        return List.of(
                FieldView.text(mode, "name", "Name"),
                FieldView.text(mode, "rates", "Rates, fps"),
                FieldView.number(mode, "widthPx", "Wide", "px"),
                FieldView.number(mode, "heightPx", "High", "px"),
                FieldView.number(mode, "sensorWidthMm", "Sensor across", "mm"),
                FieldView.number(mode, "sensorHeightMm", "Sensor down", "mm"),
                FieldView.number(mode, "bitRateMbps", "Bit rate", "Mbit/s"),
                FieldView.check(mode, "bitRateScales", "Grows with the rate"));
    }

    static List<RecordView> glass(Plan plan, String opened) {
        List<RecordView> glass = new ArrayList<>();
        boolean several = plan.lenses().size() > 1;
        plan.lenses()
                .forEach(lens -> glass.add(RecordView.of(lens, lensFacts(lens), lensFields(lens), several, opened)));
        plan.list(Kind.DIOPTRE)
                .forEach(one -> glass.add(RecordView.of(one, "close-up glass", dioptre(one), true, opened)));
        plan.list(Kind.ND).forEach(one -> glass.add(RecordView.of(one, "takes light away", nd(one), true, opened)));
        return glass;
    }

    private static String lensFacts(Lens lens) {
        return "f/%s, from %s".formatted(Say.number(lens.widestN(), 1), Say.metres(lens.nearLimitM()));
    }

    private static List<FieldView> lensFields(Lens lens) {
        return List.of(
                FieldView.text(lens, "name", "Name"),
                FieldView.number(lens, "focalLengthMm", "Focal length", "mm"),
                FieldView.number(lens, "longestMm", "Long end", "mm"),
                FieldView.number(lens, "widestN", "Opens to f/", ""),
                FieldView.number(lens, "narrowestN", "Closes to f/", ""),
                FieldView.number(lens, "nearLimitM", "Focuses from", "m"),
                FieldView.number(lens, "squeeze", "Squeeze", "×"));
    }

    private static List<FieldView> dioptre(Dioptre dioptre) {
        return List.of(
                FieldView.text(dioptre, "name", "Name"), FieldView.number(dioptre, "strengthPerM", "Strength", "1/m"));
    }

    private static List<FieldView> nd(NdFilter filter) {
        return List.of(FieldView.text(filter, "name", "Name"), FieldView.number(filter, "stops", "Strength", "stops"));
    }

    static List<RecordView> supports(Plan plan, String opened) {
        List<RecordView> supports = new ArrayList<>();
        for (Carrier one : plan.list(Kind.CARRIER)) {
            supports.add(RecordView.of(one, carrierFacts(one), carrierFields(one), true, opened));
        }
        for (Card one : plan.list(Kind.CARD)) {
            String facts = "%d cards of %s GB".formatted(one.count(), Say.number(one.capacityGb(), 0));
            supports.add(RecordView.of(one, facts, cardFields(one), true, opened));
        }
        for (Light one : plan.list(Kind.LIGHT)) {
            String facts = "%s lx at 1 m".formatted(Say.number(one.luxAtOneM(), 0));
            supports.add(RecordView.of(one, facts, lightFields(one), true, opened));
        }
        return supports;
    }

    private static String carrierFacts(Carrier one) {
        String travel = one.travelM() > 0 ? ", moves " + Say.metres(one.travelM()) : "";
        return "%s, %s to %s up%s"
                .formatted(one.support().label(), Say.number(one.lowestM(), 2), Say.metres(one.highestM()), travel);
    }

    private static List<FieldView> carrierFields(Carrier one) {
        return List.of(
                FieldView.text(one, "name", "Name"),
                FieldView.choice(one, "support", "Is a"),
                FieldView.number(one, "lowestM", "Lens from", "m up"),
                FieldView.number(one, "highestM", "Lens to", "m up"),
                FieldView.number(one, "travelM", "Moves it", "m"));
    }

    private static List<FieldView> cardFields(Card one) {
        return List.of(
                FieldView.text(one, "name", "Name"),
                FieldView.number(one, "count", "How many", ""),
                FieldView.number(one, "capacityGb", "Holds", "GB"),
                FieldView.number(one, "copyMegabytesPerS", "Reader", "MB/s"));
    }

    private static List<FieldView> lightFields(Light one) {
        return List.of(
                FieldView.text(one, "name", "Name"),
                FieldView.number(one, "watts", "Draws", "W"),
                FieldView.number(one, "luxAtOneM", "At one metre", "lx"),
                FieldView.check(one, "flickerFree", "Flicker-free"));
    }
}
