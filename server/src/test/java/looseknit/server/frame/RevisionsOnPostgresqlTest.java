package looseknit.server.frame;

import looseknit.server.OnPostgresql;

@OnPostgresql
class RevisionsOnPostgresqlTest extends RevisionsApiTest {}
