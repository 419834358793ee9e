package upshot.app.day;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.late.WhatIf;

/** Takes what was assumed as what is. */
@Component
class KeepWhatIf implements Gesture {

    @Override
    public String name() {
        return "keep-what-if";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        WhatIf assumed = WhatIfs.of(context.plan(), sent);
        return Proposal.of("keep “%s”".formatted(assumed.said(context.plan())), assumed.change(context.plan()));
    }
}
