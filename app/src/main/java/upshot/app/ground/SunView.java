package upshot.app.ground;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.ground.Skyline;
import upshot.core.light.SunAt;
import upshot.core.light.SunDay;
import upshot.core.light.SunHours;
import upshot.core.light.SunOnView;
import upshot.core.order.DayPlan;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.SunWords;

/**
 * Which minute of which day a plan is shown at, and what the sun does then.
 *
 * @param date the day of the shoot, or another that was asked for
 * @param asked whether somebody has chosen the minute
 */
record SunView(Verdict verdict, Spot spot, LocalDate date, int minute, boolean asked) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final int HOUR = 60;

    /** Where nobody has said when it is shot. */
    private static final LocalDate SOME_SUMMER = LocalDate.of(2026, 6, 21);

    /** Hours that can be gone to. */
    record Hours(String said, int minute) {}

    static SunView of(Verdict verdict, Spot spot, Optional<Shot> shown, Map<String, String> parameters) {
        Plan plan = verdict.plan();
        LocalDate shoot = plan.brief().shootDate().orElse(SOME_SUMMER);
        Optional<Integer> day =
                number(parameters.get("on"), shoot.lengthOfYear()).filter(one -> one > 0);
        Optional<Integer> minute = number(parameters.get("at"), SunAt.MINUTES - 1);
        return new SunView(
                verdict,
                spot,
                day.map(shoot::withDayOfYear).orElse(shoot),
                minute.orElseGet(() -> usual(verdict, shown)),
                minute.isPresent());
    }

    private static Optional<Integer> number(String text, int most) {
        return Optional.ofNullable(text)
                .filter(one -> one.matches("\\d{1,4}"))
                .map(Integer::parseInt)
                .map(one -> Math.min(most, one));
    }

    /** When the chosen shot rolls, or when the day begins. */
    private static int usual(Verdict verdict, Optional<Shot> shown) {
        return shown.flatMap(verdict.day()::slotOf)
                .map(slot -> minuteOf(verdict.day().clock(slot.times().roll())))
                .orElse(minuteOf(verdict.plan().brief().callTime()));
    }

    private static int minuteOf(LocalTime time) {
        return time.getHour() * HOUR + time.getMinute();
    }

    Optional<SunAt> sun() {
        return SunAt.of(verdict.plan(), spot, date, minute);
    }

    public String clock() {
        return LocalTime.of(minute / HOUR, minute % HOUR).toString();
    }

    public String day() {
        return DAY.format(date);
    }

    /** Why there is none to show, or what it does. */
    public String words() {
        return sun().map(SunAt::words)
                .orElseGet(() -> spot.facingDeg().isEmpty()
                        ? "The sun can be shown when the Brief says which way %s faces.".formatted(spot.name())
                        : "The sun can be shown when the Brief says where it is shot.");
    }

    private Optional<SunDay> sunDay(LocalDate on) {
        return verdict.plan()
                .brief()
                .coordinates()
                .map(place -> new SunDay(place, on, verdict.plan().brief().clock()));
    }

    /** Rise and set on the day that is shown and on the longest and the shortest of its year. */
    public String risesAndSets() {
        return SunWords.risesAndSets(verdict.plan().brief(), date);
    }

    /** From which side the sun lights what a shot shows, hour by hour; indoors it is not asked. */
    List<Hours> hours(Shot shot) {
        Plan plan = verdict.plan();
        Action action = plan.actionOf(shot);
        Optional<Place> place = Place.of(plan, action).filter(one -> spot.outdoors());
        Optional<Double> camera = Place.compassDeg(plan, spot, action, shot.bearingDeg());
        return place
                .flatMap(at -> sunDay(date)
                        .flatMap(day -> camera.map(deg -> SunHours.sides(
                                day,
                                new Skyline(FloorPlan.of(plan, spot), at.at()),
                                spot.facingDeg().orElseThrow(),
                                deg))))
                .orElse(List.of())
                .stream()
                .filter(stretch -> stretch.what() != SunOnView.From.NOWHERE)
                .map(SunView::hours)
                .toList();
    }

    private static Hours hours(SunHours.Stretch<SunOnView.From> stretch) {
        int from = minuteOf(stretch.from());
        int until = minuteOf(stretch.until()) == 0 ? SunAt.MINUTES : minuteOf(stretch.until());
        String side = switch (stretch.what()) {
            case BEHIND -> "Sun behind the subject";
            case SIDE -> "Sun from the side";
            case ABOVE -> "Sun high above";
            default -> "Sun in front, behind the camera";
        };
        return new Hours("%s %s to %s".formatted(side, stretch.from(), stretch.until()), (from + until) / 2);
    }

    /** The shots that are set up at the minute that was asked for, on the day of the shoot. */
    Optional<Set<UUID>> setUp() {
        boolean shootDay =
                verdict.plan().brief().shootDate().filter(date::equals).isPresent();
        if (!asked || !shootDay) {
            return Optional.empty();
        }
        DayPlan day = verdict.day();
        LocalTime now = LocalTime.of(minute / HOUR, minute % HOUR);
        return Optional.of(day.slots().stream()
                .filter(slot -> within(
                        now,
                        day.clock(slot.times().ready()),
                        day.clock(slot.times().end())))
                .flatMap(slot -> slot.setup().shots().stream())
                .map(Shot::id)
                .collect(Collectors.toUnmodifiableSet()));
    }

    /** Over midnight the end is earlier on the clock. */
    private static boolean within(LocalTime now, LocalTime from, LocalTime until) {
        return from.isBefore(until)
                ? !now.isBefore(from) && now.isBefore(until)
                : !now.isBefore(from) || now.isBefore(until);
    }
}
