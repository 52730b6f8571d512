package looseknit.server.demo;

import java.util.List;
import looseknit.core.planting.PotForm;
import looseknit.core.planting.SetUpKind;
import looseknit.server.assay.TestBody;
import looseknit.server.need.BriefBody;
import looseknit.server.need.OwnPlantBody;
import looseknit.server.need.PlaceBody;
import looseknit.server.need.PotBody;
import looseknit.server.planting.SetUpBody;
import looseknit.server.pot.Potting;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.LotFacts;
import looseknit.server.shelf.OfferFacts;
import looseknit.server.shelf.OwnMaterialFacts;
import org.jspecify.annotations.Nullable;

/**
 * The demo's data as it is written down.
 *
 * @param logged places whose climate logger was read
 */
record Station(
        List<PlaceBody> places,
        List<DemoPlant> plants,
        List<DemoOwn> own,
        List<DemoLot> lots,
        List<DemoOffer> offers,
        List<DemoBlend> blends,
        List<DemoBatch> batches,
        List<DemoPotting> pottings,
        List<DemoTest> tests,
        List<DemoStep> steps,
        List<DemoBatchTest> batchTests,
        List<DemoPotEvent> potEvents,
        List<String> logged,
        List<DemoPotKind> potKinds) {

    /** A plant of the station's own. */
    record DemoPlant(String id, OwnPlantBody facts) {}

    /** A material of the station's own. */
    record DemoOwn(String id, OwnMaterialFacts facts) {}

    /** A lot on the shelf; not opened yet where no days are given. */
    record DemoLot(String key, LotFacts facts, @Nullable Integer openedDaysAgo) {}

    /** A pack on offer at an invented price. */
    record DemoOffer(String key, OfferFacts facts) {}

    /** A blend with its first try and what became of it. */
    record DemoBlend(
            String key, String name, String note, int daysAgo, BriefBody brief, RecipeBody first, RecipeBody recipe) {}

    /**
     * A batch of a blend.
     *
     * @param storeLitres finished mix for bags and bins; null for none
     * @param counted steps of the sheet that are counted into the tub; null for none
     */
    record DemoBatch(
            String key,
            String blend,
            int daysAgo,
            boolean mixed,
            List<DemoFill> fills,
            @Nullable Double storeLitres,
            @Nullable Integer counted) {}

    /** Something that was done with a mixed batch. */
    record DemoStep(
            String batch,
            Kind kind,
            int daysAgo,
            @Nullable String thing,
            double amount,
            @Nullable String why,
            @Nullable String other) {

        /** What was done. */
        enum Kind {
            ADDED,
            DOSED,
            THROWN,
            SPLIT,
            MOVED
        }
    }

    /** A test that was made of a batch. */
    record DemoBatchTest(String key, String batch, int daysAgo, TestBody test) {}

    /** Pots to fill. */
    record DemoFill(int count, PotBody pot, double rootBallLitres) {}

    /**
     * A plant that was potted up.
     *
     * @param kind how its pot is set up; null for a plain one without anything told
     * @param ball the root ball that went in; null for none that was told
     * @param mother label of the plant that it came from; null for none
     * @param origin how it came from it
     */
    record DemoPotting(
            String label,
            String batch,
            int daysAgo,
            BriefBody brief,
            @Nullable SetUpKind kind,
            SetUpBody.@Nullable BallBody ball,
            @Nullable String mother,
            Potting.@Nullable Origin origin) {}

    /** Something that happened to a pot. */
    record DemoPotEvent(
            String pot,
            Happening kind,
            int daysAgo,
            @Nullable String words,
            @Nullable Double amount) {

        /** What happened. */
        enum Happening {
            FED,
            NOTED,
            TOPPED_UP,
            LENT,
            LOST,
            THRIVING,
            FAIR,
            POOR;

            /** Whether nobody looks at the pot at the station after it. */
            boolean ends() {
                return this == LENT || this == LOST;
            }
        }
    }

    /** Pots of a kind that the station has. */
    record DemoPotKind(String name, PotForm form, PotBody pot, int owned) {}

    /** A test that was made of a blend at the bench. */
    record DemoTest(String key, String blend, int daysAgo, TestBody test) {}
}
