package looseknit.core.planting;

import looseknit.core.message.Named;

/** What keeps the mix from running out of the holes. */
public enum HoleCover implements Named {
    NONE,
    MESH,
    PAPER,
    SHERDS,
    MOSS
}
