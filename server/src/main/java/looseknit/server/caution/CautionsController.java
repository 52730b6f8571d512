package looseknit.server.caution;

import java.util.List;
import looseknit.core.caution.Caution;
import looseknit.core.caution.Cautions;
import looseknit.core.message.TableText;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every rule of caution as it is worded, read-only. */
@RestController
@RequestMapping("/api/cautions")
class CautionsController {

    @GetMapping
    List<Caution> all() {
        return Cautions.shipped().all().stream()
                .map(each -> new Caution(
                        each.id(),
                        each.level(),
                        new TableText(plain(each.why().text())),
                        each.instead(),
                        each.defers()))
                .toList();
    }

    /** A rule's words without a certain plant. */
    private static String plain(final String why) {
        return why.replace("{plant}: {poison}", "The plant is poisonous or irritant.")
                .replace("{plant}: {trade}", "Trade in the plant is regulated.")
                .replace("A grown {plant}", "A grown plant")
                .replace("{plant}", "This plant");
    }
}
