/** From pots to fill to litres, scoops, bags, money and water. */
@NullMarked
package looseknit.core.batch;

import org.jspecify.annotations.NullMarked;
