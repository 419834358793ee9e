package upshot.core.size;

import upshot.core.measure.Labelled;

/** What a subject is. */
public enum SubjectKind implements Labelled {
    PERSON("person"),
    OBJECT("object");

    private final String label;

    SubjectKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
