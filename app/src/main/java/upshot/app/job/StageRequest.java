package upshot.app.job;

import java.util.Map;
import java.util.UUID;
import upshot.app.account.SignedIn;

/**
 * What a stage is asked to show.
 *
 * @param version of the plan that it is judged in
 * @param who looks
 * @param parameters of the address, for instance which shot is selected
 */
public record StageRequest(UUID jobId, long version, SignedIn who, Map<String, String> parameters) {}
