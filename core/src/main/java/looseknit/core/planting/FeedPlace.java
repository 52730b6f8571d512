package looseknit.core.planting;

import looseknit.core.message.Named;

/** Where granules of feed are laid when a pot is filled. */
public enum FeedPlace implements Named {
    NONE,
    /** On top, raked in; can be given again. */
    ON_TOP,
    /** In a ring at half the depth: roots grow down to it. */
    HALF_DEPTH,
    /** At the very bottom, under clean grit: far from a neck that rots. */
    AT_THE_BOTTOM
}
