package looseknit.server.batch;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.batch.Heap;
import looseknit.core.batch.MixSheet;
import looseknit.core.batch.MixTurn;
import looseknit.core.batch.Preparation;
import looseknit.core.batch.Tap;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.message.Message;
import looseknit.core.need.Plant;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/**
 * A batch as it is mixed.
 *
 * @param taps how many taps it has had
 * @param next place of the step that is next; null when all is in
 * @param mostOffPercent how far rounding to quarters moves the share of any material [%]
 * @param betterScoopLitres a scoop with which it moves less [L]; null where this one does
 * @param made what the heap is by now; null as long as nothing is in
 * @param sheet what the heap would be if all went in as the sheet says
 * @param differs whether the heap is another mix than the sheet's
 * @param back what on top brings it back to the recipe
 * @param lastTapId the tap that is taken back first; null if there is none
 */
record MixingBody(
        UUID id,
        long revision,
        String lot,
        String blendName,
        int versionNumber,
        UUID blendId,
        long taps,
        int loads,
        double scoopLitres,
        double tubLitres,
        List<MixStepBody> steps,
        @Nullable Integer next,
        boolean stopped,
        double mostOffPercent,
        @Nullable Double betterScoopLitres,
        double madeLitres,
        @Nullable RecipeBody made,
        RecipeBody sheet,
        boolean differs,
        List<MixBackBody> back,
        @Nullable UUID lastTapId,
        List<PrepareTaskBody> tasks) {

    /**
     * A step of the sheet.
     *
     * @param scoops scoops that it takes; 0 for what is weighed
     * @param grams grams that it takes; 0 for what is scooped
     * @param done scoops that are in
     * @param over whether it has all it takes, or gets no more
     */
    record MixStepBody(
            int load,
            MixTurn turn,
            Message because,
            String thingId,
            String name,
            boolean weighed,
            double scoops,
            double grams,
            double done,
            boolean over) {

        static MixStepBody of(final MixSheet.Step step, final Heap heap) {
            return new MixStepBody(
                    step.load(),
                    step.turn(),
                    step.turn().because(),
                    step.thingId(),
                    step.name(),
                    step.amendment().isPresent(),
                    step.scoops(),
                    step.grams(),
                    heap.done(step),
                    heap.over(step));
        }
    }

    /**
     * What on top brings a load back to the recipe.
     *
     * @param scoops scoops of a material; 0 for what is weighed
     * @param grams grams of an amendment [g]; 0 for what is scooped
     */
    record MixBackBody(int load, String thingId, String name, double scoops, double grams) {}

    /**
     * A thing to do first.
     *
     * @param minutes how long to wait after it is begun, the shortest first
     * @param tickedBy the tap that ticked it off; null if it is not done
     * @param begunAt when its wait began; null if it has not
     * @param begunMinutes how long that wait is
     */
    record PrepareTaskBody(
            String key,
            Message says,
            @Nullable String materialId,
            List<Integer> minutes,
            @Nullable UUID tickedBy,
            @Nullable Instant begunAt,
            @Nullable Double begunMinutes) {}

    static MixingBody of(
            final Mixing.State state, final String blendName, final MaterialBook book, final Optional<Plant> plant) {
        final MixSheet sheet = state.sheet();
        final Heap heap = state.heap();
        final Optional<Recipe> made = heap.recipe(book);
        return new MixingBody(
                state.batch().id(),
                state.batch().revision(),
                state.batch().lot(),
                blendName,
                state.batch().versionNumber(),
                state.batch().blendId(),
                state.taps().size(),
                sheet.loads(),
                sheet.scoopLitres(),
                state.batch().tubLitres(),
                sheet.steps().stream().map(step -> MixStepBody.of(step, heap)).toList(),
                heap.next().map(sheet.steps()::indexOf).orElse(null),
                heap.stopped(),
                100 * sheet.mostOff(),
                sheet.betterScoopLitres().isPresent()
                        ? sheet.betterScoopLitres().getAsDouble()
                        : null,
                heap.madeLitres(book),
                made.map(recipe -> RecipeBody.of(recipe, null)).orElse(null),
                RecipeBody.of(sheet.recipe(state.plan()), null),
                heap.differs(),
                heap.back().stream()
                        .map(back -> new MixBackBody(
                                back.load(),
                                back.thingId(),
                                sheet.step(back.load(), back.thingId())
                                        .map(MixSheet.Step::name)
                                        .orElse(back.thingId()),
                                back.scoops(),
                                back.grams()))
                        .toList(),
                heap.last().map(Tap::id).orElse(null),
                Preparation.of(state.plan(), plant).stream()
                        .map(task -> task(task, state))
                        .toList());
    }

    private static PrepareTaskBody task(final Preparation.Task task, final Mixing.State state) {
        final Optional<BatchTap> ticked = BatchTap.standing(state.taps(), BatchTap.Kind.TICKED)
                .filter(tap -> tap.thingId().equals(task.key()))
                .reduce((earlier, later) -> later);
        final Optional<BatchTap> begun = BatchTap.standing(state.taps(), BatchTap.Kind.BEGUN)
                .filter(tap -> tap.thingId().equals(task.key()))
                .reduce((earlier, later) -> later);
        return new PrepareTaskBody(
                task.key(),
                task.says(),
                task.material().map(Material::id).orElse(null),
                task.minutes(),
                ticked.map(BatchTap::getId).orElse(null),
                begun.map(BatchTap::toldAt).orElse(null),
                begun.map(BatchTap::amount).orElse(null));
    }
}
