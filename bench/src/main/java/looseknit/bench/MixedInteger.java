package looseknit.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import looseknit.core.blend.Mix;
import looseknit.core.find.Candidate;
import looseknit.core.find.Question;
import looseknit.core.material.Material;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Column;
import org.jspecify.annotations.Nullable;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.type.CalendarDateUnit;

/**
 * The same question in the form that a mixed-integer linear solver takes: no shrinkage, every reading a weighted mean, misses counted
 * straight and not squared, no days, no years. Its recipe is then read by the model.
 */
final class MixedInteger {

    private static final int MOST_SECONDS = 60;

    private MixedInteger() {}

    static void run(final Question question) {
        final List<Candidate> candidates = question.candidates();
        final int parts = question.limits().mostParts();
        final Column column = Column.in(question.brief().pot().orElseThrow(), 1);
        final ExpressionsBasedModel model = new ExpressionsBasedModel();
        model.options.time_abort = CalendarDateUnit.SECOND.toDurationInMillis() * MOST_SECONDS;
        final Expression sum = model.newExpression("parts").lower(1).upper(parts);
        final Expression count =
                model.newExpression("materials").upper(question.limits().mostMaterials());
        final Variable[] amounts = new Variable[candidates.size()];
        for (int i = 0; i < amounts.length; i++) {
            amounts[i] = model.newVariable("p" + i).lower(0).upper(parts).integer();
            final Variable used = model.newVariable("y" + i).binary();
            sum.set(amounts[i], 1);
            count.set(used, 1);
            final Expression link = model.newExpression("link" + i).upper(0);
            link.set(amounts[i], 1);
            link.set(used, -parts);
        }
        for (final Target target : question.targets()) {
            linear(target, column, model, amounts, candidates, parts);
        }
        final long began = System.nanoTime();
        final Optimisation.Result result = model.minimise();
        final double seconds = (System.nanoTime() - began) / 1e9;
        final Map<Integer, Integer> found = new LinkedHashMap<>();
        for (int i = 0; i < amounts.length; i++) {
            final int part = (int) Math.round(
                    amounts[i].getValue() == null ? 0 : amounts[i].getValue().doubleValue());
            if (part > 0) {
                found.put(i, part);
            }
        }
        System.out.printf(
                "mixed-integer solver on the linearised form, %d materials: %s after %.2f s; its recipe fits %s%n",
                candidates.size(),
                result.getState(),
                seconds,
                found.isEmpty() ? "nothing" : "%.2f".formatted(FindTimes.fit(question, found)));
    }

    private static void linear(
            final Target target,
            final Column column,
            final ExpressionsBasedModel model,
            final Variable[] amounts,
            final List<Candidate> candidates,
            final int parts) {
        final @Nullable ToDoubleFunction<Material> value = value(target.property(), column);
        final ToDoubleFunction<Material> weight = target.property() == Property.PH
                ? material -> material.chemistry().bufferMeqPerLPerPh() / 20
                : material -> 1;
        if (value == null) {
            return;
        }
        final double cost = target.weight() / target.scale() / parts;
        for (final double end : new double[] {target.band().low(), target.band().high()}) {
            if (Double.isInfinite(end)) {
                continue;
            }
            final boolean low = end == target.band().low();
            final Variable miss =
                    model.newVariable("miss" + target.property() + low).lower(0).weight(cost);
            final Expression band = model.newExpression("band" + target.property() + low);
            for (int i = 0; i < amounts.length; i++) {
                final Material material = candidates.get(i).material();
                final double over = weight.applyAsDouble(material) * (value.applyAsDouble(material) - end);
                band.set(amounts[i], low ? over : -over);
            }
            band.set(miss, 1);
            band.lower(0);
        }
    }

    private static @Nullable ToDoubleFunction<Material> value(final Property quality, final Column column) {
        return switch (quality) {
            case AIR -> material -> column.airFilledPorosity(alone(material));
            case WATER -> material -> column.containerCapacity(alone(material));
            case EASY_WATER -> material -> alone(material).easilyAvailableWater();
            case PH -> material -> material.chemistry().ph();
            case FOOD -> material -> material.chemistry().nutrients().nMgPerL();
            case SALTS -> material -> material.chemistry().ecDsPerM();
            default -> null;
        };
    }

    private static Mix alone(final Material material) {
        return Mix.of(List.of(material), new double[] {1});
    }
}
