package looseknit.server.find;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.caution.Caution;
import looseknit.core.find.Answer;
import looseknit.core.find.OneForMany;
import looseknit.core.find.Proposal;
import looseknit.core.find.Respect;
import looseknit.core.material.Material;
import looseknit.core.measure.Band;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Reading;
import looseknit.core.reading.Verdict;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/** What a search found, as it travels. */
public record AnswerBody(
        List<ProposalBody> proposals,
        List<Answer.OfCount> byCount,
        Answer.Proof proof,
        Answer.@Nullable Clash clash,
        List<Answer.WouldHelp> wouldHelp,
        @Nullable Double exactPartsGain,
        List<String> said,
        List<SplitBody> splits,
        @Nullable Integer advisedSplit) {

    /** A blend that was found. */
    public record ProposalBody(
            List<Respect> titles,
            String titleWords,
            RecipeBody recipe,
            String words,
            double fit,
            String summary,
            List<String> givesUp,
            @Nullable Double costPerLitre,
            double wetKgPerL,
            double lifeYears,
            double chancePercent,
            List<ToBuyBody> toBuy,
            @Nullable Double mostLitres,
            List<ReasonBody> reasons,
            List<VerdictBody> readings,
            List<String> stops) {}

    /** A material that is not at hand. */
    public record ToBuyBody(String materialId, String name) {}

    /** What a part is there for. */
    public record ReasonBody(String materialId, String name, String words) {}

    /** A reading with its verdict, in the units in which people read it. */
    public record VerdictBody(
            Property quality,
            String label,
            String figure,
            double value,
            @Nullable Double targetLow,
            @Nullable Double targetHigh,
            String target,
            Verdict verdict,
            String words) {}

    /** Plants shared out among blends. */
    public record SplitBody(List<GroupBody> groups, double worstFit) {}

    /** Plants that share a blend. */
    public record GroupBody(List<Integer> plants, List<ProposalBody> proposals) {}

    static AnswerBody of(final Answer answer) {
        return new AnswerBody(
                answer.proposals().stream().map(AnswerBody::proposal).toList(),
                answer.byCount(),
                answer.proof(),
                answer.clash().orElse(null),
                answer.wouldHelp(),
                maybe(answer.exactPartsGain()),
                answer.said(),
                List.of(),
                null);
    }

    static AnswerBody of(final OneForMany found) {
        return new AnswerBody(
                List.of(),
                List.of(),
                new Answer.Proof(true, found.recipes(), found.recipes(), 0, 0, found.words()),
                null,
                List.of(),
                null,
                List.of(),
                found.splits().stream()
                        .map(split -> new SplitBody(
                                split.groups().stream().map(AnswerBody::group).toList(), split.worstFit()))
                        .toList(),
                found.advised());
    }

    private static GroupBody group(final OneForMany.Group group) {
        return new GroupBody(
                group.plants(),
                group.proposals().stream().map(AnswerBody::proposal).toList());
    }

    static ProposalBody proposal(final Proposal proposal) {
        return new ProposalBody(
                List.copyOf(proposal.titles()),
                proposal.titles().stream().map(Respect::words).collect(Collectors.joining(", ")),
                RecipeBody.of(proposal.recipe(), null),
                proposal.recipe().parts().stream()
                        .map(part -> "%s %s"
                                .formatted(plain(part.amount()), part.material().name()))
                        .collect(Collectors.joining(", ")),
                proposal.fit(),
                proposal.summary(),
                proposal.givesUp(),
                maybe(proposal.costPerLitre()),
                proposal.wetKgPerL(),
                proposal.lifeYears(),
                100 * proposal.chance(),
                proposal.toBuy().stream().map(AnswerBody::toBuy).toList(),
                maybe(proposal.mostLitres()),
                proposal.reasons().stream()
                        .map(reason -> new ReasonBody(
                                reason.material().id(), reason.material().name(), reason.words()))
                        .toList(),
                proposal.evaluation().readings().stream()
                        .map(AnswerBody::verdict)
                        .toList(),
                proposal.evaluation().cautions().stream()
                        .filter(caution -> caution.level() == Caution.Level.STOP)
                        .map(Caution::why)
                        .toList());
    }

    private static ToBuyBody toBuy(final Material material) {
        return new ToBuyBody(material.id(), material.name());
    }

    private static VerdictBody verdict(final Reading reading) {
        final Property quality = reading.quality();
        final Optional<Band> band = reading.target().map(Target::band);
        return new VerdictBody(
                quality,
                Proposal.shortName(quality),
                Phrases.figureWithUnit(quality, reading.estimate().value()),
                reading.estimate().value() * quality.shown(),
                band.map(each -> shown(quality, each.low())).orElse(null),
                band.map(each -> shown(quality, each.high())).orElse(null),
                band.map(each -> Phrases.band(quality, each)).orElse(""),
                reading.verdict(),
                Phrases.verdict(quality, reading.verdict()));
    }

    private static @Nullable Double shown(final Property quality, final double value) {
        return Double.isInfinite(value) ? null : value * quality.shown();
    }

    private static String plain(final double amount) {
        return amount == Math.rint(amount) ? Long.toString((long) amount) : Double.toString(amount);
    }

    private static @Nullable Double maybe(final OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
