package looseknit.server.blend;

import java.util.UUID;

/** A blend, or what is kept of it, has changed. */
record BlendChanged(UUID id) {}
