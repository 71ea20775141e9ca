package hopsel.web.frame;

import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;

/**
 * What one press does in several places, all of it or nothing. Where any of it is refused, everything is as before and
 * whoever pressed is told why.
 */
@Component
public class AllOrNothing {

    private final PlatformTransactionManager transactions;

    AllOrNothing(PlatformTransactionManager transactions) {
        this.transactions = transactions;
    }

    /** What is done. */
    @FunctionalInterface
    public interface Work<E extends Exception> {

        /** Does it. */
        void run() throws E;
    }

    /**
     * Does it in one transaction.
     *
     * @throws E what it throws; nothing of it stays then
     */
    public <E extends Exception> void of(Work<E> work) throws E {
        TransactionStatus transaction = transactions.getTransaction(new DefaultTransactionDefinition());
        try {
            work.run();
        } catch (Exception | Error e) {
            transactions.rollback(transaction);
            throw e;
        }
        transactions.commit(transaction);
    }
}
