package upshot.app.job;

import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;

/**
 * What a gesture works on.
 *
 * @param jobId of the job that was asked for; who asks may see it
 * @param plan as it stands, with the job locked where it will be saved
 * @param codes knows every code the job ever gave
 * @param ids new ids
 * @param accountId whose hands these are
 */
public record GestureContext(UUID jobId, Plan plan, Codes codes, Supplier<UUID> ids, UUID accountId) {}
