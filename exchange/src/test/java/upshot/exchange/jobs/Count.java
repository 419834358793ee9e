package upshot.exchange.jobs;

import java.util.ArrayList;
import java.util.List;

/**
 * What is said of a job held against what must be found in it.
 *
 * @param job its file
 * @param pictures how many shots it plans
 * @param hits lines of the table that were said
 * @param misses lines of the table that were not
 * @param alarms what was said and is not in the table
 */
record Count(String job, int pictures, List<String> hits, List<String> misses, List<Found.Said> alarms) {

    static Count of(String name) {
        JobFile.Job job = JobFile.read(name);
        List<Found.Said> alarms = new ArrayList<>(Found.in(job));
        List<String> hits = new ArrayList<>();
        List<String> misses = new ArrayList<>();
        for (String line : JobFile.expected(name)) {
            boolean said = alarms.stream()
                    .filter(one -> one.line().equals(line))
                    .findFirst()
                    .map(alarms::remove)
                    .orElse(false);
            (said ? hits : misses).add(line);
        }
        return new Count(name, job.plan().shots().size(), hits, misses, alarms);
    }

    boolean good() {
        return job.endsWith("-expert");
    }

    static String ruleOf(String line) {
        return line.substring(0, line.indexOf(','));
    }
}
