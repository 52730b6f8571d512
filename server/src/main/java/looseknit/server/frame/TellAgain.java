package looseknit.server.frame;

import java.util.concurrent.ThreadLocalRandom;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.RestController;

/**
 * The same that is told twice at the same moment is stored once: whoever comes second finds a row with its id only as it writes its own. Then all is done
 * over, in a transaction of its own, and finds what the first has stored. Whether a revision that somebody saw still stands is looked at each time.
 */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class TellAgain {

    private static final int TIMES = 4;
    private static final int MOST_MS = 40;

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor toldTwiceStoredOnce(final ObjectProvider<DiskFailures> disk) {
        final DefaultPointcutAdvisor advisor =
                new DefaultPointcutAdvisor(new AnnotationMatchingPointcut(RestController.class, true), new Again(disk));
        // outside of transactions
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return advisor;
    }

    private static final class Again implements MethodInterceptor {

        private final ObjectProvider<DiskFailures> disk;

        Again(final ObjectProvider<DiskFailures> disk) {
            this.disk = disk;
        }

        @Override
        public @Nullable Object invoke(final MethodInvocation call) throws Throwable {
            for (int time = 1; ; time++) {
                try {
                    return time == TIMES || !(call instanceof ProxyMethodInvocation copy)
                            ? call.proceed()
                            : copy.invocableClone().proceed();
                } catch (final DataIntegrityViolationException | ConcurrencyFailureException collided) {
                    if (time == TIMES) {
                        throw collided;
                    }
                    Thread.sleep(ThreadLocalRandom.current().nextInt(1, MOST_MS));
                } catch (final DataAccessException | TransactionException failed) {
                    if (!DiskFailures.isOne(failed)) {
                        throw failed;
                    }
                    // the store gave up, or can only be read: it is opened anew, once for each request
                    disk.ifAvailable(DiskFailures::openAnew);
                    if (time > 1) {
                        throw failed;
                    }
                }
            }
        }
    }
}
