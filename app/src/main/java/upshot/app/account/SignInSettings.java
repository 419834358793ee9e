package upshot.app.account;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.validation.annotation.Validated;

/**
 * How many passwords are tried, and how quickly.
 *
 * @param freeTries for one account from one address, before one has to wait between them
 * @param knownDeviceTries the same for a browser from which that account has signed in before
 * @param longestWait the wait begins at one second and doubles up to this
 * @param window after so long without a try all are forgotten
 * @param checksAtOnce passwords that are checked at the same time: each takes 16 MB while it lasts
 */
@Validated
@ConfigurationProperties("upshot.sign-in")
record SignInSettings(
        @Min(1) int freeTries,
        @Min(1) int knownDeviceTries,
        @NotNull Duration longestWait,
        @NotNull Duration window,
        @Min(1) int checksAtOnce) {}
