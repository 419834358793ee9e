package upshot.day.browser;

import org.teavm.interop.Export;
import upshot.day.DayNumbers;
import upshot.day.DayOrder;
import upshot.day.LocalSearch;

/**
 * The same as {@link DayAsScript} for WebAssembly: numbers alone go in and out, one by one. What passes arrays and objects
 * to a script makes functions out of text, which the pages' policy forbids.
 */
public final class DayAsWasm {

    private static double[] numbers = {};

    private DayAsWasm() {}

    /** Makes room for a problem of so many numbers. */
    @Export(name = "room")
    public static void room(int size) {
        numbers = new double[size];
    }

    @Export(name = "put")
    public static void put(int at, double number) {
        numbers[at] = number;
    }

    /** A number of the order that was made last. */
    @Export(name = "get")
    public static double get(int at) {
        return numbers[at];
    }

    /**
     * Puts the order without a search in the place of the problem.
     *
     * @return how many numbers it has
     */
    @Export(name = "construct")
    public static int construct() {
        return keep(constructed());
    }

    /**
     * Puts the best order found from there in the place of the problem.
     *
     * @param changes how many are tried
     * @return how many numbers it has
     */
    @Export(name = "search")
    public static int search(int seed, int changes) {
        return keep(LocalSearch.run(constructed(), 0, seed, LocalSearch.Spent.of(changes), better -> {}));
    }

    /**
     * Puts the best order found of what is left in the place of its numbers; see {@link DayNumbers#readRest}.
     *
     * @param changes how many are tried
     * @return how many numbers it has
     */
    @Export(name = "rest")
    public static int rest(int seed, int changes) {
        DayOrder begin = DayOrder.constructed(DayNumbers.readRest(numbers));
        return keep(LocalSearch.run(begin, 0, seed, LocalSearch.Spent.of(changes), better -> {}));
    }

    private static DayOrder constructed() {
        return DayOrder.constructed(DayNumbers.read(numbers));
    }

    private static int keep(DayOrder order) {
        numbers = DayNumbers.write(order);
        return numbers.length;
    }
}
