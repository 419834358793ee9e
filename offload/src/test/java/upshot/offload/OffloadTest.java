package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole offloads: never a false "may be formatted", never a changed card. */
class OffloadTest extends OnDesk {

    @Test
    void two_verified_copies_on_two_disks_make_it_safe() throws Exception {
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        assertThat(desk.said()).contains("verified, all 4 files equal", Desk.SAFE);
        for (Path disk : new Path[] {desk.first, desk.second}) {
            assertThat(Desk.state(desk.copy(disk)).keySet()).isEqualTo(card.keySet());
            Listing there = Listing.of(desk.copy(disk));
            assertThat(there.files()).isEqualTo(Listing.of(desk.card).files());
            accepted(disk);
            try (var within = Files.list(disk.resolve("Kiln"))) {
                assertThat(within.map(Path::getFileName).map(Path::toString))
                        .containsExactlyInAnyOrder("A1", "A1.sha256");
            }
        }
        assertThat(desk.opened.stream().filter(file -> file.startsWith(desk.card)))
                .as("once to copy, once to compare")
                .hasSize(8);
        cardIsAsItWas();
    }

    @Test
    void the_application_is_told_what_was_found() throws IOException {
        desk.offload();
        Path report;
        try (var within = Files.list(desk.reports)) {
            report = within.toList().get(0);
        }
        assertThat(Files.readAllLines(report))
                .contains("mayBeFormatted=true", "state=ENDED", "job=Kiln", "card=A1", "files=4", "verified.1=true");
    }

    @ParameterizedTest
    @CsvSource({
        "second,second,two on different disks",
        "card,second,lies on the disk of the card",
        ",second,cannot be told"
    })
    void disks_count_by_what_they_are(String first, String second, String why) {
        desk.disks.put(desk.first, first == null ? Disk.UNKNOWN : Desk.disk(first, "1"));
        desk.disks.put(desk.second, Desk.disk(second, "1"));
        assertThat(desk.offload()).isEqualTo(Main.NOT_YET_SAFE);
        assertThat(desk.said()).contains("Do not format A1 yet.", why);
    }

    @Test
    void a_third_disk_helps_where_two_are_one() throws IOException {
        desk.disks.put(desk.second, Desk.disk("first", "1"));
        Path third = Files.createDirectories(desk.first.resolveSibling("third"));
        desk.disks.put(third, Desk.disk("third", "1"));
        assertThat(desk.offload(third.toString())).isEqualTo(Main.SAFE);
    }

    @Test
    void what_may_come_from_memory_is_never_called_verified() {
        desk.pastMemory = false;
        assertThat(desk.offload()).isEqualTo(Main.NOT_YET_SAFE);
        assertThat(desk.said())
                .contains("perhaps from memory", "out and in again")
                .doesNotContain("verified");
        assertThat(desk.offload("--check")).as("nobody took anything out").isEqualTo(Main.NOT_YET_SAFE);
        for (Path place : Set.of(desk.card, desk.first, desk.second)) {
            desk.disks.put(place, Desk.disk(place.toString(), "2"));
        }
        assertThat(desk.offload("--check")).as("taken out and put in").isEqualTo(Main.SAFE);
    }

    @Test
    void what_is_written_after_putting_it_in_may_be_in_memory_again() throws IOException {
        desk.pastMemory = false;
        desk.offload();
        for (Path place : Set.of(desk.card, desk.first, desk.second)) {
            desk.disks.put(place, Desk.disk(place.toString(), "2"));
        }
        desk.write("DCIM/100/A_0004.MP4", 10);
        desk.fault = (file, content, at) -> {
            if (file.startsWith(desk.first)) {
                throw new IOException("gone");
            }
            return content;
        };
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        desk.fault = (file, content, at) -> content;
        assertThat(desk.offload("--check"))
                .as("written since, and not taken out")
                .isEqualTo(Main.NOT_YET_SAFE);
    }

    @Test
    void nothing_that_lies_there_is_overwritten() throws IOException {
        Path there = desk.copy(desk.first).resolve("DCIM/100/A_0002.MP4");
        Files.createDirectories(there.getParent());
        Files.writeString(there, "somebody's");
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("has 10 bytes, and 4194304 on the card");
        assertThat(there).hasContent("somebody's");
        assertThat(desk.opened).as("seen before anything is copied").isEmpty();
    }

    @Test
    void another_card_of_the_same_name_is_asked_for_a_name() throws IOException {
        desk.offload();
        Files.move(desk.card.resolve("DCIM/100/A_0001.MP4"), desk.card.resolve("DCIM/100/A_0101.MP4"));
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("A_0001.MP4 is not on the card", "--as NAME");
        assertThat(desk.offload("--as", "A2")).isEqualTo(Main.SAFE);
    }

    @Test
    void a_card_that_is_filled_further_is_gone_on_with() throws Exception {
        desk.offload();
        desk.write("DCIM/100/A_0000.MP4", 500);
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        accepted(desk.first);
    }

    @Test
    void copies_made_otherwise_are_checked() throws Exception {
        assertThat(desk.offload("--check")).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("There is no copy at");
        desk.offload();
        Files.delete(desk.first.resolve("Kiln/A1.sha256"));
        assertThat(desk.offload("--check")).isEqualTo(Main.SAFE);
        accepted(desk.first);
        Files.delete(desk.copy(desk.first).resolve("DCIM/empty.txt"));
        assertThat(desk.offload("--check")).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("DCIM/empty.txt is not in");
    }

    @Test
    void links_are_not_followed_anywhere() throws IOException {
        Path elsewhere = Files.createDirectories(desk.card.resolveSibling("elsewhere"));
        Files.createSymbolicLink(desk.card.resolve("DCIM/link.MP4"), elsewhere);
        assertThat(desk.offload()).isEqualTo(Main.NOT_YET_SAFE);
        assertThat(desk.said()).contains("DCIM/link.MP4 is a link, so the copies do not hold all of the card.");
        Files.delete(desk.card.resolve("DCIM/link.MP4"));
        Files.createDirectories(desk.second.resolve("Other"));
        Files.createSymbolicLink(desk.second.resolve("Other/A1"), elsewhere);
        assertThat(desk.offload("--job", "Other")).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("is no folder");
        assertThat(elsewhere).isEmptyDirectory();
    }

    @Test
    void names_are_bytes() throws Exception {
        Process made = new ProcessBuilder(
                        "bash",
                        "-c",
                        "for name in $'new\\nline' $'ret\\rurn' 'back\\slash' $'caf\\xe9' $'caf\\xc3\\xa9' $'cafe\\xcc\\x81' 'ночь' '窯' '-rf *' ' ' \"$(printf 'x%.0s' {1..255})\"; do printf %s \"$name\" > \"$name.\" 2>/dev/null || printf %s \"$name\" > \"$name\"; done")
                .directory(desk.card.toFile())
                .start();
        assertThat(made.waitFor()).isZero();
        card = Desk.state(desk.card);
        assertThat(card).hasSize(4 + 4 + 11 + 1);
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        assertThat(desk.said()).contains("all 15 files equal");
        accepted(desk.first);
        accepted(desk.second);
        cardIsAsItWas();
    }

    @Test
    void a_manifest_says_what_sha256sum_would_have_said() throws Exception {
        Files.writeString(desk.card.resolve("b\\n\nr\r"), "x");
        desk.offload();
        Process sum = new ProcessBuilder("bash", "-c", "find A1 -type f -print0 | sort -z | xargs -0 sha256sum")
                .directory(desk.first.resolve("Kiln").toFile())
                .start();
        assertThat(desk.first.resolve("Kiln/A1.sha256"))
                .hasBinaryContent(sum.getInputStream().readAllBytes());
    }

    @Test
    void one_works_in_a_copy_at_a_time() throws Exception {
        Copy busy = new Copy(desk.first, "Kiln", "A1");
        busy.open();
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("Another ./upshot offload works in");
        busy.close();
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
    }

    @ParameterizedTest
    @CsvSource({
        "--job,needs a name behind it",
        "--delete,There is no --delete",
        "--job .,no dot at the beginning",
        "--job a/b,no slash",
        "--as ../x,no slash",
        "/nowhere,there is no folder at /nowhere"
    })
    void what_makes_no_sense_is_said(String typed, String why) {
        assertThat(desk.offload(typed.split(" "))).isIn(Main.UNUSABLE_ORDER, Main.STOPPED);
        assertThat(desk.said()).contains(why);
        assertThat(desk.first).isEmptyDirectory();
    }

    @Test
    void a_disk_twice_or_in_the_card_is_refused() {
        assertThat(desk.offload(desk.first.toString())).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("named twice");
        assertThat(desk.offload(desk.card.toString())).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("cannot lie in each other");
        cardIsAsItWas();
    }

    @Test
    void an_empty_card_is_no_reason_to_say_the_word(@TempDir(factory = InMemory.class) Path folder) throws IOException {
        Desk empty = new Desk(folder);
        assertThat(empty.offload()).isEqualTo(Main.NOT_YET_SAFE);
        assertThat(empty.said()).contains("There is no file on it.");
    }
}
