package looseknit.server.job;

import jakarta.annotation.PreDestroy;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import looseknit.server.frame.Refused;
import org.springframework.core.task.TaskRejectedException;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.stereotype.Component;

/** Runs jobs, a couple at a time, in the order in which they were asked for; each id once. */
@Component
public class JobRunner {

    /** Jobs at a time; a search takes all cores, so that more would only make each slower. */
    private static final int AT_A_TIME = 2;

    private static final int MOST_WAITING = 12;
    private static final int MOST_KEPT = 60;

    private final Map<String, Job> jobs = new LinkedHashMap<>();
    private final ThreadPoolTaskExecutor workers = new ThreadPoolTaskExecutor();

    JobRunner() {
        workers.setCorePoolSize(AT_A_TIME);
        workers.setMaxPoolSize(AT_A_TIME);
        workers.setQueueCapacity(MOST_WAITING);
        workers.setThreadNamePrefix("job-");
        workers.setDaemon(true);
        workers.initialize();
    }

    /**
     * The job of an id: the one that is there, or a new one, which is put in line.
     *
     * @param create makes the job; whatever it throws, nothing is started
     * @param work what the job does, in a thread of its own
     * @throws Refused if too many are waiting
     */
    public <J extends Job> J once(
            final String id, final Class<J> type, final Supplier<J> create, final Consumer<J> work) {
        synchronized (jobs) {
            final Job there = jobs.get(id);
            if (there != null) {
                return type.cast(there);
            }
        }
        // made outside of the lock, since it may read the store
        final J fresh = create.get();
        synchronized (jobs) {
            final Job there = jobs.putIfAbsent(id, fresh);
            if (there != null) {
                return type.cast(there);
            }
            forgetOldest();
        }
        try {
            run(fresh, () -> work.accept(fresh));
        } catch (final Refused tooMany) {
            synchronized (jobs) {
                jobs.remove(id, fresh);
            }
            throw tooMany;
        }
        return fresh;
    }

    /**
     * Puts further work of a job in line.
     *
     * @throws Refused if too many are waiting
     */
    public void run(final Job job, final Runnable work) {
        try {
            workers.execute(() -> {
                if (!job.over()) {
                    work.run();
                }
            });
        } catch (final TaskRejectedException full) {
            throw new Refused(
                    "Too much at once",
                    "%d searches and files are waiting already: stop one, or wait a little.".formatted(MOST_WAITING));
        }
    }

    /** The job of an id, if it is known. */
    public <J extends Job> Optional<J> find(final String id, final Class<J> type) {
        synchronized (jobs) {
            return Optional.ofNullable(jobs.get(id)).filter(type::isInstance).map(type::cast);
        }
    }

    private void forgetOldest() {
        final Iterator<Job> oldest = jobs.values().iterator();
        while (jobs.size() > MOST_KEPT && oldest.hasNext()) {
            if (oldest.next().over()) {
                oldest.remove();
            }
        }
    }

    @PreDestroy
    void stop() {
        synchronized (jobs) {
            jobs.values().forEach(Job::cancel);
        }
        workers.shutdown();
    }
}
