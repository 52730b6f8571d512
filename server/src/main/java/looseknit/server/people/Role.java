package looseknit.server.people;

/** What somebody may do in a house that is shared. */
public enum Role {
    /** Everything. */
    KEEPER,
    /** Rounds, batches, tests and counts; not the blends, the shelf's lots, the people and the house. */
    HELPER,
    /** Reads, and tries things out that are not kept. */
    GUEST
}
