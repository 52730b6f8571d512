package looseknit.core.outlook;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;
import looseknit.core.blend.Mix;
import looseknit.core.dry.Reservoir;
import looseknit.core.dry.TopDressing;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.core.planting.SetUp;
import looseknit.core.planting.SetUp.Pole;
import looseknit.core.pot.Column;
import looseknit.core.pot.Layer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotSentence;
import looseknit.core.pot.Stability;
import looseknit.core.pot.Stability.Load;
import looseknit.core.pot.Stack;
import looseknit.core.reading.PottedMix;

/** What fills a pot that is set up in some way: its layers with their water, their mass and what they cost. */
final class PotFilling {

    /** Stones lie so that two fifths between them stay open; common practice for washed gravel, from memory. */
    static final double BETWEEN_STONES = 0.4;

    private static final double STONE_KG_PER_L = 1.55;

    /** Air-dry softwood and cane, roughly; from memory. */
    private static final double WOOD_KG_PER_L = 0.55;

    private static final double PEAT_MOSS_KG_PER_L = 0.05;

    /** One layer as it stands. */
    record Part(Stack.Level level, double fromCm, double toCm, double litres, double water, double usableL) {

        double porosity() {
            return level.mix().totalPorosity();
        }

        double kg(final double waterContent) {
            return litres * (level.mix().bulkDensityGPerL() / 1000 + waterContent);
        }
    }

    private final PottedMix potted;
    private final Pot pot;
    private final SetUp setUp;
    private final List<Part> parts;

    PotFilling(final PottedMix potted, final SetUp setUp) {
        this.potted = potted;
        this.pot = potted.brief().pot().orElseThrow();
        this.setUp = setUp.checkedIn(pot);
        this.parts = parts();
    }

    private List<Part> parts() {
        final List<Layer> layers = Stream.concat(
                        setUp.beds().stream().map(bed -> new Layer(Mix.of(bed.recipe()), bed.depthCm())),
                        Stream.of(new Layer(potted.mix(), 1)))
                .toList();
        final List<Stack.Level> levels = Stack.in(pot, layers).levels();
        final List<Part> result = new ArrayList<>();
        for (int i = 0; i < levels.size(); i++) {
            final Stack.Level level = levels.get(i);
            final double to = level.fromCm() + level.column().heightCm();
            final double litres = Math.max(0.001, level.litres() - setUp.takenLitres(level.fromCm(), to));
            result.add(i == levels.size() - 1 ? own(level, to, litres) : other(level, to, litres));
        }
        return List.copyOf(result);
    }

    private static Part other(final Stack.Level level, final double to, final double litres) {
        final Mix mix = level.mix();
        final double water = level.water();
        return new Part(
                level,
                level.fromCm(),
                to,
                litres,
                water,
                Reservoir.usableLitres(
                        Reservoir.TOP_WATERED * water,
                        Reservoir.beyondReach(mix.waterAt(50), mix.waterAt(100)),
                        litres));
    }

    /** The mix itself, with what tests have shown of it: against the pot without set-up it holds what its place in the stack adds. */
    private Part own(final Stack.Level level, final double to, final double litres) {
        final double more = level.column().equals(potted.column())
                ? 0
                : level.water() - potted.column().containerCapacity(potted.mix());
        final double plain = potted.reservoir().orElseThrow().fromTopL() / pot.mixLitres();
        return new Part(
                level,
                level.fromCm(),
                to,
                litres,
                Math.min(potted.mix().totalPorosity(), potted.water() + more),
                Math.max(1e-4, (plain + Reservoir.TOP_WATERED * more) * litres));
    }

    Pot pot() {
        return pot;
    }

    SetUp setUp() {
        return setUp;
    }

    List<Part> all() {
        return parts;
    }

    /** The mix on top. */
    Part own() {
        return parts.get(parts.size() - 1);
    }

    double litres() {
        return parts.stream().mapToDouble(Part::litres).sum();
    }

    double usableLitres() {
        return parts.stream().mapToDouble(Part::usableL).sum();
    }

    double water() {
        return parts.stream().mapToDouble(each -> each.litres() * each.water()).sum() / litres();
    }

    double air() {
        return parts.stream()
                        .mapToDouble(each -> each.litres() * Math.max(0, each.porosity() - each.water()))
                        .sum()
                / litres();
    }

    /** Mass of the pot with all that is in it but the plant, just watered [kg]. */
    double wateredKg() {
        return loads(1).stream().mapToDouble(Load::kg).sum();
    }

    /** What stands on the foot with so much of its usable water left, 0 to 1, without the plant. */
    List<Load> loads(final double left) {
        final List<Load> loads = new ArrayList<>();
        for (final Part part : parts) {
            final double kg = part.equals(own())
                    ? part.litres() * (potted.densityGPerL() / 1000 + part.water())
                    : part.kg(part.water());
            loads.add(new Load(
                    PotSentence.LOAD_MIX.with(),
                    Math.max(0, kg - (1 - left) * part.usableL()),
                    centre(part.fromCm(), part.toCm())));
        }
        loads.add(new Load(PotSentence.LOAD_POT.with(), pot.emptyKg(), pot.heightCm() / 2));
        pot.layer()
                .ifPresent(layer ->
                        loads.add(new Load(PotSentence.LOAD_LAYER.with(), pot.layerKg(), centre(0, layer.depthCm()))));
        if (setUp.channelCm() > 0) {
            loads.add(new Load(
                    OutlookSentence.LOAD_CHANNEL.with(),
                    setUp.channelLitres(pot) * STONE_KG_PER_L,
                    0.5 * (pot.layerCm() + pot.fillCm())));
        }
        setUp.pole()
                .ifPresent(pole -> loads.add(new Load(
                        OutlookSentence.LOAD_POLE.with(), poleKg(pole), setUp.underMixCm(pot) + pole.heightCm() / 2)));
        if (setUp.onTop() != TopDressing.NONE) {
            loads.add(new Load(
                    PotSentence.LOAD_DRESSING.with(),
                    setUp.dressing().kg(pot.surfaceM2())
                            * setUp.dressingCm()
                            / setUp.dressing().depthCm(),
                    pot.fillCm() + setUp.dressingCm() / 2));
        }
        return loads;
    }

    private double poleKg(final Pole pole) {
        final double litres = Math.PI / 4 * pole.widthCm() * pole.widthCm() * pole.heightCm() / 1000;
        final double above = Math.max(0, pole.heightCm() - (pot.fillCm() - setUp.underMixCm(pot)));
        return switch (pole.kind()) {
            case STAKE -> litres * WOOD_KG_PER_L;
            case FILLED ->
                litres * above / pole.heightCm() * (potted.densityGPerL() / 1000 + 0.5 * potted.water())
                        + litres * PEAT_MOSS_KG_PER_L;
            case TRELLIS -> 2 * WOOD_KG_PER_L * pole.heightCm() * Math.PI / 4 / 1000;
        };
    }

    private double centre(final double from, final double to) {
        return from + Stability.centreCm(pot.widthAtCm(from), pot.widthAtCm(to), to - from);
    }

    /** How water stands in a layer: suction at a height above its foot [vol/vol]. */
    static double waterAt(final Part part, final double aboveFootCm) {
        final Column column = part.level().column();
        return aboveFootCm < column.freeWaterCm()
                ? part.level().mix().waterPorosity()
                : part.level().mix().waterAt(aboveFootCm - column.freeWaterCm() + column.addedSuctionCm());
    }

    /**
     * What all that goes into the pot costs, if every price is known.
     *
     * @param perLitre price of a litre of a material, as scooped
     */
    OptionalDouble cost(final Function<Material, OptionalDouble> perLitre) {
        final List<OptionalDouble> costs = new ArrayList<>();
        setUp.beds()
                .forEach(bed -> costs.add(of(
                        Mix.of(bed.recipe()),
                        parts.get(setUp.beds().indexOf(bed)).litres(),
                        perLitre)));
        costs.add(of(potted.mix(), setUp.mixLitres(pot), perLitre));
        pot.layer().ifPresent(layer -> costs.add(times(perLitre.apply(layer.material()), pot.layerLitres())));
        return costs.stream().allMatch(OptionalDouble::isPresent)
                ? OptionalDouble.of(
                        costs.stream().mapToDouble(OptionalDouble::getAsDouble).sum())
                : OptionalDouble.empty();
    }

    private static OptionalDouble of(
            final Mix mix, final double litres, final Function<Material, OptionalDouble> perLitre) {
        double sum = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            if (mix.litresPerLitre(i) > 0) {
                final OptionalDouble price = perLitre.apply(mix.materials().get(i));
                if (price.isEmpty()) {
                    return OptionalDouble.empty();
                }
                sum += mix.litresPerLitre(i) * price.getAsDouble();
            }
        }
        return OptionalDouble.of(sum * litres);
    }

    private static OptionalDouble times(final OptionalDouble price, final double litres) {
        return price.isPresent() ? OptionalDouble.of(price.getAsDouble() * litres) : price;
    }

    /** Name of a layer, from below; the last is the mix. */
    Message name(final int part) {
        return part < setUp.beds().size() ? setUp.beds().get(part).name() : OutlookSentence.THE_MIX.with();
    }
}
