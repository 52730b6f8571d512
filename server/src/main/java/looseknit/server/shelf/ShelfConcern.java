package looseknit.server.shelf;

import java.time.LocalDate;
import java.util.UUID;
import looseknit.core.message.Message;

/**
 * Something about a bag on the shelf that wants to be seen to.
 *
 * @param low whether it is running out; else it has been open for long
 */
public record ShelfConcern(UUID lotId, boolean low, String material, LocalDate on, Message because) {}
