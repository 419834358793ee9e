package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.util.UUID;
import upshot.core.size.SubjectKind;

/**
 * Who or what is filmed; two actions with the same subject follow the same mover through the cut.
 *
 * @param name 1 to 60 characters
 * @param kind a person has a posture and an eye line, an object has neither
 * @param heightM standing height, 0.01 to 100 m
 * @param widthM across its facing, 0.01 to 200 m
 * @param lengthM along its facing, 0.01 to 200 m
 */
public record Subject(UUID id, String name, SubjectKind kind, double heightM, double widthM, double lengthM)
        implements PlanRecord {

    public Subject {
        Check.present("id", id);
        name = text("name", "name of the subject", name, 1, 60);
        chosen("kind", "kind of subject", kind);
        heightM = range("heightM", "height", heightM, 0.01, 100, "m");
        widthM = range("widthM", "width", widthM, 0.01, 200, "m");
        lengthM = range("lengthM", "length", lengthM, 0.01, 200, "m");
    }

    /** A person of 1.70 m, 0.5 m wide and 0.4 m deep. */
    public static Subject person(UUID id, String name) {
        return new Subject(id, name, SubjectKind.PERSON, 1.70, 0.5, 0.4);
    }

    @Override
    public String label() {
        return name;
    }
}
