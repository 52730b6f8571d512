package looseknit.core.dry;

/** How far a pot may dry before the plant wants water, as a share of the water it can use. */
public enum AllowableDepletion {
    NEVER_DRY(0.30, "barely moist", "it must never dry out", 60, 0),
    TOP_THIRD(0.45, "dry by a third", "the top third may dry", 14, 1),
    HALF(0.55, "half dry", "it may dry by half", 10, 1),
    DRY(0.70, "dry", "it wants to dry between waterings", 8, 2),
    NEARLY_ALL(0.90, "nearly dry through", "it wants to dry nearly through", 6, 10),
    COMPLETELY(0.97, "bone dry", "it wants to dry out for days", 5, 21);

    private final double depletion;
    private final String words;
    private final String because;
    private final int mayStayMoistDays;
    private final int mayStayDryDays;

    AllowableDepletion(
            final double depletion,
            final String words,
            final String because,
            final int mayStayMoistDays,
            final int mayStayDryDays) {
        this.depletion = depletion;
        this.words = words;
        this.because = because;
        this.mayStayMoistDays = mayStayMoistDays;
        this.mayStayDryDays = mayStayDryDays;
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

    /** Days that the pot may stay moister than it should get before roots suffer; common practice by judgement. */
    public int mayStayMoistDays() {
        return mayStayMoistDays;
    }

    /** Days that the plant bears a pot drier than it should get; common practice by judgement. */
    public int mayStayDryDays() {
        return mayStayDryDays;
    }
}
