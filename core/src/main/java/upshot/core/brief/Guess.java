package upshot.core.brief;

import java.util.Locale;
import java.util.UUID;
import upshot.core.plan.Focus;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;
import upshot.core.size.Form;

/**
 * What a sentence tells of an action beside its words: who or what it is about, and which thing. It is a guess, shown as
 * one; where the sentence is not understood there is none.
 *
 * @param person whether its subject is somebody, and not something
 * @param focus what it is about
 * @param thing what is handled or carried, empty where it is nothing or the subject itself
 * @param subjectWords how many words of the sentence name the subject
 */
public record Guess(boolean person, Focus focus, String thing, int subjectWords) {

    private static final double CHILD_M = 1.2;

    /** The subject as it is first written down: a person, a child, a vehicle, an animal or a thing on a table. */
    Subject drafted(UUID id, String name) {
        if (person) {
            Subject somebody = Subject.person(id, name);
            return KnownWords.child(name) ? RecordKind.SUBJECT.with(somebody, "heightM", CHILD_M) : somebody;
        }
        return switch (focus) {
            case WHEELS ->
                KnownWords.cycle(lastWord(name))
                        ? RecordKind.SUBJECT.with(Subject.object(id, name, 1.1, 0.6, 1.8), "form", Form.BICYCLE)
                        : RecordKind.SUBJECT.with(Subject.object(id, name, 1.6, 1.8, 4.5), "form", Form.VEHICLE);
            case FEET -> Subject.object(id, name, 0.7, 0.4, 1.2);
            case PLACE ->
                KnownWords.place(lastWord(name))
                        ? RecordKind.SUBJECT.with(Subject.object(id, name, 4, 8, 6), "form", Form.BUILDING)
                        : RecordKind.SUBJECT.with(Subject.object(id, name, 1.2, 1.2, 0.6), "form", Form.BOX);
            case UNSAID, HANDS, THING, FACE, BODY -> Subject.object(id, name, 0.3, 0.3, 0.3);
        };
    }

    private static String lastWord(String name) {
        String[] words = name.toLowerCase(Locale.ROOT).split(" ");
        return words[words.length - 1];
    }

    /** "about hands, shows the sheets". */
    public String label() {
        return "about " + (person ? focus.label() : focus == Focus.THING ? "a thing" : focus.label())
                + (thing.isEmpty() ? "" : ", shows the " + thing);
    }
}
