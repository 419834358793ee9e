package upshot.app.account;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.validation.annotation.Validated;

/**
 * How many wrong passwords are borne.
 *
 * @param accountTries for one account within the window
 * @param addressTries from one network address within the window
 * @param window how long a failure counts
 */
@Validated
@ConfigurationProperties("upshot.sign-in")
record SignInSettings(
        @Min(1) int accountTries,
        @Min(1) int addressTries,
        @NotNull Duration window) {}
