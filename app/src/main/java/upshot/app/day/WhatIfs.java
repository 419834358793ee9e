package upshot.app.day;

import java.util.Map;
import upshot.app.web.Arguments;
import upshot.app.web.Selected;
import upshot.core.late.WhatIf;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;

/** Reads what a page assumes. */
final class WhatIfs {

    private WhatIfs() {}

    static WhatIf of(Plan plan, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        WhatIf.Kind what = arguments.choice("what", WhatIf.Kind.WRAP);
        return new WhatIf(
                what,
                arguments.time("time"),
                Selected.of(plan, RecordKind.SUBJECT, sent, "subjectId").map(Subject::id));
    }
}
