package upshot.app.roll;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.app.AppTest;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.json.LogJson;

/** The log at the server: every entry once, whoever sends it how often, and nothing that is none. */
@AppTest
class LogTest extends OnSharedLog {

    @Test
    void an_entry_is_kept_once_however_often_and_by_whom_it_is_sent() throws Exception {
        LogEntry take = roll(0);
        String sent = LogJson.write(List.of(take, take));

        assertThat(send(ada, sent).body()).contains("\"refused\":[]");
        assertThat(send(ben, sent).body()).contains("\"refused\":[]");

        assertThat(log.all(job)).containsExactly(take);
        assertThat(ask(ben, "log?since=0").body()).contains(take.id().toString(), "\"last\":1", "\"nowMs\":");
        assertThat(ask(ben, "log?since=1").body()).contains("\"entries\":[]");
        String file = ask(ada, "log.json").body();
        assertThat(LogJson.read(file.getBytes(StandardCharsets.UTF_8)).entries())
                .containsExactly(take);
    }

    /** Half of it came, or all of it and nobody waited for the answer: it is sent again whole. */
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1})
    void a_sending_that_was_cut_is_sent_again_and_each_entry_is_there_once(double came) throws Exception {
        String body = LogJson.write(List.of(roll(0), roll(1), roll(2)));
        String cookies = ada.cookies().getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
        String head = ("POST /jobs/%s/roll/log HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: %s\r\nX-CSRF-TOKEN: %s\r\n"
                        + "Content-Type: application/json\r\nContent-Length: %d\r\n\r\n")
                .formatted(job, cookies, ada.token("/jobs"), body.length());
        try (Socket phone = new Socket("127.0.0.1", port)) {
            phone.getOutputStream()
                    .write((head + body.substring(0, (int) (came * body.length()))).getBytes(StandardCharsets.UTF_8));
            phone.getOutputStream().flush();
        }

        assertThat(send(ada, body).body()).contains("\"refused\":[]");

        assertThat(log.all(job)).hasSize(3);
    }

    @Test
    void one_bad_entry_keeps_none_of_the_others_back_and_never_changes_what_is_there() throws Exception {
        LogEntry take = roll(0);
        send(ada, LogJson.write(List.of(take)));
        LogEntry other = new LogEntry(
                take.id(),
                take.phoneId(),
                0,
                AT_MS,
                0,
                What.EXTRA,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                "",
                List.of());
        LogEntry good = roll(1);
        String mixed = LogJson.write(List.of(other, good)).replace("\"entries\":[", "\"entries\":[7,{\"id\":\"x\"},");

        HttpResponse<String> answer = send(ada, mixed);

        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body())
                .contains("Another entry has this id", "no whole number")
                .contains(take.id().toString());
        assertThat(log.all(job)).containsExactly(take, good);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "[]",
                "{}",
                "{\"format\":\"upshot-lane-log\",\"version\":1}",
                "{\"format\":\"upshot-lane-log\",\"version\":2,\"entries\":[]}",
                "{\"format\":\"upshot-lane-log\",\"version\":1,\"entries\":[",
                "{\"format\":\"upshot-lane-log\",\"version\":1,\"entries\":[[[[[[[[]]]]]]]]}",
                "{\"format\":\"another\",\"version\":1,\"entries\":[]}"
            })
    void what_is_no_log_is_refused_in_plain_words(String body) throws Exception {
        HttpResponse<String> answer = send(ada, body);

        assertThat(answer.statusCode()).isBetween(400, 422);
        assertThat(answer.body()).contains("message").doesNotContain("Exception");
        assertThat(log.all(job)).isEmpty();
    }

    @Test
    void a_full_log_says_so_for_each_entry_that_it_does_not_take() throws Exception {
        jdbc.sql("insert into log_entry (job_id, number, id, phone_id, phone_number, account_id, received_at, at_ms,"
                        + " offset_ms, what, detail, amount, words) select ?, ?, ?, ?, 0, owner_id, utc_timestamp(6), ?,"
                        + " 0, 'EXTRA', '', 0, '' from job where id = ?")
                .params(
                        job.toString(),
                        LogStore.MOST - 1,
                        UUID.randomUUID().toString(),
                        UUID.randomUUID().toString(),
                        AT_MS,
                        job.toString())
                .update();

        String answer = send(ada, LogJson.write(List.of(roll(0), roll(1)))).body();

        assertThat(answer).containsOnlyOnce("holds 20000 entries");
        assertThat(log.last(job)).isEqualTo(LogStore.MOST);
    }

    /** Three phones send what they have in portions, some of it twice, in any order, at the same time. */
    @Test
    void ten_thousand_entries_of_three_phones_doubled_and_shuffled_are_each_there_once() throws Exception {
        Random random = new Random(18);
        List<LogEntry> all = new ArrayList<>();
        List<UUID> phones = List.of(UUID.randomUUID(), UUID.randomUUID(), UUID.randomUUID());
        for (int i = 0; i < 10_000; i++) {
            boolean begins = i < 3 || random.nextInt(3) == 0;
            all.add(entry(
                    phones.get(i % 3),
                    i / 3,
                    begins ? What.ROLL : What.STOP,
                    begins
                            ? Optional.empty()
                            : Optional.of(all.get(random.nextInt(all.size())).id()),
                    begins ? Optional.of(shot.id()) : Optional.empty()));
        }
        List<List<LogEntry>> portions = new ArrayList<>();
        for (int round = 0; round < 2; round++) {
            List<LogEntry> shuffled = new ArrayList<>(all);
            Collections.shuffle(shuffled, random);
            for (int from = 0; from < shuffled.size(); from += 500) {
                portions.add(shuffled.subList(from, from + 500));
            }
        }
        Collections.shuffle(portions, random);
        String token = ada.token("/jobs");
        var senders = Executors.newFixedThreadPool(3);
        try {
            List<Future<HttpResponse<String>>> answers = new ArrayList<>();
            for (List<LogEntry> portion : portions) {
                answers.add(senders.submit(
                        () -> ada.send(ada.json("/jobs/%s/roll/log".formatted(job), token, LogJson.write(portion)))));
            }
            for (Future<HttpResponse<String>> answer : answers) {
                assertThat(answer.get().body()).contains("\"refused\":[]");
            }
        } finally {
            senders.shutdown();
        }

        assertThat(log.last(job)).isEqualTo(10_000);
        assertThat(new HashSet<>(log.all(job)).equals(new HashSet<>(all))).isTrue();
    }
}
