package looseknit.core.find;

import java.util.Optional;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Food;
import looseknit.core.material.Amendment;
import looseknit.core.need.Property;
import looseknit.core.reading.Gauge;
import looseknit.core.reading.Gauges;
import looseknit.core.reading.MixState;
import looseknit.core.reading.PottedMix;

/**
 * The doses that bring acidity and food of a plain mix nearest to what is wanted: the least miss, and of equal ones the nearest to a third into
 * the band, since a dose is easier raised than taken back. Doses go in steps of 0.1 g/L up to what is usual.
 */
final class Dosing {

    static final double STEP_G_PER_L = 0.1;

    private final TargetTable aims;
    private final Optional<Amendment> lime;
    private final Optional<Amendment> acidifier;
    private final double limeMeqPerStep;
    private final boolean carbonate;
    private final double acidMeqPerStep;
    private final int limeSteps;
    private final int acidSteps;
    private final double nPerStep;
    private final int feedSteps;

    Dosing(final TargetTable aims, final Question.Doses doses, final double temperatureC) {
        this.aims = aims;
        this.lime = doses.lime();
        this.acidifier = doses.acidifier();
        this.limeMeqPerStep = doses.lime()
                .map(each -> STEP_G_PER_L * Acidity.meqPerG(each, PottedMix.PH_WEEKS, temperatureC))
                .orElse(0.0);
        this.carbonate = doses.lime()
                .filter(each -> each.reaction() == Amendment.Reaction.CARBONATE)
                .isPresent();
        this.acidMeqPerStep = doses.acidifier()
                .map(each -> STEP_G_PER_L * Acidity.meqPerG(each, PottedMix.PH_WEEKS, temperatureC))
                .orElse(0.0);
        this.limeSteps = steps(doses.lime());
        this.acidSteps = steps(doses.acidifier());
        this.nPerStep = doses.feed()
                .map(each -> STEP_G_PER_L * Food.firstMonthNMgPerG(each, temperatureC))
                .orElse(0.0);
        this.feedSteps = steps(doses.feed());
    }

    private static int steps(final Optional<Amendment> amendment) {
        return amendment
                .map(each -> (int) Math.floor(each.usualHighGPerL() / STEP_G_PER_L + 1e-9))
                .orElse(0);
    }

    boolean limes() {
        return lime.isPresent() && limeMeqPerStep > 0;
    }

    boolean acidifies() {
        return acidifier.isPresent() && acidMeqPerStep < 0;
    }

    boolean feeds() {
        return nPerStep > 0;
    }

    /**
     * Steps of each amendment.
     *
     * @param lime steps of what raises the pH
     * @param acidifier steps of what lowers it
     * @param feed steps of the feed
     */
    record Steps(int lime, int acidifier, int feed) {

        static final Steps NONE = new Steps(0, 0, 0);
    }

    /** What a thread chooses, without allocating. */
    final class Choice {

        private final Gauge acidity = Gauges.of(Property.PH);
        private final Gauge food = Gauges.of(Property.FOOD);
        private final Gauge salts = Gauges.of(Property.SALTS);
        private int limed;
        private int acidified;
        private int fed;

        /** Doses a mix for acidity. */
        void lime(final MixState mix) {
            limed = 0;
            acidified = 0;
            final double plain = limed(mix, 0);
            if (plain < aims.low(Property.PH) && limes()) {
                limed = steps(mix, true);
                limed(mix, limed);
            } else if (plain > aims.high(Property.PH) && acidifies()) {
                acidified = steps(mix, false);
                acidified(mix, acidified);
            }
        }

        private double limed(final MixState mix, final int steps) {
            final double base = steps * limeMeqPerStep;
            mix.lime(carbonate ? base : 0, carbonate ? 0 : base);
            return acidity.value(mix);
        }

        private double acidified(final MixState mix, final int steps) {
            mix.lime(0, steps * acidMeqPerStep);
            return acidity.value(mix);
        }

        private double moved(final MixState mix, final boolean up, final int steps) {
            return up ? limed(mix, steps) : acidified(mix, steps);
        }

        /** The number of steps that comes nearest to where in the band it should lie; pH only rises, or only falls, with the dose. */
        private int steps(final MixState mix, final boolean up) {
            final double wanted = up ? aims.third(Property.PH) : aims.middle(Property.PH);
            int under = 0;
            int over = up ? limeSteps : acidSteps;
            final double most = moved(mix, up, over);
            if (up ? most <= wanted : most >= wanted) {
                return over;
            }
            while (over - under > 1) {
                final int middle = (under + over) >>> 1;
                final double there = moved(mix, up, middle);
                if (up ? there <= wanted : there >= wanted) {
                    under = middle;
                } else {
                    over = middle;
                }
            }
            return nearer(moved(mix, up, under), moved(mix, up, over), wanted) ? under : over;
        }

        private boolean nearer(final double first, final double second, final double wanted) {
            final double a = aims.penalty(Property.PH, first);
            final double b = aims.penalty(Property.PH, second);
            return a < b || (a == b && Math.abs(first - wanted) <= Math.abs(second - wanted));
        }

        /** Feeds a mix. */
        void feed(final MixState mix) {
            fed = 0;
            double best = penalty(mix, 0);
            final double plain = food.value(mix);
            if (nPerStep <= 0 || plain >= aims.low(Property.FOOD)) {
                return;
            }
            double off = Math.abs(plain - aims.middle(Property.FOOD));
            for (int steps = 1; steps <= feedSteps; steps++) {
                final double penalty = penalty(mix, steps);
                final double away = Math.abs(food.value(mix) - aims.middle(Property.FOOD));
                if (penalty < best || (penalty == best && away < off)) {
                    best = penalty;
                    off = away;
                    fed = steps;
                }
            }
            mix.feed(fed * nPerStep);
        }

        private double penalty(final MixState mix, final int steps) {
            mix.feed(steps * nPerStep);
            return aims.penalty(Property.FOOD, food.value(mix)) + aims.penalty(Property.SALTS, salts.value(mix));
        }

        /** What was chosen last. */
        Steps steps() {
            return new Steps(limed, acidified, fed);
        }
    }

    Choice choice() {
        return new Choice();
    }
}
