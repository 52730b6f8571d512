package looseknit.server.need;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.message.TableText;
import looseknit.core.need.KindsByLooks;
import looseknit.core.need.Looks;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.server.frame.Books;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plants whose name nobody knows, by what can be seen of them. */
@RestController
@RequestMapping("/api/plants-by-looks")
class LooksController {

    private static final int MOST_LIKELY = 5;
    private static final int SUCH = 3;

    private final Books books;

    LooksController(final Books books) {
        this.books = books;
    }

    /** What somebody sees of a plant; null where they cannot tell. */
    record LooksBody(
            Looks.@Nullable Grows grows,
            Looks.@Nullable Leaf leaf,
            Looks.@Nullable Roots roots,
            Looks.@Nullable From from) {

        Looks toCore() {
            return new Looks(
                    Optional.ofNullable(grows),
                    Optional.ofNullable(leaf),
                    Optional.ofNullable(roots),
                    Optional.ofNullable(from));
        }
    }

    /**
     * A kind of plant that may be meant.
     *
     * @param plantId the entry that stands for any plant of the kind
     * @param agrees answers that fit it, in words
     * @param against answers that do not
     * @param such well-known plants of the kind
     */
    record LikelyBody(
            String plantId,
            String name,
            String kindName,
            List<Message> agrees,
            List<Message> against,
            List<String> such,
            TableText roots) {}

    /** One question and what may be answered. */
    record LookQuestionBody(String id, List<LookChoiceBody> choices) {}

    /** A possible answer. */
    record LookChoiceBody(String id, Message name) {}

    /** The four questions that lead from a plant's looks to its kind. */
    @GetMapping("/questions")
    List<LookQuestionBody> questions() {
        return List.of(
                question("grows", Looks.Grows.values()),
                question("leaf", Looks.Leaf.values()),
                question("roots", Looks.Roots.values()),
                question("from", Looks.From.values()));
    }

    private static <E extends Enum<E> & Named> LookQuestionBody question(final String id, final E[] choices) {
        return new LookQuestionBody(
                id,
                Stream.of(choices)
                        .map(each -> new LookChoiceBody(each.name(), each.words()))
                        .toList());
    }

    /** The kinds of plants that look most like it, best first. */
    @PostMapping
    List<LikelyBody> byLooks(@RequestBody @Valid @NotNull final LooksBody body) {
        final PlantBook book = books.plants();
        return KindsByLooks.of(body.toCore(), book, MOST_LIKELY).stream()
                .map(likely -> {
                    final Plant any = book.anyOf(likely.kind());
                    return new LikelyBody(
                            any.id(),
                            any.name(),
                            likely.kind().name(),
                            likely.agrees().stream().map(Named::words).toList(),
                            likely.against().stream().map(Named::words).toList(),
                            book.plants().stream()
                                    .filter(each -> each.breadth() == Plant.Breadth.ONE
                                            && each.kind().equals(likely.kind()))
                                    .limit(SUCH)
                                    .map(Plant::name)
                                    .toList(),
                            likely.kind().group().roots());
                })
                .toList();
    }
}
