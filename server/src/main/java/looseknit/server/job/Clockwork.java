package looseknit.server.job;

import org.springframework.boot.task.ThreadPoolTaskSchedulerBuilder;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.DependsOn;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;

/** Lets work be done at intervals, by threads that answer no request. They are stopped, and what is under way is waited for, before the store is closed. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class Clockwork {

    @Bean
    @DependsOn("entityManagerFactory")
    ThreadPoolTaskScheduler taskScheduler(final ThreadPoolTaskSchedulerBuilder builder) {
        return builder.build();
    }
}
