package looseknit.server.job;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Lets work be done at intervals, by threads that answer no request. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class Clockwork {}
