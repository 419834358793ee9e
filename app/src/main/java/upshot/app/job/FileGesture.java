package upshot.app.job;

import java.util.Map;

/** A gesture that takes a file in: it is read before the job is locked. */
public interface FileGesture extends Gesture {

    @Override
    default Proposal propose(Desk desk, Map<String, String> arguments) {
        return prepared(arguments, desk::plan).apply(desk);
    }
}
