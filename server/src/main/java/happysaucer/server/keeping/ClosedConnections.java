package happysaucer.server.keeping;

import com.zaxxer.hikari.SQLExceptionOverride;
import happysaucer.server.problem.Faults;
import java.sql.SQLException;

/**
 * A connection to a database that has closed is thrown away, so that the next one opens it anew.
 */
public final class ClosedConnections implements SQLExceptionOverride {
  @java.lang.Override
  public Override adjudicate(SQLException e) {
    return Faults.databaseClosed(e) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
  }
}
