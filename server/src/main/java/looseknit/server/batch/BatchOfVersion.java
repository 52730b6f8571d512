package looseknit.server.batch;

import looseknit.server.blend.BlendVersion;

/** A batch with the version that it is made of. */
public record BatchOfVersion(Batch batch, BlendVersion version) {}
