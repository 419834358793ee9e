package upshot.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;

class LineReaderTest {

    private static final LineReader READER =
            new LineReader(List.of("Kiln crew", "Ines", "Guests"), List.of("Yard", "Kiln yard", "Wheel room"));

    private static String chips(ActionLine line) {
        return line.chips().stream().map(ActionLine.Chip::label).collect(Collectors.joining(" | "));
    }

    private static String unknown(ActionLine line) {
        return line.unknown().stream().map(ActionLine.Chip::label).collect(Collectors.joining(" | "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '§', textBlock = """
            Potter throws a bowl 40s repeats messy left-to-right § Potter throws a bowl § Potter § 40 s | repeats | messy | left to right § ''
            Kiln crew opens the kiln once 19:40 3 min fire right to left § Kiln crew opens the kiln § Kiln crew § once only | at 19:40 | 3 min | fire | right to left § ''
            Kiln crew opens the kiln once 19:40 3 min fire right to l § Kiln crew opens the kiln § Kiln crew § once only | at 19:40 | 3 min | fire § right to l
            Guests come through the gate, 12 s, left to right 1.2 m/s, from 18:30, crowd § Guests come through the gate § Guests § 12 s | left to right | 1.2 m/s | from 18:30 | crowd § ''
            Ines pours glaze over the rim 3 sec, repeats, 4 min reset, liquid, messy, sets: glazed § Ines pours glaze over the rim § Ines § 3 s | repeats | 4 min reset | quick | messy | sets: glazed § ''
            The yard at dusk, place, golden § The yard at dusk § Yard § place or thing | golden light § ''
            The yard at dusk, place, at sunset § The yard at dusk § Yard § place or thing | light of sunset § ''
            Boats leave the slip, 20 s, dawn § Boats leave the slip § Boats § 20 s | dawn § ''
            Lamps go out in the yard after 20:10 15 s once § Lamps go out in the yard § Lamps § from 20:10 | 15 s | once only § ''
            Raku pot goes into the sawdust 20s once soon gone smoke, hot ware § Raku pot goes into the sawdust § Raku pot § 20 s | once only | soon gone | smoke | hot ware § ''
            People laugh round the table for 1 minute, repeats by itself, looks right § People laugh round the table § People § 1 min | repeats | looks right § ''
            Hands pick a brush from the jar 4 s repeats § Hands pick a brush from the jar § Hands § 4 s | repeats § ''
            Rider turns the corner 6 s 20 km/h rtl traffic § Rider turns the corner § Rider § 6 s | 5.6 m/s | right to left | traffic § ''
            Rider leans into the bend, 15 mph, L>R § Rider leans into the bend § Rider § 6.7 m/s | left to right § ''
            Courier loads the box 1 min 30 s, 1.85 m tall § Courier loads the box § Courier § 90 s | 1.85 m tall § ''
            Mechanic trues a wheel 2 min, seated, looks left, sound: spokes ticking § Mechanic trues a wheel § Mechanic § 2 min | seated | looks left | sound: spokes ticking § ''
            Mechanic trues a wheel, seated § Mechanic trues a wheel § Mechanic § seated § ''
            Ines kneeling by the wheel 10 s § Ines kneeling by the wheel § Ines § 10 s § ''
            Crew lights the fire § Crew lights the fire § Crew § '' § ''
            Crew lights the fire, fire, 30 s § Crew lights the fire § Crew § fire | 30 s § ''
            Ines repeats the story 40 s § Ines repeats the story § Ines § 40 s § ''
            Guests go left to right through the gate 8 s § Guests go left to right through the gate § Guests § 8 s § ''
            Doors open at 7pm § Doors open § Doors § at 19:00 § ''
            Doors open 7.30 pm 2 min § Doors open § Doors § at 19:30 | 2 min § ''
            Speech 18:00-18:20 § Speech § Speech § 18:00 to 18:20 § ''
            Speech from 18:00 to 18:20 once only § Speech § Speech § 18:00 to 18:20 | once only § ''
            Musician packs up until 22:00 tiring § Musician packs up § Musician § until 22:00 | tiring § ''
            Ines trims the foot, phases: centre / trim / sign, 3 min § Ines trims the foot § Ines § phases: centre / trim / sign | 3 min § ''
            Ines trims the foot at the Wheel room 20 s § Ines trims the foot § Ines § at Wheel room | 20 s § ''
            Guests gather @Kiln yard 30 s crowd § Guests gather § Guests § at Kiln yard | 30 s | crowd § ''
            Bowl turns 8,5 s, shows the bowl § Bowl turns § Bowl § 8.5 s | shows the bowl § ''
            Bowl turns, shows: glazed bowl, 8 s § Bowl turns § Bowl § shows the glazed bowl | 8 s § ''
            Somebody waves, who: Ines, 5 s § Somebody waves § Ines § who: Ines | 5 s § ''
            Ines opens the damper 10 s sets opened heat § Ines opens the damper § Ines § 10 s | sets: opened § heat
            Children press clay, children, loud, 40 s § Children press clay § Children § children | loud sound | 40 s § ''
            Dog sleeps under the bench 30 s dog § Dog sleeps under the bench § Dog § 30 s | animals § ''
            Ladder goes up, height, 10 s reset 5 min § Ladder goes up § Ladder § height | 10 s | 5 min reset § ''
            Ines waves goodbye 4 s blue hour § Ines waves goodbye § Ines § 4 s | blue hour § ''
            Glass breaks, once, 1 s, quick § Glass breaks § Glass § once only | 1 s | quick § ''
            Two friends shake hands 3 s l to r 40x § Two friends shake hands § Two § 3 s | left to right § 40x
            INES THROWS A BOWL 40S REPEATS § INES THROWS A BOWL § Ines § 40 s | repeats § ''
            Ines throws a bowl § Ines throws a bowl § Ines § '' § ''
            40 s repeats § '' § '' § 40 s | repeats § ''
            Rider sets off 8 s, repeats § Rider sets off § Rider § 8 s | repeats § ''
            Rider passes 6 s, riding § Rider passes § Rider § 6 s | riding § ''
            Rider passes 25:70 6 s § Rider passes 25:70 § Rider § 6 s § ''
            """)
    void a_line_as_a_person_would_type_it(String typed, String sentence, String subject, String chips, String unknown) {
        ActionLine line = READER.read(typed);

        assertThat(line.sentence()).isEqualTo(sentence);
        assertThat(line.subject().orElse("")).isEqualTo(subject);
        assertThat(chips(line)).isEqualTo(chips);
        assertThat(unknown(line)).isEqualTo(unknown);
    }

    @Test
    void chips_say_where_in_the_line_they_stand() {
        String typed = "Potter throws a bowl, 40s  repeats oddly";
        ActionLine line = READER.read(typed);

        assertThat(line.chips())
                .extracting(chip -> typed.substring(chip.start(), chip.end()))
                .containsExactly("40s", "repeats");
        assertThat(line.unknown())
                .extracting(chip -> typed.substring(chip.start(), chip.end()))
                .containsExactly("oddly");
    }

    @Test
    void every_value_fits_the_field_it_is_meant_for() {
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        ActionLine line = READER.read(
                "Ines throws a bowl 40s once 19:40 from 18:00 until 20:00, messy soon gone tiring quick,"
                        + " 2 min reset, 1 m/s ltr, sets: thrown, phases: a / b, sound: hum, shows the bowl, seated, golden, fire, smoke");

        for (Map.Entry<String, Object> one : line.values().entrySet()) {
            action = action.with(one.getKey(), one.getValue());
            assertThat(line.values()).hasSizeGreaterThan(15);
        }
        assertThat(action.cautions().tags()).hasSize(2);
        assertThat(action.fixedTime()).hasToString("Optional[19:40]");
        assertThat(action.durationS()).isEqualTo(40);
    }

    @Test
    void a_line_too_long_is_refused_and_says_how_long_it_may_be() {
        assertThat(READER.read("x".repeat(LineReader.LONGEST)).sentence()).hasSize(LineReader.LONGEST);
        assertThatThrownBy(() -> READER.read("x".repeat(LineReader.LONGEST + 1)))
                .hasMessageContaining("500");
    }

    static Stream<String> hostile() {
        return Stream.of("1".repeat(500), "at ".repeat(160), ",".repeat(500), "1 min 1 ".repeat(60), "a, ".repeat(160));
    }

    /** Every read ends: the expressions have no way of looking at the same words again and again. */
    @ParameterizedTest
    @MethodSource("hostile")
    void repetition_is_read_to_its_end(String typed) {
        ActionLine line = READER.read(typed);
        assertThat(line.chips().size() + line.unknown().size() + line.sentence().length())
                .isLessThanOrEqualTo(500);
    }

    @Test
    void ids_play_no_part() {
        assertThat(new LineReader(List.of(UUID.randomUUID().toString()), List.of()).read("Ines waves 4 s"))
                .isEqualTo(new LineReader(List.of(), List.of()).read("Ines waves 4 s"));
    }
}
