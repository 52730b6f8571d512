package looseknit.server.frame;

import looseknit.server.OnPostgresql;

@OnPostgresql
class RobustOnPostgresqlTest extends RobustApiTest {}
