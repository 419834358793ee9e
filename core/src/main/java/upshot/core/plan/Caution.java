package upshot.core.plan;

import upshot.core.measure.Labelled;

/**
 * Something about an action that can hurt somebody, with the usual care. The sentences are reminders: local codes,
 * permits and licensed people decide, and nothing here ever says that a thing is safe.
 */
public enum Caution implements Labelled {
    TRAFFIC(
            "traffic",
            "Work with a spotter facing the traffic. Road permits and traffic control decide who stands where."),
    VEHICLE(
            "moving vehicle",
            "Nobody leans out, kit is tied twice, the driver only drives. Traffic law and the vehicle's keeper decide."),
    DRONE(
            "drone",
            "Nobody under the flight path, a spotter beside the pilot. A licensed pilot and the air rules decide."),
    HEIGHT("height", "Tether people and kit. Local rules for work at height and a competent person decide."),
    OVERHEAD_RIG("overhead rig", "A second fixing on everything that hangs, and nobody under it. A rigger decides."),
    FIRE(
            "fire",
            "Stay outside the crew's line with an extinguisher at hand. The person in charge of the fire decides."),
    HOT_WARE(
            "hot ware",
            "Nothing is touched until its keeper says so; closed shoes, no loose sleeves. The keeper decides."),
    BLADES(
            "hot oil or blades",
            "The hands in the picture set the pace, the lens stays back. Whoever works with them decides."),
    LIQUID_POWER("liquid near power", "Keep liquid and sockets apart, cables off the floor. An electrician decides."),
    SMOKE(
            "smoke",
            "Say it beforehand, air the room, tell the house about its alarms. The house and local rules decide."),
    STROBE("strobe", "Warn crew and viewers who are sensitive to flashes. Broadcast and local rules set the limits."),
    WATER("water's edge", "Nobody alone at the edge, kit on a leash. Local water safety rules decide."),
    CROWD("crowd", "Keep the ways out clear, a second pair of eyes for whoever walks backwards. The house decides."),
    EXERTION("exertion", "Agree on rests before the first take. The performer decides when it is enough."),
    CHILDREN("children", "Consent from a guardian in writing and a guardian present. Local law decides."),
    ANIMALS("animals", "The handler is present, with water and quiet. The handler decides."),
    SUN(
            "sun through the lens",
            "Never frame the sun at length through a long lens; use a screen, not the eye. Whoever keeps the camera decides."),
    CABLES("cables", "Tape cables down and light the steps. The house decides where they may run."),
    LOUD("loud sound", "Ear protection for everybody close by. Local limits decide.");

    private final String label;
    private final String care;

    Caution(String label, String care) {
        this.label = label;
        this.care = care;
    }

    @Override
    public String label() {
        return label;
    }

    /** The usual care in a sentence or two, and who decides. */
    public String care() {
        return care;
    }
}
