package looseknit.server.pot;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.planting.SetUpKind;
import looseknit.server.frame.Books;
import looseknit.server.need.BriefBody;
import looseknit.server.planting.SetUpBody;
import org.jspecify.annotations.Nullable;

/**
 * A potting as it travels.
 *
 * @param expectedDays days from a watering until the plant wants water, as they are to be expected
 * @param expectedDryDays days until its mix is as dry as it should be by then; less where the plant stores water and is left dry for a while
 */
public record PottingBody(
        UUID id,
        long revision,
        String label,
        BriefBody brief,
        String plantName,
        @Nullable String groupId,
        @Nullable String kindId,
        UUID batchId,
        String lot,
        UUID blendId,
        int versionNumber,
        String blendName,
        LocalDate pottedOn,
        double predictedDays,
        double predictedLowDays,
        double predictedHighDays,
        LocalDate lastWateredOn,
        LocalDate nextLookOn,
        Message nextLookBecause,
        @Nullable Message lookHint,
        SetUpKind setUpKind,
        @Nullable SetUpBody setUp,
        Potting.State state,
        @Nullable UUID motherId,
        Potting.@Nullable Origin origin,
        Message pace,
        double expectedDays,
        double expectedDryDays,
        @Nullable Double wantsKg,
        @Nullable Message leafSign) {

    /** A potting as it travels. */
    static PottingBody of(final PottingOfBatch origin, final Books books) {
        final Potting potting = origin.potting();
        final Optional<Plant> plant = Optional.ofNullable(potting.brief().plantId())
                .flatMap(id -> books.plants().plant(id));
        return new PottingBody(
                potting.id(),
                potting.revision(),
                potting.label(),
                potting.brief(),
                plant.map(Plant::name).orElse("unknown plant"),
                plant.map(each -> each.group().id()).orElse(null),
                plant.map(each -> each.kind().id()).orElse(null),
                potting.batchId(),
                origin.lot(),
                origin.blendId(),
                origin.versionNumber(),
                origin.blendName(),
                potting.pottedOn(),
                potting.predictedDays().value(),
                Math.max(0, potting.predictedDays().low80()),
                potting.predictedDays().high80(),
                potting.lastWateredOn(),
                potting.nextLookOn(),
                potting.nextLookReason()
                        .words(
                                potting.expectedDays(),
                                plant.map(each -> each.needs().trigger()).orElse(AllowableDepletion.DRY)),
                plant.map(each -> each.needs().trigger().because()).orElse(null),
                potting.setUpKind(),
                potting.setUp(),
                potting.state(),
                potting.motherId(),
                potting.origin(),
                potting.pace().words(),
                potting.expectedDays().value(),
                potting.expectedDryDays(),
                potting.wantsKg(),
                plant.map(each -> each.growing().thirst())
                        .filter(each -> !each.isEmpty())
                        .map(TableText::message)
                        .orElse(null));
    }
}
