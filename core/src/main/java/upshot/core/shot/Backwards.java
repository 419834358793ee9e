package upshot.core.shot;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Caution;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Rise;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.Use;
import upshot.core.size.Form;
import upshot.core.size.Posture;

/** A use runs backwards, and one sees that it does. */
final class Backwards implements ShotRule {

    private static final Pattern FLOWS =
            Pattern.compile("\\b(smoke|steam|fog|mist|fire|flame|spark|water|rain|pour|splash|drip|fall|drop)");

    @Override
    public String id() {
        return "backwards";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Backwards unseen",
                "What is played backwards can be read that way: nothing flows, burns, falls, walks or changes in it.",
                "Smoke that goes back where it came from is a trick, and has to be meant as one.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return plan.usesOf(shot).stream()
                .filter(Use::reversed)
                .flatMap(use -> seen(plan, shot).map(what -> finding(shot, use, what)).stream())
                .findFirst();
    }

    /** What will be seen of it. */
    private static Optional<String> seen(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Subject subject = plan.subjectOf(shot);
        String words = (action.name() + " " + subject.name() + " " + action.thing()).toLowerCase(Locale.ROOT);
        boolean burns = action.cautions().tags().contains(Caution.FIRE);
        boolean flows = subject.form() == Form.LIQUID
                || action.hasThing() && action.thingForm() == Form.LIQUID
                || FLOWS.matcher(words).find();
        if (action.speech()) {
            return Optional.of("somebody speaks backwards");
        }
        if (burns || flows || action.rises() != Rise.NEITHER) {
            return Optional.of("what flows, burns or falls goes back where it came from");
        }
        if (!action.feature() && (action.line() == Line.TRAVEL || action.posture() == Posture.WALKING)) {
            return Optional.of("%s goes backwards".formatted(subject.name()));
        }
        return action.setsState().isEmpty()
                ? Optional.empty()
                : Optional.of("%s is %s before it is done".formatted(action.thing(), action.setsState()));
    }

    private Finding finding(Shot shot, Use use, String what) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id(), use.id()),
                "Backwards, and it shows.",
                Measured.unwanted(),
                "Played backwards, %s.".formatted(what),
                List.of(new Mend(
                        "Play it forwards", Change.edit(use, one -> one.withFrameStep(Math.abs(use.frameStep()))))));
    }
}
