package looseknit.core.find;

import java.util.Optional;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Food;
import looseknit.core.material.Amendment;
import looseknit.core.need.Property;

/**
 * The doses that bring acidity and food of a plain mix nearest to what is wanted: the least miss, and of equal ones the nearest to the
 * middle. Doses go in steps of 0.1 g/L up to what is usual.
 */
final class Dosing {

    static final double STEP_G_PER_L = 0.1;

    /** Weeks after mixing for which the pH is read, as on the bench. */
    private static final double PH_WEEKS = 8;

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
                .map(each -> STEP_G_PER_L * Acidity.meqPerG(each, PH_WEEKS, temperatureC))
                .orElse(0.0);
        this.carbonate = doses.lime()
                .filter(each -> each.reaction() == Amendment.Reaction.CARBONATE)
                .isPresent();
        this.acidMeqPerStep = doses.acidifier()
                .map(each -> STEP_G_PER_L * Acidity.meqPerG(each, PH_WEEKS, temperatureC))
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

    /** What a thread finds out, without allocating. */
    final class Choice {

        private int limed;
        private int acidified;
        private int fed;
        private double ph;

        /**
         * Doses for acidity.
         *
         * @param plain pH before any dose
         * @param buffer buffer capacity [meq/L per pH]
         * @param off what tests have shown the pH to be off
         * @return penalty
         */
        double acidity(final double plain, final double buffer, final double off) {
            limed = 0;
            acidified = 0;
            ph = Acidity.ph(plain, buffer, 0, 0) + off;
            if (ph < aims.low(Property.PH) && limes()) {
                limed = steps(plain, buffer, off, true);
                ph = limed(plain, buffer, limed) + off;
            } else if (ph > aims.high(Property.PH) && acidifies()) {
                acidified = steps(plain, buffer, off, false);
                ph = Acidity.ph(plain, buffer, 0, acidified * acidMeqPerStep) + off;
            }
            return aims.penalty(Property.PH, ph);
        }

        private double limed(final double plain, final double buffer, final int steps) {
            final double base = steps * limeMeqPerStep;
            return carbonate ? Acidity.ph(plain, buffer, base, 0) : Acidity.ph(plain, buffer, 0, base);
        }

        private double moved(final double plain, final double buffer, final boolean up, final int steps) {
            return up ? limed(plain, buffer, steps) : Acidity.ph(plain, buffer, 0, steps * acidMeqPerStep);
        }

        /** The number of steps that comes nearest to the middle of the band; pH only rises, or only falls, with the dose. */
        private int steps(final double plain, final double buffer, final double off, final boolean up) {
            final double wanted = aims.middle(Property.PH) - off;
            int under = 0;
            int over = up ? limeSteps : acidSteps;
            if (up ? moved(plain, buffer, up, over) <= wanted : moved(plain, buffer, up, over) >= wanted) {
                return over;
            }
            while (over - under > 1) {
                final int middle = (under + over) >>> 1;
                final double there = moved(plain, buffer, up, middle);
                if (up ? there <= wanted : there >= wanted) {
                    under = middle;
                } else {
                    over = middle;
                }
            }
            return nearer(moved(plain, buffer, up, under) + off, moved(plain, buffer, up, over) + off) ? under : over;
        }

        private boolean nearer(final double first, final double second) {
            final double a = aims.penalty(Property.PH, first);
            final double b = aims.penalty(Property.PH, second);
            final double middle = aims.middle(Property.PH);
            return a < b || a == b && Math.abs(first - middle) <= Math.abs(second - middle);
        }

        /**
         * A dose of feed.
         *
         * @param nMgPerL nitrogen of the first month before [mg/L]
         * @param ecDsPerM salts before [dS/m]
         * @return penalty of food and salts together
         */
        double food(final double nMgPerL, final double ecDsPerM) {
            fed = 0;
            double best = penalty(nMgPerL, ecDsPerM, 0);
            if (nPerStep <= 0 || nMgPerL >= aims.low(Property.FOOD)) {
                return best;
            }
            double off = Math.abs(nMgPerL - aims.middle(Property.FOOD));
            for (int steps = 1; steps <= feedSteps; steps++) {
                final double penalty = penalty(nMgPerL, ecDsPerM, steps);
                final double away = Math.abs(nMgPerL + steps * nPerStep - aims.middle(Property.FOOD));
                if (penalty < best || penalty == best && away < off) {
                    best = penalty;
                    off = away;
                    fed = steps;
                }
            }
            return best;
        }

        private double penalty(final double nMgPerL, final double ecDsPerM, final int steps) {
            final double more = steps * nPerStep;
            return aims.penalty(Property.FOOD, nMgPerL + more)
                    + aims.penalty(Property.SALTS, ecDsPerM + Food.ecOfN(more));
        }

        double ph() {
            return ph;
        }

        double fedNMgPerL() {
            return fed * nPerStep;
        }

        /** Steps of lime, of what acidifies and of feed. */
        int[] steps() {
            return new int[] {limed, acidified, fed};
        }
    }

    Choice choice() {
        return new Choice();
    }
}
