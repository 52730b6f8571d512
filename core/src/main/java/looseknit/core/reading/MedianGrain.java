package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.need.Property;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** Grain of the mix: the size than which half of its volume is finer, from the gradings of its materials by volume. */
final class MedianGrain extends Gauge {

    private static final double FINE_END = 0.16;
    private static final double COARSE_END = 0.84;
    private static final double HALF = 0.5;

    /** A lot's grading lies within a fifth of the table's; by judgement. */
    private static final double RELATIVE_SD = 0.2;

    private static final double CHUNK_MM = 4;
    private static final double DUST_MM = 0.5;
    private static final int FIFTY = 50;

    MedianGrain() {
        super(Property.GRAIN, Stage.PLAIN);
    }

    @Override
    public double value(final MixState mix) {
        return mix.contents().grainMm(HALF);
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final double sd = RELATIVE_SD * uncertainty.now(Property.GRAIN);
        return List.of(new Beliefs.Share(ReadingSentence.CAUSE_GRADING.with(), sd * sd));
    }

    @Override
    Explanation explain(final Workings workings) {
        final Contents contents = workings.mix().state().contents();
        final List<Contribution> grains = new ArrayList<>();
        for (int i = 0; i < workings.mix().mix().materials().size(); i++) {
            grains.add(Contribution.of(
                    workings.name(i), workings.material(i).grainSize().d50Mm()));
        }
        final List<Figure> figures = List.of(
                size(WorkingsText.FINEST_SIXTH, contents.grainMm(FINE_END)),
                size(WorkingsText.COARSEST_SIXTH, contents.grainMm(COARSE_END)),
                Workings.share(
                        WorkingsText.FINER_THAN.with(Quantity.trimmed(Dimension.GRAIN, DUST_MM, 1)),
                        finer(contents, DUST_MM)),
                Workings.share(
                        WorkingsText.COARSER_THAN.with(Quantity.trimmed(Dimension.GRAIN, CHUNK_MM, 1)),
                        1 - finer(contents, CHUNK_MM)));
        return workings.explanation(
                        Property.GRAIN,
                        WorkingsText.GRAIN,
                        List.of(),
                        figures,
                        grains,
                        Dimension.GRAIN,
                        Optional.of(WorkingsText.MEDIAN_GRAIN.with()))
                .graded(grading(contents));
    }

    private static Figure size(final WorkingsText name, final double millimetres) {
        return new Figure(
                name.with(), Quantity.of(Dimension.GRAIN, millimetres, millimetres < 1 ? 2 : 1), Workings.workedOut());
    }

    /** Share that is finer than a size, from the sizes of all shares. */
    private static double finer(final Contents contents, final double millimetres) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < FIFTY; i++) {
            final double middle = (low + high) / 2;
            if (contents.grainMm(middle) < millimetres) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Sizes with the share that is finer. */
    private static List<Explanation.Grade> grading(final Contents contents) {
        final List<Explanation.Grade> grades = new ArrayList<>();
        for (final double millimetres : MixTables.GRAINS_MM) {
            grades.add(new Explanation.Grade(millimetres, finer(contents, millimetres)));
        }
        return grades;
    }

    @Override
    Message words(final PottedMix mix, final Verdict verdict, final double value) {
        final Contents contents = mix.state().contents();
        final Range most = new Range(
                rounded(contents.grainMm(FINE_END)),
                rounded(contents.grainMm(COARSE_END)),
                Dimension.GRAIN,
                1,
                Range.Form.DASH_TRIMMED);
        return verdict == Verdict.NO_TARGET || verdict == Verdict.FITS
                ? ReadingSentence.MOSTLY.with(most)
                : ReadingSentence.SAID_OF_GRAIN.with(verdict.words(Property.GRAIN), most);
    }

    private static double rounded(final double millimetres) {
        return Math.max(0.1, Math.rint(millimetres * 10) / 10);
    }
}
