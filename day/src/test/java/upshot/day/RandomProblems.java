package upshot.day;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Days of all sorts out of a seed: windows, moments, pins, mess, people, cards, one or two crews. */
public final class RandomProblems {

    private static final int ACTIONS = 6;
    private static final int PEOPLE = 3;

    private final Random random;
    private final int size;
    private final int crews;

    private RandomProblems(int seed, int size) {
        this.random = new Random(seed);
        this.size = size;
        this.crews = 1 + random.nextInt(2);
    }

    /** A day of so many setups. */
    public static DayProblem of(int seed, int size) {
        return new RandomProblems(seed, size).problem();
    }

    private DayProblem problem() {
        int day = 60 + 14 * size;
        List<DayCrew> all = IntStream.range(0, crews)
                .mapToObj(crew -> new DayCrew(30 * crew, day, false, 1 + random.nextInt(2), Optional.empty()))
                .toList();
        List<Integer> usual = new ArrayList<>(IntStream.range(0, size).boxed().toList());
        Collections.shuffle(usual, random);
        List<DaySetup> setups = IntStream.range(0, size)
                .mapToObj(index -> setup(index, usual.get(index), day))
                .toList();
        List<Performer> people = IntStream.range(0, PEOPLE)
                .mapToObj(one ->
                        new Performer(maybe(2, 10.0 + random.nextInt(50)), random.nextInt(15), random.nextBoolean()))
                .toList();
        return new DayProblem(
                all,
                setups,
                new Changes(
                        List.of(List.of(0.0, 3.0), List.of(4.0, 0.0)),
                        List.of(3.0, 1.0, 5.0),
                        1.5,
                        2,
                        4,
                        0.5,
                        10,
                        2,
                        1,
                        random.nextInt(4)),
                people,
                new Rests(15, 180, 10, 360, 30, 120, List.of(new Windows.Span(150, 330))),
                random.nextBoolean() ? 0 : 3000,
                1.1,
                10);
    }

    private <T> Optional<T> maybe(int oneIn, T value) {
        return random.nextInt(oneIn) == 0 ? Optional.of(value) : Optional.empty();
    }

    private DaySetup setup(int index, int usual, int day) {
        int action = index * ACTIONS / size;
        boolean once = action == 1;
        Optional<DaySetup.Moment> fixed = once ? Optional.of(new DaySetup.Moment(day / 2, 2)) : Optional.empty();
        Optional<DaySetup.Turn> turn = maybe(
                4, new DaySetup.Turn(random.nextInt(crews), random.nextInt(9), maybe(4, 20 + random.nextInt(day))));
        int from = random.nextInt(5) == 0 ? random.nextInt(day / 2) : 0;
        Windows windows = new Windows(List.of(new Windows.Span(from, day)), 0, from > 0);
        return new DaySetup(
                action,
                once || action == 2 ? action : -1,
                once,
                new Gear(
                        index,
                        action % 2,
                        random.nextInt(3),
                        random.nextBoolean(),
                        random.nextInt(2),
                        random.nextInt(2),
                        random.nextInt(3),
                        random.nextInt(4) == 0),
                0.5 + random.nextInt(30) / 2.0,
                random.nextInt(3),
                fixed,
                turn,
                Collections.nCopies(crews, windows),
                random.nextBoolean() ? List.of(random.nextInt(PEOPLE)) : List.of(),
                action == 5 ? List.of(0) : List.of(),
                index == 0
                        ? IntStream.range(0, size)
                                .filter(other -> other * ACTIONS / size == 5)
                                .boxed()
                                .toList()
                        : List.of(),
                new DaySetup.Worth(random.nextInt(3), 1 + random.nextInt(2)),
                new DaySetup.Recording(random.nextInt(900), random.nextInt(4)),
                random.nextBoolean(),
                action == 3,
                random.nextBoolean(),
                usual);
    }
}
