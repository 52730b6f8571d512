package looseknit.server.find;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.caution.Caution;
import looseknit.core.find.Answer;
import looseknit.core.find.FindSentence;
import looseknit.core.find.OneForMany;
import looseknit.core.find.Proposal;
import looseknit.core.find.Respect;
import looseknit.core.material.Material;
import looseknit.core.message.Listing;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Property;
import looseknit.core.reading.Reading;
import looseknit.core.reading.ReadingSentence;
import looseknit.core.reading.Score;
import looseknit.core.reading.Verdict;
import looseknit.server.reading.EvaluationBody;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/** What a search found, as it travels. */
public record AnswerBody(
        List<ProposalBody> proposals,
        List<Answer.OfCount> byCount,
        Answer.Proof proof,
        @Nullable ClashBody clash,
        List<Answer.WouldHelp> wouldHelp,
        @Nullable Double exactPartsGain,
        List<Message> said,
        List<SplitBody> splits,
        @Nullable Integer advisedSplit) {

    /** What stands in the way, and what could be changed. */
    public record ClashBody(Message says, List<Message> waysOut) {}

    /** A blend that was found. */
    public record ProposalBody(
            List<Respect> titles,
            Message titleWords,
            RecipeBody recipe,
            String words,
            double fit,
            Message summary,
            List<Message> givesUp,
            List<Message> doseWords,
            @Nullable Double costPerLitre,
            double wetKgPerL,
            double lifeYears,
            double chancePercent,
            List<ToBuyBody> toBuy,
            @Nullable Double mostLitres,
            List<ReasonBody> reasons,
            List<VerdictBody> readings,
            List<TableText> stops) {}

    /** A material that is not at hand. */
    public record ToBuyBody(String materialId, String name) {}

    /** What a part is there for. */
    public record ReasonBody(String materialId, String name, Message words) {}

    /** A reading with its verdict, in the units in which people read it. */
    public record VerdictBody(
            Property quality,
            Message label,
            Message figure,
            double value,
            @Nullable Double targetLow,
            @Nullable Double targetHigh,
            Message target,
            Verdict verdict,
            Message words) {}

    /** Plants shared out among blends. */
    public record SplitBody(List<GroupBody> groups, double worstFit) {}

    /** Plants that share a blend. */
    public record GroupBody(List<Integer> plants, List<ProposalBody> proposals) {}

    static AnswerBody of(final Answer answer, final MeasureSystem system) {
        return new AnswerBody(
                answer.proposals().stream().map(each -> proposal(each, system)).toList(),
                answer.byCount(),
                answer.proof(),
                answer.clash()
                        .map(each -> new ClashBody(
                                each.says(),
                                each.waysOut().stream().map(Answer.Way::words).toList()))
                        .orElse(null),
                answer.wouldHelp(),
                maybe(answer.exactPartsGain()),
                answer.said(),
                List.of(),
                null);
    }

    static AnswerBody of(final OneForMany found, final MeasureSystem system) {
        return new AnswerBody(
                List.of(),
                List.of(),
                new Answer.Proof(true, found.recipes(), found.recipes(), 0, 0, found.words()),
                null,
                List.of(),
                null,
                found.line().stream().toList(),
                found.splits().stream()
                        .map(split -> new SplitBody(
                                split.groups().stream()
                                        .map(each -> group(each, system))
                                        .toList(),
                                split.worstFit()))
                        .toList(),
                found.advised());
    }

    private static GroupBody group(final OneForMany.Group group, final MeasureSystem system) {
        return new GroupBody(
                group.plants(),
                group.proposals().stream().map(each -> proposal(each, system)).toList());
    }

    static ProposalBody proposal(final Proposal proposal, final MeasureSystem system) {
        return new ProposalBody(
                List.copyOf(proposal.titles()),
                FindSentence.LIST.with(Listing.comma(List.copyOf(proposal.titles()))),
                RecipeBody.of(proposal.recipe(), null),
                proposal.recipe().parts().stream()
                        .map(part -> "%s %s"
                                .formatted(plain(part.amount()), part.material().name()))
                        .collect(Collectors.joining(", ")),
                proposal.fit(),
                proposal.summary(),
                proposal.givesUp(),
                EvaluationBody.doseWords(proposal.evaluation(), system),
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
                        .map(each -> verdict(each, system))
                        .toList(),
                proposal.evaluation().cautions().stream()
                        .filter(caution -> caution.level() == Caution.Level.STOP)
                        .map(Caution::why)
                        .toList());
    }

    private static ToBuyBody toBuy(final Material material) {
        return new ToBuyBody(material.id(), material.name());
    }

    private static VerdictBody verdict(final Reading reading, final MeasureSystem system) {
        final Property property = reading.property();
        final double value = reading.estimate().value();
        return new VerdictBody(
                property,
                FindSentence.LABEL.with(property.brief()),
                property != Property.MAKE_UP
                        ? FindSentence.FIGURE.with(property.quantity(value))
                        : reading.verdict() == Verdict.FITS ? ReadingSentence.USUAL.with() : reading.words(),
                property.dimension().shown(value, system),
                reading.target()
                        .map(each -> EvaluationBody.shown(property, each.band().low(), system))
                        .orElse(null),
                reading.target()
                        .map(each -> EvaluationBody.shown(property, each.band().high(), system))
                        .orElse(null),
                reading.target().map(Score::wantedWords).orElseGet(() -> TableText.said("")),
                reading.verdict(),
                reading.verdict().words(property));
    }

    private static String plain(final double amount) {
        return amount == Math.rint(amount) ? Long.toString((long) amount) : Double.toString(amount);
    }

    private static @Nullable Double maybe(final OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
