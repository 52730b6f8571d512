package looseknit.core.planting;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.need.Plant;
import looseknit.core.need.Stage;

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

    /** Set-ups that are usual for a group of plants; common practice, no source. */
    private static final Map<String, SetUpKind> OF_GROUP = Map.of(
            "carnivorous", BOG_TUB,
            "stone_caudex", CAUDEX,
            "bark_orchid", BARK_ORCHID,
            "bulb", BULB_PAN,
            "tray_tree", SHALLOW_TRAY,
            "epiphytic_vine", HANGING_BASKET,
            "aroid", POLE_CLIMBER);

    private static final Map<String, SetUpKind> OF_KIND =
            Map.of("tub_climber", GIANT_TUB, "yearly_bulb", BULB_PAN, "soft_succulent", ROSETTE_BOWL);

    /** Which set-ups are usual for a plant in a stage; the plain pot for all others. */
    public static Set<SetUpKind> usualFor(final Plant plant, final Stage stage) {
        final Set<SetUpKind> usual = EnumSet.noneOf(SetUpKind.class);
        if (stage == Stage.CUTTINGS) {
            usual.add(CUTTINGS);
        }
        Optional.ofNullable(OF_GROUP.get(plant.group().id())).ifPresent(usual::add);
        Optional.ofNullable(OF_KIND.get(plant.kind().id())).ifPresent(usual::add);
        if (usual.isEmpty()) {
            usual.add(PLAIN);
        }
        return usual;
    }

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
