package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.core.finding.Wording;
import upshot.core.plan.Plan;
import upshot.core.plan.Subject;
import upshot.core.size.SubjectKind;

/** The controls of people and things, when they are open. */
final class PeopleFields {

    private PeopleFields() {}

    static List<RecordView> people(Plan plan, String opened) {
        return plan.subjects().stream()
                .map(subject -> RecordView.of(
                                subject,
                                subjectFacts(plan, subject),
                                subjectFields(subject),
                                unused(plan, subject),
                                opened)
                        .with(rests(plan, subject, opened)))
                .toList();
    }

    private static List<RecordView> rests(Plan plan, Subject subject, String opened) {
        return plan.restsOf(subject).stream()
                .map(rest -> RecordView.of(
                        rest,
                        "%s, %s min".formatted(rest.startTime(), Wording.number(rest.durationMin(), 0)),
                        List.of(
                                FieldView.time(rest, "startTime", "From"),
                                FieldView.number(rest, "durationMin", "Lasts", "min")),
                        true,
                        opened))
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
                        Wording.metres(subject.heightM()),
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
                    FieldView.check(subject, "released", "May go after the last shot"),
                    FieldView.check(subject, "films", "Films alone")));
        }
        fields.add(FieldView.text(subject, "note", "Note"));
        return fields;
    }

    /** Everybody who can be given a rest. */
    static List<Choice> canRest(Plan plan) {
        return plan.subjects().stream()
                .filter(subject -> subject.kind() == SubjectKind.PERSON)
                .map(subject -> new Choice(subject.id().toString(), subject.name(), false))
                .toList();
    }
}
