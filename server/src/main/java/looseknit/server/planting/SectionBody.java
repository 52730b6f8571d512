package looseknit.server.planting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.dry.ClosedGlass;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.planting.Seam;
import looseknit.core.planting.SetUp;
import looseknit.core.planting.TemplateSentence;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.pot.Stability;
import looseknit.core.reading.PottedMix;
import org.jspecify.annotations.Nullable;

/**
 * A pot cut open as it stands; heights above the inside bottom, shares of the volume.
 *
 * @param settledCm height to which it will have sunk after a year [cm]
 * @param underMixCm height at which the mix begins [cm]
 * @param layerName what the drainage layer is of; null without one
 * @param mixLitres fresh mix that it takes [L]
 * @param fillLitres what all layers take up [L]
 * @param wantsShare share of the usable water that is left when the plant wants water
 * @param wetStands how firmly it stands just watered; null where it hangs or no plant is known
 * @param dryStands the same when dry
 * @param cost what goes in costs, at the prices of the shelf; null unless every price is known
 * @param syringe how a glass without holes is watered; null for others
 * @param effects what the parts of the set-up do, in words
 * @param seams what can be moved up and down
 */
public record SectionBody(
        double fillCm,
        double settledCm,
        double underMixCm,
        @Nullable Message layerName,
        double wetFootCm,
        double mixLitres,
        double fillLitres,
        double airPercent,
        double waterPercent,
        List<SectionLevelBody> levels,
        List<PotSliceBody> slices,
        double wateredKg,
        double wantsKg,
        double dryKg,
        @Nullable PotStandsBody wetStands,
        @Nullable PotStandsBody dryStands,
        double days,
        double lowDays,
        double highDays,
        double wantsShare,
        List<PotCurveBody> curves,
        @Nullable Double cost,
        @Nullable SyringeBody syringe,
        List<Message> effects,
        List<SeamBody> seams) {

    /** A line that can be moved up and down: where it lies, how far it may go, and the depth or height that people know it by. */
    public record SeamBody(Seam.Part part, int bed, double atCm, double lowCm, double highCm, double valueCm) {
        static SeamBody of(final Seam seam) {
            return new SeamBody(seam.part(), seam.bed(), seam.atCm(), seam.lowCm(), seam.highCm(), seam.valueCm());
        }
    }

    /** A layer as it stands; shares in per cent of its volume. */
    public record SectionLevelBody(
            Message name,
            double fromCm,
            double toCm,
            double litres,
            double airPercent,
            double waterPercent,
            double wetZoneCm,
            boolean overBreak) {}

    /** A slice across the pot after draining. */
    public record PotSliceBody(double fromCm, double toCm, double water, double air) {}

    /** How it dries in a wall: share of the usable water that is left, day by day; its range only in its own wall. */
    public record PotCurveBody(PotWall wall, boolean own, List<Double> left, List<Double> early, List<Double> late) {}

    /** How firmly it stands with a grown plant: what it weighs, and the tilt at which it falls. */
    public record PotStandsBody(double kg, double tipsAtDeg, boolean firm, Message words) {
        static PotStandsBody of(final Stability stability) {
            return new PotStandsBody(
                    stability.kg(),
                    stability.tipsAtDeg(),
                    stability.firmness() == Stability.Firmness.STANDS,
                    stability.firmness().words());
        }
    }

    /** How a glass is watered: so much every so many days, and what is the most at once. */
    public record SyringeBody(double doseMl, double everyDays, double mostAtOnceMl, double stonesMl) {
        private static final double ML = 1000;

        static SyringeBody of(final ClosedGlass glass) {
            return new SyringeBody(
                    ML * glass.doseLitres(),
                    glass.everyDays(),
                    ML * glass.mostAtOnceLitres(),
                    ML * glass.stonesLitres());
        }
    }

    /**
     * A potted mix in a set-up, if plant, pot and place are named.
     *
     * @param prices price of a litre of each material, by id
     */
    public static Optional<SectionBody> of(
            final PottedMix potted, final SetUp setUp, final Map<String, Double> prices) {
        return PotPortrait.of(potted, setUp)
                .map(portrait -> of(
                        portrait,
                        potted.brief().pot().orElseThrow(),
                        setUp,
                        PotPortrait.cost(potted, setUp, material -> price(prices, material))));
    }

    private static OptionalDouble price(final Map<String, Double> prices, final Material material) {
        final Double price = prices.get(material.id());
        return price == null ? OptionalDouble.empty() : OptionalDouble.of(price);
    }

    private static SectionBody of(
            final PotPortrait portrait, final Pot pot, final SetUp setUp, final OptionalDouble cost) {
        return new SectionBody(
                portrait.fillCm(),
                portrait.settledCm(),
                setUp.underMixCm(pot),
                pot.layer()
                        .map(layer -> TemplateSentence.OF_MATERIAL.with(layer.material()))
                        .orElse(null),
                portrait.wetFootCm(),
                portrait.mixLitres(),
                portrait.levels().stream()
                        .mapToDouble(PotPortrait.Level::litres)
                        .sum(),
                100 * portrait.air(),
                100 * portrait.water(),
                portrait.levels().stream()
                        .map(level -> new SectionLevelBody(
                                level.name(),
                                level.fromCm(),
                                level.toCm(),
                                level.litres(),
                                100 * level.air(),
                                100 * level.water(),
                                level.wetZoneCm(),
                                level.overBreak()))
                        .toList(),
                portrait.slices().stream()
                        .map(each -> new PotSliceBody(each.fromCm(), each.toCm(), each.water(), each.air()))
                        .toList(),
                portrait.kg().watered(),
                portrait.kg().wants(),
                portrait.kg().dry(),
                portrait.wetStands().map(PotStandsBody::of).orElse(null),
                portrait.dryStands().map(PotStandsBody::of).orElse(null),
                portrait.days().value(),
                Math.max(0, portrait.days().low80()),
                portrait.days().high80(),
                1 - portrait.wants(),
                portrait.curves().stream()
                        .map(each -> new PotCurveBody(each.wall(), each.own(), each.left(), each.early(), each.late()))
                        .toList(),
                cost.isPresent() ? cost.getAsDouble() : null,
                portrait.syringe().map(SyringeBody::of).orElse(null),
                portrait.effects(),
                Seam.of(pot, setUp).stream().map(SeamBody::of).toList());
    }
}
