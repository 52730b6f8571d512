package looseknit.core.device;

/** A meter for salts. A real one joins by implementing this. */
public interface SaltsMeter {

    /** What the water conducts at 25 °C [dS/m]. */
    double dsPerM();
}
