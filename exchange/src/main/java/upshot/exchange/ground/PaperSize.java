package upshot.exchange.ground;

/** A paper on its long side, and what of it a plan may take beside margins, a heading and the bar to check by. */
public enum PaperSize {
    A4("A4", 277, 160),
    A3("A3", 400, 247);

    private final String label;
    private final double wideMm;
    private final double highMm;

    PaperSize(String label, double wideMm, double highMm) {
        this.label = label;
        this.wideMm = wideMm;
        this.highMm = highMm;
    }

    public String label() {
        return label;
    }

    double wideMm() {
        return wideMm;
    }

    double highMm() {
        return highMm;
    }
}
