package looseknit.core.dry;

/** How far a pot may dry before the plant wants water, as a share of the water it can use. */
public enum Trigger {
    NEVER_DRY(0.30, "barely moist", "it must never dry out"),
    TOP_THIRD(0.45, "dry by a third", "the top third may dry"),
    HALF(0.55, "half dry", "it may dry by half"),
    DRY(0.70, "dry", "it wants to dry between waterings"),
    NEARLY_ALL(0.90, "nearly dry through", "it wants to dry nearly through"),
    COMPLETELY(0.97, "bone dry", "it wants to dry out for days");

    private final double depletion;
    private final String words;
    private final String because;

    Trigger(final double depletion, final String words, final String because) {
        this.depletion = depletion;
        this.words = words;
        this.because = because;
    }

    /** Share of the usable water that is gone, 0 to 1; common practice put into figures by judgement. */
    public double depletion() {
        return depletion;
    }

    public String words() {
        return words;
    }

    public String because() {
        return because;
    }
}
