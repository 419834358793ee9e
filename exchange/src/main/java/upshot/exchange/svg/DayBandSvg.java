package upshot.exchange.svg;

import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import upshot.core.brief.DayBand;
import upshot.core.light.SunDay;

/** Draws the day: the sun's way over golden, blue and dark hours, and below it who is there and what will not wait. */
public final class DayBandSvg {

    private static final double LEFT = 8;
    private static final double WIDTH = 656;
    private static final double SKY = 128;
    private static final double HORIZON = 92;
    private static final double ROW = 24;
    private static final double BAR = 18;
    private static final double LETTER = 7.1;
    private static final int MOST_BARS = 12;
    private static final int CURVE_MIN = 10;
    private static final double LOWEST_DEG = -9;
    private static final double STEEP_DEG = 15;

    private final DayBand band;
    private final StringBuilder svg = new StringBuilder(8192);

    private DayBandSvg(DayBand band) {
        this.band = band;
    }

    /**
     * @param title said to those who cannot see it
     */
    public static String render(DayBand band, String title) {
        return new DayBandSvg(band).draw(title);
    }

    private String draw(String title) {
        List<DayBand.Bar> shown =
                band.bars().subList(0, Math.min(MOST_BARS, band.bars().size()));
        double top = band.sun().isEmpty() ? 6 : SKY + 8;
        double axis = top + shown.size() * ROW + 4;
        svg.append("<svg class=\"dayband\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                .append(number(LEFT * 2 + WIDTH))
                .append(' ')
                .append(number(axis + 24))
                .append("\" role=\"img\" aria-label=\"")
                .append(FrameSvg.escape(title))
                .append("\">");
        band.sun().forEach(day -> light(day, axis));
        if (!band.sun().isEmpty()) {
            lightLabels();
            line(LEFT, HORIZON, LEFT + WIDTH, HORIZON, "#8b999e", "4 4");
            text(LEFT + 4, HORIZON - 5, "start", "#46535a", "horizon");
            band.sun().forEach(this::curve);
        }
        for (int row = 0; row < shown.size(); row++) {
            bar(shown.get(row), top + row * ROW);
        }
        hours(axis);
        return svg.append("</svg>").toString();
    }

    private void light(SunDay day, double axis) {
        day.golden().forEach(window -> patch(window, axis, "#ffe9ad"));
        day.blue().forEach(window -> patch(window, axis, "#cfdcf0"));
        day.dark().forEach(window -> patch(window, axis, "#e0e3ea"));
    }

    private void patch(SunDay.Window window, double axis, String colour) {
        double from = x(window.from());
        double until = x(window.until());
        if (until > from) {
            rectangle(from, 0, until - from, axis, colour);
        }
    }

    /** Where golden and dark begin; labels that would touch stand in two lines. */
    private void lightLabels() {
        record Label(double x, String text) {}
        List<Label> labels = new ArrayList<>();
        for (SunDay day : band.sun()) {
            for (SunDay.Window window : day.golden()) {
                band.clock(window.from()).ifPresent(at -> labels.add(new Label(x(window.from()), "golden " + at)));
            }
            for (SunDay.Window window : day.dark()) {
                band.clock(window.from())
                        .filter(at -> !window.from().equals(day.begins()))
                        .ifPresent(at -> labels.add(new Label(x(window.from()), "dark " + at)));
            }
        }
        double free = 0;
        for (Label label : labels) {
            boolean fits = label.x >= free;
            double width = label.text.length() * LETTER + 10;
            boolean leftwards = label.x + width > LEFT + WIDTH;
            text(label.x + (leftwards ? -4 : 4), fits ? 14 : 30, leftwards ? "end" : "start", "#4a3a05", label.text);
            free = fits ? label.x + width : free;
        }
    }

    private void curve(SunDay day) {
        String points = day.way(CURVE_MIN).stream()
                .filter(point -> point.altitudeDeg() > LOWEST_DEG)
                .filter(point ->
                        !point.at().isBefore(band.from()) && !point.at().isAfter(band.until()))
                .map(point -> number(x(point.at())) + "," + number(height(point.altitudeDeg())))
                .collect(Collectors.joining(" "));
        svg.append("<polyline points=\"")
                .append(points)
                .append("\" fill=\"none\" stroke=\"#a86400\" stroke-width=\"2\"/>");
    }

    /** Steep near the horizon, where it matters, and ever flatter high up. */
    private static double height(double altitudeDeg) {
        double scaled =
                Math.signum(altitudeDeg) * Math.log1p(Math.abs(altitudeDeg) / STEEP_DEG) / Math.log1p(90 / STEEP_DEG);
        return HORIZON - scaled * (HORIZON - 8);
    }

    private void bar(DayBand.Bar bar, double y) {
        double from = x(bar.from());
        double width = Math.max(8, x(bar.until()) - from);
        boolean dark = bar.role() == DayBand.Role.CREW || bar.role() == DayBand.Role.ONCE;
        String colour = switch (bar.role()) {
            case CREW -> "#172026";
            case PERSON -> "#cfe3e3";
            case MOMENT -> "#0b6a6c";
            case ONCE -> "#c2301c";
        };
        rectangle(from, y, width, BAR, colour);
        String label = bar.role() == DayBand.Role.CREW || bar.role() == DayBand.Role.PERSON
                ? bar.name()
                : bar.from().atZone(band.zone()).toLocalTime().truncatedTo(ChronoUnit.MINUTES) + " " + bar.name();
        double needed = label.length() * LETTER + 12;
        if (needed <= width) {
            text(from + 7, y + 13.5, "start", dark || bar.role() == DayBand.Role.MOMENT ? "#ffffff" : "#172026", label);
        } else if (from + width + needed <= LEFT + WIDTH) {
            text(from + width + 6, y + 13.5, "start", "#172026", label);
        } else {
            text(from - 6, y + 13.5, "end", "#172026", label);
        }
    }

    private void hours(double axis) {
        line(LEFT, axis, LEFT + WIDTH, axis, "#172026", "");
        long hours = ChronoUnit.HOURS.between(band.from(), band.until());
        long every = hours > 13 ? 2 : 1;
        for (long hour = 0; hour <= hours; hour += every) {
            Instant at = band.from().plus(hour, ChronoUnit.HOURS);
            LocalTime clock = at.atZone(band.zone()).toLocalTime();
            double x = x(at);
            line(x, axis, x, axis + 5, "#172026", "");
            String anchor = hour == 0 ? "start" : hour + every > hours ? "end" : "middle";
            text(hour == 0 ? LEFT : x, axis + 19, anchor, "#46535a", clock.toString());
        }
    }

    private double x(Instant at) {
        return LEFT + WIDTH * Math.max(0, Math.min(1, band.share(at)));
    }

    private void rectangle(double x, double y, double width, double height, String colour) {
        svg.append("<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\"/>"
                .formatted(number(x), number(y), number(width), number(height), colour));
    }

    private void line(double x1, double y1, double x2, double y2, String colour, String dashes) {
        svg.append("<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"%s\"%s/>"
                .formatted(
                        number(x1),
                        number(y1),
                        number(x2),
                        number(y2),
                        colour,
                        dashes.isEmpty() ? "" : " stroke-dasharray=\"" + dashes + "\""));
    }

    private void text(double x, double y, String anchor, String colour, String content) {
        svg.append("<text x=\"%s\" y=\"%s\" text-anchor=\"%s\" fill=\"%s\" font-size=\"13\">%s</text>"
                .formatted(number(x), number(y), anchor, colour, FrameSvg.escape(content)));
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.1f", value);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }
}
