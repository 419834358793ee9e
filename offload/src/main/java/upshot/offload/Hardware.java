package upshot.offload;

import java.nio.file.Path;

/** Knows on which hardware a file lies. */
interface Hardware {

    /** {@link Disk#UNKNOWN} where it cannot be told. */
    Disk of(Path path);
}
