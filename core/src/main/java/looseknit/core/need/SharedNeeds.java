package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;
import looseknit.core.message.Message;

/**
 * What several plants in one pot ask of its mix together: where their wants overlap, and where they clash.
 *
 * @param needs the overlap; where there is none, the first plant's want
 * @param clashes what cannot be had for all, each in a sentence
 */
public record SharedNeeds(Needs needs, List<Message> clashes) {

    public SharedNeeds {
        clashes = List.copyOf(clashes);
    }

    /** The needs of one plant or of several; the first has the say where they clash. */
    public static SharedNeeds of(final Plant first, final List<Plant> companions) {
        if (companions.isEmpty()) {
            return new SharedNeeds(first.needs(), List.of());
        }
        final List<Plant> all = new ArrayList<>();
        all.add(first);
        all.addAll(companions);
        final List<Message> clashes = new ArrayList<>();
        final Needs own = first.needs();
        final Needs shared = new Needs(
                overlap(all, Property.AIR, Needs::air, clashes),
                overlap(all, Property.AIR, Needs::bearableAir, new ArrayList<>()),
                overlap(all, Property.WATER, Needs::water, new ArrayList<>()),
                overlap(all, Property.EASY_WATER, Needs::easyWater, new ArrayList<>()),
                overlap(all, Property.PH, Needs::ph, clashes),
                overlap(all, Property.FOOD, Needs::nitrogen, clashes),
                all.stream()
                        .mapToDouble(each -> each.needs().mostEcDsPerM())
                        .min()
                        .orElse(own.mostEcDsPerM()),
                trigger(all, clashes),
                all.stream().mapToDouble(each -> each.needs().lifeYears()).max().orElse(own.lifeYears()),
                all.stream()
                        .mapToDouble(each -> each.needs().spread())
                        .average()
                        .orElse(own.spread()),
                all.stream()
                        .mapToDouble(each -> each.needs().cropCoefficient())
                        .average()
                        .orElse(own.cropCoefficient()));
        return new SharedNeeds(shared, clashes);
    }

    private static Band overlap(
            final List<Plant> all, final Property what, final Function<Needs, Band> want, final List<Message> clashes) {
        Plant driest = all.get(0);
        Plant other = all.get(0);
        for (final Plant plant : all) {
            if (want.apply(plant.needs()).low() > want.apply(driest.needs()).low()) {
                driest = plant;
            }
            if (want.apply(plant.needs()).high() < want.apply(other.needs()).high()) {
                other = plant;
            }
        }
        final double low = want.apply(driest.needs()).low();
        final double high = want.apply(other.needs()).high();
        if (low <= high) {
            return new Band(low, high);
        }
        clashes.add(NeedSentence.CLASH.with(driest, what.brief(), what.quantity(low), other, what.quantity(high)));
        return want.apply(all.get(0).needs());
    }

    /** The one that wants water first is looked to; plants far apart in this do not belong in one pot. */
    private static AllowableDepletion trigger(final List<Plant> all, final List<Message> clashes) {
        Plant thirsty = all.get(0);
        Plant patient = all.get(0);
        for (final Plant plant : all) {
            if (plant.needs().trigger().compareTo(thirsty.needs().trigger()) < 0) {
                thirsty = plant;
            }
            if (plant.needs().trigger().compareTo(patient.needs().trigger()) > 0) {
                patient = plant;
            }
        }
        if (patient.needs().trigger().ordinal() - thirsty.needs().trigger().ordinal() > 2) {
            clashes.add(NeedSentence.CLASH_DRYING.with(
                    thirsty,
                    thirsty.needs().trigger().because(),
                    patient,
                    patient.needs().trigger().because()));
        }
        return thirsty.needs().trigger();
    }
}
