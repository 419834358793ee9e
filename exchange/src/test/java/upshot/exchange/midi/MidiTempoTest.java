package upshot.exchange.midi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.plan.TempoMark;
import upshot.core.time.TempoMap;
import upshot.exchange.BrokenFiles;
import upshot.exchange.text.Unreadable;

/** The files are made by the JDK's own writer. */
class MidiTempoTest {

    private static final int DIVISION = 480;

    private static byte[] file(int type, float division, int resolution) {
        try {
            Sequence song = new Sequence(division, resolution);
            Track conductor = song.createTrack();
            tempo(conductor, 0, 500_000);
            metre(conductor, 0, 4, 2);
            tempo(conductor, 16 * DIVISION, 666_667);
            metre(conductor, 16 * DIVISION, 3, 2);
            tempo(conductor, 22 * DIVISION, 461_538);
            metre(conductor, 22 * DIVISION, 6, 3);
            Track notes = type == 1 ? song.createTrack() : conductor;
            for (int i = 0; i < 40; i++) {
                notes.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, 60 + i % 12, 90), i * DIVISION));
                notes.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, 0, i, 0), i * DIVISION));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(song, type, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException | IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static void tempo(Track track, long tick, int micros) throws InvalidMidiDataException {
        byte[] data = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
        track.add(new MidiEvent(new MetaMessage(0x51, data, 3), tick));
    }

    private static void metre(Track track, long tick, int beats, int power) throws InvalidMidiDataException {
        track.add(new MidiEvent(new MetaMessage(0x58, new byte[] {(byte) beats, (byte) power, 24, 8}, 4), tick));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void tempo_changes_give_bar_times_to_the_millisecond(int type) {
        List<TempoMark> marks = MidiTempo.read(file(type, Sequence.PPQ, DIVISION), UUID::randomUUID);

        assertThat(marks).extracting(TempoMark::atQuarter).containsExactly(0.0, 16.0, 22.0);
        assertThat(marks).extracting(TempoMark::beatsPerBar).containsExactly(4, 3, 6);
        assertThat(marks).extracting(TempoMark::beatUnit).containsExactly(4, 4, 8);
        // Four bars of 2 s; two bars of 3 × 666.667 ms; then bars of 3 quarters × 461.538 ms.
        List<TempoMap.Bar> bars = new TempoMap(marks, 0).barsUntil(20);
        double[] expected = {0, 2, 4, 6, 8, 10.000001, 12.000002, 13.384616, 14.76923};
        for (int i = 0; i < expected.length; i++) {
            assertThat(bars.get(i).startS()).as("bar %d", i + 1).isCloseTo(expected[i], within(0.0005));
        }
    }

    @Test
    void a_file_that_says_nothing_is_120_in_four() throws InvalidMidiDataException, IOException {
        Sequence silent = new Sequence(Sequence.PPQ, 96);
        silent.createTrack();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MidiSystem.write(silent, 0, out);

        assertThat(MidiTempo.read(out.toByteArray(), UUID::randomUUID))
                .singleElement()
                .satisfies(mark -> {
                    assertThat(mark.microsPerQuarter()).isEqualTo(500_000);
                    assertThat(mark.beatsPerBar()).isEqualTo(4);
                });
    }

    @Test
    void film_frames_other_files_and_cut_files_are_refused_with_the_reason() {
        byte[] good = file(1, Sequence.PPQ, DIVISION);
        byte[] cut = java.util.Arrays.copyOf(good, good.length / 2);

        assertThatThrownBy(() -> MidiTempo.read(file(1, Sequence.SMPTE_25, 40), UUID::randomUUID))
                .hasMessageContaining("film frames");
        assertThatThrownBy(() -> MidiTempo.read("RIFF....WAVEfmt ".getBytes(), UUID::randomUUID))
                .hasMessageContaining("no standard MIDI file");
        assertThatThrownBy(() -> MidiTempo.read(cut, UUID::randomUUID)).hasMessageContaining("ends in the middle");
        assertThatThrownBy(() -> MidiTempo.read(new byte[MidiTempo.MOST_BYTES + 1], UUID::randomUUID))
                .isInstanceOf(Unreadable.class);
    }

    @Test
    void a_length_that_lies_takes_no_memory() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 0, 0, 1, 1, (byte) 0xe0, 'M', 'T', 'r', 'k', 0, 0, 0, 8
        });
        out.write(new byte[] {0, (byte) 0xff, 1, (byte) 0xff, (byte) 0xff, (byte) 0xff, 0x7f, 0});

        assertThatThrownBy(() -> MidiTempo.read(out.toByteArray(), UUID::randomUUID))
                .isInstanceOf(Unreadable.class);
    }

    @Test
    void broken_files_are_refused_or_read_rightly() {
        BrokenFiles.refusedOrReadRightly(
                file(1, Sequence.PPQ, DIVISION), broken -> MidiTempo.read(broken, UUID::randomUUID), (file, marks) -> {
                    assertThat(marks).first().extracting(TempoMark::atQuarter).isEqualTo(0.0);
                    assertThat(marks)
                            .extracting(TempoMark::atQuarter)
                            .doesNotHaveDuplicates()
                            .isSorted();
                    tempiByTheJdk(file)
                            .ifPresent(tempi -> tempi.forEach((quarter, micros) -> assertThat(marks)
                                    .filteredOn(mark -> mark.atQuarter() == quarter)
                                    .extracting(TempoMark::microsPerQuarter)
                                    .containsExactly(micros)));
                });
    }

    /** Every tempo in a file with the quarter it begins at, where the JDK's own reader takes the file. */
    private static Optional<Map<Double, Integer>> tempiByTheJdk(byte[] file) {
        try {
            Sequence song = MidiSystem.getSequence(new ByteArrayInputStream(file));
            Map<Double, Integer> tempi = new TreeMap<>();
            for (Track track : song.getTracks()) {
                for (int i = 0; i < track.size(); i++) {
                    MidiEvent event = track.get(i);
                    byte[] bytes = event.getMessage().getMessage();
                    if (bytes.length == 6 && (bytes[0] & 0xff) == 0xff && bytes[1] == 0x51) {
                        int micros = (bytes[3] & 0xff) << 16 | (bytes[4] & 0xff) << 8 | bytes[5] & 0xff;
                        tempi.put((double) event.getTick() / song.getResolution(), micros);
                    }
                }
            }
            return Optional.of(tempi);
        } catch (InvalidMidiDataException | IOException | IllegalArgumentException notForTheJdk) {
            return Optional.empty();
        }
    }
}
