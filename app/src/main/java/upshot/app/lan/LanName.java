package upshot.app.lan;

import java.io.IOException;
import java.net.InetAddress;
import java.util.ArrayList;
import java.util.List;
import javax.jmdns.JmDNS;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Tells the local network the machine's name (multicast DNS, RFC 6762), and where to go from a phone. */
@Component
@OnLan
class LanName implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(LanName.class);
    private static final String LOCAL = ".local";

    private final Lan lan;
    private final LanSettings settings;
    private final List<JmDNS> announced = new ArrayList<>();

    LanName(Lan lan, LanSettings settings) {
        this.lan = lan;
        this.settings = settings;
    }

    @EventListener(ApplicationReadyEvent.class)
    void announce() {
        if (!settings.announced()) {
            return;
        }
        String host = lan.name().substring(0, lan.name().length() - LOCAL.length());
        for (InetAddress address : lan.addresses()) {
            try {
                announced.add(JmDNS.create(address, host));
            } catch (IOException silent) {
                LOG.warn("The name could not be told on {}: {}", address.getHostAddress(), silent.getMessage());
            }
        }
        LOG.info(
                "Phones on this network: first {} (once a phone), then {}/crew with a crew code from Roll.",
                lan.trustAddress(),
                lan.address());
        if (lan.addresses().isEmpty()) {
            LOG.warn("This machine is on no local network: no phone can reach it.");
        } else {
            LOG.info("Where names are not found: {}", String.join(", ", lan.trustAddressesByNumber()));
        }
    }

    @Override
    public void destroy() throws IOException {
        for (JmDNS one : announced) {
            one.close();
        }
    }
}
