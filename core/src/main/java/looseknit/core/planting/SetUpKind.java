package looseknit.core.planting;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/** Set-ups that growers know, by what grows in them. */
public enum SetUpKind implements Named {
    PLAIN,
    BOG_TUB,
    CLOSED_GLASS,
    BULB_PAN,
    CAUDEX,
    GIANT_TUB,
    POLE_CLIMBER,
    BARK_ORCHID,
    HANGING_BASKET,
    SHALLOW_TRAY,
    CUTTINGS,
    ROSETTE_BOWL;

    private static final String FOR = "for";

    /** What it is for. */
    public Message forWhat() {
        return words(FOR);
    }

    @Override
    public List<String> facets() {
        return List.of(FOR);
    }

    /** Whether it is meant to stand without drainage holes. */
    public boolean closedBelow() {
        return this == BOG_TUB || this == CLOSED_GLASS;
    }
}
