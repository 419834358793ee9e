package upshot.offload;

import java.util.Locale;

/** Bytes for people. */
final class Size {

    private static final double THOUSAND = 1000;
    private static final String[] UNITS = {"B", "kB", "MB", "GB", "TB"};

    private Size() {}

    /** "58.2 GB", in thousands as cards are sold. */
    static String of(long bytes) {
        double amount = bytes;
        int unit = 0;
        while (amount >= THOUSAND && unit < UNITS.length - 1) {
            amount /= THOUSAND;
            unit++;
        }
        return String.format(Locale.ROOT, unit == 0 ? "%.0f %s" : "%.1f %s", amount, UNITS[unit]);
    }
}
