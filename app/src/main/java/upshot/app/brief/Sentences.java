package upshot.app.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import upshot.core.brief.HousePreset;
import upshot.core.finding.Wording;
import upshot.core.light.SunDay;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Carrier;
import upshot.core.plan.Consent;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Lens;
import upshot.core.plan.Mode;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.plan.TempoMark;
import upshot.core.plan.VoiceOver;
import upshot.core.size.SubjectKind;

/** The brief in sentences, as somebody would read it out. */
final class Sentences {

    private static final int MOST = 5;
    private static final double MICROS_A_MINUTE = 60_000_000;

    private Sentences() {}

    static List<String> delivery(Plan plan) {
        Brief brief = plan.brief();
        String also = brief.alsoAspects().shapes().isEmpty() ? "" : ", also " + brief.alsoAspects();
        return List.of(
                "%s s, %s at %s%s."
                        .formatted(
                                Wording.number(brief.lengthS(), 2), brief.aspect(), brief.pixels(brief.aspect()), also),
                "%s frames a second, %d frames.".formatted(brief.rate().label(), brief.lengthFrames()));
    }

    static List<String> music(Plan plan) {
        Brief brief = plan.brief();
        List<String> said = new ArrayList<>();
        List<TempoMark> marks = plan.list(RecordKind.TEMPO);
        if (!marks.isEmpty()) {
            TempoMark first = marks.get(0);
            said.add("%s bpm in %d/%d, from a MIDI file with %d marks."
                    .formatted(
                            Wording.number(MICROS_A_MINUTE / first.microsPerQuarter(), 1),
                            first.beatsPerBar(),
                            first.beatUnit(),
                            marks.size()));
        } else if (brief.tempoBpm().isPresent()) {
            double bpm = brief.tempoBpm().get();
            double barS = brief.beatsPerBar() * 60 / bpm;
            said.add("%s bpm in %d, first beat at %s s."
                    .formatted(Wording.number(bpm, 1), brief.beatsPerBar(), Wording.number(brief.firstBeatS(), 2)));
            said.add("%s bars of %s s.".formatted(Wording.number(brief.lengthS() / barS, 1), Wording.number(barS, 2)));
        } else {
            said.add("No music yet: a grid of seconds.");
        }
        for (VoiceOver voice : limited(plan.list(RecordKind.VOICE))) {
            said.add("Voice from %s to %s.".formatted(clock(voice.startS()), clock(voice.endS())));
        }
        return said;
    }

    private static String clock(double seconds) {
        long whole = Math.round(seconds);
        return "%d:%02d".formatted(whole / 60, whole % 60);
    }

    static List<String> spots(Plan plan) {
        List<String> said = limited(plan.spots()).stream().map(Sentences::spot).toList();
        return rest(said, plan.spots().size());
    }

    private static String spot(Spot spot) {
        String floor = spot.outline().corners().isEmpty()
                ? "%s × %s m".formatted(Wording.number(spot.widthM(), 1), Wording.number(spot.depthM(), 1))
                : "%s m²".formatted(Wording.number(spot.areaM2(), 0));
        String light = spot.outdoors()
                ? "outdoors"
                : switch (spot.lamps()) {
                    case NONE -> "no lamps";
                    case FLICKERING ->
                        "lamps on %d Hz%s"
                                .formatted(spot.mainsHz(), spot.lampsCanGoOff() ? ", can go off" : ", stay on");
                    case FLICKER_FREE -> "flicker-free lamps";
                };
        String facing =
                spot.facingDeg().map(degrees -> ", faces " + compass(degrees)).orElse("");
        return "%s %s, %s%s.".formatted(spot.name(), floor, light, facing);
    }

    /** One of sixteen points of the compass. */
    static String compass(double degrees) {
        String[] points = {
            "north", "north-north-east", "north-east", "east-north-east", "east", "east-south-east", "south-east",
            "south-south-east", "south", "south-south-west", "south-west", "west-south-west", "west", "west-north-west",
            "north-west", "north-north-west"
        };
        return points[(int) Math.round(degrees / 22.5) % 16];
    }

    static List<String> agenda(Plan plan) {
        List<Moment> moments = plan.list(RecordKind.MOMENT);
        if (moments.isEmpty()) {
            return List.of("Nothing on the event's own agenda yet.");
        }
        List<String> said = limited(moments).stream()
                .map(moment -> "%s%s %s, %s min."
                        .formatted(
                                moment.date().map(date -> date + " ").orElse(""),
                                moment.startTime(),
                                moment.name(),
                                Wording.number(moment.durationMin(), 0)))
                .toList();
        return rest(said, moments.size());
    }

    static List<String> people(Plan plan) {
        List<Subject> people = plan.subjects().stream()
                .filter(subject -> subject.kind() == SubjectKind.PERSON)
                .toList();
        if (people.isEmpty()) {
            return List.of("Nobody yet: people come with what they do.");
        }
        return rest(limited(people).stream().map(one -> person(plan, one)).toList(), people.size());
    }

    private static String person(Plan plan, Subject person) {
        List<String> facts = new ArrayList<>();
        person.fromTime().ifPresent(time -> facts.add("from " + time));
        person.untilTime().ifPresent(time -> facts.add("until " + time));
        person.effortMin()
                .ifPresent(minutes -> facts.add("%s min at work, then %s off"
                        .formatted(Wording.number(minutes, 0), Wording.number(person.restMin(), 0))));
        plan.restsOf(person)
                .forEach(rest -> facts.add(
                        "rests at %s for %s min".formatted(rest.startTime(), Wording.number(rest.durationMin(), 0))));
        if (person.consent() != Consent.GIVEN) {
            facts.add("consent " + person.consent().label());
        }
        if (!person.note().isEmpty()) {
            facts.add(person.note());
        }
        return facts.isEmpty()
                ? "%s, consent given.".formatted(person.name())
                : "%s: %s.".formatted(person.name(), String.join(", ", facts));
    }

    static List<String> kit(Plan plan) {
        List<String> said = new ArrayList<>();
        for (Body body : plan.bodies()) {
            String modes = plan.modesOf(body).stream().map(Sentences::mode).collect(Collectors.joining(", "));
            said.add("%s %s.".formatted(body.name(), modes));
        }
        said.add(plan.lenses().stream().map(Lens::name).collect(Collectors.joining(", ")) + ".");
        String supports =
                plan.list(RecordKind.CARRIER).stream().map(Carrier::name).collect(Collectors.joining(", "));
        if (!supports.isEmpty()) {
            said.add(supports + ".");
        }
        return rest(limited(said), said.size());
    }

    private static String mode(Mode mode) {
        return "%s to %s".formatted(mode.name(), mode.rates().quickest().label());
    }

    static List<String> house(Plan plan) {
        HouseRules house = plan.house();
        String preset = Arrays.stream(HousePreset.values())
                .filter(one -> one.holds(house))
                .findFirst()
                .map(one -> one.label() + ". ")
                .orElse("");
        String moved = plan.list(RecordKind.ADJUSTMENT).isEmpty()
                ? ""
                : " %d thresholds moved."
                        .formatted(plan.list(RecordKind.ADJUSTMENT).size());
        return List.of("%sCoverage: %s. Holds: %s. Camera: %s. Slow motion: %s. Light: %s. Order: %s.%s"
                .formatted(
                        preset,
                        house.coverage().label(),
                        house.hold().label(),
                        house.movement().label(),
                        house.speed().label(),
                        house.light().label(),
                        house.dayOrder().label(),
                        moved));
    }

    /** Whether the sun rises and sets in the band, in words, for those who do not see the drawing. */
    static String sun(SunDay day) {
        return day.up().stream()
                .map(window -> "up from %s to %s"
                        .formatted(
                                window.from().atZone(day.zone()).toLocalTime().withNano(0),
                                window.until().atZone(day.zone()).toLocalTime().withNano(0)))
                .collect(Collectors.joining(", "));
    }

    private static <T> List<T> limited(List<T> all) {
        return all.subList(0, Math.min(MOST, all.size()));
    }

    private static List<String> rest(List<String> said, int all) {
        if (all <= said.size()) {
            return said;
        }
        List<String> more = new ArrayList<>(said);
        more.add("And %d more.".formatted(all - said.size()));
        return more;
    }
}
