package upshot.app.brief;

import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.brief.HousePreset;

/** Chooses the schools that usually go together for one kind of job. */
@Component
class ChoosePreset implements Gesture {

    @Override
    public String name() {
        return "choose-preset";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        HousePreset preset = new Arguments(sent).choice("preset", HousePreset.EVENT);
        return Proposal.of(
                "house rules for %s".formatted(preset.label().toLowerCase(Locale.ROOT)),
                preset.choose(context.plan().house()));
    }
}
