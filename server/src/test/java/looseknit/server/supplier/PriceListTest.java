package looseknit.server.supplier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.server.frame.Refused;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

/** A price list is understood or refused as a whole, and a supplier that does not answer is told so. */
class PriceListTest {

    private static final Clock TODAY = Clock.fixed(Instant.parse("2026-05-01T08:00:00Z"), ZoneOffset.UTC);
    private static final String GOOD = """
            {"format":"price list","version":1,"supplier":"mainland boat","asOf":"2026-05-01","articles":[
            {"article":"B-1","name":"Perlite, coarse","sold":"LOOSE_LITRES","amount":100,"swell":0,"price":41,"inStock":true}]}""";

    private final JsonMapper json = JsonMapper.builder().build();
    private final SupplierStandIn standIn = new SupplierStandIn(TODAY, json);

    @AfterEach
    void stop() {
        standIn.stop();
    }

    private PriceListOverHttp at(final String address) {
        return new PriceListOverHttp(standIn, address, json);
    }

    @Test
    void theStandInServesWhatCanBeRead() {
        final PriceList.Prices prices = at("").ask();
        assertThat(prices.asOf()).isEqualTo(LocalDate.of(2026, 5, 1));
        final List<String> known =
                MaterialBook.shipped().materials().stream().map(Material::name).toList();
        assertThat(prices.articles().stream().map(PriceList.Article::name).filter(name -> !known.contains(name)))
                .containsExactly("Ballast shingle");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"price list\" | \"bread\" | another format",
                "\"version\":1 | \"version\":9 | another format",
                "\"mainland boat\" | \"<b>boat</b>\" | no supplier",
                "\"asOf\":\"2026-05-01\", | '' | no day",
                "\"Perlite, coarse\" | \"<script>\" | nothing of it is taken",
                "\"amount\":100 | \"amount\":-1 | nothing of it is taken",
                "\"price\":41 | \"price\":1e300 | nothing of it is taken",
                "\"price\":41 | \"price\":\"NaN\" | nothing of it is taken",
                "LOOSE_LITRES | BY_THE_BOAT | not a price list",
                "}]} | }] | not a price list"
            })
    void whatCannotBeIsRefused(final String what, final String by, final String why) {
        final PriceListOverHttp list = at("");
        assertThat(list.read(GOOD.getBytes(StandardCharsets.UTF_8)).articles()).hasSize(1);
        assertThatThrownBy(() -> list.read(GOOD.replace(what, by).getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(why);
    }

    @Test
    void noAnswerAnotherAnswerAndOneWithoutEndAreToldApart() throws Exception {
        assertThatThrownBy(() -> at("http://127.0.0.1:1/").ask()).hasMessageContaining("cannot be reached");
        final HttpServer other = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        other.createContext("/away", exchange -> {
            exchange.sendResponseHeaders(503, -1);
            exchange.close();
        });
        other.createContext("/endless", exchange -> {
            exchange.sendResponseHeaders(200, 0);
            try (exchange) {
                for (int i = 0; i < 300; i++) {
                    exchange.getResponseBody().write(new byte[10_000]);
                }
            }
        });
        other.start();
        try {
            final String base =
                    "http://127.0.0.1:%d".formatted(other.getAddress().getPort());
            assertThatThrownBy(() -> at(base + "/away").ask()).hasMessageContaining("answers with 503");
            assertThatThrownBy(() -> at(base + "/endless").ask()).hasMessageContaining("larger than 1 MB");
        } finally {
            other.stop(0);
        }
    }
}
