package upshot.core.plan;

import java.util.UUID;

/**
 * A place in the music where tempo or metre change, read from a standard MIDI file.
 *
 * @param atQuarter quarter notes from the beginning, 0 to 100 000
 * @param microsPerQuarter length of a quarter note, 100 000 (600 bpm) to 6 000 000 (10 bpm) µs
 * @param beatsPerBar 1 to 32
 * @param beatUnit the note that is one beat: 1, 2, 4, 8, 16 or 32
 */
public record TempoMark(UUID id, double atQuarter, int microsPerQuarter, int beatsPerBar, int beatUnit)
        implements PlanRecord {

    public TempoMark {
        Check.present("id", id);
        atQuarter = Check.range("atQuarter", "place in the music", atQuarter, 0, 100_000, "quarters");
        microsPerQuarter =
                Check.whole("microsPerQuarter", "length of a quarter", microsPerQuarter, 100_000, 6_000_000, "µs");
        beatsPerBar = Check.whole("beatsPerBar", "beats of a bar", beatsPerBar, 1, 32, "");
        beatUnit = Check.whole("beatUnit", "note of a beat", beatUnit, 1, 32, "");
        if (Integer.bitCount(beatUnit) != 1) {
            throw new InvalidField(
                    "beatUnit", "The note of a beat (%d) must be 1, 2, 4, 8, 16 or 32.".formatted(beatUnit));
        }
    }

    @Override
    public double rank() {
        return atQuarter;
    }

    @Override
    public String label() {
        return "tempo at quarter " + atQuarter;
    }
}
