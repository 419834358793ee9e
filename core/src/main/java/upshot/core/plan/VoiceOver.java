package upshot.core.plan;

import java.util.UUID;

/**
 * A stretch of the promo in which somebody is heard speaking.
 *
 * @param startS seconds from the promo's beginning, 0 to 3600
 * @param endS after the start, up to 3600 s
 * @param words up to 200 characters, may be empty
 */
public record VoiceOver(UUID id, double startS, double endS, String words) implements PlanRecord {

    public VoiceOver {
        Check.present("id", id);
        startS = Check.range("startS", "start of the voice", startS, 0, 3600, "s");
        endS = Check.range("endS", "end of the voice", endS, 0, 3600, "s");
        if (endS <= startS) {
            throw new InvalidField("endS", "The voice ends (%s s) before it has begun (%s s).".formatted(endS, startS));
        }
        words = Check.text("words", "words", words, 0, 200);
    }

    @Override
    public double rank() {
        return startS;
    }

    public VoiceOver withEndS(double endS) {
        return RecordKind.VOICE.with(this, "endS", endS);
    }

    public VoiceOver withStartS(double startS) {
        return RecordKind.VOICE.with(this, "startS", startS);
    }

    @Override
    public String label() {
        return "voice from " + startS + " s";
    }
}
