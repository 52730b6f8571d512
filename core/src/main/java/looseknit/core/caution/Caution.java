package looseknit.core.caution;

/**
 * Something that must not be done or needs care.
 *
 * @param id name of the rule
 * @param level how serious it is
 * @param why what may happen
 * @param instead what to do about it
 */
public record Caution(String id, Level level, String why, String instead) {

    /** How serious a caution is. */
    public enum Level {
        /** Harm is to be expected. */
        STOP,
        /** Harm is likely unless something is done. */
        WARN,
        /** Good to know. */
        NOTE
    }
}
