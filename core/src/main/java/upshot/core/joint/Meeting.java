package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import upshot.core.cut.Picture;
import upshot.core.frame.CutFrame;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;
import upshot.core.plan.ShotView;
import upshot.core.plan.Sight;
import upshot.core.plan.Transition;
import upshot.core.plan.Use;

/** Two uses that meet at a joint, each with all that is to be seen around its shot. */
public final class Meeting extends Sight implements Around {

    private final Picture out;
    private final Picture into;
    private CutFrame atOut;
    private CutFrame atIn;

    public Meeting(Picture out, Picture into) {
        super(into.around().givens());
        this.out = out;
        this.into = into;
    }

    /** The one that is cut away from. */
    public Picture out() {
        return out;
    }

    /** The one that is cut to. */
    public Picture into() {
        return into;
    }

    /** The first as it is seen when it is cut away from. */
    public CutFrame atOut() {
        if (atOut == null) {
            atOut = CutFrame.of(out.around(), out.shot(), out.use(), true);
        }
        return atOut;
    }

    /** The second as it is seen when it is cut to. */
    public CutFrame atIn() {
        if (atIn == null) {
            atIn = atIn(into.shot());
        }
        return atIn;
    }

    /** The second as it would be seen if its shot were another. */
    CutFrame atIn(Shot instead) {
        return CutFrame.of(into.around(), instead, into.use(), false);
    }

    private ShotView around(Shot shot) {
        if (shot.id().equals(into.shot().id())) {
            return into.around();
        }
        if (shot.id().equals(out.shot().id())) {
            return out.around();
        }
        throw outOfSight(shot);
    }

    @Override
    public Action actionOf(Shot shot) {
        return around(shot).actionOf(shot);
    }

    @Override
    public List<Use> usesOf(Shot shot) {
        return around(shot).usesOf(shot);
    }

    @Override
    public Optional<Transition> outOf(Use use) {
        return (use.shotId().equals(into.shot().id()) ? into : out).around().outOf(use);
    }

    @Override
    public boolean opensOrCloses(Shot shot) {
        return around(shot).opensOrCloses(shot);
    }

    @Override
    public int stateOf(Action action) {
        return (action.id().equals(into.action().id()) ? into : out).around().stateOf(action);
    }

    @Override
    public <T> T remember(Class<T> what, Shot of, Function<Around, T> work) {
        return around(of).remember(what, of, work);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Meeting that && out.equals(that.out) && into.equals(that.into);
    }

    @Override
    public int hashCode() {
        return 31 * out.use().hashCode() + into.use().hashCode();
    }
}
