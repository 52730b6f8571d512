package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;

/**
 * What several plants in one pot ask of its mix together: where their wants overlap, and where they clash.
 *
 * @param needs the overlap; where there is none, the first plant's want
 * @param clashes what cannot be had for all, each in a sentence
 */
public record SharedNeeds(Needs needs, List<String> clashes) {

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
        final List<String> clashes = new ArrayList<>();
        final Needs own = first.needs();
        final Needs shared = new Needs(
                overlap(all, "air", "%.0f %%", 100, Needs::air, clashes),
                overlap(all, "water", "%.0f %%", 100, Needs::water, new ArrayList<>()),
                overlap(all, "easily used water", "%.0f %%", 100, Needs::easyWater, new ArrayList<>()),
                overlap(all, "pH", "%.1f", 1, Needs::ph, clashes),
                overlap(all, "food", "%.0f mg N/L", 1, Needs::nitrogen, clashes),
                all.stream()
                        .mapToDouble(each -> each.needs().mostEcDsPerM())
                        .min()
                        .orElse(own.mostEcDsPerM()),
                trigger(all, clashes),
                all.stream().mapToDouble(each -> each.needs().lifeYears()).max().orElse(own.lifeYears()),
                all.stream()
                        .mapToDouble(each -> each.needs().leafLayers())
                        .average()
                        .orElse(own.leafLayers()),
                all.stream()
                        .mapToDouble(each -> each.needs().thrift())
                        .average()
                        .orElse(own.thrift()));
        return new SharedNeeds(shared, clashes);
    }

    private static Band overlap(
            final List<Plant> all,
            final String what,
            final String format,
            final double shown,
            final Function<Needs, Band> want,
            final List<String> clashes) {
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
        clashes.add("%s wants %s of at least %s, %s at most %s."
                .formatted(
                        driest.name(),
                        what,
                        format.formatted(low * shown),
                        other.name().toLowerCase(Locale.ROOT),
                        format.formatted(high * shown)));
        return want.apply(all.get(0).needs());
    }

    /** The one that wants water first is looked to; plants far apart in this do not belong in one pot. */
    private static AllowableDepletion trigger(final List<Plant> all, final List<String> clashes) {
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
            clashes.add("As to drying, for %s %s, for %s %s."
                    .formatted(
                            thirsty.name().toLowerCase(Locale.ROOT),
                            thirsty.needs().trigger().because(),
                            patient.name().toLowerCase(Locale.ROOT),
                            patient.needs().trigger().because()));
        }
        return thirsty.needs().trigger();
    }
}
