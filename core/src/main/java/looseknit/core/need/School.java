package looseknit.core.need;

import looseknit.core.message.Named;

/** Schools of mixing: what the body of a mix is. Practitioners disagree; a wish chooses one, no wish accepts all that are usual for a plant. */
public enum School implements Named {
    /** Stone, with grains among it that hold water. */
    MINERAL,
    /** Bark and chunks. */
    BARK,
    /** Peat holds the water. */
    PEAT,
    /** Coir, leaf mould, composted bark or wood fibre in place of peat. */
    PEAT_FREE,
    /** Compost, castings or loam feed it. */
    COMPOST,
    /** Long-fibre moss. */
    MOSS
}
