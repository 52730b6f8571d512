package looseknit.server.frame;

/** Lots on the shelf have changed: which there are, what is left or what they cost. Where the Book says something else of their materials, {@link MaterialsChanged} tells it too. */
public record LotsChanged() {}
