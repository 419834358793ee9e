package upshot.day;

/**
 * Random numbers that are the same for the same seed wherever this runs: whole numbers of 32 bits alone. A xorshift
 * generator, its output mixed, because its low bits are weak.
 */
final class Chance {

    private static final double PARTS = 67_108_864.0 * 134_217_728.0;

    private int state;

    Chance(int seed) {
        state = mixed(seed + 0x9E3779B9);
        state = state == 0 ? 1 : state;
    }

    private int next() {
        state ^= state << 13;
        state ^= state >>> 17;
        state ^= state << 5;
        return mixed(state);
    }

    private static int mixed(int bits) {
        int mixed = bits;
        mixed = (mixed ^ mixed >>> 16) * 0x7FEB352D;
        mixed = (mixed ^ mixed >>> 15) * 0x846CA68B;
        return mixed ^ mixed >>> 16;
    }

    /** A whole number from 0 up to below a bound, which is small against 2³¹. */
    int below(int bound) {
        return (next() >>> 1) % bound;
    }

    boolean heads() {
        return next() < 0;
    }

    /** A number from 0 up to below 1, in steps of 2⁻⁵³. */
    double share() {
        return ((next() >>> 6) * 134_217_728.0 + (next() >>> 5)) / PARTS;
    }
}
