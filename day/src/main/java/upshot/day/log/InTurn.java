package upshot.day.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The lines of a log in the order in which they count: by the clock, but each phone's in the order of their numbers, even
 * if its clock was set back between them, and what speaks of another line behind it, even if its phone's clock is slow.
 */
final class InTurn {

    private static final double JUST_AFTER_MS = 0.5;

    /** How many phones may answer each other in turn; further than that clocks alone decide. */
    private static final int MOST_PASSES = 8;

    private final List<LogLine> lines;

    InTurn(List<LogLine> lines) {
        this.lines = lines;
    }

    /** Places of the lines that were not taken back. */
    List<Integer> thatCount() {
        List<Integer> inTurn = inTurn();
        boolean[] taken = takenBack(inTurn);
        inTurn.removeIf(place -> taken[place]);
        return inTurn;
    }

    private List<Integer> inTurn() {
        List<Integer> places = new ArrayList<>();
        for (int place = 0; place < lines.size(); place++) {
            places.add(place);
        }
        places.sort(Comparator.comparingInt((Integer place) -> lines.get(place).phone())
                .thenComparingInt(place -> lines.get(place).number())
                .thenComparingInt(place -> place));
        double[] at = at(places);
        // The sort is stable: what is said at one moment stays in the order of the phones and their numbers.
        places.sort(Comparator.comparingDouble(place -> at[place]));
        return places;
    }

    private double[] at(List<Integer> byPhone) {
        double[] at = new double[lines.size()];
        boolean later = true;
        for (int pass = 0; later && pass < MOST_PASSES; pass++) {
            later = false;
            int phone = -1;
            double latest = 0;
            for (int place : byPhone) {
                LogLine line = lines.get(place);
                latest = line.phone() == phone ? Math.max(latest, line.atMs()) : line.atMs();
                latest = line.of() < 0 ? latest : Math.max(latest, at[line.of()] + JUST_AFTER_MS);
                phone = line.phone();
                later |= latest > at[place];
                at[place] = latest;
            }
        }
        return at;
    }

    /** What a later line that counts takes back does not count. */
    private boolean[] takenBack(List<Integer> inTurn) {
        int[] turn = new int[lines.size()];
        for (int i = 0; i < inTurn.size(); i++) {
            turn[inTurn.get(i)] = i;
        }
        boolean[] taken = new boolean[lines.size()];
        for (int i = inTurn.size() - 1; i >= 0; i--) {
            LogLine line = lines.get(inTurn.get(i));
            boolean takes = line.what() == What.TAKEN_BACK && line.of() >= 0 && !taken[inTurn.get(i)];
            if (takes && turn[line.of()] < i) {
                taken[line.of()] = true;
            }
        }
        return taken;
    }
}
