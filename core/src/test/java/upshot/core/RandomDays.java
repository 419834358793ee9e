package upshot.core;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import upshot.core.house.OrderSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.FrameRates;
import upshot.core.plan.Mode;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;

/** Days with windows, moments, things that must not be mixed up and setups of all sorts, out of a seeded source. */
public final class RandomDays {

    private static final List<Support> SUPPORTS =
            List.of(Support.TRIPOD, Support.TRIPOD, Support.GIMBAL, Support.SLIDER, Support.HAND_HELD);

    private final Random random;
    private final SamplePlan sample = new SamplePlan();

    public RandomDays(long seed) {
        this.random = new Random(seed);
    }

    /** A long day of so many shots as a crew would plan it: two or three to an action on one support, most of it free. */
    public Plan workday(int shots) {
        sample.brief("callTime", LocalTime.of(8, 0))
                .brief("wrapTime", LocalTime.of(8, 0).plusMinutes(Math.min(1400, 11L * shots)));
        int made = 0;
        for (int place = 0; made < shots; place++) {
            Action action = ofAWorkday(place);
            Support support = pick(SUPPORTS);
            for (int i = 0; i < 2 + random.nextInt(2) && made < shots; i++) {
                shot(action, random.nextInt(3) > 0 ? support : pick(SUPPORTS));
                made++;
            }
        }
        return sample.build();
    }

    private Action ofAWorkday(int place) {
        int from = random.nextInt(400);
        return sample.action(one -> one.with("durationS", 20.0 + random.nextInt(60))
                .with("messy", random.nextInt(8) == 0)
                .with("thing", random.nextInt(3) == 0 ? "thing " + random.nextInt(6) : "")
                .with("spotId", random.nextBoolean() ? sample.nextSpot() : one.spotId())
                .with("subjectId", random.nextInt(3) == 0 ? sample.otherPerson() : one.subjectId())
                .with("fromTime", place % 5 == 1 ? at(from) : Optional.empty())
                .with("untilTime", place % 5 == 1 ? at(from + 120) : Optional.empty()));
    }

    /**
     * A day of so many shots, most of them with a setup of their own.
     *
     * @param hours from the call to the wrap
     */
    public Plan plan(int shots, double hours) {
        int minutes = (int) (hours * 60);
        sample.brief("callTime", LocalTime.of(9, 0))
                .brief("wrapTime", LocalTime.of(9, 0).plusMinutes(minutes));
        int made = 0;
        while (made < shots) {
            Action action = action(minutes);
            int ofAction = Math.min(shots - made, 1 + random.nextInt(3));
            for (int i = 0; i < ofAction; i++) {
                shot(action, pick(SUPPORTS));
                made++;
            }
        }
        Plan plan = sample.build();
        if (random.nextInt(3) == 0) {
            plan = plan.apply(Change.set(plan.house(), "dayOrder", pick(List.of(OrderSchool.values()))));
        }
        if (random.nextBoolean()) {
            plan = plan.apply(Change.set(
                    plan.get(RecordKind.SUBJECT, plan.subjects().get(0).id()), "effortMin", Optional.of(6.0)));
        }
        return random.nextInt(3) == 0 ? secondBody(plan) : plan;
    }

    private Plan secondBody(Plan plan) {
        Body body = Body.draft(sample.id(), "Second body");
        Mode mode = plan.modesOf(plan.bodies().get(0)).get(0);
        Plan with = plan.apply(Change.batch(List.of(
                new Change.Add(body),
                new Change.Add(new Mode(
                        sample.id(),
                        body.id(),
                        "4K",
                        1,
                        3840,
                        2160,
                        FrameRates.parse("24, 50"),
                        24.9,
                        14.0,
                        mode.bitRateMbps(),
                        true)))));
        return with;
    }

    private Action action(int minutes) {
        int kind = random.nextInt(12);
        return sample.action(one -> {
            Action action = one.with("durationS", 20.0 + random.nextInt(100))
                    .with("messy", random.nextInt(5) == 0)
                    .with("tiring", random.nextInt(5) == 0)
                    .with("thing", random.nextInt(3) == 0 ? "bowl" : "")
                    .with("setsState", kind == 5 ? "glazed" : "")
                    .with("resetMin", (double) random.nextInt(3));
            if (random.nextBoolean()) {
                action = action.with("spotId", sample.nextSpot());
            }
            if (random.nextInt(3) == 0) {
                action = action.with("subjectId", sample.otherPerson());
            }
            if (kind < 3) {
                int from = random.nextInt(Math.max(1, minutes - 40));
                action = action.with("fromTime", at(from)).with("untilTime", at(from + 30 + random.nextInt(60)));
            } else if (kind == 3) {
                action = action.with("fixedTime", at(30 + random.nextInt(Math.max(1, minutes - 35))))
                        .with("once", true);
            } else if (kind == 4) {
                action = action.with("once", true);
            }
            return action;
        });
    }

    private static Optional<LocalTime> at(int minutesAfterNine) {
        return Optional.of(LocalTime.of(9, 0).plusMinutes(minutesAfterNine));
    }

    private Shot shot(Action action, Support support) {
        return sample.shot(
                action,
                one -> one.with("bearingDeg", random.nextInt(24) * 15.0)
                        .with("support", support)
                        .with("focalLengthMm", pick(List.of(24.0, 35.0, 50.0, 85.0)))
                        .with("takes", 1 + random.nextInt(3))
                        .with("holdS", 10.0 + random.nextInt(50))
                        .with("lampsOff", random.nextInt(4) == 0)
                        .with(
                                "priority",
                                pick(List.of(Priority.MUST, Priority.MUST, Priority.SHOULD, Priority.BONUS))));
    }

    private <T> T pick(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
