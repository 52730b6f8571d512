package looseknit.core.batch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.batch.MixSheet.Step;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;

/**
 * What really lies in the tub: what the taps come to, whatever the sheet says. The same taps always give the same heap; one that was taken back
 * or came twice counts for nothing.
 */
public final class Heap {

    /** Scoops that differ by less than this are the same. */
    private static final double SAME = 1e-9;

    /** Shares that differ by more than this from the sheet's make another mix [vol/vol]; by judgement. */
    private static final double ANOTHER_MIX = 0.015;

    private final MixSheet sheet;
    private final List<Tap> counting = new ArrayList<>();
    private final Map<String, Double> scoops = new LinkedHashMap<>();
    private final Map<String, Double> grams = new LinkedHashMap<>();
    private final Map<String, Double> done = new LinkedHashMap<>();
    private final Map<String, Double> weighedIn = new HashMap<>();
    private final Set<String> over = new HashSet<>();
    private boolean stopped;

    /** A dose that is short by less than this share of itself need not be topped up; by judgement. */
    private static final double DOSE_SHORT = 0.05;

    /**
     * What goes on top to be back at the recipe.
     *
     * @param load the load that got too much of something else
     * @param thingId material or amendment
     * @param scoops scoops of a material beyond those of the sheet, in quarters; 0 for an amendment
     * @param grams grams of an amendment beyond those of the sheet [g]; 0 for a material
     */
    public record Back(int load, String thingId, double scoops, double grams) {}

    /**
     * @param sheet what was to be done
     * @param taps what was done, in order
     */
    public Heap(final MixSheet sheet, final List<Tap> taps) {
        this.sheet = sheet;
        final Set<UUID> undone = taps.stream()
                .filter(Tap.Undone.class::isInstance)
                .map(tap -> ((Tap.Undone) tap).of())
                .collect(Collectors.toSet());
        final Set<UUID> seen = new LinkedHashSet<>();
        for (final Tap tap : taps) {
            if (!undone.contains(tap.id()) && seen.add(tap.id())) {
                count(tap);
            }
        }
    }

    private void count(final Tap tap) {
        if (tap instanceof Tap.Scooped scooped) {
            scoops.merge(scooped.materialId(), scooped.scoops(), Double::sum);
            done.merge(key(scooped.load(), scooped.countsFor()), scooped.scoops(), Double::sum);
        } else if (tap instanceof Tap.Weighed weighed) {
            grams.merge(weighed.amendmentId(), weighed.grams(), Double::sum);
            weighedIn.merge(key(weighed.load(), weighed.amendmentId()), weighed.grams(), Double::sum);
        } else if (tap instanceof Tap.RanOut out) {
            for (int load = out.load(); load <= sheet.loads(); load++) {
                over.add(key(load, out.materialId()));
            }
        } else if (tap instanceof Tap.Stopped) {
            stopped = true;
        } else {
            return;
        }
        counting.add(tap);
    }

    private static String key(final int load, final String thing) {
        return load + " " + thing;
    }

    /** Scoops that are in for a step. */
    public double done(final Step step) {
        return done.getOrDefault(key(step.load(), step.thingId()), 0.0);
    }

    /** Whether a step has all it takes, or will get no more. */
    public boolean over(final Step step) {
        return stopped
                || over.contains(key(step.load(), step.thingId()))
                || weighed(step)
                || (step.material().isPresent() && done(step) > step.scoops() - SAME);
    }

    private boolean weighed(final Step step) {
        return weighedIn.containsKey(key(step.load(), step.thingId()));
    }

    /** What is to be done next; nothing when all is in. */
    public Optional<Step> next() {
        return sheet.steps().stream().filter(step -> !over(step)).findFirst();
    }

    public boolean stopped() {
        return stopped;
    }

    /** The tap that would be taken back first. */
    public Optional<Tap> last() {
        return counting.isEmpty() ? Optional.empty() : Optional.of(counting.get(counting.size() - 1));
    }

    /** Loose volume of each material that is in [L], in the order in which they came. */
    public Map<String, Double> litres() {
        final Map<String, Double> litres = new LinkedHashMap<>();
        scoops.forEach((id, count) -> litres.put(id, count * sheet.scoopLitres()));
        return litres;
    }

    /** Grams of each amendment that is in [g]. */
    public Map<String, Double> grams() {
        return new LinkedHashMap<>(grams);
    }

    /** The recipe that the heap is; nothing as long as nothing is in. */
    public Optional<Recipe> recipe(final MaterialBook book) {
        final List<Recipe.Part> parts = scoops.entrySet().stream()
                .flatMap(each ->
                        book
                                .material(each.getKey())
                                .map(material -> new Recipe.Part(material, each.getValue()))
                                .stream())
                .toList();
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        final Recipe bare = new Recipe(Recipe.Measure.PARTS, parts, List.of());
        final double made = bare.sum() * sheet.scoopLitres() * Mix.of(bare).yield();
        return Optional.of(new Recipe(
                Recipe.Measure.PARTS,
                parts,
                grams.entrySet().stream()
                        .flatMap(each -> book
                                .amendment(each.getKey())
                                .map(amendment -> new Recipe.Dose(amendment, each.getValue() / made))
                                .stream())
                        .toList()));
    }

    /** Settled mix that the heap makes [L]; 0 as long as nothing is in. */
    public double madeLitres(final MaterialBook book) {
        return recipe(book)
                .map(recipe ->
                        recipe.sum() * sheet.scoopLitres() * Mix.of(recipe).yield())
                .orElse(0.0);
    }

    /** Whether what is in for the loads that are over is another mix than the sheet's, or more of something than it says. */
    public boolean differs() {
        final List<Step> all = sheet.steps().stream()
                .filter(step -> step.material().isPresent() && loadOver(step.load()))
                .toList();
        final double planned = all.stream().mapToDouble(Step::scoops).sum();
        final double in = all.stream().mapToDouble(this::done).sum();
        final boolean another = planned > 0
                && (in <= 0
                        || all.stream().collect(Collectors.groupingBy(Step::thingId)).values().stream()
                                .anyMatch(steps -> Math.abs(steps.stream()
                                                                .mapToDouble(Step::scoops)
                                                                .sum()
                                                        / planned
                                                - steps.stream()
                                                                .mapToDouble(this::done)
                                                                .sum()
                                                        / in)
                                        > ANOTHER_MIX));
        final boolean foreign = scoops.keySet().stream().anyMatch(id -> sheet.scoopsOf(id) <= 0);
        final boolean unweighed = sheet.steps().stream()
                .anyMatch(step -> step.amendment().isPresent() && loadOver(step.load()) && !weighed(step));
        return !back().isEmpty() || another || foreign || unweighed;
    }

    private boolean loadOver(final int load) {
        return sheet.steps().stream().filter(step -> step.load() == load).allMatch(this::over);
    }

    /** What to put in beyond the sheet, in loads that got too much of something, to be back at its shares and doses. */
    public List<Back> back() {
        return IntStream.rangeClosed(1, sheet.loads())
                .mapToObj(this::back)
                .flatMap(List::stream)
                .toList();
    }

    private List<Back> back(final int load) {
        final List<Step> steps =
                sheet.steps().stream().filter(step -> step.load() == load).toList();
        final double most = steps.stream()
                .filter(step -> step.material().isPresent())
                .mapToDouble(step -> done(step) / step.scoops())
                .max()
                .orElse(1);
        return most <= 1 + SAME
                ? List.of()
                : steps.stream()
                        .map(step -> step.material().isPresent() ? scoopsBack(step, most) : gramsBack(step, most))
                        .filter(each -> each.scoops() > 0 || each.grams() > 0)
                        .toList();
    }

    private Back scoopsBack(final Step step, final double most) {
        final double more = step.scoops() * most - Math.max(step.scoops(), done(step));
        return new Back(step.load(), step.thingId(), Math.rint(more / MixSheet.QUARTER) * MixSheet.QUARTER, 0);
    }

    /** A dose that is still to be weighed is first weighed as the sheet says. */
    private Back gramsBack(final Step step, final double most) {
        final double in = weighedIn.getOrDefault(key(step.load(), step.thingId()), step.grams() * most);
        final double more = step.grams() * most - in;
        return new Back(step.load(), step.thingId(), 0, more > DOSE_SHORT * step.grams() ? more : 0);
    }
}
