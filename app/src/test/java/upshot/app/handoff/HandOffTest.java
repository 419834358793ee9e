package upshot.app.handoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.app.job.Proposal;
import upshot.app.roll.LogStore;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Change;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.clip.StandInClip;
import upshot.exchange.clip.Told;

/** What is said at the hand-off, by pages and by files. */
@AppTest
class HandOffTest extends WithHandOff {

    @Autowired
    LogStore log;

    @Test
    void clips_are_listed_once_however_often_they_are_sent() throws Exception {
        HandOffEntry read = clips(clip("C001"), clip("C002"));
        entries(read, read);
        assertThat(entries(read)).contains("\"taken\":1");
        assertThat(kept()).isEqualTo(1);
        assertThat(desk.get(page)).contains("2 clips, 0 takes, 1 card").contains("C001");
        HandOffEntry other = new HandOffEntry(
                read.id(),
                HandOffWhat.CARD_GONE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "A001",
                0,
                "",
                List.of());
        assertThat(entries(other)).contains("Something else was said with this id");
        assertThat(kept()).isEqualTo(1);
    }

    @Test
    void a_card_taken_out_of_the_list_is_gone_from_it() throws Exception {
        entries(clips(clip("C001")));
        String answer = post(
                        "/say",
                        "{\"edit\":\"%s\",\"what\":\"CARD_GONE\",\"words\":\"A001\"}".formatted(UUID.randomUUID()))
                .body();
        assertThat(answer).contains("the card itself is as it was");
        assertThat(desk.get(page)).doesNotContain("C001");
    }

    @Test
    void a_use_shows_what_was_chosen_until_it_is_worked_out_again() throws Exception {
        entries(clips(clip("C001")));
        String choose = "{\"edit\":\"%s\",\"what\":\"USE_FROM\",\"use\":\"%s\",\"clip\":\"%s\",\"amount\":12}"
                .formatted(UUID.randomUUID(), use.id(), clip("C001").id());
        assertThat(post("/say", choose).statusCode()).isEqualTo(200);
        String selected = page + "?use=" + use.id();
        assertThat(desk.get(selected)).contains("C001, from picture 12, 48 pictures");
        post("/say", "{\"edit\":\"%s\",\"what\":\"USE_FREE\",\"use\":\"%s\"}".formatted(UUID.randomUUID(), use.id()));
        assertThat(desk.get(selected)).contains("Nothing was kept for it.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|an id of its own",
                "{\"edit\":\"ID\",\"what\":\"DANCE\"}|nothing that can be said here",
                "{\"edit\":\"ID\",\"what\":\"PAIR\"}|a clip or a take",
                "{\"edit\":\"ID\",\"what\":\"PICK_UP\"}|the shot",
                "{\"edit\":\"ID\",\"what\":\"USE_FROM\",\"use\":\"ID\"}|the clip and the use"
            })
    void what_says_nothing_changes_nothing(String body, String why) throws Exception {
        HttpResponse<String> answer =
                post("/say", body.replace("ID", UUID.randomUUID().toString()));
        assertThat(answer.statusCode()).isBetween(400, 422);
        assertThat(answer.body()).contains(why);
        assertThat(kept()).isZero();
    }

    /** By the clock of the place, on the shoot's day; a time that is none, or a shoot without a date, changes nothing. */
    @Test
    void a_clock_that_was_filmed_is_typed_as_it_is_read() throws Exception {
        entries(clips(clip("C001")));
        String begins = "{\"edit\":\"%s\",\"what\":\"BEGINS\",\"clip\":\"%s\",\"time\":\"%s\"}";
        String clip = clip("C001").id().toString();
        assertThat(post("/say", begins.formatted(UUID.randomUUID(), clip, "19:14:03"))
                        .body())
                .contains("no date yet")
                .contains("\"field\":\"time\"");
        edits.edit(
                job,
                owner,
                context -> Proposal.of(
                        "date",
                        Change.set(context.plan().brief(), "shootDate", Optional.of(LocalDate.of(2026, 10, 9)))));
        assertThat(post("/say", begins.formatted(UUID.randomUUID(), clip, "a quarter past"))
                        .body())
                .contains("Maybe 19:14:03?");
        assertThat(kept()).isEqualTo(1);
        assertThat(post("/say", begins.formatted(UUID.randomUUID(), clip, "19:14:03"))
                        .body())
                .contains("goes by that now");
        double ms = jdbc.sql("select amount from hand_off_entry where job_id = ? and what = 'BEGINS'")
                .param(job.toString())
                .query(Double.class)
                .single();
        assertThat(Instant.ofEpochMilli((long) ms)
                        .atZone(ZoneId.systemDefault())
                        .toLocalDateTime())
                .isEqualTo("2026-10-09T19:14:03");
    }

    @Test
    void a_clip_list_says_what_has_no_header() throws Exception {
        String list = "clip,frames,rate,card,start timecode,made\nX001,240,23.976,R1,10:00:00:00,2026-10-09T19:14:03\n";
        HttpResponse<String> taken =
                desk.send(desk.file(page + "/clip-list", desk.token("/jobs"), list.getBytes(StandardCharsets.UTF_8)));
        assertThat(taken.body()).contains("\"taken\":1");
        assertThat(desk.get(page)).contains("X001").contains("R1");
        String bad = list.replace("240", "many");
        HttpResponse<String> refused =
                desk.send(desk.file(page + "/clip-list", desk.token("/jobs"), bad.getBytes(StandardCharsets.UTF_8)));
        assertThat(refused.statusCode()).isBetween(400, 422);
        assertThat(refused.body()).contains("Line 2").contains("many");
    }

    private void report(String job, String card, Path copy, String... more) throws IOException {
        Files.createDirectories(Path.of(offloads));
        List<String> lines = new ArrayList<>(List.of(
                "job=" + job,
                "card=" + card,
                "files=1",
                "bytes=1000",
                "began=" + Instant.now(),
                "at=" + Instant.now(),
                "copies=1",
                "copy.0=" + copy));
        lines.addAll(List.of(more));
        Files.write(Path.of(offloads, this.job + ".properties"), lines);
    }

    @Test
    void an_offload_is_shown_as_it_stands_and_its_clips_are_read(@TempDir Path folder) throws Exception {
        Path copy = Files.createDirectories(folder.resolve("Kiln/A001/CLIP"));
        StandInClip.write(
                copy.resolve("A001C001.mp4"),
                StandInClip.picture(Optional.empty()),
                new Told("K1", 1, 0),
                FrameRate.of(24),
                12);
        Files.writeString(copy.resolve("broken.mp4"), "no film");
        String name = Offloads.jobFolder(job, "Any");
        report(name, "A001", copy.getParent(), "state=READING_BACK", "done=64", "all=100");
        assertThat(desk.get(page)).contains("Copied, being read back, 64 %").doesNotContain("ay be formatted");
        report(
                name,
                "A001",
                copy.getParent(),
                "state=ENDED",
                "mayBeFormatted=false",
                "why=There is one copy; two on different disks are wanted.");
        assertThat(desk.get(page)).contains("There is one copy").doesNotContain("ay be formatted");
        report(name, "A001", copy.getParent(), "state=ENDED", "mayBeFormatted=true", "why=");
        assertThat(desk.get(page)).contains("May be formatted, ");
        String read = post("/read-copy", "{\"card\":\"A001\"}").body();
        assertThat(read).contains("1 clips of A001 read; 1 could not be read, CLIP/broken.mp4 first");
        assertThat(desk.get(page)).contains("A001C001");
    }

    @Test
    void what_was_rolled_since_a_card_was_read_takes_the_word_back(@TempDir Path folder) throws Exception {
        String name = Offloads.jobFolder(job, "Any");
        String[] safe = {"state=ENDED", "mayBeFormatted=true", "why="};
        report(name, "A001", folder, safe);
        assertThat(desk.get(page)).contains("May be formatted, as it was read at ");
        roll();
        assertThat(desk.get(page))
                .doesNotContain("ay be formatted")
                .contains("if it was in a camera again, offload it again");
        report(name, "A001", folder, safe);
        assertThat(desk.get(page)).contains("May be formatted, as it was read at ");
    }

    private void roll() {
        LogEntry take = new LogEntry(
                UUID.randomUUID(),
                UUID.randomUUID(),
                0,
                Instant.parse("2026-11-14T20:00:00Z").toEpochMilli(),
                0,
                What.EXTRA,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                "",
                List.of());
        assertThat(log.add(job, LogStore.Sender.of(owner), List.of(take))).isEmpty();
    }

    @Test
    void an_offload_of_another_job_is_neither_shown_nor_read(@TempDir Path folder) throws Exception {
        report("Any-00000000", "A001", folder, "state=ENDED", "mayBeFormatted=true");
        assertThat(desk.get(page)).doesNotContain("A001");
        assertThat(post("/read-copy", "{\"card\":\"A001\"}").body()).contains("No copy of A001 can be reached");
    }

    @Test
    void the_package_is_whole() throws Exception {
        entries(clips(clip("C001")), remark("two more seconds"));
        HttpResponse<byte[]> answer = desk.client()
                .send(desk.request(page + "/package.zip").build(), HttpResponse.BodyHandlers.ofByteArray());
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(new java.io.ByteArrayInputStream(answer.body()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        assertThat(names)
                .containsExactly(
                        "read-me.txt",
                        "index.html",
                        "cut.otio",
                        "cut.edl",
                        "as-shot.csv",
                        "clips.csv",
                        "shot-list.csv",
                        "names.csv",
                        "copy-renamed.sh",
                        "SHA256SUMS");
    }
}
