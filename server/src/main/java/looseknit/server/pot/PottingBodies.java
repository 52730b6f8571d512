package looseknit.server.pot;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Makes pottings ready to travel. */
@Component
public class PottingBodies {

    private final Books books;
    private final PottingRepository pottings;

    PottingBodies(final Books books, final PottingRepository pottings) {
        this.books = books;
        this.pottings = pottings;
    }

    public List<PottingBody> of(final List<PottingOfBatch> found) {
        return found.stream().map(each -> PottingBody.of(each, books)).toList();
    }

    /** Of each of some pottings, in their order. */
    @Transactional(readOnly = true)
    public List<PottingBody> ofEach(final List<Potting> some) {
        final Map<UUID, PottingBody> bodies =
                of(pottings.ofEach(some.stream().map(Potting::id).distinct().toList())).stream()
                        .collect(Collectors.toMap(PottingBody::id, body -> body));
        return some.stream()
                .map(each -> Objects.requireNonNull(bodies.get(each.id())))
                .toList();
    }

    @Transactional(readOnly = true)
    public PottingBody of(final Potting potting) {
        return PottingBody.of(pottings.ofBatch(potting.id()).orElseThrow(() -> new NotThere("pot")), books);
    }
}
