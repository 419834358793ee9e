package upshot.core.learn;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** Of so many, so much: by what they have in common, and of all together. */
final class Tally {

    private final Map<String, Share> groups = new LinkedHashMap<>();
    private Share all = new Share(0, 0);

    /**
     * A part of it.
     *
     * @param seen how many there were
     * @param worth what they came to
     */
    record Share(int seen, double worth) {

        private Share and(double more) {
            return new Share(seen + 1, worth + more);
        }

        double mean() {
            return worth / seen;
        }
    }

    void add(String group, double worth) {
        groups.merge(group, new Share(1, worth), (before, one) -> before.and(worth));
        all = all.and(worth);
    }

    Share all() {
        return all;
    }

    /** What is to be said of the groups that were seen often enough and differ. */
    Stream<String> said(double apart, BiFunction<String, Share, String> words) {
        return groups.entrySet().stream()
                .filter(group -> group.getValue().seen() >= Learning.ENOUGH)
                .filter(group -> Math.abs(group.getValue().mean() - all.mean()) >= apart)
                .map(group -> words.apply(group.getKey(), group.getValue()));
    }
}
