package looseknit.server.planting;

import java.util.Optional;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.planting.SetUpKind;
import looseknit.core.planting.Template;
import looseknit.server.frame.Books;
import looseknit.server.need.PotBody;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Set-ups as their templates have them, for whoever fills a store. */
@Component
public class FittedSetUps {

    private final Books books;

    FittedSetUps(final Books books) {
        this.books = books;
    }

    /** A pot and what is in it. */
    public record Fitted(PotBody pot, SetUpBody setUp) {}

    /** The set-up of a kind for a pot. */
    public Fitted of(final SetUpKind kind, final PotBody pot, final SetUpBody.@Nullable BallBody ball) {
        final Template template = Template.of(
                kind, pot.toCore(books), Optional.ofNullable(ball).map(SetUpBody.BallBody::toCore), books.materials());
        return new Fitted(
                PotBody.of(template.pot()), SetUpBody.of(template.setUp(), Wording.english(MeasureSystem.METRIC)));
    }
}
