package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.material.Component;
import looseknit.core.message.Dimension;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.need.UsualMakeUp;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** How much of a mix lies outside what usually is in a mix for the plant: see {@link UsualMakeUp}. Common practice, no source. */
final class UsualContents extends Gauge {

    /** What can be named as the body of a mix. */
    private static final List<Component> BODIES =
            List.of(Component.MINERAL, Component.BARK, Component.MOSS, Component.HOLDER);

    /** Spread for each share of a mix of unknown make-up. */
    private static final double UNKNOWN_SD = 0.3;

    UsualContents() {
        super(Property.MAKE_UP, Stage.PLAIN);
    }

    @Override
    public boolean canRead(final Situation situation) {
        return situation.usual().stream().anyMatch(each -> !each.ways().isEmpty());
    }

    @Override
    public double value(final MixState mix) {
        return mix.unusual();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final double unknown = UNKNOWN_SD * uncertainty.mix().state().contents().share(Component.UNKNOWN);
        return unknown == 0
                ? List.of()
                : List.of(new Beliefs.Share(ReadingSentence.CAUSE_UNKNOWN_MAKE_UP.with(), unknown * unknown));
    }

    /** The plant that bears the mix least. */
    private static UsualMakeUp strictest(final PottedMix mix) {
        final Contents contents = mix.state().contents();
        return mix.situation().usual().stream()
                .max(Comparator.comparingDouble(each -> each.outside(contents)))
                .orElseThrow();
    }

    @Override
    Explanation explain(final Workings workings) {
        final PottedMix mix = workings.mix();
        final Contents contents = mix.state().contents();
        final UsualMakeUp usual = strictest(mix);
        final List<Figure> figures = new ArrayList<>();
        usual.nearest(contents)
                .ifPresent(way -> way.bounds().stream()
                        .filter(bound -> bound.high() > 0 || contents.share(bound.component()) > 0)
                        .forEach(bound -> figures.add(new Figure(
                                bound.component().words(),
                                Quantity.of(Dimension.SHARE, contents.share(bound.component()), 0),
                                WorkingsText.USUAL_RANGE.with(
                                        Range.wanted(bound.low(), bound.high(), Dimension.SHARE, 0))))));
        final List<Contribution> outside = new ArrayList<>();
        usual.misses(contents).forEach(miss -> outside.add(Contribution.of(name(miss), 100 * miss.by())));
        return workings.explanation(
                Property.MAKE_UP,
                WorkingsText.MAKE_UP.with(usual.of()),
                WorkingsText.MAKE_UP_SOURCE.with(),
                List.of(),
                figures,
                outside,
                Dimension.NUMBER,
                Optional.of(WorkingsText.POINTS_OUTSIDE.with()));
    }

    private static Message name(final UsualMakeUp.Miss miss) {
        return miss.component()
                .map(Component::words)
                .orElseGet(() -> miss.materials().size() == 1
                        ? WorkingsText.MATERIAL.with(miss.materials().get(0))
                        : WorkingsText.MATERIALS_TOGETHER.with(Listing.and(miss.materials())));
    }

    @Override
    Message words(final PottedMix mix, final Verdict verdict, final double value) {
        return said(mix);
    }

    /** What is unusual about a mix, or that it is as usual. */
    static Message said(final PottedMix mix) {
        final Contents contents = mix.state().contents();
        final UsualMakeUp usual = strictest(mix);
        final List<UsualMakeUp.Miss> misses = usual.misses(contents);
        if (!misses.isEmpty()) {
            final UsualMakeUp.Miss worst = misses.get(0);
            return (worst.over() ? ReadingSentence.TOO_MUCH_OF : ReadingSentence.TOO_LITTLE_OF)
                    .with(name(worst), share(worst.share()), share(worst.limit()));
        }
        if (contents.share(Component.UNKNOWN) > 0) {
            return ReadingSentence.UNKNOWN_MAKE_UP.with(Proportion.of(contents.share(Component.UNKNOWN)));
        }
        final Component body =
                BODIES.stream().max(Comparator.comparingDouble(contents::share)).orElseThrow();
        return ReadingSentence.AS_USUAL.with(Proportion.of(contents.share(body)), body, usual.of());
    }

    private static Quantity share(final double share) {
        return Quantity.of(Dimension.SHARE, share, 0);
    }
}
