package upshot.exchange.ground;

import java.util.Locale;
import java.util.Map;

/** How the parts of a plan look: by the page's stylesheet, or on paper by themselves. */
sealed interface Ink {

    /**
     * What a part wears, to stand in its tag.
     *
     * @param part without the prefix that all have
     * @param more what else it is, may be empty
     */
    String of(String part, String more);

    /** The stylesheet says it all. */
    record Page() implements Ink {

        @Override
        public String of(String part, String more) {
            return " class=\"plan-%s%s\"".formatted(part, more.isEmpty() ? "" : " " + more);
        }
    }

    /** @param cmPerMm centimetres of the floor to a millimetre of the paper */
    record Paper(double cmPerMm) implements Ink {

        private static final String INK = "#172026";
        private static final String QUIET = "#46535a";
        private static final String SEA = "#0b6a6c";
        private static final String RED = "#b3261e";
        private static final String AMBER = "#8a5a00";

        /** Fill, line, width in mm, dashes in mm, opacity. */
        private record Look(String fill, String line, double wideMm, double dashMm, double opacity) {

            Look dashed(double dash) {
                return new Look(fill, line, wideMm, dash, opacity);
            }
        }

        private static Look line(String colour, double wideMm) {
            return new Look("none", colour, wideMm, 0, 1);
        }

        private static Look area(String fill, String line, double wideMm) {
            return new Look(fill, line, wideMm, 0, 1);
        }

        private static Look text(String colour) {
            return new Look(colour, "none", 0, 0, 1);
        }

        private static final Map<String, Look> LOOKS = Map.ofEntries(
                Map.entry("grid", line("#d9e0e1", 0.1)),
                Map.entry("floor", area("#ffffff", "none", 0)),
                Map.entry("wall", line(INK, 0.6)),
                Map.entry("edge", line(QUIET, 0.3).dashed(1)),
                Map.entry("furniture", area("#e3e8e9", QUIET, 0.2)),
                Map.entry("raised", area("#f0f3f3", QUIET, 0.2).dashed(0.6)),
                Map.entry("water", area("#d3e7ee", "#4b7f92", 0.2)),
                Map.entry("no-go", area("#fbe9e6", RED, 0.25).dashed(1)),
                Map.entry("way-out", line("#1f6b3a", 0.35).dashed(0.7)),
                Map.entry("door", line(SEA, 0.8)),
                Map.entry("window", line("#4b9bb3", 0.8)),
                Map.entry("glass", line("#4b9bb3", 0.5)),
                Map.entry("mirror", line("#34519b", 0.8).dashed(0.6)),
                Map.entry("socket", line(AMBER, 0.8)),
                Map.entry("kept", new Look(SEA, "none", 0, 0, 0.06)),
                Map.entry("wedge", new Look(SEA, "none", 0, 0, 0.07)),
                Map.entry("beam", new Look("#d98e00", "none", 0, 0, 0.15)),
                Map.entry("lamp", area("#d98e00", INK, 0.15)),
                Map.entry("line", line(INK, 0.2).dashed(0.5)),
                Map.entry("way", line(SEA, 0.35)),
                Map.entry("arrow", line(SEA, 0.5)),
                Map.entry("track", line(INK, 0.4).dashed(0.9)),
                Map.entry("subject", area(INK, "#ffffff", 0.3)),
                Map.entry("person", area("#ffffff", INK, 0.4)),
                Map.entry("camera", area(INK, "none", 0)),
                Map.entry("plate", area("#ffffff", QUIET, 0.15)),
                Map.entry("name", text(INK)),
                Map.entry("thing-name", text(QUIET)),
                Map.entry("code", text(INK)),
                Map.entry("sun", area("#ffc629", "#8a6a00", 0.15)),
                Map.entry("rays", line("#8a6a00", 0.3)),
                Map.entry("rose", line(QUIET, 0.15)),
                Map.entry("needle", line(INK, 0.4)),
                Map.entry("north", text(QUIET)),
                Map.entry("bar", line(INK, 0.6)));

        @Override
        public String of(String part, String more) {
            Look look = LOOKS.get(part);
            String dash = more.contains("is-paced") ? dashes(1.5) : dashes(look.dashMm);
            String loud = more.contains("is-break") ? RED : more.contains("is-watch") ? AMBER : "";
            String fill = loud.isEmpty() || look.fill.equals("none") || part.equals("plate") ? look.fill : loud;
            String line = loud.isEmpty() || !part.equals("plate") ? look.line : loud;
            return " fill=\"%s\" stroke=\"%s\"%s%s%s"
                    .formatted(
                            fill,
                            line,
                            line.equals("none") ? "" : " stroke-width=\"%s\"".formatted(cm(look.wideMm)),
                            dash,
                            look.opacity < 1 ? " opacity=\"%s\"".formatted(look.opacity) : "");
        }

        private String dashes(double mm) {
            return mm > 0 ? " stroke-dasharray=\"%s %s\"".formatted(cm(mm), cm(mm)) : "";
        }

        private String cm(double mm) {
            return String.format(Locale.ROOT, "%.2f", mm * cmPerMm);
        }
    }
}
