package upshot.core.order;

/** An order put on the clock setup by setup, for a search that changes it in the middle. */
public final class Stepping {

    private final Shoot shoot;
    private final Pacing pacing;

    /** For one shoot. */
    public Stepping(Shoot shoot) {
        this.shoot = shoot;
        this.pacing = new Pacing(shoot);
    }

    /** A setup as the first of a crew's day. */
    public Pace first(Crew crew, int setup) {
        return pacing.then(Pace.atCall(shoot, crew), setup);
    }

    /** A setup after another. */
    public Pace then(Pace before, int setup) {
        return pacing.then(before, setup);
    }

    /** Whether crews can get into each other's way. */
    public boolean severalCrews() {
        return shoot.crews().size() > 1;
    }

    /** By how much two setups of different crews break a limit between them. */
    public long betweenCrews(Pace one, Pace other) {
        return one.crew().index() == other.crew().index() ? 0 : TwoCrews.brokenMin(shoot, one, other);
    }
}
