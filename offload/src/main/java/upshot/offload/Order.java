package upshot.offload;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * What is asked for.
 *
 * @param card the folder of the card
 * @param disks where the copies go, at least one
 * @param job the folder for them on each disk
 * @param as the name of this card's folder in it
 * @param check whether copies that are there are compared and nothing is copied
 */
record Order(Path card, List<Path> disks, String job, String as, boolean check) {

    private static final int LONGEST_NAME = 100;

    static final String USAGE = """
            ./upshot offload CARD DISK1 [DISK2 ...] --job NAME [--as NAME] [--check]

            Copies a card to DISK/JOB/CARD on every disk, reads the card and all copies again past the
            computer's memory, compares them and writes a list of hashes beside each copy. Nothing is
            ever deleted, overwritten or formatted. After an interruption, the same again goes on.

            --job NAME   the job's folder on each disk
            --as NAME    the card's folder in it, where the card's own name will not do
            --check      copies that are there already are read and compared; nothing is copied
            """;

    Order {
        disks = List.copyOf(disks);
    }

    /** @throws Stopped when it makes no sense; the message says why */
    static Order of(String... words) throws Stopped {
        List<Path> places = new ArrayList<>();
        String job = "";
        String as = "";
        boolean check = false;
        for (int at = 0; at < words.length; at++) {
            switch (words[at]) {
                case "--check" -> check = true;
                case "--job" -> job = after(words, at++);
                case "--as" -> as = after(words, at++);
                default -> {
                    if (words[at].startsWith("--")) {
                        throw new Stopped("There is no " + words[at] + ".\n\n" + USAGE);
                    }
                    places.add(Path.of(words[at]).toAbsolutePath().normalize());
                }
            }
        }
        if (places.size() < 2 || job.isEmpty()) {
            throw new Stopped("It needs a card, at least one disk and the job.\n\n" + USAGE);
        }
        Path card = places.get(0);
        Path own = card.getFileName();
        return new Order(
                card,
                places.subList(1, places.size()),
                folder("--job", job),
                folder("--as", as.isEmpty() && own != null ? own.toString() : as),
                check);
    }

    private static String after(String[] words, int at) throws Stopped {
        if (at + 1 >= words.length) {
            throw new Stopped(words[at] + " needs a name behind it.\n\n" + USAGE);
        }
        return words[at + 1];
    }

    private static String folder(String option, String name) throws Stopped {
        if (name.isBlank()
                || name.length() > LONGEST_NAME
                || name.startsWith(".")
                || name.contains("/")
                || name.chars().anyMatch(Character::isISOControl)) {
            throw new Stopped("%s: a folder's name has 1 to %d letters, no slash, and no dot at the beginning."
                    .formatted(option, LONGEST_NAME));
        }
        return name;
    }
}
