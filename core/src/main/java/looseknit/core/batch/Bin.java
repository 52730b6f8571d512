package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;

/**
 * A batch once it is mixed: what lies in the bin, and how that changes when something is added, taken out or mixed in. Whatever is taken out takes its
 * share of everything with it; whatever goes in stays what it is. Immutable.
 *
 * @param looseLitres loose volume of each material, as it was before mixing [L]
 * @param given amendments, each with the day on which it went in
 */
public record Bin(Map<Material, Double> looseLitres, List<Given> given) {

    /** Nothing. */
    public static final Bin EMPTY = new Bin(Map.of(), List.of());

    private static final double DAYS_IN_WEEK = 7;

    /** So little is nothing [L]. */
    private static final double NOTHING_LITRES = 1e-9;

    /**
     * An amendment that went in.
     *
     * @param grams how much of it is still in the bin [g], 0 or more
     */
    public record Given(Amendment amendment, double grams, LocalDate on) {}

    public Bin {
        final Map<Material, Double> ordered = new LinkedHashMap<>();
        looseLitres.forEach((material, litres) -> {
            if (litres > NOTHING_LITRES) {
                ordered.put(material, litres);
            }
        });
        looseLitres = Collections.unmodifiableMap(ordered);
        given = List.copyOf(given);
    }

    /** A planned batch that was mixed as planned. */
    public static Bin of(final BatchPlan plan, final LocalDate mixedOn) {
        final Map<Material, Double> litres = new LinkedHashMap<>();
        plan.materials().forEach(line -> litres.merge(line.material(), line.litres(), Double::sum));
        return new Bin(
                litres,
                plan.doses().stream()
                        .map(dose -> new Given(dose.amendment(), dose.grams(), mixedOn))
                        .toList());
    }

    /** What was counted into the tub. */
    public static Bin of(final Heap heap, final MaterialBook book, final LocalDate mixedOn) {
        final Map<Material, Double> litres = new LinkedHashMap<>();
        heap.litres()
                .forEach((id, each) ->
                        book.material(id).ifPresent(material -> litres.merge(material, each, Double::sum)));
        return new Bin(
                litres,
                heap.grams().entrySet().stream()
                        .flatMap(each -> book
                                .amendment(each.getKey())
                                .map(amendment -> new Given(amendment, each.getValue(), mixedOn))
                                .stream())
                        .toList());
    }

    public boolean isEmpty() {
        return looseLitres.isEmpty();
    }

    /** Loose volumes added up [L]. */
    public double looseSum() {
        return looseLitres.values().stream().mapToDouble(each -> each).sum();
    }

    /** Settled mix [L]; 0 if there is none. */
    public double litres() {
        return isEmpty() ? 0 : looseSum() * Mix.of(bare()).yield();
    }

    private Recipe bare() {
        return new Recipe(
                Recipe.Measure.PARTS,
                looseLitres.entrySet().stream()
                        .map(each -> new Recipe.Part(each.getKey(), each.getValue()))
                        .toList(),
                List.of());
    }

    /** The recipe that it is, with what each litre of it holds of every amendment; nothing of nothing. */
    public Optional<Recipe> recipe() {
        if (isEmpty()) {
            return Optional.empty();
        }
        final double litres = litres();
        final Map<Amendment, Double> grams = new LinkedHashMap<>();
        given.forEach(each -> grams.merge(each.amendment(), each.grams(), Double::sum));
        return Optional.of(new Recipe(
                Recipe.Measure.PARTS,
                bare().parts(),
                grams.entrySet().stream()
                        .filter(each -> each.getValue() > 0)
                        .map(each -> new Recipe.Dose(each.getKey(), each.getValue() / litres))
                        .toList()));
    }

    /**
     * Its acidity from a day on, with each dose as old as it is then.
     *
     * @param day when the weeks begin to count
     * @param temperatureC where it stands [°C]
     * @throws OutOfRangeException if there is nothing in it
     */
    public Acidity acidity(final LocalDate day, final double temperatureC) {
        within("bin.litres", litres(), NOTHING_LITRES, 1e6, Limit.L);
        final double litres = litres();
        return Acidity.of(
                        Mix.of(bare()),
                        given.stream()
                                .map(each -> new Recipe.Dose(each.amendment(), each.grams() / litres))
                                .toList(),
                        temperatureC)
                .given(given.stream()
                        .map(each -> ChronoUnit.DAYS.between(each.on(), day) / DAYS_IN_WEEK)
                        .toList());
    }

    /**
     * With more of a material.
     *
     * @param litres loose volume [L], above 0 up to 10,000
     */
    public Bin with(final Material material, final double litres) {
        within("litres", litres, 1e-3, 10_000, Limit.L);
        final Map<Material, Double> more = new LinkedHashMap<>(looseLitres);
        more.merge(material, litres, Double::sum);
        return new Bin(more, given);
    }

    /**
     * With a dose.
     *
     * @param grams how much of it [g], above 0 up to 100,000
     */
    public Bin with(final Amendment amendment, final double grams, final LocalDate on) {
        within("grams", grams, 1e-3, 100_000, Limit.NUMBER);
        final List<Given> more = new ArrayList<>(given);
        more.add(new Given(amendment, grams, on));
        return new Bin(looseLitres, more);
    }

    /** With all of another. */
    public Bin with(final Bin other) {
        final Map<Material, Double> more = new LinkedHashMap<>(looseLitres);
        other.looseLitres.forEach((material, litres) -> more.merge(material, litres, Double::sum));
        final List<Given> doses = new ArrayList<>(given);
        doses.addAll(other.given);
        return new Bin(more, doses);
    }

    /**
     * So much of it, with its share of everything.
     *
     * @param litres settled mix [L], 0 up to all that there is
     * @throws OutOfRangeException if there is not so much
     */
    public Bin part(final double litres) {
        final double all = litres();
        if (!(litres >= 0 && litres <= all * (1 + 1e-9))) {
            throw new OutOfRangeException(
                    "litres",
                    Quantity.trimmed(Dimension.VOLUME, litres, 2),
                    BatchSentence.NO_MORE_THAN_THERE_IS.with(Quantity.trimmed(Dimension.VOLUME, all, 2)));
        }
        return all <= 0 ? EMPTY : times(Math.min(1, litres / all));
    }

    /** What is left when so much is taken [L of settled mix]. */
    public Bin without(final double litres) {
        part(litres);
        final double all = litres();
        return all <= 0 ? EMPTY : times(Math.max(0, 1 - litres / all));
    }

    private Bin times(final double share) {
        final Map<Material, Double> some = new LinkedHashMap<>();
        looseLitres.forEach((material, litres) -> some.put(material, share * litres));
        return new Bin(
                some,
                given.stream()
                        .map(each -> new Given(each.amendment(), share * each.grams(), each.on()))
                        .filter(each -> each.grams() > 0)
                        .toList());
    }
}
