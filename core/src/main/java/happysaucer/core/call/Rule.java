package happysaucer.core.call;

import java.util.Optional;

/** One rule of the call: speaks, or keeps still. */
interface Rule {
  Optional<Decision> on(Facts facts);
}
