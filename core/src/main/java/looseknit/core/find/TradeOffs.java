package looseknit.core.find;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReferenceArray;
import looseknit.core.blend.Ageing;
import looseknit.core.need.Property;
import org.jspecify.annotations.Nullable;

/** Among blends that fit about as well as the closest, looks for the best in other respects. */
final class TradeOffs implements SearchGoal {

    private final CandidateTables meter;
    private final double limit;
    private final Set<Respect> sought;
    private final AtomicReferenceArray<@Nullable FoundRecipe> best =
            new AtomicReferenceArray<>(Respect.values().length);
    private final Map<Property, Chance> chances = new EnumMap<>(Property.class);

    /**
     * @param limit penalty that still counts as about as good
     * @param sought in which respects
     * @param spread spread of the readings at the closest blend, by which chances are judged
     */
    TradeOffs(
            final CandidateTables meter,
            final double limit,
            final Set<Respect> sought,
            final Map<Property, Double> spread) {
        this.meter = meter;
        this.limit = limit;
        this.sought = EnumSet.copyOf(sought);
        spread.forEach((property, sd) -> {
            if (meter.aims.wanted(property) && property != Property.LIFE && sd > 0) {
                chances.put(
                        property, new Chance(meter.aims.bearableLow(property), meter.aims.bearableHigh(property), sd));
            }
        });
    }

    @Override
    public double limit(final int[] support, final int size, final int parts) {
        return limit;
    }

    @Override
    public int mostParts(final int[] support, final int size, final int most) {
        return most;
    }

    @Override
    public double best() {
        return limit;
    }

    @Override
    public void take(
            final CandidateReader reader, final int[] support, final int[] parts, final int size, final double most) {
        final double partly = reader.penaltyButLife(most);
        if (partly > most) {
            return;
        }
        boolean hope = false;
        for (final Respect title : sought) {
            final double value =
                    title == Respect.LONGEST ? -Ageing.HORIZON_YEARS : value(title, reader, support, parts, size);
            hope |= mightBeat(best.get(title.ordinal()), value, partly, size, parts);
        }
        if (!hope) {
            return;
        }
        final double penalty = reader.penalty(most);
        if (penalty > most) {
            return;
        }
        for (final Respect title : sought) {
            final double value = value(title, reader, support, parts, size);
            if (mightBeat(best.get(title.ordinal()), value, penalty, size, parts)) {
                offer(title, FoundRecipe.read(reader, support, parts, size, penalty, value));
            }
        }
    }

    private static boolean mightBeat(
            final @Nullable FoundRecipe old,
            final double value,
            final double penalty,
            final int size,
            final int[] parts) {
        if (old == null || value < old.value()) {
            return true;
        }
        return value == old.value() && FoundRecipe.weighed(penalty, parts, size) <= old.weighed();
    }

    private double value(
            final Respect title, final CandidateReader reader, final int[] support, final int[] parts, final int size) {
        return switch (title) {
            case CHEAPEST -> reader.costPerLitre();
            case LIGHTEST -> reader.wetKgPerL();
            case LONGEST -> -reader.lifeYears();
            case SAFEST -> -chance(reader);
            case MOST -> -mostLitres(meter, reader, support, parts, size).orElse(0);
            default -> 0;
        };
    }

    private double chance(final CandidateReader reader) {
        double chance = 1;
        for (final Map.Entry<Property, Chance> each : chances.entrySet()) {
            chance *= each.getValue().of(reader.value(each.getKey()));
        }
        return chance;
    }

    /** Litres of finished mix that can be made of what is left; nothing if it is not known of any material. */
    static OptionalDouble mostLitres(
            final CandidateTables meter,
            final CandidateReader reader,
            final int[] support,
            final int[] parts,
            final int size) {
        double most = Double.POSITIVE_INFINITY;
        for (int s = 0; s < size; s++) {
            final OptionalDouble left =
                    meter.question.candidates().get(support[s]).leftLitres();
            if (left.isPresent()) {
                most = Math.min(most, left.getAsDouble() / parts[s]);
            }
        }
        return Double.isInfinite(most)
                ? OptionalDouble.empty()
                : OptionalDouble.of(most * reader.parts() * reader.litresPerPart());
    }

    private void offer(final Respect title, final FoundRecipe find) {
        best.accumulateAndGet(
                title.ordinal(),
                find,
                (old, fresh) ->
                        old == null || FoundRecipe.ORDER.compare(Objects.requireNonNull(fresh), old) < 0 ? fresh : old);
    }

    /** The best in a respect. */
    Optional<FoundRecipe> of(final Respect title) {
        return Optional.ofNullable(best.get(title.ordinal()));
    }
}
