package upshot.app.lan;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.channels.Channels;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;

/**
 * Where the name, the authority and the certificate lie: {@code name}, {@code authority.pem}, {@code authority-key.pem},
 * {@code server.pem}, {@code server-key.pem}. Made on first use; keys can be read by their owner alone. Without the folder
 * all of it is made anew, and no phone trusts what comes then.
 */
final class AuthorityFolder {

    private static final String NAMES = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int NAME_LENGTH = 6;
    /** A certificate is made anew this long before it ends. */
    private static final Duration EARLY = Duration.ofDays(30);

    private final Path folder;

    AuthorityFolder(Path folder) throws IOException {
        this.folder = Files.createDirectories(folder);
    }

    /** {@code upshot-k7qf2m.local}: the same on every start. */
    String name() throws IOException {
        Path file = folder.resolve("name");
        if (!Files.exists(file)) {
            StringBuilder name = new StringBuilder("upshot-");
            new SecureRandom().ints(NAME_LENGTH, 0, NAMES.length()).forEach(index -> name.append(NAMES.charAt(index)));
            write(file, name + ".local\n");
        }
        return Files.readString(file).strip();
    }

    Authority authority(Instant now) throws IOException, GeneralSecurityException {
        if (!Files.exists(certificate())) {
            Authority made = Authority.made(name(), now);
            // The certificate last: it says that both are there.
            write(folder.resolve("authority-key.pem"), pem(made.key()));
            write(certificate(), pem(made.certificate()));
        }
        return new Authority(readCertificate(certificate()), readKey(folder.resolve("authority-key.pem")));
    }

    /** A certificate for the name and these addresses, the one of last time if it still serves. */
    void serverFor(List<InetAddress> addresses, Instant now) throws IOException, GeneralSecurityException {
        Authority authority = authority(now);
        if (!Files.exists(server()) || !serves(readCertificate(server()), authority, addresses, now)) {
            Authority.Leaf leaf = authority.leaf(name(), addresses, now);
            // Between the two writings there is none, rather than one with another's key.
            Files.deleteIfExists(server());
            write(serverKey(), pem(leaf.key()));
            write(server(), pem(leaf.certificate()));
        }
    }

    private boolean serves(X509Certificate server, Authority authority, List<InetAddress> addresses, Instant now)
            throws IOException, GeneralSecurityException {
        Set<String> names = new HashSet<>();
        Collection<List<?>> said = server.getSubjectAlternativeNames();
        (said == null ? List.<List<?>>of() : said)
                .forEach(one -> names.add(plain(one.get(1).toString())));
        boolean signed =
                server.getIssuerX500Principal().equals(authority.certificate().getSubjectX500Principal());
        return signed
                && names.contains(name())
                && names.containsAll(
                        addresses.stream().map(InetAddress::getHostAddress).toList())
                && server.getNotAfter().toInstant().minus(EARLY).isAfter(now);
    }

    /** A certificate spells longer addresses otherwise than a socket does. */
    private static String plain(String name) {
        try {
            return name.contains(":") ? InetAddress.getByName(name).getHostAddress() : name;
        } catch (UnknownHostException noAddress) {
            return name;
        }
    }

    Path certificate() {
        return folder.resolve("authority.pem");
    }

    Path server() {
        return folder.resolve("server.pem");
    }

    Path serverKey() {
        return folder.resolve("server-key.pem");
    }

    /** All of it or nothing of it, and nobody else's to read at any moment. */
    private void write(Path file, String text) throws IOException {
        Path fresh = folder.resolve(file.getFileName() + ".new");
        Files.deleteIfExists(fresh);
        try (var channel = Files.newByteChannel(
                        fresh,
                        Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE),
                        PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
                var out = Channels.newOutputStream(channel)) {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        }
        Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static String pem(Object thing) throws IOException {
        StringWriter text = new StringWriter();
        try (JcaPEMWriter writer = new JcaPEMWriter(text)) {
            writer.writeObject(thing instanceof PrivateKey key ? new JcaPKCS8Generator(key, null) : thing);
        }
        return text.toString();
    }

    private static Object read(Path file) throws IOException {
        try (PEMParser parser = new PEMParser(new StringReader(Files.readString(file)))) {
            return parser.readObject();
        }
    }

    private static X509Certificate readCertificate(Path file) throws IOException, GeneralSecurityException {
        return new JcaX509CertificateConverter().getCertificate((X509CertificateHolder) read(file));
    }

    private static PrivateKey readKey(Path file) throws IOException {
        return new JcaPEMKeyConverter().getPrivateKey((PrivateKeyInfo) read(file));
    }
}
