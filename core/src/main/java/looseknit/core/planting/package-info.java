/** Potting up: what stands in a pot besides its mix, set-ups by kind of plant, placing, the order of the work, roots and newcomers. */
@org.jspecify.annotations.NullMarked
package looseknit.core.planting;
