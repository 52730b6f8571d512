package looseknit.server.need;

import java.util.List;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.need.Growing;
import org.jspecify.annotations.Nullable;

/**
 * What is told of an own plant, as it is stored.
 *
 * @param copyOf id of the plant that it is copied from
 */
record StoredPlantFacts(
        String name,
        @Nullable String botanical,
        @Nullable List<String> otherNames,
        String copyOf,
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
        @Nullable String poison,
        @Nullable String note) {

    static StoredPlantFacts of(final OwnPlantBody plant) {
        return new StoredPlantFacts(
                plant.name(),
                plant.botanical(),
                plant.otherNames(),
                plant.likeId(),
                plant.trigger(),
                plant.airLowPercent(),
                plant.airHighPercent(),
                plant.phLow(),
                plant.phHigh(),
                plant.nLowMgPerL(),
                plant.nHighMgPerL(),
                plant.tempLowC(),
                plant.tempHighC(),
                plant.minerals(),
                plant.rootDepthCm(),
                plant.repotYears(),
                plant.repotting(),
                plant.poison(),
                plant.note());
    }

    OwnPlantBody body() {
        return new OwnPlantBody(
                name,
                botanical,
                otherNames,
                copyOf,
                trigger,
                airLowPercent,
                airHighPercent,
                phLow,
                phHigh,
                nLowMgPerL,
                nHighMgPerL,
                tempLowC,
                tempHighC,
                minerals,
                rootDepthCm,
                repotYears,
                repotting,
                poison,
                note);
    }
}
