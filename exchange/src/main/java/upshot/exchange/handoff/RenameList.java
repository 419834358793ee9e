package upshot.exchange.handoff;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.handoff.Clip;
import upshot.core.handoff.ShotTakes;
import upshot.core.plan.Shot;
import upshot.day.log.Take;
import upshot.exchange.csv.CsvText;

/** Names that say which shot and take a clip is. They are given to copies: no original is ever renamed. */
public final class RenameList {

    private RenameList() {}

    /** A new name for each clip of a take, without its ending: "K1_t2_The-kiln-opens_A001C003". */
    static Map<UUID, String> names(Handed handed) {
        Map<UUID, String> names = new HashMap<>();
        ShotTakes takes = handed.takes();
        for (Take take : takes.state().takes()) {
            takes.clip(take).ifPresent(clip -> names.put(clip.id(), name(handed, take, clip)));
        }
        return names;
    }

    private static String name(Handed handed, Take take, Clip clip) {
        ShotTakes takes = handed.takes();
        String codes = take.parts().stream()
                .map(takes::shot)
                .flatMap(Optional::stream)
                .map(Shot::code)
                .collect(Collectors.joining("-"));
        String action = takes.shot(take.parts().get(0))
                .map(shot -> handed.plan().actionOf(shot).name())
                .orElse("extra");
        return plain("%s_t%d_%s_%s".formatted(codes.isEmpty() ? "X" : codes, take.number(), action, clip.name()));
    }

    /** Letters and figures that every file system takes. */
    private static String plain(String text) {
        String folded = Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        String plain = folded.replaceAll("[^A-Za-z0-9_]+", "-").replaceAll("-?_-?", "_");
        return plain.length() > 100 ? plain.substring(0, 100) : plain;
    }

    /** From and to, each file of each clip, with paths below the media folder. */
    static Map<String, String> paths(Handed handed) {
        Map<UUID, String> names = names(handed);
        Map<String, String> paths = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        for (Clip clip : handed.said().clips()) {
            String name = names.get(clip.id());
            for (int part = 0; name != null && part < clip.files().size(); part++) {
                String file = clip.files().get(part);
                int dot = file.lastIndexOf('.');
                String ending = dot > file.lastIndexOf('/') ? file.substring(dot) : "";
                String base = clip.files().size() > 1 ? "%s_part%d".formatted(name, part + 1) : name;
                String wanted = base;
                for (int number = 2; !taken.add(wanted.toLowerCase(Locale.ROOT)); number++) {
                    wanted = "%s_%d".formatted(base, number);
                }
                paths.put(clip.card() + "/" + file, wanted + ending);
            }
        }
        return paths;
    }

    /** The list as a table. */
    public static String csv(Handed handed) {
        return CsvText.of(
                List.of("file", "copy"),
                paths(handed).entrySet().stream()
                        .map(path -> List.of(path.getKey(), path.getValue()))
                        .toList());
    }

    /** The list as a script: it copies what it finds into another folder, and nothing that is there already is replaced. */
    public static String script(Handed handed) {
        StringBuilder script = new StringBuilder("""
                #!/bin/sh
                # Makes copies of the clips under names that say shot and take. No original is changed, and nothing is overwritten.
                # sh copy-renamed.sh MEDIA-FOLDER NEW-FOLDER
                set -eu
                [ $# -eq 2 ] && [ -d "$1" ] || { echo "sh copy-renamed.sh MEDIA-FOLDER NEW-FOLDER" >&2; exit 2; }
                mkdir -p "$2"
                one() {
                  if [ ! -e "$1/$3" ]; then echo "not here: $3"
                  elif [ -e "$2/$4" ]; then echo "there already: $4"
                  else cp -p "$1/$3" "$2/$4"
                  fi
                }
                """);
        paths(handed)
                .forEach((from, to) -> script.append("one \"$1\" \"$2\" ")
                        .append(quoted(from))
                        .append(' ')
                        .append(quoted(to))
                        .append('\n'));
        return script.toString();
    }

    private static String quoted(String text) {
        return "'" + text.replace("'", "'\\''") + "'";
    }
}
