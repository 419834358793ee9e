package upshot.app.lan;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Clock;
import java.util.Collections;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Where phones on the local network find this, and what they have to trust. Only there when it is asked for. */
@Component
@OnLan
public class Lan {

    private final AuthorityFolder folder;
    private final LanSettings settings;
    private final String name;
    private final List<InetAddress> addresses;
    private final byte[] certificate;

    Lan(LanSettings settings, Clock clock) throws IOException, GeneralSecurityException {
        this.settings = settings;
        this.folder = new AuthorityFolder(settings.folder());
        this.name = folder.name();
        this.addresses = privateAddresses(settings);
        folder.serverFor(addresses, clock.instant());
        this.certificate = folder.authority(clock.instant()).certificate().getEncoded();
    }

    /** Addresses of this machine on networks that are nobody else's business; the loopback where that is all there is. */
    private static List<InetAddress> privateAddresses(LanSettings settings) throws IOException {
        InetAddress asked = InetAddress.getByName(settings.address());
        return asked.isAnyLocalAddress() ? found() : List.of(asked);
    }

    private static List<InetAddress> found() throws SocketException {
        return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                .flatMap(NetworkInterface::inetAddresses)
                .filter(address ->
                        address instanceof Inet4Address && address.isSiteLocalAddress() && !address.isLoopbackAddress())
                .toList();
    }

    /** By which the machine is called, with {@code .local}. */
    public String name() {
        return name;
    }

    /** What is encrypted: {@code https://upshot-k7qf2m.local:8443}. */
    public String address() {
        return "https://%s:%d".formatted(name, settings.port());
    }

    /** The same by number, for a network on which names are not passed on. */
    public List<String> addressesByNumber() {
        return byNumber("https://%s:%d", settings.port());
    }

    /** What is encrypted, called as somebody called the page on how to trust it. */
    String addressFor(String host) {
        boolean byNumber =
                addresses.stream().anyMatch(one -> one.getHostAddress().equals(host));
        return byNumber ? "https://%s:%d".formatted(host, settings.port()) : address();
    }

    /** The page that says how to trust it, the one thing that is not encrypted. */
    public String trustAddress() {
        return "http://%s:%d/trust".formatted(name, settings.plainPort());
    }

    /** The same by number. */
    public List<String> trustAddressesByNumber() {
        return byNumber("http://%s:%d/trust", settings.plainPort());
    }

    private List<String> byNumber(String pattern, int port) {
        return addresses.stream()
                .map(address -> pattern.formatted(address.getHostAddress(), port))
                .toList();
    }

    List<InetAddress> addresses() {
        return addresses;
    }

    AuthorityFolder folder() {
        return folder;
    }

    /** The authority's certificate as phones take it in (DER). */
    byte[] certificate() {
        return certificate.clone();
    }

    /** SHA-256 of the certificate, in pairs of figures: what two screens can compare. */
    public String fingerprint() {
        try {
            return HexFormat.ofDelimiter(" ")
                    .withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(certificate))
                    .toUpperCase(Locale.ROOT);
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
