package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Packing;
import looseknit.core.dry.Reservoir;
import looseknit.core.need.Property;
import looseknit.core.pot.PotTable;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** How air, water held and easily used water were worked out. */
final class PoreWorkings {

    private final Ledger ledger;
    private final Figures figures;
    private final Mix mix;

    PoreWorkings(final Ledger ledger) {
        this.ledger = ledger;
        this.figures = ledger.figures();
        this.mix = ledger.mix();
    }

    Explanation air() {
        final PotTable table = figures.table();
        return new Explanation(
                "Air after draining = all pores − water held in this pot. Coarse pores empty first; the foot of the pot stays wet.",
                "container capacity after Fonteno (1989), packing after de Larrard (1999), from memory",
                List.of(heightOfMix(), new Figure("Volume lost by mixing", 100 * mix.shrinkage(), "%", 1, form())),
                ledger.corrected(
                        LotTrait.AIR,
                        100,
                        "%",
                        Ledger.share("All pores", figures.porosity()),
                        Ledger.share("Water held in this pot", ledger.now(Property.WATER)),
                        new Figure(
                                "Wet zone at the foot", figures.column().wetZoneCm(mix), "cm", 1, Ledger.WORKED_OUT)),
                parts(
                        i -> ledger.material(i).physics().totalPorosity() - table.pureCapacity(i),
                        "lost where grains fill gaps",
                        ledger.now(Property.AIR),
                        figures.correction(LotTrait.AIR)),
                "%",
                ledger.causes(Property.AIR));
    }

    Explanation water() {
        final PotTable table = figures.table();
        return new Explanation(
                "Water held = each material's retention curve at every height of the pot, averaged over the pot's shape.",
                "van Genuchten (1980), Fonteno (1989), from memory",
                List.of(heightOfMix()),
                List.of(
                        Ledger.share("Water at 10 cm suction", mix.waterAt(10)),
                        Ledger.share("Water at 50 cm suction", mix.waterAt(50)),
                        Ledger.share("Water at 100 cm suction", mix.waterAt(100)),
                        Ledger.share(
                                "Held when watered from the top", Reservoir.TOP_WATERED * ledger.now(Property.WATER))),
                parts(
                        table::pureCapacity,
                        "no room where grains fill gaps",
                        ledger.now(Property.WATER),
                        figures.correction(LotTrait.POROSITY) - figures.correction(LotTrait.AIR)),
                "%",
                ledger.causes(Property.WATER));
    }

    Explanation easyWater() {
        return new Explanation(
                "Easily used water = water at 10 cm suction − water at 50 cm: what roots draw without effort.",
                "De Boodt and Verdonck (1972), from memory",
                List.of(
                        Ledger.share("Water at 10 cm suction", mix.waterAt(10)),
                        Ledger.share("Water at 50 cm suction", mix.waterAt(50))),
                List.of(Ledger.share("Held in reserve, 50 to 100 cm", mix.waterBufferingCapacity())),
                parts(
                        i -> ledger.material(i).retention().at(10)
                                - ledger.material(i).retention().at(50),
                        "capped by the pores there are",
                        ledger.now(Property.EASY_WATER),
                        0),
                "%",
                ledger.causes(Property.EASY_WATER));
    }

    private String form() {
        return mix.ingredients().form() == Packing.Form.CLASSES
                ? "packed by size classes, as grains differ widely"
                : "packed by whole materials";
    }

    private Figure heightOfMix() {
        return new Figure(
                "Height of the mix",
                figures.column().heightCm(),
                "cm",
                1,
                figures.brief().pot().isPresent() ? Ledger.POT : "a test column; no pot is named");
    }

    /** What each material brings, in per cent of volume, with how far it pulls the whole from where it would be without it. */
    private List<Contribution> parts(
            final IntToDoubleFunction own, final String rest, final double total, final double corrected) {
        final List<Contribution> result = new ArrayList<>();
        final double all = mix.sum(material -> 1);
        double sum = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            sum += mix.litresPerLitre(i) * own.applyAsDouble(i);
        }
        for (int i = 0; i < mix.materials().size(); i++) {
            final double pull = mix.litresPerLitre(i) / all * (own.applyAsDouble(i) - sum / all);
            result.add(new Contribution(
                    ledger.material(i).name(),
                    100 * mix.litresPerLitre(i) * own.applyAsDouble(i),
                    OptionalDouble.of(100 * pull)));
        }
        result.add(Contribution.of(rest, 100 * (total - corrected - sum)));
        if (corrected != 0) {
            result.add(Contribution.of("corrected by tests", 100 * corrected));
        }
        return result;
    }
}
