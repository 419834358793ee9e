package upshot.offload;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What is proven at the end. Everything was found equal, or there would be none.
 *
 * @param card its name
 * @param files how many there are
 * @param source the card
 * @param odd what on the card could not be copied, in words
 */
record Outcome(String card, int files, Read source, List<Read> copies, List<String> odd) {

    private static final String AGAIN = "take %s out and in again, and run the same with --check";

    /**
     * A place that was read.
     *
     * @param name for people
     * @param disk what it lies on
     * @param proven whether it came from the disk for sure
     */
    record Read(String name, Disk disk, boolean proven) {}

    Outcome {
        copies = List.copyOf(copies);
        odd = List.copyOf(odd);
    }

    /** Whether two verified copies lie on different disks, neither of them the card's, and hold all that is on it. */
    boolean mayBeFormatted() {
        List<Read> good = copies.stream()
                .filter(copy -> copy.proven() && copy.disk().otherThan(source.disk()))
                .toList();
        return odd.isEmpty()
                && files > 0
                && source.proven()
                && IntStream.range(0, good.size())
                        .anyMatch(first -> good.stream()
                                .anyMatch(second ->
                                        second.disk().otherThan(good.get(first).disk())));
    }

    /** What stands in the way of formatting, in whole sentences. */
    List<String> reasons() {
        List<String> reasons = new ArrayList<>();
        odd.forEach(one -> reasons.add(one + ", so the copies do not hold all of the card."));
        if (files == 0) {
            reasons.add("There is no file on it.");
        }
        if (!source.proven()) {
            reasons.add("The card was read again, perhaps from the computer's memory: " + AGAIN.formatted("it") + ".");
        }
        for (Read copy : copies) {
            if (!copy.proven()) {
                reasons.add("%s was read back, perhaps from the computer's memory: %s."
                        .formatted(copy.name(), AGAIN.formatted("the disk")));
            }
            if (!copy.disk().otherThan(source.disk())) {
                reasons.add(
                        copy.disk().devices().isEmpty()
                                        || source.disk().devices().isEmpty()
                                ? "Which disk %s lies on cannot be told from the card's for sure."
                                        .formatted(copy.name())
                                : copy.name() + " lies on the disk of the card.");
            }
        }
        if (copies.size() < 2) {
            reasons.add("There is one copy; two on different disks are wanted.");
        } else if (reasons.isEmpty() && !mayBeFormatted()) {
            reasons.add("The copies lie on one disk, or it cannot be told: two on different disks are wanted.");
        }
        return reasons;
    }

    /** For a terminal. */
    String inWords() {
        StringBuilder words = new StringBuilder();
        for (Read copy : copies) {
            words.append("%s: %s, %s equal to the card's.%n"
                    .formatted(
                            copy.name(),
                            copy.proven() ? "verified" : "read back, perhaps from memory",
                            files == 1 ? "its one file" : "all %d files".formatted(files)));
        }
        if (mayBeFormatted()) {
            return words + "%s may be formatted.%n".formatted(card);
        }
        words.append("Do not format %s yet.%n".formatted(card));
        reasons().forEach(reason -> words.append("- ").append(reason).append('\n'));
        return words.toString();
    }
}
