package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Rise;

/** What pours or falls beside what rises: neighbours go up and down against each other. */
final class UpAndDown implements MeetingRule {

    @Override
    public String id() {
        return "up-and-down";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Up and down",
                "What pours, falls or rises keeps its direction from one picture to the next.",
                "Up beside down is as restless as left beside right.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        boolean declared = into.use().entry() == Entry.RETURN || into.use().entry() == Entry.MATCHED;
        if (declared || seen(out) * seen(into) >= 0) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(out.use().id(), into.use().id()),
                "Up against down.",
                Measured.unwanted(),
                "In %s it goes %s, in %s %s."
                        .formatted(out.shot().code(), way(out), into.shot().code(), way(into)),
                Mends.later(() -> List.of(
                        new Mend("Mark as matched", Change.edit(into.use(), one -> one.withEntry(Entry.MATCHED)))))));
    }

    /** 1 up, −1 down, 0 neither, as it is played. */
    private static int seen(Picture picture) {
        int way = picture.action().rises() == Rise.UP ? 1 : picture.action().rises() == Rise.DOWN ? -1 : 0;
        return picture.use().reversed() ? -way : picture.use().still() ? 0 : way;
    }

    private static String way(Picture picture) {
        return seen(picture) > 0 ? "up" : "down";
    }
}
