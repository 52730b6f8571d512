package looseknit.core.pot;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;

/**
 * Several mixes above one another in a pot. Where a layer is coarse enough below a finer one it breaks the capillary pull: the upper
 * mix then drains to the seam, not to the bottom of the pot, and holds a wet zone of its own above it. Otherwise the water hangs in
 * one profile.
 *
 * <p>Not compared with measured pots; the suction at a break is by judgement.
 *
 * @param levels the layers as they stand, from below
 */
public record Stack(List<Level> levels) {

    /** Most layers in one pot. */
    public static final int MOST_LAYERS = 5;

    private static final double LEAST_DEPTH_CM = 0.5;

    /**
     * A layer as it stands.
     *
     * @param mix the mix
     * @param fromCm height of its foot above the inside bottom of the pot [cm]
     * @param litres volume [L]
     * @param column how water stands in it
     * @param overBreak whether the layer below breaks its capillary pull
     */
    public record Level(Mix mix, double fromCm, double litres, Column column, boolean overBreak) {

        /** Water after soaking and draining [vol/vol]. */
        public double water() {
            return column.containerCapacity(mix);
        }

        /** Air after draining [vol/vol]. */
        public double air() {
            return mix.totalPorosity() - water();
        }

        /** Height of the wet zone at its foot [cm]. */
        public double wetZoneCm() {
            return column.wetZoneCm(mix);
        }
    }

    /**
     * Fills a pot in layers.
     *
     * @param pot the pot; its drainage layer, if any, lies below all
     * @param fromBelow the layers from below; the depth of the topmost is not used
     * @throws OutOfRangeException if there are none or too many, or the lower ones leave no room
     */
    public static Stack in(final Pot pot, final List<Layer> fromBelow) {
        if (fromBelow.isEmpty() || fromBelow.size() > MOST_LAYERS) {
            throw new OutOfRangeException("layers", fromBelow.size(), PotSentence.LAYERS.with(MOST_LAYERS));
        }
        final List<Level> levels = new ArrayList<>();
        double from = pot.layerCm();
        final double fill = pot.fillCm();
        for (int i = 0; i < fromBelow.size(); i++) {
            final Layer layer = fromBelow.get(i);
            final boolean topmost = i == fromBelow.size() - 1;
            final double to = topmost ? fill : from + layer.depthCm();
            if (to - from < LEAST_DEPTH_CM || to > fill) {
                throw new OutOfRangeException(
                        "layers",
                        PotSentence.DEEP_BELOW_THE_TOPMOST.with(Quantity.of(Dimension.LENGTH, from - pot.layerCm(), 1)),
                        PotSentence.TOPMOST_HAS_ROOM.with(
                                Quantity.of(Dimension.LENGTH, pot.mixHeightCm() - LEAST_DEPTH_CM, 1)));
            }
            levels.add(level(pot, layer.mix(), from, to, levels));
            from = to;
        }
        return new Stack(List.copyOf(levels));
    }

    private static Level level(
            final Pot pot, final Mix mix, final double from, final double to, final List<Level> below) {
        final double taper = pot.widthAtCm(from) / pot.widthAtCm(to);
        final double litres = pot.litresBetween(from, to);
        if (below.isEmpty()) {
            final Column whole = Column.in(pot, mix);
            final boolean overBreak =
                    pot.layer().filter(layer -> Column.breaksPull(layer, mix)).isPresent();
            return new Level(
                    mix,
                    from,
                    litres,
                    new Column(to - from, taper, whole.addedSuctionCm(), Math.min(to - from, whole.freeWaterCm())),
                    overBreak);
        }
        final double freeWater = pot.base() == PotBase.NO_HOLES ? Math.max(0, Math.min(to, pot.baseCm()) - from) : 0;
        final Level next = below.get(below.size() - 1);
        final double grain = next.mix().medianGrainMm();
        final boolean overBreak = freeWater == 0 && Column.breaksPull(grain, mix.medianGrainMm());
        final Column under = next.column();
        final double hanging = under.heightCm() - under.freeWaterCm() + under.addedSuctionCm();
        final double suction = freeWater > 0 ? 0 : overBreak ? Column.breakSuction(hanging, grain) : hanging;
        return new Level(mix, from, litres, new Column(to - from, taper, suction, freeWater), overBreak);
    }

    /** Volume of all layers [L]. */
    public double litres() {
        return levels.stream().mapToDouble(Level::litres).sum();
    }

    /** Water over all layers after soaking and draining [vol/vol]. */
    public double water() {
        return levels.stream()
                        .mapToDouble(level -> level.litres() * level.water())
                        .sum()
                / litres();
    }

    /** Air over all layers after draining [vol/vol]. */
    public double air() {
        return levels.stream()
                        .mapToDouble(level -> level.litres() * level.air())
                        .sum()
                / litres();
    }

    /** Mass of all layers just soaked and drained [kg]. */
    public double wetKg() {
        return levels.stream()
                .mapToDouble(level -> level.litres() * (level.mix().bulkDensityGPerL() / 1000 + level.water()))
                .sum();
    }
}
