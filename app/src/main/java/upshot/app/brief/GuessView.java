package upshot.app.brief;

import java.util.List;
import java.util.Optional;
import upshot.app.web.FieldView;
import upshot.core.brief.Guess;
import upshot.core.brief.SentenceReader;
import upshot.core.plan.Action;
import upshot.core.plan.Focus;
import upshot.core.plan.Plan;
import upshot.core.plan.Subject;
import upshot.core.size.SubjectKind;

/**
 * What was guessed of an action, as it can be changed at a press.
 *
 * @param name what it is, for those who do not see where it stands
 * @param field the field to change
 * @param guessed whether it is still what the sentence tells, and nobody has said otherwise
 */
record GuessView(String name, FieldView field, boolean guessed) {

    /** That somebody is a person goes without saying. */
    static List<GuessView> of(Plan plan, Action action) {
        Optional<Guess> guess = SentenceReader.read(action.name());
        Subject subject = plan.subjectOf(action);
        Focus told = guess.map(Guess::focus).orElse(Focus.UNSAID);
        SubjectKind kind = guess.map(Guess::person).orElse(true) ? SubjectKind.PERSON : SubjectKind.OBJECT;
        GuessView about = new GuessView(
                "What “%s” is about".formatted(action.name()),
                FieldView.choice(action, "focus", "About"),
                action.focus() == told);
        GuessView who = new GuessView(
                "What %s is, in “%s”".formatted(subject.name(), action.name()),
                FieldView.choice(subject, "kind", subject.name() + ":"),
                subject.kind() == kind);
        boolean somebody = subject.kind() == SubjectKind.PERSON && kind == SubjectKind.PERSON;
        return somebody ? List.of(about) : List.of(about, who);
    }
}
