package upshot.core.measure;

/** A choice that has a word on screen. */
public interface Labelled {

    String label();
}
