package upshot.app.lan;

import java.io.IOException;
import java.math.BigInteger;
import java.net.InetAddress;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.stream.Stream;
import org.bouncycastle.asn1.DEROctetString;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x500.X500NameBuilder;
import org.bouncycastle.asn1.x500.style.BCStyle;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * A certificate authority for one name on the local network. Whoever trusts it trusts it for that name and for private
 * addresses (RFC 1918, RFC 4193, and what a machine gives itself), whatever else it might sign: a certificate says so itself
 * (RFC 5280, 4.2.1.10), and the key that could sign more never leaves this machine.
 */
record Authority(X509Certificate certificate, PrivateKey key) {

    /** Browsers take no certificate of a server that lasts longer than 398 days. */
    static final Duration LEAF_LASTS = Duration.ofDays(397);

    private static final Duration AUTHORITY_LASTS = Duration.ofDays(3650);
    /** Phones' clocks go wrong. */
    private static final Duration BEFORE = Duration.ofHours(24);

    private static final List<String> PRIVATE = List.of(
            "10.0.0.0/8",
            "172.16.0.0/12",
            "192.168.0.0/16",
            "169.254.0.0/16",
            "127.0.0.0/8",
            "fc00::/7",
            "fe80::/10",
            "::1/128");

    private static final String SIGNED = "SHA256withECDSA";
    private static final int SERIAL_BITS = 120;
    private static final SecureRandom RANDOM = new SecureRandom();

    /** A certificate of this machine and the key that belongs to it. */
    record Leaf(X509Certificate certificate, PrivateKey key) {}

    /** A new one, for one name. */
    static Authority made(String name, Instant now) throws GeneralSecurityException {
        KeyPair pair = pair();
        X500Name itself = subject("Upshot Lane on " + name);
        JcaX509v3CertificateBuilder builder = builder(
                itself, itself, pair, now.minus(BEFORE), now.minus(BEFORE).plus(AUTHORITY_LASTS));
        try {
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0))
                    .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign))
                    .addExtension(
                            Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                    .addExtension(
                            Extension.subjectKeyIdentifier,
                            false,
                            new JcaX509ExtensionUtils().createSubjectKeyIdentifier(pair.getPublic()))
                    .addExtension(Extension.nameConstraints, true, new NameConstraints(permitted(name), null));
        } catch (IOException impossible) {
            throw new GeneralSecurityException(impossible);
        }
        return new Authority(signed(builder, pair.getPrivate()), pair.getPrivate());
    }

    private static GeneralSubtree[] permitted(String name) {
        return Stream.concat(
                        Stream.of(new GeneralName(GeneralName.dNSName, name)),
                        PRIVATE.stream().map(range -> new GeneralName(GeneralName.iPAddress, range)))
                .map(GeneralSubtree::new)
                .toArray(GeneralSubtree[]::new);
    }

    /**
     * A certificate for a server.
     *
     * @param addresses by which it can be reached too, where the name is not found
     */
    Leaf leaf(String name, List<InetAddress> addresses, Instant now) throws GeneralSecurityException {
        KeyPair pair = pair();
        Instant from = now.minus(BEFORE);
        List<GeneralName> names = new ArrayList<>(List.of(new GeneralName(GeneralName.dNSName, name)));
        addresses.forEach(
                address -> names.add(new GeneralName(GeneralName.iPAddress, new DEROctetString(address.getAddress()))));
        JcaX509v3CertificateBuilder builder = builder(
                X500Name.getInstance(certificate.getSubjectX500Principal().getEncoded()),
                subject(name),
                pair,
                from,
                from.plus(LEAF_LASTS));
        try {
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false))
                    .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature))
                    .addExtension(
                            Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                    .addExtension(
                            Extension.authorityKeyIdentifier,
                            false,
                            new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(certificate))
                    .addExtension(
                            Extension.subjectAlternativeName,
                            false,
                            new GeneralNames(names.toArray(GeneralName[]::new)));
        } catch (IOException impossible) {
            throw new GeneralSecurityException(impossible);
        }
        return new Leaf(signed(builder, key), pair.getPrivate());
    }

    private static X500Name subject(String name) {
        return new X500NameBuilder().addRDN(BCStyle.CN, name).build();
    }

    private static JcaX509v3CertificateBuilder builder(
            X500Name issuer, X500Name subject, KeyPair pair, Instant from, Instant until) {
        return new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(SERIAL_BITS, RANDOM).setBit(SERIAL_BITS),
                Date.from(from),
                Date.from(until),
                subject,
                pair.getPublic());
    }

    private static KeyPair pair() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"), RANDOM);
        return generator.generateKeyPair();
    }

    private static X509Certificate signed(X509v3CertificateBuilder builder, PrivateKey key)
            throws GeneralSecurityException {
        try {
            return new JcaX509CertificateConverter()
                    .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED).build(key)));
        } catch (OperatorCreationException impossible) {
            throw new GeneralSecurityException(impossible);
        }
    }
}
