package upshot.app.web;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.validation.annotation.Validated;

/**
 * How files are read that people send.
 *
 * @param longest how long reading one may take before it is given up
 * @param mostWait how long one waits for its turn
 * @param mostWaiting how many wait at the same time
 */
@Validated
@ConfigurationProperties("upshot.files")
record FileSettings(
        @NotNull Duration longest,
        @NotNull Duration mostWait,
        @Min(1) int mostWaiting) {}
