package upshot.app.ground;

/** Places are put down to half a decimetre. */
final class Snap {

    private static final double PER_METRE = 20;

    private Snap() {}

    static double of(double metres) {
        return Math.rint(metres * PER_METRE) / PER_METRE;
    }
}
