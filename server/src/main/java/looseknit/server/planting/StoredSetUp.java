package looseknit.server.planting;

import java.util.List;
import looseknit.core.dry.TopDressing;
import looseknit.core.planting.FeedPlace;
import looseknit.core.planting.HoleCover;
import looseknit.core.planting.Placing;
import looseknit.core.planting.PotForm;
import looseknit.core.planting.SetUp;
import looseknit.server.reading.StoredRecipe;
import org.jspecify.annotations.Nullable;

/** A set-up as it is stored. */
record StoredSetUp(
        PotForm form,
        boolean saucer,
        int holes,
        double holeMm,
        HoleCover cover,
        List<StoredBed> beds,
        @Nullable StoredBall ball,
        @Nullable StoredPole pole,
        double channelCm,
        TopDressing dressing,
        double dressingCm,
        FeedPlace feed,
        double feedGrams,
        @Nullable StoredPlaces places) {

    /** A layer as it is stored. */
    record StoredBed(String name, StoredRecipe recipe, double depthCm) {}

    /** A root ball as it is stored. */
    record StoredBall(double widthCm, double heightCm, double aboveCm) {}

    /** A pole as it is stored. */
    record StoredPole(SetUp.PoleKind kind, double widthCm, double heightCm) {}

    /** Places as they are stored. */
    record StoredPlaces(
            Placing.Spacing spacing,
            double ownCm,
            double wallCm,
            Placing.Pattern pattern,
            Placing.Facing facing,
            boolean byHand,
            List<StoredSpot> spots) {

        static StoredPlaces of(final SetUpBody.PlacesBody body) {
            return new StoredPlaces(
                    body.spacing(),
                    body.ownCm(),
                    body.wallCm(),
                    body.pattern(),
                    body.facing(),
                    body.byHand(),
                    body.spots().stream()
                            .map(spot -> new StoredSpot(spot.x(), spot.y(), spot.facingDeg()))
                            .toList());
        }

        SetUpBody.PlacesBody body() {
            return new SetUpBody.PlacesBody(
                    spacing,
                    ownCm,
                    wallCm,
                    pattern,
                    facing,
                    byHand,
                    spots.stream()
                            .map(spot -> new SetUpBody.SpotBody(spot.x(), spot.y(), spot.facingDeg()))
                            .toList());
        }
    }

    /** A place as it is stored. */
    record StoredSpot(double x, double y, double facingDeg) {}

    static StoredSetUp of(final SetUpBody body) {
        return new StoredSetUp(
                body.form(),
                body.saucer(),
                body.holes(),
                body.holeMm(),
                body.cover(),
                body.beds().stream()
                        .map(bed -> new StoredBed(bed.name(), StoredRecipe.of(bed.recipe()), bed.depthCm()))
                        .toList(),
                body.ball() == null
                        ? null
                        : new StoredBall(
                                body.ball().widthCm(),
                                body.ball().heightCm(),
                                body.ball().aboveCm()),
                body.pole() == null
                        ? null
                        : new StoredPole(
                                body.pole().kind(),
                                body.pole().widthCm(),
                                body.pole().heightCm()),
                body.channelCm(),
                body.dressing(),
                body.dressingCm(),
                body.feed(),
                body.feedGrams(),
                body.places() == null ? null : StoredPlaces.of(body.places()));
    }

    SetUpBody body() {
        return new SetUpBody(
                form,
                saucer,
                holes,
                holeMm,
                cover,
                beds.stream()
                        .map(bed ->
                                new SetUpBody.BedBody(bed.name(), bed.recipe().body(), bed.depthCm()))
                        .toList(),
                ball == null ? null : new SetUpBody.BallBody(ball.widthCm(), ball.heightCm(), ball.aboveCm()),
                pole == null ? null : new SetUpBody.PoleBody(pole.kind(), pole.widthCm(), pole.heightCm()),
                channelCm,
                dressing,
                dressingCm,
                feed,
                feedGrams,
                places == null ? null : places.body());
    }
}
