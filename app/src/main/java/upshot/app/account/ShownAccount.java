package upshot.app.account;

/**
 * An account whose password is shown on the sign-in page; there is one in the demo only.
 *
 * @param email the sign-in name
 * @param alsoEmail the sign-in name of somebody to share a job with, under the same password
 * @param password in the clear, because it is meant to be read
 */
public record ShownAccount(String email, String alsoEmail, String password) {}
