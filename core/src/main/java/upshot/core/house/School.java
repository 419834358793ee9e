package upshot.core.house;

import upshot.core.measure.Labelled;

/** One of the ways of working that practitioners disagree about, with what speaks for it and against it. */
public interface School extends Labelled {

    /** One sentence in its favour. */
    String forIt();

    /** One sentence against it. */
    String againstIt();
}
