package upshot.app.lan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The authority, as OpenSSL judges it. */
class AuthorityTest {

    private static final Instant NOW = Instant.now();

    @TempDir
    private Path folder;

    private AuthorityFolder lies;
    private String name;

    @BeforeEach
    void made() throws Exception {
        lies = new AuthorityFolder(folder.resolve("lan"));
        name = lies.name();
        lies.serverFor(addresses("192.168.1.20", "10.1.2.3"), NOW);
    }

    private static List<InetAddress> addresses(String... texts) throws IOException {
        List<InetAddress> addresses = new ArrayList<>();
        for (String text : texts) {
            addresses.add(InetAddress.getByName(text));
        }
        return addresses;
    }

    private static X509Certificate certificate(Path file) throws Exception {
        try (var in = Files.newInputStream(file)) {
            return (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
        }
    }

    /** What OpenSSL says of a certificate that claims to be a server's. */
    private String verified(Path certificate, String... more) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                "openssl",
                "verify",
                "-x509_strict",
                "-purpose",
                "sslserver",
                "-CAfile",
                lies.certificate().toString()));
        command.addAll(List.of(more));
        command.add(certificate.toString());
        Process openssl = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(openssl.getInputStream().readAllBytes());
        assertThat(openssl.waitFor() == 0).as(said).isEqualTo(said.strip().endsWith(": OK"));
        return said;
    }

    private Path leaf(String dnsName, String address) throws Exception {
        Authority.Leaf leaf = lies.authority(NOW).leaf(dnsName, addresses(address), NOW);
        Path file = folder.resolve("other.pem");
        try (JcaPEMWriter writer = new JcaPEMWriter(Files.newBufferedWriter(file))) {
            writer.writeObject(leaf.certificate());
        }
        return file;
    }

    @Test
    void a_server_is_vouched_for_by_its_name_and_its_private_addresses() throws Exception {
        assertThat(name).matches("upshot-[a-z2-9]{6}\\.local");
        assertThat(verified(lies.server(), "-verify_hostname", name)).contains("OK");
        assertThat(verified(lies.server(), "-verify_ip", "192.168.1.20")).contains("OK");
        assertThat(verified(lies.server(), "-verify_hostname", "upshot-other.local"))
                .contains("hostname mismatch");
    }

    /** Whoever stole the key could still not vouch for anybody else. */
    @ParameterizedTest
    @CsvSource({"bank.example,192.168.1.20", "other.local,10.0.0.1"})
    void it_can_vouch_for_no_other_name(String other, String address) throws Exception {
        assertThat(verified(leaf(other, address))).contains("permitted subtree violation");
    }

    @ParameterizedTest
    @ValueSource(strings = {"93.184.215.14", "172.32.0.1", "192.169.0.1", "2001:db8::1"})
    void nor_for_an_address_on_the_open_network(String address) throws Exception {
        assertThat(verified(leaf(name, address))).contains("permitted subtree violation");
    }

    @ParameterizedTest
    @ValueSource(strings = {"10.255.255.255", "172.31.0.1", "192.168.255.1", "169.254.3.4", "fd00::1", "fe80::1"})
    void every_private_address_is_within_its_reach(String address) throws Exception {
        assertThat(verified(leaf(name, address))).contains("OK");
    }

    @Test
    void a_certificate_of_a_server_signs_nothing_and_lasts_no_longer_than_browsers_allow() throws Exception {
        X509Certificate server = certificate(lies.server());
        X509Certificate authority = certificate(lies.certificate());

        assertThat(Duration.between(
                        server.getNotBefore().toInstant(), server.getNotAfter().toInstant()))
                .isLessThanOrEqualTo(Duration.ofDays(397));
        assertThat(server.getBasicConstraints()).isEqualTo(-1);
        assertThat(authority.getBasicConstraints()).as("no authority below it").isZero();
        assertThat(authority.getCriticalExtensionOIDs()).contains("2.5.29.30");
    }

    @Test
    void keys_are_their_owner_s_alone() throws Exception {
        for (String key : List.of("authority-key.pem", "server-key.pem")) {
            assertThat(PosixFilePermissions.toString(
                            Files.getPosixFilePermissions(folder.resolve("lan").resolve(key))))
                    .isEqualTo("rw-------");
        }
    }

    @Test
    void name_authority_and_certificate_stay_over_a_start() throws Exception {
        byte[] authority = Files.readAllBytes(lies.certificate());
        byte[] server = Files.readAllBytes(lies.server());

        AuthorityFolder again = new AuthorityFolder(folder.resolve("lan"));
        again.serverFor(addresses("10.1.2.3"), NOW.plus(Duration.ofDays(300)));

        assertThat(again.name()).isEqualTo(name);
        assertThat(again.certificate()).hasBinaryContent(authority);
        assertThat(again.server()).hasBinaryContent(server);
    }

    @Test
    void a_certificate_is_made_anew_when_it_would_end_soon_or_the_machine_has_moved() throws Exception {
        byte[] authority = Files.readAllBytes(lies.certificate());
        byte[] server = Files.readAllBytes(lies.server());

        lies.serverFor(addresses("10.1.2.3"), NOW.plus(Duration.ofDays(367)));
        byte[] later = Files.readAllBytes(lies.server());
        lies.serverFor(addresses("192.168.9.9"), NOW.plus(Duration.ofDays(367)));

        assertThat(later).isNotEqualTo(server);
        assertThat(Files.readAllBytes(lies.server())).isNotEqualTo(later);
        assertThat(lies.certificate()).as("what phones trust").hasBinaryContent(authority);
    }

    @Test
    void another_folder_is_another_authority_and_another_name() throws Exception {
        AuthorityFolder other = new AuthorityFolder(folder.resolve("other"));
        other.serverFor(addresses("10.1.2.3"), NOW);

        assertThat(other.name()).isNotEqualTo(name);
        assertThat(verified(other.server())).doesNotContain("OK");
    }
}
