package looseknit.server.planting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.TopDressing;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.message.Wording;
import looseknit.core.planting.FeedPlace;
import looseknit.core.planting.HoleCover;
import looseknit.core.planting.Placing;
import looseknit.core.planting.Placing.Facing;
import looseknit.core.planting.Placing.Pattern;
import looseknit.core.planting.Placing.Spacing;
import looseknit.core.planting.PotForm;
import looseknit.core.planting.SetUp;
import looseknit.core.planting.SetUp.PoleKind;
import looseknit.server.frame.Books;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/** What is in and around a pot besides its mix, as it travels; lengths in centimetres, holes in millimetres. */
public record SetUpBody(
        @NotNull PotForm form,
        boolean saucer,
        int holes,
        double holeMm,
        @NotNull HoleCover cover,
        @NotNull @Size(max = 4) List<@Valid @NotNull BedBody> beds,
        @Valid @Nullable BallBody ball,
        @Valid @Nullable PoleBody pole,
        double channelCm,
        @NotNull TopDressing dressing,
        double dressingCm,
        @NotNull FeedPlace feed,
        double feedGrams,
        @Valid @Nullable PlacesBody places) {

    /** A layer under the mix, from below. */
    public record BedBody(
            @NotNull @Size(min = 1, max = 120) String name,
            @NotNull @Valid RecipeBody recipe,
            double depthCm) {}

    /** The root ball; its top so far above the surface. */
    public record BallBody(double widthCm, double heightCm, double aboveCm) {

        /** The ball as the core understands it. */
        public SetUp.RootBall toCore() {
            return new SetUp.RootBall(widthCm, heightCm, aboveCm);
        }

        /** A ball of the core as it travels. */
        public static BallBody of(final SetUp.RootBall ball) {
            return new BallBody(ball.widthCm(), ball.heightCm(), ball.aboveCm());
        }
    }

    /**
     * Where several plants or bulbs stand, seen from above.
     *
     * @param ownCm how wide each is [cm]
     * @param wallCm room that is kept to the wall [cm]
     * @param byHand whether they were moved by hand since they were laid
     */
    public record PlacesBody(
            @NotNull Spacing spacing,
            double ownCm,
            double wallCm,
            @NotNull Pattern pattern,
            @NotNull Facing facing,
            boolean byHand,
            @NotNull @Size(max = Placing.MOST) List<@NotNull SpotBody> spots) {}

    /** A place from the middle of the mouth [cm], and where a tip or bud looks [°]. */
    public record SpotBody(double x, double y, double facingDeg) {

        /** A place of the core as it travels. */
        public static SpotBody of(final Placing.Spot spot) {
            return new SpotBody(spot.x(), spot.y(), spot.facingDeg());
        }

        /** The place as the core understands it. */
        public Placing.Spot toCore() {
            return new Placing.Spot(x, y, facingDeg);
        }
    }

    /** What it climbs on. */
    public record PoleBody(@NotNull PoleKind kind, double widthCm, double heightCm) {

        /** A pole of the core as it travels. */
        public static PoleBody of(final SetUp.Pole pole) {
            return new PoleBody(pole.kind(), pole.widthCm(), pole.heightCm());
        }
    }

    /** A set-up of the core as it travels; its layers named in the words of whoever asks. */
    public static SetUpBody of(final SetUp setUp, final Wording wording) {
        return new SetUpBody(
                setUp.form(),
                setUp.saucer(),
                setUp.holes().count(),
                setUp.holes().mm(),
                setUp.cover(),
                setUp.beds().stream()
                        .map(bed ->
                                new BedBody(wording.of(bed.name()), RecipeBody.of(bed.recipe(), null), bed.depthCm()))
                        .toList(),
                setUp.ball().map(BallBody::of).orElse(null),
                setUp.pole().map(PoleBody::of).orElse(null),
                setUp.channelCm(),
                setUp.dressing(),
                setUp.dressingCm(),
                setUp.feed(),
                setUp.feedGrams(),
                null);
    }

    /**
     * The set-up as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public SetUp toCore(final Books books) {
        return new SetUp(
                form,
                saucer,
                new SetUp.Holes(holes, holeMm),
                cover,
                beds.stream()
                        .map(bed -> new SetUp.Bed(name(bed), recipe(bed, books), bed.depthCm()))
                        .toList(),
                Optional.ofNullable(ball).map(BallBody::toCore),
                Optional.ofNullable(pole).map(each -> new SetUp.Pole(each.kind(), each.widthCm(), each.heightCm())),
                channelCm,
                dressing,
                dressingCm,
                feed,
                feedGrams);
    }

    private static Message name(final BedBody bed) {
        return TableText.said(bed.name());
    }

    private static Recipe recipe(final BedBody bed, final Books books) {
        return bed.recipe().toCore(books);
    }
}
