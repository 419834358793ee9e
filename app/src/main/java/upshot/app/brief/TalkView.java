package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.ToggleView;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Side;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.WantedLight;
import upshot.core.size.Posture;

/**
 * What will happen, beat by beat.
 *
 * @param beats in story order
 * @param empty whether nothing has been written down yet
 */
record TalkView(List<BeatView> beats, boolean empty) {

    /** The questions beside what happens: what makes the place what it is, and what it sounds like. */
    static final String PLACE = "place";

    static final String SOUND = "sound";

    /** A beat with its actions; an empty one can go. */
    record BeatView(String id, String name, String length, List<ActionView> actions, boolean removable) {}

    /**
     * An action of the list.
     *
     * @param length of one go, empty for a feature
     * @param tags plain facts about it
     * @param cautions what can hurt
     * @param guesses what it is about, as its line told it or as it was set since
     * @param fields what can be changed when it is open; empty when it is closed
     */
    record ActionView(
            String id,
            int number,
            String name,
            String length,
            List<String> tags,
            List<Caution> cautions,
            List<GuessView> guesses,
            List<FieldView> fields,
            List<ToggleView> toggles,
            List<PerformerView> performers) {}

    /** Somebody who takes part beside the action's own subject. */
    record PerformerView(String id, String name) {}

    static TalkView of(Plan plan, Optional<Action> open) {
        List<BeatView> beats = new ArrayList<>();
        int number = 0;
        for (StoryBeat beat : plan.beats()) {
            List<ActionView> actions = new ArrayList<>();
            double seconds = 0;
            for (Action action : plan.actionsOf(beat)) {
                number++;
                actions.add(
                        action(plan, action, number, open.filter(action::equals).isPresent()));
                seconds += action.feature() ? 0 : action.durationS();
            }
            beats.add(new BeatView(
                    beat.id().toString(),
                    beat.name(),
                    seconds > 0 ? length(seconds) : "",
                    actions,
                    actions.isEmpty() && plan.beats().size() > 1));
        }
        return new TalkView(beats, plan.actions().isEmpty());
    }

    private static ActionView action(Plan plan, Action action, int number, boolean open) {
        return new ActionView(
                action.id().toString(),
                number,
                action.name(),
                action.feature() ? "–" : length(action.durationS()),
                tags(plan, action),
                action.cautions().tags(),
                open || action.feature() ? List.of() : GuessView.of(plan, action),
                open ? ActionFields.of(plan, action) : List.of(),
                open ? ToggleView.cautions(action, "cautions") : List.of(),
                plan.performersOf(action).stream()
                        .map(performer -> new PerformerView(
                                performer.id().toString(),
                                plan.get(RecordKind.SUBJECT, performer.subjectId())
                                        .name()))
                        .toList());
    }

    private static String length(double seconds) {
        if (seconds < 120) {
            return Wording.number(seconds, 1) + " s";
        }
        String minutes = Wording.number(Math.floor(seconds / 60), 0) + " min";
        return seconds % 60 == 0 ? minutes : "%s %s s".formatted(minutes, Wording.number(seconds % 60, 0));
    }

    private static List<String> tags(Plan plan, Action action) {
        List<String> tags = new ArrayList<>();
        tags.add(action.feature() ? "place or thing" : plan.subjectOf(action).name());
        plan.performersOf(action)
                .forEach(one -> tags.add(
                        "with " + plan.get(RecordKind.SUBJECT, one.subjectId()).name()));
        tags.add(plan.spotOf(action).name());
        if (!action.feature()) {
            tags.add(action.once() ? "once only" : repeats(action));
        }
        action.fixedTime().ifPresent(time -> tags.add("at " + time));
        action.fromTime().ifPresent(time -> tags.add("from " + time));
        action.untilTime().ifPresent(time -> tags.add("until " + time));
        direction(action).ifPresent(tags::add);
        Stream.of(
                        action.messy() ? "messy" : "",
                        action.soonGone() ? "soon gone" : "",
                        action.tiring() ? "tiring" : "",
                        action.quick() ? "quick" : "",
                        action.posture() == Posture.STANDING
                                ? ""
                                : action.posture().label(),
                        action.wantedLight() == WantedLight.ANY
                                ? ""
                                : action.wantedLight().label(),
                        action.hasThing() ? "shows the " + action.thing() : "",
                        action.setsState().isEmpty() ? "" : "sets: " + action.setsState(),
                        action.phases().isEmpty() ? "" : "phases: " + action.phases(),
                        action.sound().isEmpty() ? "" : "sound: " + action.sound())
                .filter(tag -> !tag.isEmpty())
                .forEach(tags::add);
        return tags;
    }

    private static String repeats(Action action) {
        return action.resetMin() > 0
                ? "repeats, %s min reset".formatted(Wording.number(action.resetMin(), 1))
                : "repeats";
    }

    private static Optional<String> direction(Action action) {
        return switch (action.line()) {
            case NONE -> Optional.empty();
            case LOOK -> Optional.of(action.side() == Side.LEFT_TO_RIGHT ? "looks right" : "looks left");
            case TRAVEL ->
                Optional.of(
                        action.speedMps() > 0
                                ? "%s %s m/s".formatted(action.side().label(), Wording.number(action.speedMps(), 1))
                                : action.side().label());
        };
    }

    static List<Choice> choices(List<? extends PlanRecord> records) {
        return records.stream()
                .map(one -> new Choice(one.id().toString(), one.label(), false))
                .toList();
    }
}
