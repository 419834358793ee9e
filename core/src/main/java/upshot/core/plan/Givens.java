package upshot.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.house.Threshold;
import upshot.core.measure.FrameRate;

/** What is given before anything is planned: the brief, house rules, kit, places and people of a job. */
public interface Givens {

    /** The same without what is planned; what follows from it is worked out once for all that is planned. */
    Givens givens();

    Brief brief();

    HouseRules house();

    Optional<Adjustment> adjustment(Threshold threshold);

    /**
     * All records of a kind, sorted.
     *
     * @throws IllegalArgumentException for a kind that is not in sight from here
     */
    <R extends PlanRecord> List<R> list(RecordKind<R> kind);

    /**
     * The record with this id, when there is one.
     *
     * @throws IllegalArgumentException for a kind that is not in sight from here
     */
    <R extends PlanRecord> Optional<R> find(RecordKind<R> kind, UUID id);

    List<Mode> modesOf(Body body);

    /** Who takes part beside the action's own subject, by rank. */
    List<Performer> performersOf(Action action);

    /** What follows from all this, worked out the first time it is asked for. */
    <T> T remember(Class<T> what, Supplier<T> work);

    /** The record with this id, which must be there. */
    default <R extends PlanRecord> R get(RecordKind<R> kind, UUID id) {
        return find(kind, id).orElseThrow(() -> new IllegalArgumentException("No %s %s".formatted(kind, id)));
    }

    /** What a rule holds things against here: the usual value, unless this job has moved it. */
    default double threshold(Threshold threshold) {
        return adjustment(threshold).map(Adjustment::value).orElse(threshold.usual());
    }

    /** When somebody is not asked for anything, by the clock. */
    default List<Rest> restsOf(Subject subject) {
        return list(RecordKind.REST).stream()
                .filter(rest -> rest.subjectId().equals(subject.id()))
                .toList();
    }

    default List<StoryBeat> beats() {
        return list(RecordKind.BEAT);
    }

    default List<Spot> spots() {
        return list(RecordKind.SPOT);
    }

    default List<Subject> subjects() {
        return list(RecordKind.SUBJECT);
    }

    default List<Body> bodies() {
        return list(RecordKind.BODY);
    }

    default List<Lens> lenses() {
        return list(RecordKind.LENS);
    }

    /** The mode in which a body records a rate, if it can. */
    default Optional<Mode> modeFor(Body body, FrameRate rate) {
        return modesOf(body).stream().filter(mode -> mode.records(rate)).findFirst();
    }

    default Subject subjectOf(Action action) {
        return get(RecordKind.SUBJECT, action.subjectId());
    }

    default Spot spotOf(Action action) {
        return get(RecordKind.SPOT, action.spotId());
    }
}
