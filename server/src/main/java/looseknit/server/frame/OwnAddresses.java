package looseknit.server.frame;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Names and addresses under which this server is asked for; others are turned away, so that no other page's name can stand for it. */
@Component
public class OwnAddresses {

    private static final Set<String> ALONE = Set.of("127.0.0.1", "localhost", "[::1]", "::1");

    private final boolean shared;
    private final Set<String> more;
    private final AtomicInteger port = new AtomicInteger();

    OwnAddresses(
            @Value("${looseknit.share}") final boolean shared, @Value("${looseknit.names:}") final Set<String> more) {
        this.shared = shared;
        this.more = Set.copyOf(more);
    }

    @EventListener
    void listening(final WebServerInitializedEvent event) {
        port.set(event.getWebServer().getPort());
    }

    /** Whether a request for this name is for this server. */
    boolean has(final String name) {
        return ALONE.contains(name)
                || (shared && (more.contains(name) || ofThisMachine().contains(name.toLowerCase(Locale.ROOT))));
    }

    /** Where others in the same network find a house that is shared: by address first, which always works. */
    public List<String> urls() {
        final List<String> urls = new ArrayList<>();
        more.forEach(name -> urls.add(url(name)));
        ofThisMachine().forEach(name -> urls.add(url(name)));
        return urls;
    }

    private String url(final String name) {
        return "https://%s:%d/".formatted(name, port.get());
    }

    /** Addresses and names of this machine in its networks. */
    public static Set<String> ofThisMachine() {
        final Set<String> names = new LinkedHashSet<>();
        try {
            for (final NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                if (each.isUp() && !each.isLoopback()) {
                    Collections.list(each.getInetAddresses()).stream()
                            .filter(Inet4Address.class::isInstance)
                            .map(InetAddress::getHostAddress)
                            .forEach(names::add);
                }
            }
            final String host = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            if (!ALONE.contains(host)) {
                names.add(host);
                names.add(host + ".local");
            }
        } catch (final SocketException | UnknownHostException e) {
            return names;
        }
        return names;
    }
}
