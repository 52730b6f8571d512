package looseknit.core.planting;

import java.util.List;
import looseknit.core.message.Code;

/** Why a set-up is as it is. */
public enum TemplateSentence implements Code {
    RICH_MIX,
    OF_MATERIAL("material"),
    NO_LAYER,
    DRILL,
    PLAIN_DEPTH,
    PLAIN_FIRMNESS,
    BOG_VESSEL,
    BOG_WALL("wall"),
    BOG_NO_CLAY,
    BOG_HOLES,
    BOG_OVERFLOW("height", "below"),
    BOG_BASE("depth"),
    BOG_CHANNEL("width"),
    BOG_MIX,
    BOG_FEED,
    BOG_FIRMNESS,
    BOG_WATER,
    BOG_WEIGHT,
    GLASS_VESSEL,
    GLASS_STONES("depth"),
    GLASS_MESH,
    GLASS_MIX,
    GLASS_WATER,
    GLASS_FEED,
    BULB_HOLES("width"),
    BULB_BASE("depth"),
    BULB_FEED,
    BULB_DEPTH,
    BULB_FILLING,
    CAUDEX_THIMBLE("depth"),
    CAUDEX_FEED,
    CAUDEX_MIX,
    CAUDEX_NECK,
    CAUDEX_FILLING,
    CAUDEX_DRESSING,
    CAUDEX_WATER,
    GIANT_WHEELS,
    GIANT_PAPER,
    GIANT_TRELLIS,
    GIANT_MIX,
    GIANT_FEED,
    GIANT_BARK("depth"),
    GIANT_WEIGHT,
    POLE_FILLED("width", "height"),
    POLE_DEPTH,
    POLE_WEIGHT,
    ORCHID_HOLES,
    ORCHID_BASE,
    ORCHID_VESSEL,
    ORCHID_DEPTH,
    ORCHID_FIRMNESS,
    ORCHID_WATER,
    BASKET_VESSEL,
    BASKET_BASE,
    BASKET_MIX,
    BASKET_MOSS,
    BASKET_WEIGHT,
    TRAY_HOLES,
    TRAY_BASE,
    TRAY_MIX,
    TRAY_WIRE,
    TRAY_FIRMNESS,
    CUTTINGS_VESSEL,
    CUTTINGS_MIX,
    CUTTINGS_FEED,
    CUTTINGS_DEPTH,
    CUTTINGS_WATER,
    BOWL_VESSEL,
    BOWL_MIX,
    BOWL_DEPTH,
    BOWL_DRESSING;

    private final List<String> arguments;

    TemplateSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
