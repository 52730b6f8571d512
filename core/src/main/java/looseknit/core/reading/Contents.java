package looseknit.core.reading;

import looseknit.core.need.UsualMakeUp;

/** What the gauges ask of a mix beyond its pores: what is in it, and what becomes of it. None of it allocates. */
interface Contents extends UsualMakeUp.Contents {

    /** Air some years on, by the tables [vol/vol]. */
    double airAfter(double years);

    /** Height of the mix against the start, 0 to 1, for the years that were asked about last. */
    double settledTo();

    /** Grain than which a share of the volume is finer [mm]. */
    double grainMm(double finer);

    /** Cation exchange capacity [meq/L]. */
    double cecMeqPerL();

    /** Share of the mix that sheds water once bone dry [vol/vol]. */
    double shedsOnceDry();
}
