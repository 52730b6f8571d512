package looseknit.server.find;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import looseknit.core.find.Proposal;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import looseknit.core.find.StartingMixes;
import looseknit.core.material.Material;
import looseknit.core.shelf.Commonest;
import looseknit.server.frame.Books;
import looseknit.server.message.Speech;
import looseknit.server.need.BriefBody;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Mixes to start from: quick, simple and usual. */
@RestController
@RequestMapping("/api/starts")
class StartsController {

    private final Questions questions;
    private final Books books;
    private final Speech speech;

    StartsController(final Questions questions, final Books books, final Speech speech) {
        this.questions = questions;
        this.books = books;
        this.speech = speech;
    }

    /** What they are made of. */
    enum Source {
        /** What is on the shelf. */
        SHELF,
        /** What most shops sell. */
        SHOPS
    }

    /** What they are for. */
    record StartsAskedBody(@NotNull @Valid BriefBody brief) {}

    /** Up to three mixes, the best first. */
    record StartsBody(Source source, List<AnswerBody.ProposalBody> proposals) {}

    /** Mixes to start from, of what is on the shelf if a usual one can be made of it, else of what shops sell. */
    @PostMapping
    StartsBody starts(@RequestBody @Valid final StartsAskedBody asked) {
        final List<Proposal> ofShelf = starts(asked.brief(), FindBody.Among.SHELF, List.of());
        if (!ofShelf.isEmpty()) {
            return body(Source.SHELF, ofShelf);
        }
        final List<String> sold =
                Commonest.of(books.materials()).stream().map(Material::id).toList();
        return body(Source.SHOPS, starts(asked.brief(), FindBody.Among.CHOSEN, sold));
    }

    private List<Proposal> starts(final BriefBody brief, final FindBody.Among among, final List<String> ids) {
        final FindJob.Asked asked = questions.of(new FindBody(
                FindBody.Form.FIND,
                List.of(brief),
                null,
                null,
                List.of(),
                null,
                among,
                ids,
                List.of(),
                StartingMixes.MATERIALS,
                StartingMixes.PARTS,
                null,
                Question.Doses.USUAL_LIME,
                null,
                Question.Doses.USUAL_FEED));
        return StartingMixes.of(asked.questions().get(0), SearchListener.NOBODY);
    }

    private StartsBody body(final Source source, final List<Proposal> proposals) {
        return new StartsBody(
                source,
                proposals.stream()
                        .map(each -> AnswerBody.proposal(each, speech.system()))
                        .toList());
    }
}
