package looseknit.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import looseknit.core.material.Material;
import looseknit.core.message.Message;

/**
 * Why a material is not in the best blend.
 *
 * @param material the material
 * @param words the reason, in sentences
 * @param best the best blend that has it, if there is one
 */
public record WhyNot(Material material, Message words, Optional<Proposal> best) {

    /** Least share that counts as being in a blend. */
    private static final double SOME = 1e-6;

    /**
     * Works out why.
     *
     * @param question what was searched for
     * @param candidate the material that was expected; of the candidates or not
     * @param fit fit of the best blend of all, 0 to 100
     */
    public static WhyNot of(
            final Question question, final Candidate candidate, final double fit, final SearchListener watch) {
        final Material material = candidate.material();
        final Optional<Message> barred =
                Exclusions.reason(material, question.brief(), question.known().book());
        if (barred.isPresent()) {
            return new WhyNot(material, barred.get(), Optional.empty());
        }
        if (candidate.mostShare() <= 0) {
            return new WhyNot(material, FindSentence.LEFT_OUT.with(), Optional.empty());
        }
        if (candidate.leftLitres().isPresent() && candidate.leftLitres().getAsDouble() <= 0) {
            return new WhyNot(material, FindSentence.NONE_LEFT.with(), Optional.empty());
        }
        final List<Candidate> with = new ArrayList<>();
        question.candidates().stream()
                .filter(each -> !each.material().id().equals(material.id()))
                .forEach(with::add);
        with.add(candidate.limited(Math.max(SOME, candidate.leastShare()), candidate.mostShare()));
        final CandidateTables meter = new CandidateTables(question.among(with));
        final ClosestBlends closest = new ClosestBlends(meter, question.limits().mostMaterials());
        new ExhaustiveSearch(meter, watch, System.nanoTime() + question.limits().mostMillis() * 1_000_000, true)
                .run(
                        closest,
                        SearchListener.Stage.EXPLAINING,
                        1,
                        Math.min(question.limits().mostMaterials(), with.size()));
        final Optional<Proposal> best = closest.overall().map(find -> new Proposals(meter).of(find, Set.of()));
        return new WhyNot(
                material,
                best.map(proposal -> words(proposal, fit)).orElse(FindSentence.NO_BLEND_WITH_IT.with()),
                best);
    }

    private static Message words(final Proposal with, final double fit) {
        if (with.fit() >= fit - 0.5) {
            return FindSentence.FITS_AS_WELL.with(FindPhrases.parts(with.recipe()));
        }
        return FindSentence.FITS_INSTEAD.with(
                FindPhrases.fit(with.fit()), FindPhrases.fit(fit), FindPhrases.parts(with.recipe()), with.summary());
    }
}
