package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;

/** A rule that has one thing to say of a cut, or nothing. */
interface OncePerCut extends WholeRule {

    /** What the rule has to say against a cut of at least one use. */
    Optional<Finding> find(PaperCut cut);

    @Override
    default List<Finding> judge(PaperCut cut) {
        return find(cut).stream().toList();
    }
}
