package looseknit.server.due;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A look that is due at a pot. */
record LookRow(@Nullable String placeName, String label, LocalDate on) {}
