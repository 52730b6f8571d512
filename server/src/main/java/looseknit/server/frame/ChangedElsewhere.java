package looseknit.server.frame;

/** Something was changed by another instance of the program that shares the store: what is kept in mind here no longer holds. */
public record ChangedElsewhere() {}
