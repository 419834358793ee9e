package upshot.offload;

import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** {@code ./upshot offload}. Ends with 0 only when the card may be formatted. */
final class Main {

    static final int SAFE = 0;
    static final int STOPPED = 1;
    static final int UNUSABLE_ORDER = 2;
    static final int NOT_YET_SAFE = 3;

    private Main() {}

    /** @param words the folder for reports, then what was typed */
    public static void main(String[] words) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        String[] typed = java.util.Arrays.copyOfRange(words, 1, words.length);
        System.exit(run(Path.of(words[0]), out, System.console() != null, Reader.SYSTEM, Disks.here(), typed));
    }

    static int run(Path reports, PrintStream out, boolean terminal, Reader reader, Hardware hardware, String... typed) {
        Order order;
        try {
            order = Order.of(typed);
        } catch (Stopped unusable) {
            out.println(unusable.getMessage());
            return UNUSABLE_ORDER;
        }
        Screen screen = new Screen(out, terminal);
        try {
            Report report = new Report(reports, order);
            Progress progress = new Progress(
                    (phase, done, all, leftS) -> {
                        screen.stands(phase, done, all, leftS);
                        told(report, phase, done, all, leftS);
                    },
                    System::nanoTime);
            return end(new Offload(order, reader, hardware, report, progress), report, screen);
        } catch (IOException | UncheckedIOException broken) {
            screen.say("It stopped: " + broken.getMessage() + ". The card was not changed.");
            return STOPPED;
        } catch (InterruptedException ended) {
            screen.say("Stopped. The same again goes on.");
            return STOPPED;
        }
    }

    private static int end(Offload offload, Report report, Screen screen) throws IOException, InterruptedException {
        try {
            Outcome outcome = offload.run();
            report.ended(outcome);
            screen.say(outcome.inWords());
            return outcome.mayBeFormatted() ? SAFE : NOT_YET_SAFE;
        } catch (Stopped stopped) {
            report.stopped(stopped.getMessage());
            screen.say(stopped.getMessage());
            return STOPPED;
        } catch (IOException | UncheckedIOException broken) {
            report.stopped("It stopped: " + broken.getMessage() + ". The card was not changed.");
            throw broken;
        }
    }

    private static void told(Report report, Progress.Phase phase, long done, long all, double leftS) {
        try {
            report.stands(phase, done, all, leftS);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
