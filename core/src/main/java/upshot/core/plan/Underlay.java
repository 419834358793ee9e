package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;

import java.util.UUID;
import java.util.regex.Pattern;

/**
 * A picture that lies under the plan of a spot: somebody else's plan, a map, a photograph from above, straight already.
 *
 * @param still the hash of the picture, 64 hexadecimal figures
 * @param acrossM where its left edge lies, from the spot's own corner, −1000 to 1000 m
 * @param deepM where its lower edge lies, likewise
 * @param wideM how wide it is on the floor, 0.1 to 2000 m
 * @param highM how far it goes deep, 0.1 to 2000 m
 */
public record Underlay(
        UUID id,
        @Refers(to = "spot") UUID spotId,
        String still,
        double acrossM,
        double deepM,
        double wideM,
        double highM)
        implements PlanRecord {

    private static final Pattern HASH = Pattern.compile("[0-9a-f]{64}");

    public Underlay {
        present("id", id);
        present("spotId", spotId);
        if (!HASH.matcher(chosen("still", "picture", still)).matches()) {
            throw new InvalidField("still", "A picture is named by its hash.");
        }
        acrossM = Check.range("acrossM", "place across", acrossM, -1000, 1000, "m");
        deepM = Check.range("deepM", "place in depth", deepM, -1000, 1000, "m");
        wideM = Check.range("wideM", "width", wideM, 0.1, 2000, "m");
        highM = Check.range("highM", "depth", highM, 0.1, 2000, "m");
    }

    @Override
    public String label() {
        return "picture under it";
    }
}
