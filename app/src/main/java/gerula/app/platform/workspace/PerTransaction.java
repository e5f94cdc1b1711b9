package gerula.app.platform.workspace;

import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Something that is asked many times in a transaction and read once.
 *
 * @param <T> never null
 */
public final class PerTransaction<T> {

  private final Class<T> type;

  public PerTransaction(Class<T> type) {
    this.type = type;
  }

  /** What is known in this transaction, or is read now and known until it ends. */
  public T get(Supplier<T> read) {
    Object known = TransactionSynchronizationManager.getResource(this);
    if (known != null) {
      return type.cast(known);
    }
    T fresh = read.get();
    TransactionSynchronizationManager.bindResource(this, fresh);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            forget();
          }
        });
    return fresh;
  }

  /** It was changed in this transaction: it is read again. */
  public void forget() {
    TransactionSynchronizationManager.unbindResourceIfPossible(this);
  }
}
