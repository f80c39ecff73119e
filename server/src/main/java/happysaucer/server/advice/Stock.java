package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import java.util.List;
import java.util.Optional;

/** Pots a team has in stock; whoever keeps the shelf tells. */
public interface Stock {
  /** Pots of which at least one is free; empty where no stock is kept at all. */
  Optional<List<AdviceRequest.Pot>> free();

  /** Pots of which all are reserved. */
  List<AdviceRequest.Pot> taken();

  /** One pot, free or not. */
  Optional<AdviceRequest.Pot> pot(String id);
}
