package upshot.offload;

import java.util.Collections;
import java.util.Set;

/**
 * The pieces of hardware that something lies on.
 *
 * @param devices their places in the machine; none where it is not known
 * @param inserted counts up whenever one of them is put in again; empty where the system does not say
 */
record Disk(Set<String> devices, String inserted) {

    static final Disk UNKNOWN = new Disk(Set.of(), "");

    Disk {
        devices = Set.copyOf(devices);
    }

    /** Whether they surely share nothing; what is not known counts as the same. */
    boolean otherThan(Disk other) {
        return !devices.isEmpty() && !other.devices.isEmpty() && Collections.disjoint(devices, other.devices);
    }

    /** Whether it was surely taken out and put in again since. */
    boolean putInAgainSince(String earlier) {
        return !inserted.isEmpty() && !earlier.isEmpty() && !inserted.equals(earlier);
    }
}
