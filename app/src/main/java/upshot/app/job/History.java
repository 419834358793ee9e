package upshot.app.job;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import upshot.app.store.Revisions.Step;

/**
 * What one person can undo and redo in a job, worked out from their revisions. A new edit clears what could be redone.
 *
 * @param undo the last edit that still stands
 * @param redo the last undo that still stands
 */
public record History(Optional<Step> undo, Optional<Step> redo) {

    /**
     * @param steps a person's revisions of one job, oldest first
     */
    static History of(List<Step> steps) {
        Deque<Step> done = new ArrayDeque<>();
        Deque<Step> undone = new ArrayDeque<>();
        for (Step step : steps) {
            if (step.undoes() != null) {
                done.pop();
                undone.push(step);
            } else {
                if (step.redoes() != null) {
                    undone.pop();
                } else {
                    undone.clear();
                }
                done.push(step);
            }
        }
        return new History(Optional.ofNullable(done.peek()), Optional.ofNullable(undone.peek()));
    }
}
