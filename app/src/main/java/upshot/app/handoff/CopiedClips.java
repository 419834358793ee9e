package upshot.app.handoff;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.core.handoff.Clip;
import upshot.exchange.clip.ClipHeader;
import upshot.exchange.text.Unreadable;

/** The clips of a card, read from a copy of it on this computer: only where an offload of that job has said it lies. */
@Component
class CopiedClips {

    private static final int MOST_FILES = 20_000;
    private static final int DEEPEST = 12;

    private final Offloads offloads;

    CopiedClips(Offloads offloads) {
        this.offloads = offloads;
    }

    /**
     * What was found.
     *
     * @param unread names of films whose header says nothing
     */
    record Found(List<Clip> clips, List<String> unread) {}

    /** @throws EditRefused when there is no such card, or its copy is not here */
    Found of(UUID jobId, String card) {
        Path folder = offloads.of(jobId).stream()
                .filter(one -> one.card().equals(card))
                .flatMap(one -> one.copies().stream())
                .filter(Files::isDirectory)
                .findFirst()
                .orElseThrow(() -> new EditRefused(
                        "No copy of %s can be reached from here. Choose its folder instead.".formatted(card)));
        List<Clip> clips = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        try (Stream<Path> files = Files.walk(folder, DEEPEST)) {
            for (Path file :
                    files.limit(MOST_FILES).filter(CopiedClips::film).sorted().toList()) {
                String path = folder.relativize(file).toString();
                try {
                    clips.add(ClipHeader.read(file, card, path));
                } catch (Unreadable said) {
                    unread.add(path);
                }
            }
        } catch (IOException | java.io.UncheckedIOException broken) {
            throw new EditRefused("The copy of %s cannot be read.".formatted(card));
        }
        return new Found(clips, unread);
    }

    /** Films by their ending; small ones that a camera makes beside them are none. */
    private static boolean film(Path file) {
        String path = file.toString().toLowerCase(Locale.ROOT);
        return path.matches(".*\\.(mp4|mov|m4v)") && !path.matches(".*(/sub/|/proxy/|_proxy\\.|\\.lrv).*");
    }
}
