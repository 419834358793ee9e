package upshot.app.account;

import java.util.UUID;

/** Said while an account is taken away, in the same transaction: whoever keeps something of it lets it go or passes it on. */
public record AccountLeaves(UUID accountId) {}
