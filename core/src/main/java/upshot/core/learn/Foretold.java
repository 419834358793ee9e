package upshot.core.learn;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.RemarkKind;
import upshot.core.verdict.Verdict;

/**
 * Editors' objections, and for how many of them the plan had said something of that picture or of a joint beside it.
 *
 * @param objections remarks on uses that are still in the cut, praise left out
 */
public record Foretold(int objections, int foretold) {

    /** @param remarks as they came */
    public static Foretold of(Verdict verdict, List<HandOffEntry> remarks) {
        List<Integer> places = remarks.stream()
                .filter(remark -> !remark.words().equals(RemarkKind.GOOD.name()))
                .flatMap(remark -> place(verdict, remark).stream())
                .toList();
        int foretold =
                (int) places.stream().filter(place -> spoken(verdict, place)).count();
        return new Foretold(places.size(), foretold);
    }

    private static Optional<Integer> place(Verdict verdict, HandOffEntry remark) {
        return IntStream.range(0, verdict.cut().uses().size())
                .filter(place -> remark.useId()
                        .equals(Optional.of(
                                verdict.cut().uses().get(place).use().id())))
                .boxed()
                .findFirst();
    }

    private static boolean spoken(Verdict verdict, int place) {
        Stream<Finding> ofShot =
                verdict.findingsOf(verdict.cut().uses().get(place).shot()).stream();
        Stream<Finding> beside = IntStream.of(place - 1, place)
                .filter(joint -> joint >= 0 && joint < verdict.joints().size())
                .boxed()
                .flatMap(joint -> verdict.joints().get(joint).stream());
        return Stream.concat(ofShot, beside).anyMatch(finding -> finding.status() != Status.CLEAR);
    }

    Foretold and(Foretold other) {
        return new Foretold(objections + other.objections, foretold + other.foretold);
    }

    Stream<String> said() {
        return objections < Learning.ENOUGH
                ? Stream.empty()
                : Stream.of("Of %d objections by editors, %d are to pictures of which a finding had spoken."
                        .formatted(objections, foretold));
    }
}
