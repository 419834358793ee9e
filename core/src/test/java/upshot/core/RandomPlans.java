package upshot.core;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.house.Threshold;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Card;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Dioptre;
import upshot.core.plan.Entry;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Field;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Light;
import upshot.core.plan.Moment;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Outline;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
import upshot.core.plan.Rest;
import upshot.core.plan.Shot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Support;
import upshot.core.plan.TempoMark;
import upshot.core.plan.Turn;
import upshot.core.plan.Use;
import upshot.core.plan.UseCrop;
import upshot.core.plan.VoiceOver;
import upshot.core.plan.Walk;
import upshot.core.plan.Waypoint;

/** Plans and changes out of a seeded source, for properties that must hold for any of them. */
public final class RandomPlans {

    private final Random random;
    private final RandomValues values;

    public RandomPlans(long seed) {
        this.random = new Random(seed);
        this.values = new RandomValues(random);
    }

    /** A valid plan of a few actions, shots and uses with all kinds of values. */
    public Plan plan() {
        SamplePlan sample = new SamplePlan();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            Action action = sample.action();
            for (int j = 0; j < random.nextInt(4); j++) {
                Shot shot = sample.shot(
                        action,
                        one -> one.with("bearingDeg", random.nextInt(72) * 5.0)
                                .with(
                                        "subjectId",
                                        random.nextInt(4) > 0 ? Optional.empty() : Optional.of(sample.otherPerson())));
                for (int k = 0; k < random.nextInt(3); k++) {
                    sample.use(shot);
                }
            }
        }
        Plan plan = sample.build();
        for (int i = 0; i < 30; i++) {
            plan = plan.apply(set(plan));
        }
        return plan;
    }

    /** The same plan made from its records, of which nothing is known. */
    public static Plan anew(Plan plan) {
        return Plan.of(RecordKind.PARENT_FIRST.stream()
                .flatMap(kind -> plan.all(kind).stream())
                .toList());
    }

    /** A change that the plan accepts: an added shot or use, a removal with all it drags along, fields, or several. */
    public Change change(Plan plan) {
        return switch (random.nextInt(7)) {
            case 6 -> state(plan);
            case 5 -> extra(plan);
            case 0 -> add(plan);
            case 1 -> removed(plan);
            case 2 -> several(plan);
            default -> set(plan);
        };
    }

    /** Few things and states, so that actions share a thing and come back to a state of it. */
    private Change state(Plan plan) {
        if (plan.actions().isEmpty()) {
            return set(plan);
        }
        Change change = Change.edit(
                pick(plan.actions()),
                one -> one.with("thing", pick(List.of("pot", "pot", "wheel")))
                        .with("setsState", pick(List.of("raw", "glazed", "fired"))));
        return change.steps().findAny().isEmpty() ? set(plan) : change;
    }

    /** Never so much that little would be left to judge. */
    private Change removed(Plan plan) {
        List<PlanRecord> removable = removable(plan);
        Change change = removable.isEmpty() ? set(plan) : Removal.of(plan, pick(removable));
        return plan.apply(change).shots().size() < 2 ? set(plan) : change;
    }

    private Change several(Plan plan) {
        List<Change> changes = new ArrayList<>();
        Plan grown = plan;
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            Change one = random.nextBoolean() ? set(grown) : add(grown);
            changes.add(one);
            grown = grown.apply(one);
        }
        return Change.batch(changes);
    }

    private Change add(Plan plan) {
        if (plan.actions().isEmpty() || random.nextInt(3) > 0 && !plan.shots().isEmpty()) {
            return plan.shots().isEmpty()
                    ? set(plan)
                    : new Change.Add(new Use(
                            id(),
                            pick(plan.shots()).id(),
                            Ranks.at(plan.uses(), random.nextInt(plan.uses().size() + 1)),
                            1 + random.nextInt(200),
                            random.nextBoolean() ? 1 : -2.5,
                            random.nextBoolean() ? Optional.empty() : Optional.of(random.nextInt(9) / 2.0),
                            random.nextInt(3) * 6,
                            pick(List.of(Entry.values())),
                            random.nextBoolean(),
                            UseCrop.NONE));
        }
        Action action = pick(plan.actions());
        String code = action.codePrefix() + (1000 + random.nextInt(9000));
        boolean taken = plan.shots().stream().anyMatch(shot -> shot.code().equals(code));
        return taken ? set(plan) : new Change.Add(Shot.draft(id(), action.id(), code, new FrameRate(24000, 1001)));
    }

    /** Kinds that most jobs have a few of and that nothing else refers to. */
    private static final List<RecordKind<?>> EXTRAS = List.of(
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
            RecordKind.WAYPOINT);

    private Change extra(Plan plan) {
        List<Threshold> free = Arrays.stream(Threshold.values())
                .filter(one -> plan.adjustment(one).isEmpty())
                .toList();
        boolean walkable = plan.spots().size() > 1;
        PlanRecord added = switch (random.nextInt(19)) {
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
        Change change = new Change.Add(added);
        try {
            plan.apply(change);
            return change;
        } catch (InvalidField doubled) {
            return set(plan);
        }
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
        return switch (random.nextInt(5)) {
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

    private static List<PlanRecord> removable(Plan plan) {
        List<PlanRecord> candidates = new ArrayList<>();
        candidates.addAll(plan.uses());
        candidates.addAll(plan.shots());
        candidates.addAll(plan.actions());
        candidates.addAll(plan.subjects());
        candidates.addAll(plan.spots());
        for (RecordKind<?> kind : EXTRAS) {
            candidates.addAll(plan.list(kind));
        }
        return candidates;
    }

    /** Sets a field of a record to another valid value of its type. */
    public Change set(Plan plan) {
        List<PlanRecord> all = new ArrayList<>();
        RecordKind.PARENT_FIRST.forEach(kind -> all.addAll(plan.all(kind)));
        // Maps keep no order worth relying on: sorted, the same seed picks the same record on every machine.
        Collections.sort(all, Comparator.comparing(PlanRecord::id));
        for (; ; ) {
            PlanRecord record = pick(all);
            Field field = pick(RecordKind.of(record).fields());
            Optional<Object> value = values.value(field);
            if (value.isEmpty()) {
                continue;
            }
            Change change = Change.set(record, field.name(), value.get());
            try {
                plan.apply(change);
                return change;
            } catch (IllegalArgumentException refused) {
                // The value does not suit this field; another is drawn.
            }
        }
    }

    private UUID id() {
        return values.id();
    }

    private <T> T pick(List<T> list) {
        return values.pick(list);
    }
}
