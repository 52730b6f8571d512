package looseknit.core.message;

/** Something that has a name of its own in a table: a material, a plant, an amendment. */
public interface Titled {

    /** The name as it stands at the head of a page. */
    String name();
}
