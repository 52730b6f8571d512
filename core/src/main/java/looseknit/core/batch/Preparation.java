package looseknit.core.batch;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.material.Hazard;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.TableText;

/** What has to be done before anything is mixed, made from what a batch needs; hands and lungs first. */
public final class Preparation {

    /** A brick swells in hot water within ten minutes, in cold within forty. Common practice, no source. */
    private static final int HOT_MINUTES = 10;

    private static final int COLD_MINUTES = 40;

    /** Peat drinks up within half an hour of its second wetting. Common practice, no source. */
    private static final int PEAT_MINUTES = 30;

    /** Coir that reads more than this wants rinsing [dS/m]; common practice put into a figure by judgement. */
    private static final double SALTY_DS_PER_M = 0.5;

    private Preparation() {}

    /**
     * A thing to do first.
     *
     * @param key what it is ticked off by
     * @param says what to do and why
     * @param material what it is about, if it is about one
     * @param minutes how long to wait after it is begun; the shortest first; none if there is nothing to wait for
     */
    public record Task(String key, Message says, Optional<Material> material, List<Integer> minutes) {

        public Task {
            minutes = List.copyOf(minutes);
        }
    }

    /** What to do before a batch is mixed, in order. */
    public static List<Task> of(final BatchPlan plan) {
        final List<Task> tasks = new ArrayList<>(protection(plan));
        final Map<Material, BatchPlan.Line> lines = new LinkedHashMap<>();
        plan.materials().forEach(line -> lines.putIfAbsent(line.material(), line));
        lines.values().forEach(line -> tasks.addAll(of(line)));
        tasks.add(new Task("before-filling", BatchSentence.BEFORE_FILLING.with(), Optional.empty(), List.of()));
        return List.copyOf(tasks);
    }

    private static List<Task> protection(final BatchPlan plan) {
        final Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        Stream.concat(plan.materials().stream(), plan.layers().stream())
                .forEach(line -> hazards.addAll(line.material().hazards()));
        plan.doses().forEach(dose -> hazards.addAll(dose.amendment().hazards()));
        return hazards.stream()
                .filter(hazard -> hazard != Hazard.PETS)
                .map(hazard -> new Task("guard-" + hazard, guard(hazard).with(), Optional.empty(), List.of()))
                .toList();
    }

    private static BatchSentence guard(final Hazard hazard) {
        return switch (hazard) {
            case DUST -> BatchSentence.GUARD_DUST;
            case MOULD -> BatchSentence.GUARD_MOULD;
            case SPHAGNUM -> BatchSentence.GUARD_SPHAGNUM;
            case CAUSTIC, PETS -> BatchSentence.GUARD_CAUSTIC;
        };
    }

    private static List<Task> of(final BatchPlan.Line line) {
        final Material material = line.material();
        final List<Task> tasks = new ArrayList<>();
        line.brick()
                .ifPresent(brick -> tasks.add(new Task(
                        "swell-" + material.id(),
                        BatchSentence.SWELL.with(
                                material,
                                Quantity.trimmed(Dimension.MASS, brick.dryKg(), 2),
                                Quantity.trimmed(Dimension.VOLUME, brick.waterLitres(), 1)),
                        Optional.of(material),
                        List.of(HOT_MINUTES, COLD_MINUTES))));
        if (material.is(Nature.COIR) && material.chemistry().ecDsPerM() > SALTY_DS_PER_M) {
            tasks.add(new Task(
                    "rinse-" + material.id(),
                    BatchSentence.RINSE_SALTY.with(material, Quantity.of(Dimension.CONDUCTIVITY, SALTY_DS_PER_M, 1)),
                    Optional.of(material),
                    List.of()));
        } else if (!material.advice().prepare().equals(TableText.said(""))) {
            tasks.add(new Task(
                    "prepare-" + material.id(),
                    BatchSentence.PREPARE.with(material, material.advice().prepare()),
                    Optional.of(material),
                    material.is(Nature.PEAT) && material.is(Nature.REPELS) ? List.of(PEAT_MINUTES) : List.of()));
        }
        return tasks;
    }
}
