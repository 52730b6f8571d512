package looseknit.server.frame;

/** What tests at the bench have shown has changed. */
public record TestsChanged() {}
