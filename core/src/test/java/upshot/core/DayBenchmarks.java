package upshot.core;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import upshot.core.order.DayPlan;
import upshot.core.order.Search;
import upshot.core.order.Shoot;
import upshot.core.order.ShootingOrder;
import upshot.core.order.WrittenOrder;
import upshot.core.plan.Plan;
import upshot.day.DayOrder;
import upshot.day.Merit;

/** How good the search for an order is in the time that a planner gives it, and how it grows. */
public final class DayBenchmarks {

    private static final int DAYS = 20;
    private static final int SHOTS = 60;
    private static final double USUAL_S = 3;
    private static final double LONG_S = 30;

    private DayBenchmarks() {}

    /** A day of so many shots whose order is written down. */
    static DayPlan writtenDown(int shots) {
        Plan plan = new RandomDays(1).workday(shots);
        return ShootingOrder.of(plan.apply(
                WrittenOrder.of(Shoot.of(plan), ShootingOrder.of(plan).order().crews(), UUID::randomUUID)));
    }

    /** The first setup moved to the middle, and the day timed again. */
    static Object moved(DayPlan day) {
        Plan plan = day.shoot().plan();
        DayPlan.Slot slot = day.slots().get(0);
        return ShootingOrder.of(plan.apply(WrittenOrder.move(
                day, UUID::randomUUID, slot.setup(), slot.crew(), day.slots().size() / 2)));
    }

    /**
     * @param arguments the file to which the tables are added
     */
    public static void main(String[] arguments) throws IOException {
        Files.writeString(
                Path.of(arguments[0]), growth() + quality(), StandardOpenOption.APPEND, StandardOpenOption.CREATE);
    }

    private static String quality() {
        List<String> rows = new ArrayList<>();
        int within = 0;
        boolean neverWorse = true;
        for (int day = 0; day < DAYS; day++) {
            DayOrder begin = ShootingOrder.of(Shoot.of(new RandomDays(1000L + day).workday(SHOTS)))
                    .order();
            Merit usual = found(begin, day, USUAL_S);
            Merit best = found(begin, day, LONG_S);
            neverWorse &= usual.compareTo(begin.merit()) <= 0;
            boolean near = usual.compareTo(best) <= 0
                    || usual.sameAboveMinutes(best) && usual.minutes() <= best.minutes() * 1.05;
            within += near ? 1 : 0;
            rows.add(String.format(
                    Locale.ROOT,
                    "| %d | %s | %s | %s | %+.1f %% |",
                    day + 1,
                    said(begin.merit()),
                    said(usual),
                    said(best),
                    100 * (usual.minutes() / best.minutes() - 1)));
        }
        return """

                %d generated days of %d shots, the same figures: by construction, after %.0f s of search and after %.0f s, and how many more minutes the first takes.
                Never worse than the construction: %s. Within 5 %% of the long search, with as many shots: %d of %d.

                | day | construction | %.0f s | %.0f s | more |
                |---|---|---|---|---|
                %s
                """.formatted(
                        DAYS,
                        SHOTS,
                        USUAL_S,
                        LONG_S,
                        neverWorse ? "yes" : "no",
                        within,
                        DAYS,
                        USUAL_S,
                        LONG_S,
                        String.join("\n", rows));
    }

    private static Merit found(DayOrder begin, int seed, double seconds) {
        return new Search(begin, Search.Effort.time(seed, Duration.ofMillis((long) (seconds * 1000))))
                .run(better -> {})
                .merit();
    }

    private static String said(Merit merit) {
        return String.format(
                Locale.ROOT, "%d, %d, %d; %.0f min", merit.musts(), merit.shoulds(), merit.bonuses(), merit.minutes());
    }

    private static String growth() {
        List<String> rows = new ArrayList<>();
        for (int shots : new int[] {20, 40, 60, 100, 150}) {
            Shoot shoot = Shoot.of(new RandomDays(2000).workday(shots));
            DayOrder begin = ShootingOrder.of(shoot).order();
            long before = System.nanoTime();
            for (int i = 0; i < 20; i++) {
                ShootingOrder.of(shoot);
            }
            double construction = (System.nanoTime() - before) / 20e6;
            rows.add(String.format(
                    Locale.ROOT,
                    "| %d | %.1f ms | %s | %s |",
                    shots,
                    construction,
                    said(begin.merit()),
                    said(found(begin, 1, USUAL_S))));
        }
        return """

                ## Orders of the day

                How many shots are not made (musts, shoulds, bonuses) and the weighted minutes, as the day grows.

                | shots | construction takes | construction | %.0f s |
                |---|---|---|---|
                %s
                """.formatted(USUAL_S, String.join("\n", rows));
    }
}
