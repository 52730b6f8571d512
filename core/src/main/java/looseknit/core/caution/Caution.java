package looseknit.core.caution;

import looseknit.core.message.TableText;

/**
 * Something that must not be done or needs care.
 *
 * @param id name of the rule
 * @param level how serious it is
 * @param why what may happen
 * @param instead what to do about it
 * @param defers whose word comes before this one: a label, a rule, a doctor; empty if nobody's
 */
public record Caution(String id, Level level, TableText why, TableText instead, TableText defers) {

    /** How serious a caution is. */
    public enum Level {
        /** Harm is to be expected. */
        STOP,
        /** Harm is likely unless something is done. */
        WARN,
        /** Good to know. */
        NOTE
    }

    Caution because(final TableText otherWhy) {
        return new Caution(id, level, otherWhy, instead, defers);
    }
}
