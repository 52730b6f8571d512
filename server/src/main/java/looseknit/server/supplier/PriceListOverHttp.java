package looseknit.server.supplier;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.Refused;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A price list as JSON over HTTP: from the address in the settings, else from the simulated supplier. What comes is looked through before anything is done with it. */
@Component
class PriceListOverHttp implements PriceList {

    private static final String FORMAT = "price list";
    private static final int VERSION = 1;
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final int MOST_BYTES = 1_000_000;
    private static final int MOST_ARTICLES = 2000;
    private static final int LONGEST = 120;
    private static final double MOST = 10_000;
    private static final double MOST_MONEY = 1e6;

    private final SupplierStandIn standIn;
    private final String address;
    private final JsonMapper json;
    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    PriceListOverHttp(
            final SupplierStandIn standIn,
            @Value("${looseknit.price-list:}") final String address,
            final JsonMapper json) {
        this.standIn = standIn;
        this.address = address;
        this.json = json;
    }

    /** The list as it comes. */
    private record ListAsItComes(
            @Nullable String format,
            int version,
            @Nullable String supplier,
            @Nullable LocalDate asOf,
            @Nullable List<ArticleAsItComes> articles) {}

    private record ArticleAsItComes(
            @Nullable String name,
            Stock.@Nullable Sold sold,
            double amount,
            double swell,
            double price,
            boolean inStock) {}

    @Override
    public Prices ask() {
        final URI from = address.isBlank() ? standIn.address() : URI.create(address);
        final byte[] answer;
        try {
            final HttpResponse<InputStream> response = client.send(
                    HttpRequest.newBuilder(from)
                            .timeout(PATIENCE)
                            .header("Accept", "application/json")
                            .build(),
                    HttpResponse.BodyHandlers.ofInputStream());
            try (InputStream body = response.body()) {
                answer = body.readNBytes(MOST_BYTES + 1);
            }
            if (response.statusCode() != 200) {
                throw refused("The supplier answers with %d instead of a price list.".formatted(response.statusCode()));
            }
        } catch (final IOException e) {
            throw refused("The supplier cannot be reached. Try again later; the prices that are noted stay.");
        } catch (final InterruptedException e) {
            Thread.currentThread().interrupt();
            throw refused("Asking the supplier was broken off.");
        }
        if (answer.length > MOST_BYTES) {
            throw refused("The price list is larger than 1 MB.");
        }
        return read(answer);
    }

    /**
     * A price list, looked through.
     *
     * @throws Refused if anything in it cannot be
     */
    Prices read(final byte[] answer) {
        final ListAsItComes list;
        try {
            list = json.readValue(answer, ListAsItComes.class);
        } catch (final JacksonException e) {
            throw refused("What the supplier sent is not a price list.");
        }
        if (!FORMAT.equals(list.format()) || list.version() != VERSION) {
            throw refused("The price list is of another format. Allowed: %s, version %d.".formatted(FORMAT, VERSION));
        }
        final List<ArticleAsItComes> articles = list.articles();
        final LocalDate asOf = list.asOf();
        final String supplier = list.supplier();
        if (articles == null
                || asOf == null
                || articles.size() > MOST_ARTICLES
                || supplier == null
                || !isAName(supplier)) {
            throw refused("The price list names no supplier or no day, or has more than %,d articles."
                    .formatted(MOST_ARTICLES));
        }
        return new Prices(
                supplier,
                asOf,
                articles.stream().map(PriceListOverHttp::article).toList());
    }

    private static Article article(final ArticleAsItComes article) {
        final String name = article.name();
        final Stock.Sold sold = article.sold();
        if (name == null
                || !isAName(name)
                || sold == null
                || !within(article.amount(), MOST)
                || article.swell() < 0
                || article.swell() > MOST
                || !within(article.price(), MOST_MONEY)) {
            throw refused(
                    "An article of the price list has no name, no content or no price that can be: nothing of it is taken.");
        }
        return new Article(name, sold, article.amount(), article.swell(), article.price(), article.inStock());
    }

    private static boolean within(final double value, final double most) {
        return value > 0 && value <= most;
    }

    private static boolean isAName(final String text) {
        return !text.isBlank() && text.length() <= LONGEST && text.matches("[^<>\\p{Cntrl}]+");
    }

    private static Refused refused(final String why) {
        return new Refused("No price list", why);
    }
}
