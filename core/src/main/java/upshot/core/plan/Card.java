package upshot.core.plan;

import java.util.UUID;

/**
 * Cards of one sort.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param count 1 to 99
 * @param capacityGb 0.1 to 20 000 GB
 * @param copyMegabytesPerS what the reader copies, 1 to 20 000 MB/s
 */
public record Card(UUID id, String name, double rank, int count, double capacityGb, double copyMegabytesPerS)
        implements PlanRecord {

    public Card {
        Check.present("id", id);
        name = Check.text("name", "name of the cards", name, 1, 60);
        rank = Check.rank(rank);
        count = Check.whole("count", "number of cards", count, 1, 99, "");
        capacityGb = Check.range("capacityGb", "capacity", capacityGb, 0.1, 20_000, "GB");
        copyMegabytesPerS =
                Check.range("copyMegabytesPerS", "speed of the reader", copyMegabytesPerS, 1, 20_000, "MB/s");
    }

    @Override
    public String label() {
        return name;
    }
}
