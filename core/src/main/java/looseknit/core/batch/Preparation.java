package looseknit.core.batch;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Hazard;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;

/** What has to be done before anything is mixed, made from what a batch needs; hands and lungs first. */
public final class Preparation {

    /** A brick swells in hot water within ten minutes, in cold within forty. Common practice, no source. */
    private static final int HOT_MINUTES = 10;

    private static final int COLD_MINUTES = 40;

    /** Peat drinks up within half an hour of its second wetting. Common practice, no source. */
    private static final int PEAT_MINUTES = 30;

    /** Coir that reads more than this wants rinsing [dS/m]; common practice put into a figure by judgement. */
    private static final double SALTY_DS_PER_M = 0.5;

    /** A filled pot that is heavier than this is moved on wheels [kg]; usual guidance for lifting alone, from memory. */
    private static final double HEAVY_KG = 20;

    /** Groups of which many climb, and the kind that does. */
    private static final Set<String> CLIMBERS = Set.of("aroid", "jungle_cactus", "epiphytic_vine");

    private static final String CLIMBING_KIND = "tub_climber";

    private static final String SIEVE = "sieve-";

    private Preparation() {}

    /** What has to come out of the bag for so much that goes into the tub, by the tasks that were done [L]. */
    public static double fromBag(final Material material, final double litres, final Set<String> done) {
        return done.contains(SIEVE + material.id())
                ? Sieving.of(material).map(each -> each.fromBag(litres)).orElse(litres)
                : litres;
    }

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

    /**
     * What to do before a batch is mixed, in order.
     *
     * @param plant what goes into the pots, if it is known
     */
    public static List<Task> of(final BatchPlan plan, final Optional<Plant> plant) {
        final List<Task> tasks = new ArrayList<>(protection(plan));
        final Map<Material, BatchPlan.Line> lines = new LinkedHashMap<>();
        plan.materials().forEach(line -> lines.putIfAbsent(line.material(), line));
        lines.values().forEach(line -> tasks.addAll(of(line)));
        tasks.addAll(beforeFilling(plan, plant));
        return List.copyOf(tasks);
    }

    /** What cannot be put in place any more once the pots are full. */
    private static List<Task> beforeFilling(final BatchPlan plan, final Optional<Plant> plant) {
        final List<Task> tasks = new ArrayList<>();
        final double kgPerLitre = plan.moistKg() / plan.litresToMake();
        plan.fills().stream()
                .mapToDouble(fill -> fill.litresEach() * kgPerLitre
                        + fill.pot().emptyKg()
                        + fill.pot().layerKg())
                .filter(kg -> kg > HEAVY_KG)
                .max()
                .ifPresent(kg ->
                        tasks.add(task("wheels", BatchSentence.WHEELS.with(Quantity.of(Dimension.MASS, kg, 0)))));
        final Set<PotBase> bases = EnumSet.noneOf(PotBase.class);
        plan.fills().forEach(fill -> bases.add(fill.pot().base()));
        if (bases.contains(PotBase.NO_HOLES)) {
            final double lowest = plan.fills().stream()
                    .map(Fill::pot)
                    .filter(pot -> pot.base() == PotBase.NO_HOLES)
                    .mapToDouble(Pot::baseCm)
                    .min()
                    .orElse(0);
            if (lowest > 0) {
                tasks.add(task(
                        "overflow", BatchSentence.OVERFLOW_HOLE.with(Quantity.trimmed(Dimension.LENGTH, lowest, 1))));
            }
            tasks.add(task("channel", BatchSentence.WATER_CHANNEL.with()));
        }
        if (bases.contains(PotBase.WICK)) {
            tasks.add(task("wick", BatchSentence.WICK_IN.with()));
        }
        if (bases.stream().anyMatch(base -> base != PotBase.NO_HOLES && base != PotBase.WICK)) {
            tasks.add(task("holes", BatchSentence.HOLES_OPEN.with()));
        }
        plant.filter(each ->
                        CLIMBERS.contains(each.group().id()) || each.kind().id().equals(CLIMBING_KIND))
                .ifPresent(each -> tasks.add(task("pole", BatchSentence.POLE_IN.with(each))));
        return tasks;
    }

    private static Task task(final String key, final Message says) {
        return new Task(key, says, Optional.empty(), List.of());
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

    /** What to do about the hazards of a recipe, its doses too, before and whenever the mix is handled; what only pets must not eat is not among them. */
    public static List<Message> guarding(final Recipe recipe) {
        final Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        recipe.parts().forEach(part -> hazards.addAll(part.material().hazards()));
        recipe.doses().forEach(dose -> hazards.addAll(dose.amendment().hazards()));
        return hazards.stream()
                .filter(hazard -> hazard != Hazard.PETS)
                .map(hazard -> guard(hazard).with())
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
        Sieving.of(material)
                .ifPresent(sieving -> tasks.add(new Task(
                        SIEVE + material.id(),
                        BatchSentence.SIEVE.with(
                                material,
                                Quantity.trimmed(Dimension.GRAIN, sieving.meshMm(), 0),
                                Quantity.of(Dimension.SHARE, sieving.lost(), 0),
                                Quantity.trimmed(Dimension.VOLUME, sieving.fromBag(line.litres()), 2)),
                        Optional.of(material),
                        List.of())));
        if (material.is(Nature.RICH) && material.is(Nature.FRESH)) {
            tasks.add(new Task(
                    "rest-" + material.id(),
                    BatchSentence.LET_HOT_COMPOST_REST.with(material),
                    Optional.of(material),
                    List.of()));
        }
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
