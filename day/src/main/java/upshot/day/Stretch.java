package upshot.day;

/**
 * Some neighbouring setups.
 *
 * @param at place of the first
 * @param many may be none, which is the gap before {@code at}
 * @param turned the last of them first, where they go
 */
record Stretch(int at, int many, boolean turned) {

    static Stretch of(int at, int many) {
        return new Stretch(at, many, false);
    }
}
