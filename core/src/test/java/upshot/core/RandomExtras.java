package upshot.core;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.house.Threshold;
import upshot.core.plan.Accepted;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Card;
import upshot.core.plan.Carrier;
import upshot.core.plan.Dioptre;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Light;
import upshot.core.plan.Moment;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Outline;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Rest;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Support;
import upshot.core.plan.TempoMark;
import upshot.core.plan.Turn;
import upshot.core.plan.Underlay;
import upshot.core.plan.VoiceOver;
import upshot.core.plan.Walk;
import upshot.core.plan.Waypoint;

/** Records out of a seeded source that a plan may have beside its actions, shots and uses. */
final class RandomExtras {

    /** Kinds that most jobs have a few of and that nothing else refers to. */
    static final List<RecordKind<?>> KINDS = List.of(
            RecordKind.ADJUSTMENT,
            RecordKind.TEMPO,
            RecordKind.VOICE,
            RecordKind.MOMENT,
            RecordKind.WALK,
            RecordKind.DIOPTRE,
            RecordKind.ND,
            RecordKind.CARRIER,
            RecordKind.CARD,
            RecordKind.LIGHT,
            RecordKind.PERFORMER,
            RecordKind.ACCEPTED,
            RecordKind.SHIFT,
            RecordKind.TURN,
            RecordKind.REST,
            RecordKind.CORNER,
            RecordKind.STRETCH,
            RecordKind.STANDING,
            RecordKind.WAYPOINT,
            RecordKind.UNDERLAY);

    private final Random random;
    private final RandomValues values;

    RandomExtras(Random random, RandomValues values) {
        this.random = random;
        this.values = values;
    }

    /** One of them; it may be there already, and then the plan refuses it. */
    PlanRecord of(Plan plan) {
        List<Threshold> free = Arrays.stream(Threshold.values())
                .filter(one -> plan.adjustment(one).isEmpty())
                .toList();
        boolean walkable = plan.spots().size() > 1;
        return switch (random.nextInt(19)) {
            case 12 -> new NdFilter(id(), "ND", 1, 1 + random.nextInt(9));
            case 11 ->
                new ExtraCrew(
                        id(),
                        "Second unit",
                        random.nextInt(9),
                        random.nextInt(3),
                        LocalTime.of(random.nextInt(12), 0),
                        LocalTime.of(12 + random.nextInt(12), 0),
                        1 + random.nextInt(2));
            case 14, 15, 16, 17, 18 -> onTheFloor(plan);
            case 13 -> plan.shots().isEmpty() ? accepted(plan) : turn(plan);
            case 9 -> accepted(plan);
            case 0 ->
                free.isEmpty()
                        ? new NdFilter(id(), "ND", 1, 6)
                        : new Adjustment(id(), free.get(0), free.get(0).most());
            case 1 ->
                new TempoMark(id(), plan.list(RecordKind.TEMPO).size() * 8 + random.nextInt(7) + 100, 500_001, 4, 4);
            case 2 -> new VoiceOver(id(), random.nextInt(20), 20 + random.nextDouble(), pick(RandomValues.TEXTS));
            case 3 -> new Moment(id(), "Doors", Optional.empty(), LocalTime.of(random.nextInt(24), 5), 10, "");
            case 4 ->
                walkable
                        ? new Walk(
                                id(),
                                plan.spots().get(0).id(),
                                plan.spots().get(1).id(),
                                random.nextInt(20))
                        : new Dioptre(id(), "+2", 1, 2);
            case 5 -> new Dioptre(id(), "+1", random.nextInt(9), 1);
            case 6 -> new Carrier(id(), "Slider", 1, Support.SLIDER, 0.2, 1.8, 0.8);
            case 7 -> new Card(id(), "Card", 1, 2, 128, 90.5);
            case 8 ->
                plan.actions().isEmpty() || plan.subjects().isEmpty()
                        ? new Card(id(), "Card", 1, 2, 128, 90.5)
                        : Performer.of(
                                id(),
                                pick(plan.actions()).id(),
                                pick(plan.subjects()).id(),
                                random.nextInt(9));
            default -> new Light(id(), "Panel", 1, 60, 4000, true);
        };
    }

    /** A rest, a part of a spot's plan or a point of somebody's way. */
    private PlanRecord onTheFloor(Plan plan) {
        if (plan.actions().isEmpty()
                || plan.spots().isEmpty()
                || plan.subjects().isEmpty()) {
            return new Card(id(), "Card", 1, 2, 128, 90.5);
        }
        UUID spot = pick(plan.spots()).id();
        double x = random.nextInt(40) / 4.0;
        double y = random.nextInt(40) / 4.0;
        return switch (random.nextInt(6)) {
            case 4 -> new Underlay(id(), spot, "0".repeat(64), x, y, 4, 3);
            case 0 -> new Rest(id(), pick(plan.subjects()).id(), LocalTime.of(9 + random.nextInt(8), 30), 20);
            case 1 -> new FloorCorner(id(), spot, random.nextInt(99), x, y, 2.5, random.nextBoolean());
            case 2 -> new Stretch(id(), spot, 1, "", pick(List.of(Stretch.Kind.values())), x, y, x + 1, y, 0.5, 2);
            case 3 ->
                new Standing(
                        id(),
                        spot,
                        1,
                        "Bench",
                        pick(List.of(Standing.Kind.values())),
                        Outline.parse("0 0, 1 0, 1 1"),
                        0.8,
                        "",
                        "");
            default -> new Waypoint(id(), pick(plan.actions()).id(), random.nextInt(99), x, y, random.nextInt(3));
        };
    }

    private Turn turn(Plan plan) {
        List<ExtraCrew> shifts = plan.list(RecordKind.SHIFT);
        return new Turn(
                id(),
                pick(plan.shots()).id(),
                shifts.isEmpty() || random.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(pick(shifts).id()),
                random.nextInt(9),
                random.nextInt(3) > 0 ? Optional.empty() : Optional.of(LocalTime.of(9 + random.nextInt(8), 20)),
                random.nextInt(6) == 0);
    }

    private Accepted accepted(Plan plan) {
        boolean joint = plan.uses().size() > 1 && random.nextBoolean();
        boolean shot = !joint && !plan.shots().isEmpty() && random.nextBoolean();
        return new Accepted(
                id(),
                pick(List.of("too-alike", "travel-flip", "pace")),
                joint ? Optional.of(plan.uses().get(0).id()) : Optional.empty(),
                joint ? Optional.of(plan.uses().get(1).id()) : Optional.empty(),
                shot ? Optional.of(pick(plan.shots()).id()) : Optional.empty(),
                random.nextBoolean(),
                Optional.empty(),
                pick(RandomValues.TEXTS));
    }

    private UUID id() {
        return values.id();
    }

    private <T> T pick(List<T> list) {
        return values.pick(list);
    }
}
