package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.core.finding.Wording;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Body;
import upshot.core.plan.Card;
import upshot.core.plan.Carrier;
import upshot.core.plan.Dioptre;
import upshot.core.plan.Lens;
import upshot.core.plan.Light;
import upshot.core.plan.Mode;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/** The controls of the kit, when it is open. */
final class KitFields {

    private KitFields() {}

    static List<RecordView> bodies(Plan plan, String opened) {
        boolean several = plan.bodies().size() > 1;
        return plan.bodies().stream()
                .map(body -> RecordView.of(body, bodyFacts(body), bodyFields(body), several, opened)
                        .with(modes(plan, body, opened)))
                .toList();
    }

    private static String bodyFacts(Body body) {
        return "ISO %d to %d, %s min a battery"
                .formatted(body.lowestIso(), body.highestIso(), Wording.number(body.batteryMin(), 0));
    }

    private static List<FieldView> bodyFields(Body body) {
        return List.of(
                FieldView.text(body, "name", "Name"),
                FieldView.choice(body, "shutter", "Shutter"),
                FieldView.number(body, "lowestIso", "ISO from", ""),
                FieldView.number(body, "highestIso", "ISO to", ""),
                FieldView.number(body, "batteryMin", "A battery", "min"),
                FieldView.check(body, "portrait", "Held upright"),
                FieldView.check(body, "variableRate", "Its rate varies"),
                FieldView.check(body, "dropFrame", "Drop-frame time code"));
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
                                        Wording.number(mode.sensorWidthMm(), 1),
                                        Wording.number(mode.sensorHeightMm(), 1)),
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
        plan.list(RecordKind.DIOPTRE)
                .forEach(one -> glass.add(RecordView.of(one, "close-up glass", dioptre(one), true, opened)));
        plan.list(RecordKind.ND)
                .forEach(one -> glass.add(RecordView.of(one, "takes light away", nd(one), true, opened)));
        return glass;
    }

    private static String lensFacts(Lens lens) {
        return "f/%s, from %s".formatted(Wording.number(lens.widestN(), 1), Wording.metres(lens.nearLimitM()));
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
        for (Carrier one : plan.list(RecordKind.CARRIER)) {
            supports.add(RecordView.of(one, carrierFacts(one), carrierFields(one), true, opened));
        }
        for (Card one : plan.list(RecordKind.CARD)) {
            String facts =
                    "%s of %s GB".formatted(Wording.count(one.count(), "card"), Wording.number(one.capacityGb(), 0));
            supports.add(RecordView.of(one, facts, cardFields(one), true, opened));
        }
        for (Light one : plan.list(RecordKind.LIGHT)) {
            String facts = "%s lx at 1 m".formatted(Wording.number(one.luxAtOneM(), 0));
            supports.add(RecordView.of(one, facts, lightFields(one), true, opened));
        }
        return supports;
    }

    private static String carrierFacts(Carrier one) {
        String travel = one.travelM() > 0 ? ", moves " + Wording.metres(one.travelM()) : "";
        return "%s, %s to %s up%s"
                .formatted(
                        one.support().label(),
                        Wording.number(one.lowestM(), 2),
                        Wording.metres(one.highestM()),
                        travel);
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
