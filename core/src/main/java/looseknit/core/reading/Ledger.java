package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.need.Property;
import looseknit.core.reading.Explanation.Cause;
import looseknit.core.reading.Explanation.Figure;

/** What every explanation draws on: the figures of a blend, how sure they are, and how a line of an explanation is written. */
final class Ledger {

    static final String BOOK = "the Book's table, typical, from memory";
    static final String POT = "your pot";
    static final String PLACE = "your place";

    /** No source of its own: worked out from what stands before. */
    static final String WORKED_OUT = "";

    private final Figures figures;
    private final Map<Property, Double> now;
    private final double leastAir;
    private final Spread spread;

    Ledger(final Figures figures, final Map<Property, Double> now, final double leastAir, final Spread spread) {
        this.figures = figures;
        this.now = now;
        this.leastAir = leastAir;
        this.spread = spread;
    }

    Figures figures() {
        return figures;
    }

    Mix mix() {
        return figures.mix();
    }

    double leastAir() {
        return leastAir;
    }

    /** The bare figure of a reading, in the unit of computation. */
    double now(final Property quality) {
        return now.get(quality);
    }

    Material material(final int i) {
        return figures.mix().materials().get(i);
    }

    List<Figure> corrected(final LotTrait trait, final double shown, final String unit, final Figure... before) {
        final List<Figure> steps = new ArrayList<>(List.of(before));
        final int findings = figures.known().beliefs().findings();
        if (findings > 0) {
            steps.add(new Figure(
                    "Corrected by tests",
                    shown * figures.correction(trait),
                    unit,
                    shown == 1 ? 2 : 1,
                    "%d finding%s at the bench".formatted(findings, findings == 1 ? "" : "s")));
        }
        return steps;
    }

    static Figure share(final String name, final double share) {
        return new Figure(name, 100 * share, "%", 0, WORKED_OUT);
    }

    static Figure element(final String name, final double mgPerL) {
        return new Figure(name, mgPerL, "mg/L", 0, WORKED_OUT);
    }

    List<Cause> causes(final Property quality) {
        final List<Beliefs.Share> shares = spread.shares(quality);
        final double all = Math.max(
                1e-30, shares.stream().mapToDouble(Beliefs.Share::variance).sum());
        return shares.stream()
                .map(each -> new Cause(
                        each.name(),
                        quality.shown() * Math.sqrt(Math.max(0, each.variance())),
                        Math.max(0, each.variance() / all)))
                .toList();
    }
}
