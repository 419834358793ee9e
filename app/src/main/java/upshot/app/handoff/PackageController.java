package upshot.app.handoff;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import upshot.app.store.Job;
import upshot.exchange.csv.ShotListCsv;
import upshot.exchange.handoff.AsShotCsv;
import upshot.exchange.handoff.EditList;
import upshot.exchange.handoff.EditorPage;
import upshot.exchange.handoff.Handed;
import upshot.exchange.handoff.OtioJson;
import upshot.exchange.handoff.RenameList;
import upshot.exchange.text.Sha256;

/** What the editor gets, as one archive: the cut in two formats, tables, a page to read and answer, names for copies. */
@Controller
class PackageController {

    private static final String ANSWER =
            "Write what is the matter beside a use and save the remarks: a small file that the planner drops on Hand-off.";

    private static final String READ_ME = """
            What is here
            ------------
            index.html          the cut with frames, notes, cautions and consent; a place for remarks. Opens without a network.
            cut.otio            the cut as an OpenTimelineIO timeline; the second track holds alternates
            cut.edl             the same as an edit decision list, for programs that read nothing newer
            as-shot.csv         every use with its clip, where it begins and how much room there is
            clips.csv           every clip, also those of no take
            shot-list.csv       the cut as it was planned
            names.csv           a name for each clip that says shot and take
            copy-renamed.sh     makes copies under those names; originals stay as they are
            SHA256SUMS          sha256sum -c SHA256SUMS

            Clips are looked for in a folder "media" beside these files, one folder for each card in it, as an offload copies
            them: put the folder of the copies there under that name, or link it.
            """;

    private final Handing handing;

    PackageController(Handing handing) {
        this.handing = handing;
    }

    @GetMapping("/jobs/{jobId}/hand-off/package.zip")
    ResponseEntity<StreamingResponseBody> archive(Job job) throws IOException {
        Handed handed = handing.of(job.id(), job.ownerId());
        String name = handed.planned().plan().brief().name();
        Map<String, byte[]> files = files(handed);
        ContentDisposition saved = ContentDisposition.attachment()
                .filename("%s, for the editor.zip".formatted(name), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, saved.toString())
                .body(out -> {
                    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                        for (Map.Entry<String, byte[]> file : files.entrySet()) {
                            zip.putNextEntry(new ZipEntry(file.getKey()));
                            zip.write(file.getValue());
                            zip.closeEntry();
                        }
                    }
                });
    }

    private static Map<String, byte[]> files(Handed handed) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        put(files, "read-me.txt", READ_ME);
        put(
                files,
                "index.html",
                EditorPage.alone(
                        handed, resource("js/hand-off/editor.js"), resource("css/hand-off/editor.css"), ANSWER));
        put(files, "cut.otio", OtioJson.write(handed));
        List<String> lists = EditList.write(handed);
        for (int list = 0; list < lists.size(); list++) {
            put(files, lists.size() == 1 ? "cut.edl" : "cut-%d.edl".formatted(list + 1), lists.get(list));
        }
        put(files, "as-shot.csv", AsShotCsv.uses(handed));
        put(files, "clips.csv", AsShotCsv.clips(handed));
        put(files, "shot-list.csv", ShotListCsv.inCutOrder(handed.planned()));
        put(files, "names.csv", RenameList.csv(handed));
        put(files, "copy-renamed.sh", RenameList.script(handed));
        StringBuilder sums = new StringBuilder();
        files.forEach((file, content) ->
                sums.append(sum(content)).append("  ").append(file).append('\n'));
        put(files, "SHA256SUMS", sums.toString());
        return files;
    }

    private static String sum(byte[] content) {
        return Sha256.hex(content);
    }

    private static void put(Map<String, byte[]> files, String name, String text) {
        files.put(name, text.getBytes(StandardCharsets.UTF_8));
    }

    private static String resource(String path) throws IOException {
        return new ClassPathResource("static/" + path).getContentAsString(StandardCharsets.UTF_8);
    }
}
