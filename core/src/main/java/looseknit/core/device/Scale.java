package looseknit.core.device;

/** A bench scale. A real one joins by implementing this. */
public interface Scale {

    /** What lies on it [g], without the container. */
    double grams();
}
