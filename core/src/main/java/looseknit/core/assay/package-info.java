/** Tests at the bench with simple means, and how what they show corrects the prediction. */
@NullMarked
package looseknit.core.assay;

import org.jspecify.annotations.NullMarked;
