package upshot.app.lan;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How phones on the local network reach this.
 *
 * @param folder where the authority lies; only with one is anything of this begun
 * @param address to be reached on
 * @param port of what is encrypted
 * @param plainPort of the page that says how to trust, and nothing else
 * @param announced whether the name is told to the network
 */
@ConfigurationProperties("upshot.lan")
record LanSettings(
        Path folder,
        @DefaultValue("0.0.0.0") String address,
        @DefaultValue("8443") int port,
        @DefaultValue("8444") int plainPort,
        @DefaultValue("true") boolean announced) {}
