package looseknit.server.frame;

/** Something that recipes or briefs can name has changed. */
public record MaterialsChanged() {}
