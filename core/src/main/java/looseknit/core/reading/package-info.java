/**
 * What can be read off a mix in its pot. Each reading is one {@link looseknit.core.reading.Gauge}: how it is worked out, how uncertain it is and
 * how it is explained; {@link looseknit.core.reading.Gauges} is the table of them. The bench, the search and the draws by chance differ only in
 * how they prepare the {@link looseknit.core.reading.MixState} that the gauges read. Uses the rooms of the model; used by change, outlook,
 * find and bench.
 */
@NullMarked
package looseknit.core.reading;

import org.jspecify.annotations.NullMarked;
