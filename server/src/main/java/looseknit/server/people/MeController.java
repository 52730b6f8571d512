package looseknit.server.people;

import java.security.Principal;
import java.util.List;
import java.util.Optional;
import looseknit.server.frame.OwnAddresses;
import looseknit.server.house.Certificate;
import looseknit.server.paper.Paper;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the house is shared, who asks, and where others find it. */
@RestController
class MeController {

    private final boolean shared;
    private final AccountRepository accounts;
    private final OwnAddresses addresses;
    private final String keyStore;
    private final String keyStorePassword;

    MeController(
            @Value("${looseknit.share}") final boolean shared,
            final AccountRepository accounts,
            final OwnAddresses addresses,
            @Value("${server.ssl.key-store:}") final String keyStore,
            @Value("${server.ssl.key-store-password:}") final String keyStorePassword) {
        this.shared = shared;
        this.accounts = accounts;
        this.addresses = addresses;
        this.keyStore = keyStore;
        this.keyStorePassword = keyStorePassword;
    }

    /**
     * Who asks.
     *
     * @param shared whether several people share the house
     * @param name who is signed in; null for nobody, and in a house that is not shared
     * @param role what they may do; null likewise
     */
    record MeBody(
            boolean shared, @Nullable String name, @Nullable Role role) {}

    /**
     * Where others find the house.
     *
     * @param addresses in the order in which to try them; none if it is not shared
     * @param fingerprint of the certificate, to compare with what a browser shows; null if it is not shared
     * @param qr the first address as a picture; null if there is none
     */
    record SharedHouseBody(
            boolean shared,
            List<String> addresses,
            @Nullable String fingerprint,
            @Nullable String qr) {}

    @GetMapping("/api/people/me")
    MeBody me(final @Nullable Principal who) {
        return new MeBody(
                shared,
                who == null ? null : who.getName(),
                Optional.ofNullable(who)
                        .flatMap(each -> accounts.findByNameIgnoreCase(each.getName()))
                        .map(Account::role)
                        .orElse(null));
    }

    @GetMapping(value = "/api/house/share", produces = MediaType.APPLICATION_JSON_VALUE)
    SharedHouseBody share() {
        if (!shared) {
            return new SharedHouseBody(false, List.of(), null, null);
        }
        final List<String> found = addresses.urls();
        return new SharedHouseBody(
                true,
                found,
                Certificate.fingerprint(keyStore, keyStorePassword),
                found.isEmpty() ? null : Paper.qr(found.get(0)));
    }
}
