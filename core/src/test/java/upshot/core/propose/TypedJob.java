package upshot.core.propose;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.brief.ActionLine;
import upshot.core.brief.GenericKit;
import upshot.core.brief.LineReader;
import upshot.core.brief.NewActions;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Mode;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;

/** A job as somebody types it: a new job as the application begins it, and a number of lines. */
public final class TypedJob {

    /** The trades of which lines are written down. */
    public static final List<String> TRADES =
            List.of("craft", "event", "product", "sport", "performance", "travelling");

    private static final double LINE_S = 4;
    private static final double STEP_S = 5;
    private static final double SHORTEST_S = 15;
    private static final double LONGEST_S = 90;

    private static final int FEWEST = 5;
    private static final int MOST = 20;
    private static final double ROOM_M = 12;

    private final Random chance;
    private int ids;

    private TypedJob(long seed) {
        chance = new Random(seed);
    }

    private record Line(String trade, String part, String typed) {}

    private static List<Line> lines(String trade) {
        try (InputStream lines = TypedJob.class.getResourceAsStream("trades.txt")) {
            return new String(lines.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.startsWith(trade + " "))
                    .map(line -> line.split("\\s*\\|\\s*"))
                    .map(parts -> new Line(trade, parts[0].split(" ")[1], parts[1]))
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /**
     * One of the jobs of a trade: 5 to 20 lines, with or without music, one body or two. The promo is as long as what it has
     * to tell: about four seconds a line, 15 to 90 s.
     */
    public static Plan of(String trade, long seed) {
        TypedJob job = new TypedJob(seed);
        Plan made = job.made(trade);
        double wanted = LINE_S * made.actions().size() / STEP_S;
        double lengthS = STEP_S * Math.max(SHORTEST_S / STEP_S, Math.min(LONGEST_S / STEP_S, Math.round(wanted)));
        return made.apply(Change.set(made.brief(), "lengthS", lengthS));
    }

    /** The same with a promo of any length, 15 to 60 s: most hold one picture of an action, and some not even that. */
    public static Plan crowded(String trade, long seed) {
        return new TypedJob(seed).made(trade);
    }

    private Plan made(String trade) {
        List<Line> all = lines(trade);
        int wanted = FEWEST + chance.nextInt(MOST - FEWEST + 1);
        List<Line> chosen = new ArrayList<>();
        chosen.addAll(some(all, "o", 1));
        chosen.addAll(some(all, "m", wanted - 2));
        chosen.addAll(some(all, "e", 1));
        chosen.addAll(some(all, "p", chance.nextInt(4)));
        boolean music = chance.nextBoolean();
        boolean twoBodies = chance.nextBoolean();
        int lengthS = 15 + 5 * chance.nextInt(10);
        return typed(
                chosen.stream().map(line -> line.part() + " " + line.typed()).toList(),
                begun(trade, music, twoBodies, lengthS));
    }

    /** Some lines of a part, in the order in which they are written down. */
    private List<Line> some(List<Line> all, String part, int most) {
        List<Line> some = new ArrayList<>(
                all.stream().filter(line -> line.part().equals(part)).toList());
        List<Line> kept = new ArrayList<>(some);
        Collections.shuffle(kept, chance);
        some.retainAll(kept.subList(0, Math.min(most, kept.size())));
        return some;
    }

    /** The seven lines of a workshop, as a new user types them. */
    public static Plan workshop() {
        TypedJob job = new TypedJob(7);
        return job.typed(
                List.of(
                        "o Marta folds sheets 20s repeats",
                        "m Marta sews them on a frame 60s repeats",
                        "m Glue is brushed on the spine 8s messy",
                        "m The press is screwed down 6s",
                        "m Visitors come in at the door from 14:00",
                        "m Tom stamps the title in gold at 15:30 once hot",
                        "e A child opens the finished book"),
                job.begun("craft", false, false, 30));
    }

    /** A job as it is begun: three beats, one spot, a body and a zoom, thirty seconds. */
    public static Plan empty() {
        return new TypedJob(7).begun("craft", false, false, 30);
    }

    private Plan begun(String trade, boolean music, boolean twoBodies, int lengthS) {
        HouseRules house = HouseRules.usual(id());
        Brief brief = Brief.draft(id(), "Typed");
        brief = RecordKind.BRIEF.with(brief, "lengthS", (double) lengthS);
        if (music) {
            brief = RecordKind.BRIEF.with(brief, "tempoBpm", Optional.of(90.0 + 10 * chance.nextInt(5)));
        }
        CoverageSchool school = switch (trade) {
            case "product" -> CoverageSchool.PRODUCT;
            case "performance" -> CoverageSchool.PERFORMANCE;
            default -> CoverageSchool.TRIAD;
        };
        List<PlanRecord> records = new ArrayList<>(List.of(
                brief,
                RecordKind.HOUSE.with(house, "coverage", school),
                StoryBeat.of(id(), "Opening", Ranks.STEP, StoryBeat.Role.OPENING),
                StoryBeat.of(id(), "Middle", 2 * Ranks.STEP, StoryBeat.Role.BODY),
                StoryBeat.of(id(), "Ending", 3 * Ranks.STEP, StoryBeat.Role.ENDING),
                Spot.draft(id(), "Main place").withRank(Ranks.STEP).with("roomM", ROOM_M)));
        records.addAll(GenericKit.BODY_AND_ZOOM.records(this::id));
        if (twoBodies) {
            List<PlanRecord> second = GenericKit.BODY_AND_ZOOM.records(this::id);
            second.stream()
                    .filter(one -> one instanceof Body || one instanceof Mode)
                    .forEach(records::add);
        }
        return Plan.of(records);
    }

    /** Each line goes to the beat that its first letter names. */
    private Plan typed(List<String> lines, Plan begun) {
        NewActions added = new NewActions(begun, this::id);
        for (String line : lines) {
            int beat = switch (line.charAt(0)) {
                case 'o' -> 0;
                case 'e' -> 2;
                default -> 1;
            };
            ActionLine read = new LineReader(added.subjectNames(), List.of()).read(line.substring(2));
            added.add(read, begun.beats().get(beat).id(), begun.spots().get(0).id());
        }
        return begun.apply(added.changes());
    }

    private UUID id() {
        return new UUID(0x7777_7777_7777_4777L, 0x8000_0000_0000_0000L | ++ids);
    }

    /** A plan with what is proposed in it. */
    public static Plan with(Plan plan, List<? extends PlanRecord> added) {
        return plan.apply(Change.batch(
                added.stream().map(one -> (Change) new Change.Add(one)).toList()));
    }
}
