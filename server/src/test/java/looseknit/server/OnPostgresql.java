package looseknit.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.test.context.ContextConfiguration;

/** Tests that run once more on a database server, where one is given beside: {@code -Dlooseknit.postgresql.beside=jdbc:postgresql://host:port/}. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@EnabledIfSystemProperty(named = ServerStore.BESIDE, matches = ".+")
@ContextConfiguration(initializers = ServerStore.Beside.class)
public @interface OnPostgresql {}
