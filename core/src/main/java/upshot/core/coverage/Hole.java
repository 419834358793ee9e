package upshot.core.coverage;

import java.util.Optional;
import java.util.UUID;
import upshot.core.size.SizeClass;

/**
 * Coverage that is missing.
 *
 * @param actionId of the action or feature
 * @param sizeClass the class that has no such shot
 * @param view what the school asks of it beside the size
 * @param performerId the subject who has to be in it, where several take part
 * @param misses what the edit would lack without it
 */
public record Hole(UUID actionId, SizeClass sizeClass, View view, Optional<UUID> performerId, String misses) {}
