package looseknit.server.care;

/** Looks were told, or taken back. */
record LooksChanged() {}
