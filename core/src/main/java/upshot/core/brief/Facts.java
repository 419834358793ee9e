package upshot.core.brief;

import static upshot.core.brief.Fact.Grade.AFTER_FACTS;
import static upshot.core.brief.Fact.Grade.ALWAYS;
import static upshot.core.brief.Fact.Grade.AMONG_FACTS;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import upshot.core.finding.Wording;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Line;
import upshot.core.plan.Side;
import upshot.core.plan.WantedLight;
import upshot.core.size.Posture;

/** The facts that can be typed behind a sentence, longer ways of saying them before shorter ones. */
final class Facts {

    private static final String NUMBER = "(\\d{1,5}(?:[.,]\\d{1,3})?)";
    private static final String MINUTES = "(?:min|mins|minute|minutes)";
    private static final String CLOCK =
            "(?:([01]?\\d|2[0-3])[:h]([0-5]\\d)|(1[0-2]|[1-9])(?:[.:]([0-5]\\d))?\\s?(am|pm))";
    private static final int CLOCK_GROUPS = 5;
    private static final String WORDS = "([^,;]+)";

    private static final List<Fact> ALL = made();

    private Facts() {}

    static List<Fact> all() {
        return ALL;
    }

    private static List<Fact> made() {
        List<Fact> facts = new ArrayList<>();
        cautions(facts);
        lengths(facts);
        times(facts);
        repeating(facts);
        directions(facts);
        words(facts);
        return List.copyOf(facts);
    }

    private static void lengths(List<Fact> facts) {
        facts.add(Fact.of(
                ALWAYS,
                "(?:reset:?\\s*" + NUMBER + "\\s*" + MINUTES + "|" + NUMBER + "\\s*" + MINUTES
                        + "\\s+(?:to\\s+)?(?:reset|between|again))",
                (found, notes) -> {
                    double minutes = number(found.group(1) == null ? found.group(2) : found.group(1));
                    notes.put("resetMin", minutes);
                    return Wording.number(minutes, 1) + " min reset";
                }));
        facts.add(Fact.of(
                ALWAYS,
                "(?:for\\s+|takes\\s+)?" + NUMBER + "\\s*" + MINUTES + "(?:\\s*" + NUMBER
                        + "\\s*(?:s|sec|secs|seconds))?",
                (found, notes) -> duration(
                        notes, number(found.group(1)) * 60 + (found.group(2) == null ? 0 : number(found.group(2))))));
        facts.add(Fact.of(
                ALWAYS,
                "(?:for\\s+|takes\\s+)?" + NUMBER + "\\s*(?:s|sec|secs|second|seconds)",
                (found, notes) -> duration(notes, number(found.group(1)))));
        facts.add(Fact.of(
                ALWAYS,
                "(?:for\\s+|takes\\s+)?" + NUMBER + "\\s*(?:h|hour|hours)",
                (found, notes) -> duration(notes, number(found.group(1)) * 3600)));
        facts.add(Fact.of(ALWAYS, NUMBER + "\\s*(m|cm)\\s+tall", (found, notes) -> {
            notes.subjectHeightM = number(found.group(1)) / (found.group(2).equalsIgnoreCase("cm") ? 100 : 1);
            return Wording.number(notes.subjectHeightM, 2) + " m tall";
        }));
        facts.add(Fact.of(ALWAYS, "(?:at\\s+)?" + NUMBER + "\\s*(m/s|km/h|kmh|kph|mph)", (found, notes) -> {
            double speed = number(found.group(1)) * metresPerSecond(found.group(2));
            notes.put("speedMps", Math.round(speed * 1000) / 1000.0);
            return Wording.number(speed, 1) + " m/s";
        }));
    }

    private static String duration(Notes notes, double seconds) {
        notes.put("durationS", seconds);
        return seconds >= 60 && seconds % 60 == 0
                ? Wording.number(seconds / 60, 0) + " min"
                : Wording.number(seconds, 1) + " s";
    }

    private static double metresPerSecond(String unit) {
        return switch (unit.toLowerCase(Locale.ROOT)) {
            case "m/s" -> 1;
            case "mph" -> 0.44704;
            default -> 1 / 3.6;
        };
    }

    private static void times(List<Fact> facts) {
        facts.add(Fact.of(ALWAYS, "(?:from\\s+)?" + CLOCK + "\\s*(?:-|–|to|until|till)\\s*" + CLOCK, (found, notes) -> {
            LocalTime from = clock(found, 1);
            LocalTime until = clock(found, 1 + CLOCK_GROUPS);
            notes.put("fromTime", Optional.of(from));
            notes.put("untilTime", Optional.of(until));
            return "%s to %s".formatted(from, until);
        }));
        facts.add(time("(?:from|after|not before)", "fromTime", "from "));
        facts.add(time("(?:until|till|before|by)", "untilTime", "until "));
        facts.add(time("(?:at\\s|@|at)?", "fixedTime", "at "));
    }

    private static Fact time(String preposition, String field, String label) {
        return Fact.of(ALWAYS, preposition + "\\s*" + CLOCK, (found, notes) -> {
            LocalTime time = clock(found, 1);
            notes.put(field, Optional.of(time));
            return label + time;
        });
    }

    private static LocalTime clock(Matcher found, int group) {
        if (found.group(group) != null) {
            return LocalTime.of(Integer.parseInt(found.group(group)), Integer.parseInt(found.group(group + 1)));
        }
        int hour = Integer.parseInt(found.group(group + 2)) % 12;
        int minute = found.group(group + 3) == null ? 0 : Integer.parseInt(found.group(group + 3));
        return LocalTime.of(found.group(group + 4).equalsIgnoreCase("pm") ? hour + 12 : hour, minute);
    }

    private static void repeating(List<Fact> facts) {
        facts.add(Fact.word(
                AMONG_FACTS,
                "once only|only once|once|cannot repeat|can't repeat|one chance",
                "once",
                true,
                "once only"));
        facts.add(Fact.word(
                AMONG_FACTS,
                "repeats by itself|repeats|repeatable|can repeat|again and again",
                "once",
                false,
                "repeats"));
        facts.add(
                Fact.word(AMONG_FACTS, "soon gone|perishable|will not wait|won't last", "soonGone", true, "soon gone"));
        facts.add(Fact.word(AMONG_FACTS, "messy|makes a mess", "messy", true, "messy"));
        facts.add(Fact.word(AMONG_FACTS, "tiring|hard work|exhausting", "tiring", true, "tiring"));
        facts.add(Fact.word(AMONG_FACTS, "quick|fast|brief|liquid", "quick", true, "quick"));
    }

    private static void directions(List<Fact> facts) {
        String from = "(?:moves?\\s+|goes\\s+|from\\s+)?";
        facts.add(direction(
                from + "(?:left[\\s-]+to[\\s-]+right|l\\s?(?:-|>|to)\\s?r|ltr)", Line.TRAVEL, Side.LEFT_TO_RIGHT));
        facts.add(direction(
                from + "(?:right[\\s-]+to[\\s-]+left|r\\s?(?:-|>|to)\\s?l|rtl)", Line.TRAVEL, Side.RIGHT_TO_LEFT));
        facts.add(direction("looks\\s+right", Line.LOOK, Side.LEFT_TO_RIGHT));
        facts.add(direction("looks\\s+left", Line.LOOK, Side.RIGHT_TO_LEFT));
    }

    private static Fact direction(String expression, Line line, Side side) {
        return Fact.of(AMONG_FACTS, expression, (found, notes) -> {
            notes.put("line", line);
            notes.put("side", side);
            return line == Line.TRAVEL ? side.label() : side == Side.LEFT_TO_RIGHT ? "looks right" : "looks left";
        });
    }

    private static void words(List<Fact> facts) {
        facts.add(Fact.of(ALWAYS, "#([\\p{L}\\p{N}-]{1,60})", (found, notes) -> "to " + (notes.beat = found.group(1))));
        facts.add(text("sets:\\s*" + WORDS, ALWAYS, "setsState", "sets: "));
        facts.add(text(
                "sets\\s+(?!(?:off|out|up|down|in|to|aside|back|about|the|an?)\\b)([\\p{L}-]+)",
                AMONG_FACTS,
                "setsState",
                "sets: "));
        facts.add(text("phases?:\\s*" + WORDS, ALWAYS, "phases", "phases: "));
        facts.add(text("sound:\\s*" + WORDS, ALWAYS, "sound", "sound: "));
        facts.add(text("(?:shows|thing):\\s*" + WORDS, ALWAYS, "thing", "shows the "));
        facts.add(text("shows\\s+(?:the\\s+|an?\\s+)?([\\p{L}-]+)", AMONG_FACTS, "thing", "shows the "));
        facts.add(Fact.of(ALWAYS, "(?:who|what|by):\\s*" + WORDS, (found, notes) -> {
            notes.subject = found.group(1).strip();
            return "who: " + notes.subject;
        }));
        facts.add(Fact.word(AFTER_FACTS, "place|feature|nothing happens|cutaway", "feature", true, "place or thing"));
        facts.add(
                Fact.word(AMONG_FACTS, "golden hour|golden light", "wantedLight", WantedLight.GOLDEN, "golden light"));
        facts.add(Fact.word(AMONG_FACTS, "blue hour", "wantedLight", WantedLight.BLUE, "blue hour"));
        facts.add(Fact.word(
                AFTER_FACTS, "(?:at )?sunrise", "wantedLight", WantedLight.GOLDEN_MORNING, "light of sunrise"));
        facts.add(
                Fact.word(AFTER_FACTS, "(?:at )?sunset", "wantedLight", WantedLight.GOLDEN_EVENING, "light of sunset"));
        facts.add(Fact.word(AFTER_FACTS, "(?:at )?dawn", "wantedLight", WantedLight.BLUE_MORNING, "dawn"));
        facts.add(Fact.word(AFTER_FACTS, "(?:at )?dusk", "wantedLight", WantedLight.BLUE_EVENING, "dusk"));
        facts.add(Fact.word(AFTER_FACTS, "golden", "wantedLight", WantedLight.GOLDEN, "golden light"));
        facts.add(Fact.word(AFTER_FACTS, "daylight", "wantedLight", WantedLight.DAYLIGHT, "daylight"));
        facts.add(Fact.word(AFTER_FACTS, "dark|after dark|in the dark", "wantedLight", WantedLight.DARK, "dark"));
        facts.add(Fact.word(AFTER_FACTS, "standing|stands", "posture", Posture.STANDING, "standing"));
        facts.add(Fact.word(AFTER_FACTS, "seated|sitting|sits", "posture", Posture.SEATED, "seated"));
        facts.add(Fact.word(AFTER_FACTS, "kneeling|kneels", "posture", Posture.KNEELING, "kneeling"));
        facts.add(Fact.word(AFTER_FACTS, "riding|on a bike|on a bicycle", "posture", Posture.RIDING, "riding"));
        facts.add(Fact.word(AFTER_FACTS, "walking|walks", "posture", Posture.WALKING, "walking"));
    }

    private static Fact text(String expression, Fact.Grade grade, String field, String label) {
        return Fact.of(grade, expression, (found, notes) -> {
            String words = found.group(1).strip();
            notes.put(field, words);
            return label + words;
        });
    }

    private static void cautions(List<Fact> facts) {
        facts.add(caution("traffic|road|cars", Caution.TRAFFIC));
        facts.add(caution("heights?|ladder", Caution.HEIGHT));
        facts.add(caution("fire|flames?", Caution.FIRE));
        facts.add(caution("hot ware|hot", Caution.HOT_WARE));
        facts.add(caution("liquid near power|wet floor", Caution.LIQUID_POWER));
        facts.add(caution("smoke|haze", Caution.SMOKE));
        facts.add(caution("strobe|flashes", Caution.STROBE));
        facts.add(caution("water's edge|water", Caution.WATER));
        facts.add(caution("crowd", Caution.CROWD));
        facts.add(caution("exertion", Caution.EXERTION));
        facts.add(caution("children|kids|child", Caution.CHILDREN));
        facts.add(caution("animals?|dogs?|horses?", Caution.ANIMALS));
        facts.add(caution("sun in lens|sun", Caution.SUN));
        facts.add(caution("cables", Caution.CABLES));
        facts.add(caution("loud", Caution.LOUD));
    }

    private static Fact caution(String expression, Caution caution) {
        return Fact.of(AFTER_FACTS, expression, (found, notes) -> {
            Cautions before = (Cautions) notes.values.getOrDefault("cautions", Cautions.NONE);
            List<Caution> tags = new ArrayList<>(before.tags());
            tags.add(caution);
            notes.put("cautions", new Cautions(tags));
            return caution.label();
        });
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
