package upshot.app.brief;

import java.util.Arrays;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.core.brief.HousePreset;
import upshot.core.finding.Wording;
import upshot.core.house.School;
import upshot.core.house.Threshold;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/**
 * The house rules when they are open.
 *
 * @param presets schools that go together
 * @param judged one row a question that practitioners answer differently, where the answer changes what is said of
 *     the plan
 * @param mirror whether the ending mirrors the opening
 * @param thresholds the numbers that shots and joints are held against, which this job may move
 * @param minutes the minutes of the day, likewise
 */
record HouseView(
        List<PresetView> presets,
        List<SchoolView> judged,
        FieldView mirror,
        List<ThresholdView> thresholds,
        List<ThresholdView> minutes) {

    /** Schools that go together. */
    record PresetView(String name, String label, boolean holds) {}

    /**
     * A question with its answers.
     *
     * @param answers every school with what speaks for it and against it
     */
    record SchoolView(FieldView field, String forIt, String againstIt, List<AnswerView> answers) {}

    /** An answer that does not hold now. */
    record AnswerView(String label, String forIt, String againstIt) {}

    /**
     * A threshold.
     *
     * @param value as it holds now
     * @param usual what holds where nobody moved it, with its unit
     */
    record ThresholdView(String name, String label, String value, String unit, String usual, boolean moved) {}

    private static final List<List<String>> JUDGED = List.of(
            List.of("coverage", "Coverage"),
            List.of("hold", "Holds"),
            List.of("shutter", "Shutter"),
            List.of("speed", "Slow motion"),
            List.of("light", "Light"),
            List.of("eye", "The eye"),
            List.of("movement", "Camera"),
            List.of("telling", "Telling"),
            List.of("pace", "Pace"),
            List.of("dayOrder", "Order of the day"));

    static HouseView of(Plan plan) {
        HouseRules house = plan.house();
        return new HouseView(
                Arrays.stream(HousePreset.values())
                        .map(one -> new PresetView(one.name(), one.label(), one.holds(house)))
                        .toList(),
                schools(house, JUDGED),
                FieldView.check(house, "mirrorEnding", "The closing image mirrors the opening"),
                thresholds(plan, false),
                thresholds(plan, true));
    }

    private static List<ThresholdView> thresholds(Plan plan, boolean ofTheDay) {
        return Arrays.stream(Threshold.values())
                .filter(one -> one.ofTheDay() == ofTheDay)
                .map(one -> threshold(plan, one))
                .toList();
    }

    private static List<SchoolView> schools(HouseRules house, List<List<String>> questions) {
        return questions.stream()
                .map(question -> school(house, question.get(0), question.get(1)))
                .toList();
    }

    private static SchoolView school(HouseRules house, String field, String label) {
        School now = (School) RecordKind.HOUSE.field(field).orElseThrow().of(house);
        return new SchoolView(
                FieldView.choice(house, field, label),
                now.words().forIt(),
                now.words().againstIt(),
                Arrays.stream(now.getClass().getEnumConstants())
                        .filter(one -> one != now)
                        .map(one -> (School) one)
                        .map(one -> new AnswerView(
                                one.label(), one.words().forIt(), one.words().againstIt()))
                        .toList());
    }

    private static ThresholdView threshold(Plan plan, Threshold one) {
        return new ThresholdView(
                one.name(),
                one.label(),
                Wording.number(plan.threshold(one), 3),
                one.unit(),
                figure(one.usual(), one.unit()),
                plan.adjustment(one).isPresent());
    }

    /** A figure that something is held against, with its unit. */
    static String figure(double value, String unit) {
        String gap = unit.isEmpty() || unit.startsWith("°") ? "" : " ";
        return Wording.number(value, 3) + gap + unit;
    }
}
