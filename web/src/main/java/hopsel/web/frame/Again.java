package hopsel.web.frame;

import org.springframework.core.retry.RetryException;
import org.springframework.core.retry.RetryPolicy;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.dao.DuplicateKeyException;

import java.time.Duration;
import java.util.function.Supplier;

/** Does something again where somebody else was quicker, so that what is written is what still holds. */
public final class Again {

    private Again() {}

    /**
     * Does it, again and again while somebody else takes the number that it wanted.
     *
     * @param times at most
     * @param given what to say where all of them were in vain
     * @throws IllegalStateException where they were
     */
    public static <T> T whileTaken(int times, String given, Supplier<T> work) {
        RetryPolicy policy = RetryPolicy.builder()
                .maxRetries(times - 1L)
                .delay(Duration.ZERO)
                .includes(DuplicateKeyException.class)
                .build();
        try {
            return new RetryTemplate(policy).execute(work::get);
        } catch (RetryException e) {
            if (e.getCause() instanceof RuntimeException other && !(other instanceof DuplicateKeyException)) {
                throw other;
            }
            throw new IllegalStateException(given, e);
        }
    }
}
