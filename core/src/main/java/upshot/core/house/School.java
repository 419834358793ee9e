package upshot.core.house;

import upshot.core.measure.Labelled;

/** One of the ways of working that practitioners disagree about, with what speaks for it and against it. */
public interface School extends Labelled {

    /**
     * How a school is put.
     *
     * @param label a few words
     * @param forIt one sentence in its favour
     * @param againstIt one sentence against it
     */
    record Words(String label, String forIt, String againstIt) {}

    Words words();

    @Override
    default String label() {
        return words().label();
    }
}
