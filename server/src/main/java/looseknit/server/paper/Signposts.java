package looseknit.server.paper;

import looseknit.server.frame.OwnAddresses;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What the codes on paper say: where a thing is found when the house is shared, and what it is called when nobody else could follow an address. */
@Component
public class Signposts {

    private final boolean shared;
    private final OwnAddresses addresses;

    Signposts(@Value("${looseknit.share}") final boolean shared, final OwnAddresses addresses) {
        this.shared = shared;
        this.addresses = addresses;
    }

    /**
     * What a code says.
     *
     * @param path of the page of the thing, from the root
     * @param name what it is called
     */
    public String to(final String path, final String name) {
        return shared
                ? addresses.urls().stream()
                        .findFirst()
                        .map(url -> url.replaceFirst("/$", "") + path)
                        .orElse(name)
                : name;
    }
}
