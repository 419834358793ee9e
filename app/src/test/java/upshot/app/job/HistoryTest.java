package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.app.store.Revisions.Step;

class HistoryTest {

    private static Step edit(long version) {
        return new Step(version, "edit " + version, null, null);
    }

    private static Step undo(long version, long undoes) {
        return new Step(version, "Undo", undoes, null);
    }

    private static Step redo(long version, long redoes) {
        return new Step(version, "again", null, redoes);
    }

    private static Long undoable(Step... steps) {
        return History.of(List.of(steps)).undo().map(Step::version).orElse(null);
    }

    private static Long redoable(Step... steps) {
        return History.of(List.of(steps)).redo().map(Step::version).orElse(null);
    }

    @Test
    void nothing_done_is_nothing_to_undo() {
        assertThat(undoable()).isNull();
        assertThat(redoable()).isNull();
    }

    @Test
    void undo_goes_back_edit_by_edit() {
        assertThat(undoable(edit(1), edit(2))).isEqualTo(2);
        assertThat(undoable(edit(1), edit(2), undo(3, 2))).isEqualTo(1);
        assertThat(undoable(edit(1), edit(2), undo(3, 2), undo(4, 1))).isNull();
    }

    @Test
    void redo_comes_back_in_the_order_of_undoing() {
        assertThat(redoable(edit(1), edit(2), undo(3, 2), undo(4, 1))).isEqualTo(4);
        assertThat(redoable(edit(1), edit(2), undo(3, 2), undo(4, 1), redo(5, 4)))
                .isEqualTo(3);
        assertThat(undoable(edit(1), edit(2), undo(3, 2), undo(4, 1), redo(5, 4)))
                .isEqualTo(5);
    }

    @Test
    void a_new_edit_clears_what_could_be_redone() {
        assertThat(redoable(edit(1), undo(2, 1), edit(3))).isNull();
        assertThat(undoable(edit(1), undo(2, 1), edit(3), undo(4, 3))).isNull();
    }
}
