package upshot.day.browser;

import org.teavm.jso.JSExport;
import upshot.day.DayNumbers;
import upshot.day.DayOrder;
import upshot.day.LocalSearch;
import upshot.day.log.LogNumbers;

/** What a script calls where there is no WebAssembly. Problems and orders are written as {@link DayNumbers} says. */
public final class DayAsScript {

    private DayAsScript() {}

    /** The order without a search. */
    @JSExport
    public static double[] construct(double[] problem) {
        return DayNumbers.write(DayOrder.constructed(DayNumbers.read(problem)));
    }

    /**
     * The best order found from there.
     *
     * @param changes how many are tried
     */
    @JSExport
    public static double[] search(double[] problem, int seed, int changes) {
        DayOrder begin = DayOrder.constructed(DayNumbers.read(problem));
        return DayNumbers.write(LocalSearch.run(begin, 0, seed, LocalSearch.Spent.of(changes), better -> {}));
    }

    /**
     * The best order found of what is left; see {@link DayNumbers#readRest}.
     *
     * @param changes how many are tried
     */
    @JSExport
    public static double[] rest(double[] rest, int seed, int changes) {
        DayOrder begin = DayOrder.constructed(DayNumbers.readRest(rest));
        return DayNumbers.write(LocalSearch.run(begin, 0, seed, LocalSearch.Spent.of(changes), better -> {}));
    }

    /** How the day stands by its log; both as {@link LogNumbers} says. */
    @JSExport
    public static double[] state(double[] log) {
        return LogNumbers.state(log);
    }
}
