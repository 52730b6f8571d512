package looseknit.server.need;

import static looseknit.core.measure.Require.text;
import static looseknit.core.measure.Require.within;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Allowed;
import looseknit.core.measure.Band;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.message.TableText;
import looseknit.core.need.Growing;
import looseknit.core.need.Needs;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.server.frame.Given;
import org.jspecify.annotations.Nullable;

/**
 * A plant of the person's own, as it travels and is stored: a plant of the Book that it is copied from, and what differs. Null where it does
 * as that one does.
 *
 * @param likeId id of the plant that it is copied from
 */
public record OwnPlantBody(
        @NotNull @Size(min = 1, max = 80) String name,
        @Size(max = 120) @Nullable String botanical,
        @Size(max = 10) @Nullable List<@NotNull @Size(max = 80) String> otherNames,
        @NotNull @Size(max = 80) String likeId,
        @Nullable AllowableDepletion trigger,
        @Nullable Double airLowPercent,
        @Nullable Double airHighPercent,
        @Nullable Double phLow,
        @Nullable Double phHigh,
        @Nullable Double nLowMgPerL,
        @Nullable Double nHighMgPerL,
        @Nullable Double tempLowC,
        @Nullable Double tempHighC,
        Growing.@Nullable Minerals minerals,
        @Nullable Double rootDepthCm,
        @Nullable Double repotYears,
        Growing.@Nullable Repotting repotting,
        @Size(max = 300) @Nullable String poison,
        @Size(max = 500) @Nullable String note) {

    public OwnPlantBody {
        otherNames = otherNames == null || otherNames.isEmpty() ? null : List.copyOf(otherNames);
        botanical = Given.words(botanical);
        poison = Given.words(poison);
        note = Given.words(note);
    }

    /**
     * The plant as the core understands it.
     *
     * @throws OutOfRangeException if a figure is out of range or the plant to copy is not there
     */
    Plant toCore(final String id, final PlantBook book) {
        final Plant like = book.plant(likeId)
                .orElseThrow(() ->
                        new OutOfRangeException("plant.likeId", likeId, TableText.said("a plant of the Book to copy")));
        final Needs n = like.needs();
        final Growing g = like.growing();
        return new Plant(
                id,
                text("plant.name", name, 80),
                botanical == null ? like.botanical() : botanical,
                Objects.requireNonNullElse(otherNames, List.of()),
                like.kind(),
                book.family(botanical == null ? like.botanical() : botanical).or(like::family),
                Plant.Breadth.ONE,
                new Needs(
                        band("plant.air", airLowPercent, airHighPercent, n.air(), 0.01, 95, Limit.PER_CENT),
                        n.bearableAir(),
                        n.water(),
                        n.easyWater(),
                        band("plant.ph", phLow, phHigh, n.ph(), 1, 12, Limit.PH),
                        band("plant.food", nLowMgPerL, nHighMgPerL, n.nitrogen(), 1, 2000, Limit.MG_N_PER_L),
                        n.mostEcDsPerM(),
                        trigger == null ? n.trigger() : trigger,
                        n.lifeYears(),
                        n.spread(),
                        n.cropCoefficient()),
                new Growing(
                        g.lightLow(),
                        g.lightHigh(),
                        or(tempLowC, g.tempLowC()),
                        or(tempHighC, g.tempHighC()),
                        minerals == null ? g.minerals() : minerals,
                        g.texture(),
                        or(rootDepthCm, g.rootDepthCm()),
                        g.thirst(),
                        g.planting(),
                        g.rest(),
                        or(repotYears, g.repotYears()),
                        repotting == null ? g.repotting() : repotting,
                        g.kgPerPotLitre(),
                        g.heightOverWidth()),
                like.usual(),
                poison == null ? like.poison() : new TableText(poison),
                like.trade(),
                note == null ? like.note() : new TableText(note),
                "your own, after %s".formatted(like.name()));
    }

    private static Band band(
            final String field,
            final @Nullable Double low,
            final @Nullable Double high,
            final Band inherited,
            final double factor,
            final double most,
            final Limit limit) {
        final double from = low == null ? inherited.low() : factor * within(field + "Low", low, 0, most, limit);
        final double to = high == null ? inherited.high() : factor * within(field + "High", high, 0, most, limit);
        if (from > to) {
            throw new OutOfRangeException(
                    field + "High",
                    Quantity.trimmed(Dimension.NUMBER, to / factor, 2),
                    Allowed.RANGE.with(Range.accepted(from / factor, most, limit.dimension()), limit));
        }
        return new Band(from, to);
    }

    private static double or(final @Nullable Double own, final double inherited) {
        return own == null ? inherited : own;
    }
}
