package upshot.app.job;

import java.util.Map;

/** A gesture that takes a file in: it is read before the job is locked. */
public interface FileGesture extends Gesture {

    @Override
    default Proposal propose(GestureContext context, Map<String, String> arguments) {
        return prepared(arguments, context::plan).apply(context);
    }
}
