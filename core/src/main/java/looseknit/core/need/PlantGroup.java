package looseknit.core.need;

/**
 * Plants whose roots ask for much the same.
 *
 * @param roots why the air and water are as they are
 * @param acidity why the pH is as it is
 * @param food why the food is as it is
 * @param life why the mix must last as long as it must
 * @param source where the figures come from
 */
public record PlantGroup(
        String id, String name, Needs needs, String roots, String acidity, String food, String life, String source) {}
