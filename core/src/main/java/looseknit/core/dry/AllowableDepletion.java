package looseknit.core.dry;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/** How far a pot may dry before the plant wants water, as a share of the water it can use. */
public enum AllowableDepletion implements Named {
    NEVER_DRY(0.30, 60, 0, 3),
    TOP_THIRD(0.45, 14, 1, 5),
    HALF(0.55, 10, 1, 7),
    DRY(0.70, 8, 2, 7),
    NEARLY_ALL(0.90, 6, 10, 10),
    COMPLETELY(0.97, 5, 21, 14);

    private static final String BECAUSE = "because";

    /** What bears so many dry days stores water [d]. */
    private static final int STORES_DAYS = 10;

    private final double depletion;
    private final int mayStayMoistDays;
    private final int mayStayDryDays;
    private final int usualDays;

    AllowableDepletion(
            final double depletion, final int mayStayMoistDays, final int mayStayDryDays, final int usualDays) {
        this.depletion = depletion;
        this.mayStayMoistDays = mayStayMoistDays;
        this.mayStayDryDays = mayStayDryDays;
        this.usualDays = usualDays;
    }

    /** Share of the usable water that is gone, 0 to 1; common practice put into figures by judgement. */
    public double depletion() {
        return depletion;
    }

    /** Why it may dry so far: "it may dry by half". */
    public Message because() {
        return words(BECAUSE);
    }

    @Override
    public List<String> facets() {
        return List.of(BECAUSE);
    }

    /** Days after which such a plant is usually watered in a room, to begin with [d]; common practice by judgement. */
    public int usualDays() {
        return usualDays;
    }

    /**
     * Days for which a pot that has dried so far is left dry before it is watered again [d]: plants that store water are left to draw on it. Common
     * practice by judgement: a third of what they bear.
     */
    public int waitsDays() {
        return mayStayDryDays < STORES_DAYS ? 0 : mayStayDryDays / 3;
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
