package upshot.app.lan;

import org.apache.catalina.connector.Connector;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.apache.tomcat.util.net.SSLHostConfigCertificate.Type;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Two further doors beside the one on the loopback: an encrypted one, and one for the page that says how to trust it. */
@Component
@OnLan
class LanConnectors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final int THREADS = 60;

    private final Lan lan;
    private final LanSettings settings;

    LanConnectors(Lan lan, LanSettings settings) {
        this.lan = lan;
        this.settings = settings;
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        server.addAdditionalConnectors(encrypted(), connector(settings.plainPort()));
    }

    private Connector encrypted() {
        Connector connector = connector(settings.port());
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setProperty("SSLEnabled", "true");
        SSLHostConfig config = new SSLHostConfig();
        config.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(config, Type.EC);
        certificate.setCertificateFile(lan.folder().server().toAbsolutePath().toString());
        certificate.setCertificateKeyFile(
                lan.folder().serverKey().toAbsolutePath().toString());
        config.addCertificate(certificate);
        connector.addSslHostConfig(config);
        return connector;
    }

    private Connector connector(int port) {
        Connector connector = new Connector();
        connector.setPort(port);
        connector.setProperty("address", settings.address());
        connector.setProperty("maxThreads", Integer.toString(THREADS));
        return connector;
    }
}
