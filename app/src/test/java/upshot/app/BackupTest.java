package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.core.RandomPlans;

/** What was kept comes back row for row, and nothing is written over. */
@AppTest
class BackupTest {

    private static final String TABLES = "rows() { for t in $(database_sql \"$1\" -N -e 'show tables in upshot'); do"
            + " echo $t $(database_sql \"$1\" -N -e \"select * from upshot.$t order by 1, 2, 3\" | sha256sum); done; };";

    @TempDir
    private Path folder;

    @Autowired
    private People people;

    @Autowired
    private NewJobs newJobs;

    private Scripts.Ran shell(String command) throws IOException, InterruptedException {
        return new Scripts(folder).run(TABLES + " " + command);
    }

    @AfterEach
    void stop() throws Exception {
        shell("database_stop $ROOT/.data/own");
    }

    @Test
    void every_row_comes_back_in_a_fresh_folder() throws Exception {
        SignedIn owner = people.person();
        for (int seed = 1; seed <= 5; seed++) {
            newJobs.create(owner, new RandomPlans(seed).plan());
        }
        Scripts.Ran before =
                shell("dump %1$s $ROOT/kept.sql.gz; rows %1$s".formatted(System.getProperty("upshot.test.folder")));
        assertThat(before.status()).as(before.output()).isZero();
        Scripts.Ran restored = shell("restore $ROOT/kept.sql.gz");
        assertThat(restored.output()).contains("Restored.");
        Scripts.Ran after = shell("database_start $ROOT/.data/own durable; rows $ROOT/.data/own");

        assertThat(before.output().lines()).hasSizeGreaterThan(30);
        assertThat(after.output()).isEqualTo(before.output());
        assertThat(shell("backup $ROOT/kept.sql.gz").output()).contains("Nothing was overwritten");
    }

    @Test
    void what_is_no_backup_or_of_a_newer_program_changes_nothing() throws Exception {
        for (String content : new String[] {
            "echo hello | gzip",
            "echo hello",
            "echo '-- Upshot Lane backup, database version 999' | gzip",
            "head -c 100 /dev/urandom"
        }) {
            Scripts.Ran ran = shell("%s >$ROOT/bad.sql.gz; restore $ROOT/bad.sql.gz".formatted(content));
            assertThat(ran.status()).as(content).isEqualTo(1);
            assertThat(ran.output()).contains("Nothing was changed");
        }
        assertThat(folder.resolve(".data/own")).doesNotExist();
    }
}
