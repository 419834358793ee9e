package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import upshot.core.size.Form;
import upshot.core.size.SubjectKind;

/**
 * Who or what is filmed; two actions with the same subject follow the same mover through the cut.
 *
 * @param name 1 to 60 characters
 * @param kind a person has a posture and an eye line, an object has neither
 * @param heightM standing height, 0.01 to 100 m
 * @param widthM across its facing, 0.01 to 200 m
 * @param lengthM along its facing, 0.01 to 200 m
 * @param form what a thing looks like; persons ignore it
 * @param fromTime when a person is there from, local to the place
 * @param untilTime when a person has to leave
 * @param effortMin active minutes before a rest is due, 1 to 600, or none
 * @param restMin how long that rest is, 0 to 600 min
 * @param consent whether a person agreed to be filmed
 * @param released whether a person may go after the last shot with them
 * @param films whether this is the one who films, alone in front of the own camera
 * @param note up to 200 characters
 */
public record Subject(
        UUID id,
        String name,
        SubjectKind kind,
        double heightM,
        double widthM,
        double lengthM,
        Form form,
        Optional<LocalTime> fromTime,
        Optional<LocalTime> untilTime,
        Optional<Double> effortMin,
        double restMin,
        Consent consent,
        boolean released,
        boolean films,
        String note)
        implements PlanRecord {

    public Subject {
        Check.present("id", id);
        name = text("name", "name of the subject", name, 1, 60);
        chosen("kind", "kind of subject", kind);
        heightM = range("heightM", "height", heightM, 0.01, 100, "m");
        widthM = range("widthM", "width", widthM, 0.01, 200, "m");
        lengthM = range("lengthM", "length", lengthM, 0.01, 200, "m");
        chosen("form", "form", form);
        chosen("fromTime", "time", fromTime).ifPresent(time -> Check.minute("fromTime", "time", time));
        chosen("untilTime", "time", untilTime).ifPresent(time -> Check.minute("untilTime", "time", time));
        effortMin = range("effortMin", "minutes before a rest", effortMin, 1, 600, "min");
        restMin = range("restMin", "rest", restMin, 0, 600, "min");
        chosen("consent", "consent", consent);
        note = text("note", "note", note, 0, 200);
    }

    /** A person of 1.70 m, 0.5 m wide and 0.4 m deep. */
    public static Subject person(UUID id, String name) {
        return draft(id, name, SubjectKind.PERSON, 1.70, 0.5, 0.4);
    }

    /** A thing with its measures in metres. */
    public static Subject object(UUID id, String name, double heightM, double widthM, double lengthM) {
        return draft(id, name, SubjectKind.OBJECT, heightM, widthM, lengthM);
    }

    private static Subject draft(UUID id, String name, SubjectKind kind, double height, double width, double length) {
        return new Subject(
                id,
                name,
                kind,
                height,
                width,
                length,
                Form.ROUND,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                10,
                Consent.OPEN,
                false,
                false,
                "");
    }

    public Subject withHeightM(double heightM) {
        return RecordKind.SUBJECT.with(this, "heightM", heightM);
    }

    public Subject withUntilTime(Optional<LocalTime> untilTime) {
        return RecordKind.SUBJECT.with(this, "untilTime", untilTime);
    }

    @Override
    public String label() {
        return name;
    }
}
